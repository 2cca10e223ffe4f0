import { LIMIT_CLASSES, SAFE_TIMES, type Good, type House, type Procedure } from '@rotula/core';
import { Plus, X } from 'lucide-react';
import { useCounter } from '../api/shop';
import { Button } from '../ui/Button';
import { useKept } from '../ui/useKept';
import { IconButton } from '../ui/IconButton';
import { NumberField } from '../ui/NumberField';
import { Select } from '../ui/Select';
import type { Format } from '../ui/format';
import { safeTimeWords } from '../words/clock';
import { say, word } from '../language/say';

type SafeLimit = House['safeLimits'][number];

/** Under which written procedure food stands out of the cold, limits of its own with their grounds, and the film that the house measured. */
export function SafeFields({
  house,
  format,
  onSet,
}: {
  house: House;
  format: Format;
  onSet: (part: Partial<House>) => void;
}) {
  const { data: counter } = useCounter();
  const mains = (counter ?? []).filter(({ kind }) => kind === 'cheese' || kind === 'meat');
  const name = (what: string) => mains.find(({ id }) => id === what)?.name ?? word(what);
  return (
    <section aria-label={say`Out of the cold`}>
      <h2 className="mb-2 text-xl">{say`Out of the cold`}</h2>
      <Select<Procedure | 'by country'>
        label={say`Written procedure`}
        className="w-full"
        value={house.procedure ?? 'by country'}
        options={[
          { value: 'by country', label: say`as the country says, else the two-hour advice` },
          ...SAFE_TIMES.map((rule) => ({
            value: rule.id as Procedure,
            label: say`${format.minutes(rule.most)}: ${safeTimeWords(rule)}`,
          })),
        ]}
        onChange={(value) => onSet({ procedure: value === 'by country' ? null : value })}
      />
      <p className="mt-1 text-sm text-ink-soft">
        {say`A longer time than the advice asks for a written procedure that you keep. At a customer’s home, for guests at risk and in the heat the advice holds all the same; local codes and licensed practice decide.`}
      </p>
      <h3 className="mt-4 mb-1">{say`Limits of your own`}</h3>
      <p className="mb-2 text-sm text-ink-soft">
        {say`For a good or a class, with its ground (the maker’s water activity and acidity, a licence) and its source. Rotula derives none by itself.`}
      </p>
      <ul className="space-y-2" aria-label={say`Limits of your own`}>
        {house.safeLimits.map((limit, i) => (
          <li key={i} className="flex items-center gap-3 border-b border-line py-1">
            <span className="min-w-0 flex-1">
              <strong>{name(limit.what)}</strong>: {format.minutes(limit.minutes)}
              <span className="block text-sm text-ink-soft" translate="no">
                {limit.ground}; {limit.source}
              </span>
            </span>
            <IconButton
              label={say`drop the limit of ${name(limit.what)}`}
              onClick={() => onSet({ safeLimits: house.safeLimits.filter((_, j) => j !== i) })}
            >
              <X size={18} />
            </IconButton>
          </li>
        ))}
      </ul>
      <NewLimit mains={mains} onAdd={(limit) => onSet({ safeLimits: [...house.safeLimits, limit] })} />
      <label className="mt-4 block">
        <span className="mb-1 block">{say`Film to still air, W/m²K, where you measured it`}</span>
        <NumberField
          label={say`Film to still air`}
          className="field w-24"
          value={house.film ?? ''}
          min={2}
          max={30}
          onCommit={(film) => onSet({ film })}
        />
        {house.film !== null && (
          <button
            type="button"
            className="ml-3 min-h-11 underline underline-offset-4"
            onClick={() => onSet({ film: null })}
          >{say`by size`}</button>
        )}
      </label>
    </section>
  );
}

/** A limit that is complete is added; what lacks is said. */
function NewLimit({ mains, onAdd }: { mains: readonly Good[]; onAdd: (limit: SafeLimit) => void }) {
  const [{ what, minutes, ground, source }, setForm, done] = useKept('new limit', {
    what: LIMIT_CLASSES[0] as string,
    minutes: 240,
    ground: '',
    source: '',
  });
  const set = (part: Partial<Record<'what' | 'ground' | 'source', string>> & { minutes?: number }) =>
    setForm((form) => ({ ...form, ...part }));
  const ready = ground.trim().length >= 3 && source.trim().length >= 3;
  const text = (label: string, value: string, onType: (text: string) => void) => (
    <input
      aria-label={label}
      placeholder={label}
      className="field min-w-40 flex-1"
      value={value}
      maxLength={200}
      onChange={(e) => onType(e.target.value)}
    />
  );
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2">
      <Select
        label={say`Limit for`}
        className="w-64"
        value={what}
        options={[
          ...LIMIT_CLASSES.map((value) => ({ value: value as string, label: word(value) })),
          ...mains.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={(next) => set({ what: next })}
      />
      <NumberField
        label={say`Minutes out at the most`}
        className="field w-20"
        value={minutes}
        min={1}
        max={1440}
        onCommit={(n) => set({ minutes: Math.round(n) })}
      />
      {text(say`Ground`, ground, (next) => set({ ground: next }))}
      {text(say`Source`, source, (next) => set({ source: next }))}
      <Button
        disabled={!ready}
        title={ready ? undefined : say`A limit of your own needs its ground and its source.`}
        onClick={() => {
          onAdd({ what: what as SafeLimit['what'], minutes, ground: ground.trim(), source: source.trim() });
          done();
        }}
      >
        <Plus size={18} /> {say`Enter the limit`}
      </Button>
    </div>
  );
}
