import { COLUMNS, PLAIN_PRICE } from '@rotula/core';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Choice';

const COMMON: readonly { value: string; label: string; hint?: string }[] = [
  { value: '', label: 'pass it over' },
  { value: 'code', label: 'supplier’s number' },
  { value: 'name', label: 'name' },
  { value: PLAIN_PRICE, label: 'price, as written', hint: '12.50 or 12,50' },
];
const OPTIONS = [
  ...COMMON,
  ...COLUMNS.filter((column) => !COMMON.some((c) => c.value === column.path)).map((column) => ({
    value: column.path,
    label: column.path,
  })),
];

/** A supplier's columns, each with what it is here. Asked once for each set of headings. */
export function ColumnMap({
  headings,
  sample,
  map,
  onSet,
  onTake,
  onCancel,
}: {
  headings: readonly string[];
  sample: readonly (readonly string[])[];
  map: Readonly<Record<string, string>>;
  onSet: (theirs: string, ours: string) => void;
  onTake: () => void;
  onCancel: () => void;
}) {
  const names = ['id', 'name', 'code'].some((path) => Object.values(map).includes(path));
  return (
    <div className="min-h-0 flex-1 overflow-y-auto">
      <p className="mb-3">
        This file has columns of its own. Say once what they are; it is remembered for the next list.
      </p>
      <ul className="divide-y divide-line border-y border-line">
        {headings.map((heading, i) => (
          <li
            key={heading}
            className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_220px] items-center gap-4 py-2"
          >
            <strong className="truncate text-lg">{heading}</strong>
            <span className="truncate text-ink-soft">
              {sample
                .map((row) => row[i])
                .filter(Boolean)
                .join(' · ')}
            </span>
            <Select
              label={`${heading} is`}
              value={map[heading] ?? ''}
              options={OPTIONS}
              onChange={(ours) => onSet(heading, ours)}
            />
          </li>
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <Button look="strong" disabled={!names} onClick={onTake}>
          Remember this and go on
        </Button>
        <Button onClick={onCancel}>Another file</Button>
        {!names && (
          <span className="text-ink-soft">One column must name the goods: an id, a number or a name.</span>
        )}
      </div>
    </div>
  );
}
