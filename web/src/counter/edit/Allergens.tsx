import {
  ALLERGENS,
  allergenOf,
  allergenState,
  insideOf,
  type AllergenId,
  type AllergenState,
  type Good,
} from '@rotula/core';
import { Select } from '../../ui/Select';
import { Button } from '../../ui/Button';
import { allergenLabel } from '../../words';
import { say, word } from '../../language/say';

const STATES: readonly AllergenState[] = ['contains', 'may contain', 'free', 'unknown'];
const LIST_OF: Record<AllergenState, 'contains' | 'mayContain' | 'free' | 'unknown'> = {
  contains: 'contains',
  'may contain': 'mayContain',
  free: 'free',
  unknown: 'unknown',
};

/** Every allergen that must be declared: contains, may contain, free or unknown. What the ingredients say wins if stricter. */
export function Allergens({ good, onSet }: { good: Good; onSet: (statement: Good['allergens']) => void }) {
  const { allergens } = good;
  const set = (id: AllergenId, state: AllergenState) => {
    const without = Object.fromEntries(
      Object.values(LIST_OF).map((list) => [list, allergens[list].filter((other) => other !== id)]),
    ) as Omit<Good['allergens'], 'rest'>;
    const list = LIST_OF[state];
    // By name even where it is as all the rest: somebody said it of this very allergen.
    onSet({ ...without, [list]: [...without[list], id], rest: allergens.rest });
  };
  const inside = insideOf(good);
  /** Why it is stricter than what is declared. */
  const whyOf = (id: AllergenId, real: AllergenState): string => {
    const named = inside.named.find((one) => one.id === id);
    if (named) return say`its name says “${named.word}”: choose what it is`;
    return inside.isRead ? say`by what is inside: ${word(real)}` : say`being read …`;
  };
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <span>{say`All that are not named are`}</span>
        <Select
          label={say`All allergens that are not named`}
          className="w-36"
          value={allergens.rest}
          options={[
            { value: 'unknown', label: say`unknown`, hint: say`nobody has checked the whole list` },
            { value: 'free', label: say`free`, hint: say`somebody has checked the whole list` },
          ]}
          onChange={(rest) => onSet({ ...allergens, rest })}
        />
        {allergens.rest === 'unknown' && (
          <Button
            onClick={() => onSet({ ...allergens, rest: 'free' })}
          >{say`The whole list was checked`}</Button>
        )}
      </div>
      <ul className="grid gap-x-5 gap-y-1 min-[700px]:grid-cols-2">
        {ALLERGENS.map(({ id }) => {
          const declared = allergenState(allergens, id);
          const real = allergenOf(good, id);
          return (
            <li key={id} className="flex items-center gap-2">
              <span className="min-w-0 flex-1 truncate" title={allergenLabel(id)}>
                {allergenLabel(id)}
                {real !== declared && (
                  <span className="block text-sm text-annatto-text">{whyOf(id, real)}</span>
                )}
              </span>
              <Select
                label={allergenLabel(id)}
                className="w-36 shrink-0"
                value={declared}
                options={STATES.map((s) => ({ value: s, label: word(s) }))}
                onChange={(state) => set(id, state)}
              />
            </li>
          );
        })}
      </ul>
    </>
  );
}
