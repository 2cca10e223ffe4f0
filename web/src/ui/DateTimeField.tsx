import { dateFrom, dateOrderOf, timeFrom } from '@rotula/core';
import type { Format } from './format';
import { FIGURE_RESTS_MS } from './typedField';
import { useTyped } from './useTyped';
import { say } from '../language/say';

const HINTS = { 'day first': '12.2.2027', 'month first': '2/12/2027', 'year first': '2027-02-12' };
const isoToday = () => {
  const now = new Date();
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
};

/** A text that is read a moment after it was typed; what cannot be read stays as it was typed, marked, with what would do. */
function Typed({
  what,
  label,
  shown,
  hint,
  read,
  onCommit,
  className,
  optional,
}: {
  what: 'day' | 'time';
  label: string;
  shown: string;
  hint: string;
  read: (typed: string) => string | null;
  onCommit: (value: string | null) => void;
  className: string;
  optional?: boolean;
}) {
  const { field, wrong } = useTyped<string | null>({
    label,
    shown,
    rests: FIGURE_RESTS_MS,
    read: (text) => {
      if (optional && text.trim() === '') return { value: null };
      const value = read(text);
      return value === null ? null : { value };
    },
    onCommit,
    onRefused: 'stays',
  });
  return (
    <span className="block">
      <input
        aria-label={label}
        aria-invalid={wrong}
        className={`field aria-invalid:border-wax ${className}`}
        placeholder={optional ? '' : hint}
        {...field}
        onFocus={(e) => {
          field.onFocus();
          e.target.select();
        }}
      />
      {wrong && (
        <span role="alert" className="mt-1 block text-sm text-wax">
          {what === 'time'
            ? say`no such time; write it like ${hint}`
            : say`no such day; write it like ${hint}`}
        </span>
      )}
    </span>
  );
}

/** A day, typed and shown as it is written where the shop is. */
export function DateField({
  label,
  value,
  format,
  onCommit,
  className = 'w-full',
}: {
  label: string;
  value: string | null;
  format: Format;
  onCommit: (value: string | null) => void;
  className?: string;
}) {
  const order = dateOrderOf(format.country);
  return (
    <Typed
      what="day"
      label={label}
      shown={value ? format.shortDay(value) : ''}
      hint={HINTS[order]}
      read={(typed) => dateFrom(typed, order, isoToday())}
      onCommit={onCommit}
      className={className}
      optional
    />
  );
}

/** A day and a time at the table, "2027-02-12T18:30". */
export function DateTimeField({
  value,
  format,
  onCommit,
  what,
}: {
  value: string;
  format: Format;
  onCommit: (value: string) => void;
  /** What it is the day and time of: "Served". */
  what: string;
}) {
  const [day, time] = value.split('T') as [string, string];
  const order = dateOrderOf(format.country);
  return (
    <span className="flex items-start gap-2">
      <Typed
        what="day"
        label={say`${what}, day`}
        shown={format.shortDay(day)}
        hint={HINTS[order]}
        read={(typed) => dateFrom(typed, order, isoToday())}
        onCommit={(next) => next && next !== day && onCommit(`${next}T${time}`)}
        className="w-36 text-lg"
      />
      <Typed
        what="time"
        label={say`${what}, time`}
        shown={format.time(value)}
        hint="18:30"
        read={timeFrom}
        onCommit={(next) => next && next !== time && onCommit(`${day}T${next}`)}
        className="w-28 text-lg"
      />
    </span>
  );
}
