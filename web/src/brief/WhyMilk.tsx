import type { Person } from '@rotula/core';
import { say } from '../language/say';

const MILK_REASONS = [
  {
    id: 'allergen:milk',
    label: say`An allergy`,
    hint: say`no milk of any animal, no butter, no milk powder`,
  },
  { id: 'diet:lactose', label: say`Lactose`, hint: say`by ripening, not by animal` },
  { id: 'milk:cow', label: say`No cow’s, by taste`, hint: say`never the route for an allergy` },
  { id: 'milk:goat', label: say`No goat’s, by taste`, hint: say`a blend counts too` },
  { id: 'milk:sheep', label: say`No sheep’s, by taste`, hint: say`a blend counts too` },
] as const;

/** Somebody avoids milk: the one question that must be asked, why. */
export function WhyMilk({ persons, onAdd }: { persons: readonly Person[]; onAdd: (id: string) => void }) {
  const named = new Set(persons.flatMap(({ limits }) => limits.map(({ what }) => what)));
  const open = MILK_REASONS.filter(({ id }) => !named.has(id));
  if (open.length === 0) return null;
  return (
    <div className="mb-3" role="group" aria-label={say`Somebody avoids milk: why?`}>
      <span className="mb-1 block">{say`Somebody avoids milk? Ask why:`}</span>
      <div className="flex flex-wrap gap-2">
        {open.map(({ id, label, hint }) => (
          <button
            key={id}
            type="button"
            className="min-h-11 rounded-lg border-[1.5px] border-line bg-paper-lit px-3 py-1 text-left hover:border-ink-soft"
            onClick={() => onAdd(id)}
          >
            <span className="block font-bold">{label}</span>
            <span className="block text-sm text-ink-soft">{hint}</span>
          </button>
        ))}
      </div>
    </div>
  );
}
