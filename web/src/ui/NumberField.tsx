import clsx from 'clsx';
import toast from 'react-hot-toast';
import { say } from '../language/say';
import { FIGURE_RESTS_MS } from './typedField';
import { useTyped } from './useTyped';

/**
 * A number that is taken a moment after it was typed, when the field is left, or at Enter. What is not a number, or outside the
 * bounds, is marked while it is typed, and on leaving the field goes back to what it was, with a word on what would do.
 */
export function NumberField({
  label,
  value,
  onCommit,
  min = 0,
  max = 1e6,
  className,
  does = false,
}: {
  label: string;
  value: number | string;
  onCommit: (value: number) => void;
  min?: number;
  max?: number;
  className?: string;
  /** Each number does something (a reading is noted): it is taken only when the field is left. */
  does?: boolean;
}) {
  const shown = String(value);
  const { field, wrong } = useTyped<number>({
    label,
    shown,
    rests: does ? 'when left' : FIGURE_RESTS_MS,
    read: (text) => {
      const n = text.trim() === '' ? NaN : Number(text.replace(',', '.'));
      return n >= min && n <= max ? { value: n } : null;
    },
    onCommit: (n) => n !== Number(value) && onCommit(n),
    onRefused: (text) =>
      text !== shown &&
      toast.error(
        say`${label}: give a number from ${min} to ${max}. ${value === '' ? say`It stays empty.` : say`It stays ${value}.`}`,
      ),
  });
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      aria-invalid={wrong}
      className={clsx('min-h-11 aria-invalid:border-wax aria-invalid:text-wax', className)}
      {...field}
      onFocus={(e) => {
        field.onFocus();
        e.target.select();
      }}
    />
  );
}
