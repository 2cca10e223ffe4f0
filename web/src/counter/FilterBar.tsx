import { GOOD_KINDS, LIMITS, MEAT_ANIMALS, MILKS, type Good } from '@rotula/core';
import clsx from 'clsx';
import { SlidersHorizontal } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Select } from '../ui/Select';
import { capital, type Format } from '../ui/format';
import { activeCount, AGES, NO_FILTERS, pricesBy, SORTS, STRENGTHS, type Filters } from './filters';
import { groupOf, PLURALS } from './rows';
import { limitLabel } from '../words';
import { say, word } from '../language/say';

const KINDS = ['all', ...GOOD_KINDS, 'must move', 'trials'] as const;
const any = (label: string) => ({ value: '', label });

/** Kinds as a row of words; everything else a list that opens. Nothing is hidden that is switched on. */
export function FilterBar({
  goods,
  filters,
  format,
  onChange,
}: {
  goods: readonly Good[];
  filters: Filters;
  format: Format;
  onChange: (filters: Filters) => void;
}) {
  const set = (part: Partial<Filters>) => onChange({ ...filters, ...part });
  const families = useMemo(
    () => [...new Set(goods.filter((g) => filters.kind === 'all' || g.kind === filters.kind).map(groupOf))],
    [goods, filters.kind],
  );
  const active = activeCount(filters);
  const [open, setOpen] = useState(false);
  const shown = open || active > 0 || filters.sort !== NO_FILTERS.sort;
  return (
    <>
      <div role="group" aria-label={say`Show`} className="flex w-full flex-wrap gap-1">
        {KINDS.map((kind) => (
          <button
            key={kind}
            type="button"
            aria-pressed={filters.kind === kind}
            className={clsx(
              'min-h-11 rounded-full px-3',
              filters.kind === kind ? 'bg-ink text-paper' : 'hover:bg-shade',
            )}
            onClick={() => set({ kind, family: '' })}
          >
            {kind === 'all' || kind === 'must move' || kind === 'trials' ? word(kind) : word(PLURALS[kind])}
          </button>
        ))}
        <button
          type="button"
          aria-expanded={shown}
          className="ml-auto inline-flex min-h-11 items-center gap-2 rounded-full px-3 hover:bg-shade"
          onClick={() => setOpen(!open)}
        >
          <SlidersHorizontal size={18} /> {say`narrow, sort`}
          {active > 0 && ` (${active})`}
        </button>
      </div>
      <Narrow
        shown={shown}
        filters={filters}
        set={set}
        families={families}
        format={format}
        active={active}
        onChange={onChange}
      />
    </>
  );
}

/** What narrows the list, and how it is sorted. */
function Narrow({
  shown,
  filters,
  set,
  families,
  format,
  active,
  onChange,
}: {
  shown: boolean;
  filters: Filters;
  set: (part: Partial<Filters>) => void;
  families: readonly string[];
  format: Format;
  active: number;
  onChange: (filters: Filters) => void;
}) {
  return (
    <div
      className={clsx('grid w-full grid-cols-2 gap-2 min-[700px]:grid-cols-4', !shown && 'hidden')}
      role="group"
      aria-label={say`Narrow`}
    >
      <Select
        label={say`Animal`}
        value={filters.animal}
        options={[
          any(say`any animal`),
          ...[...MILKS, ...MEAT_ANIMALS].map((a) => ({ value: a, label: word(a) })),
        ]}
        onChange={(animal) => set({ animal })}
      />
      <Select
        label={say`Family`}
        value={filters.family}
        options={[any(say`any family`), ...families.map((f) => ({ value: f, label: f }))]}
        onChange={(family) => set({ family })}
      />
      <Select
        label={say`Age`}
        value={filters.age}
        options={AGES.map((b) => ({ value: b.id, label: b.label }))}
        onChange={(age) => set({ age })}
      />
      <Select
        label={say`Strength`}
        value={filters.strength}
        options={STRENGTHS.map((b) => ({ value: b.id, label: b.label }))}
        onChange={(strength) => set({ strength })}
      />
      <Select
        label={say`Price`}
        value={filters.price}
        options={pricesBy(format.bulk).map((b) => ({ value: b.id, label: b.label }))}
        onChange={(price) => set({ price })}
      />
      <Select
        label={say`Suits`}
        value={filters.limit}
        options={[
          any(say`suits anybody`),
          ...LIMITS.map((rule) => ({
            value: rule.id,
            label: capital(limitLabel(rule.id)),
            hint: word(rule.group),
          })),
        ]}
        onChange={(limit) => set({ limit })}
      />
      <Select
        label={say`Sorted by`}
        value={filters.sort}
        options={SORTS.map((s) => ({ value: s, label: say`by ${s}` }))}
        onChange={(sort) => set({ sort })}
      />
      <button
        type="button"
        className="min-h-11 rounded-lg text-ink-soft underline decoration-line underline-offset-4 hover:text-ink disabled:no-underline disabled:opacity-45"
        disabled={active === 0}
        onClick={() => onChange({ ...NO_FILTERS, kind: filters.kind, sort: filters.sort })}
      >
        {active === 0 ? say`not narrowed` : say`clear ${active}`}
      </button>
    </div>
  );
}
