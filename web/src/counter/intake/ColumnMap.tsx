import { COLUMNS, PLAIN_PRICE, PLAIN_WORDS } from '@rotula/core';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { fieldLabel } from '../edit/fields';
import { say } from '../../language/say';

const COMMON: readonly { value: string; label: string; hint?: string }[] = [
  { value: '', label: say`pass it over` },
  { value: 'code', label: say`supplier’s number` },
  { value: 'name', label: say`name` },
  { value: PLAIN_PRICE, label: say`price, as written`, hint: say`12.50, € 32,90/kg` },
  { value: PLAIN_WORDS, label: say`what it is, in words`, hint: say`milk, kind, treatment, age` },
];
const OPTIONS = [
  ...COMMON,
  ...COLUMNS.filter((column) => !COMMON.some((c) => c.value === column.path)).map((column) => ({
    value: column.path,
    label: fieldLabel(column.path),
  })),
];

/** A supplier's columns, each with what it is here. Asked once for each set of headings. */
export function ColumnMapForm({
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
      <p className="mb-3">{say`This file has columns of its own. Say once what they are; it is remembered for the next list.`}</p>
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
              label={say`${heading} is`}
              value={map[heading] ?? ''}
              options={OPTIONS}
              onChange={(ours) => onSet(heading, ours)}
            />
          </li>
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <Button look="strong" disabled={!names} onClick={onTake}>{say`Remember this and go on`}</Button>
        <Button onClick={onCancel}>{say`Another file`}</Button>
        {!names && (
          <span className="text-ink-soft">{say`One column must name the goods: an id, a number or a name.`}</span>
        )}
      </div>
    </div>
  );
}
