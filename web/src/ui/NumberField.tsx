import clsx from 'clsx';
import { useState } from 'react';
import toast from 'react-hot-toast';
import { say } from '../language/say';

/**
 * A number that is taken when the field is left or Enter is pressed. What is not a number, or outside the bounds, is
 * marked while it is typed, and on leaving the field goes back to what it was, with a word on what would do.
 */
export function NumberField({
  label,
  value,
  onCommit,
  min = 0,
  max = 1e6,
  className,
}: {
  label: string;
  value: number | string;
  onCommit: (value: number) => void;
  min?: number;
  max?: number;
  className?: string;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  const n = draft === null || draft.trim() === '' ? NaN : Number(draft.replace(',', '.'));
  const good = n >= min && n <= max;
  const commit = () => {
    if (draft === null) return;
    setDraft(null);
    if (good && n !== Number(value)) onCommit(n);
    if (!good && draft !== String(value))
      toast.error(
        say`${label}: give a number from ${min} to ${max}. ${value === '' ? say`It stays empty.` : say`It stays ${value}.`}`,
      );
  };
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      aria-invalid={draft !== null && !good}
      className={clsx('min-h-11 aria-invalid:border-wax aria-invalid:text-wax', className)}
      value={draft ?? value}
      onFocus={(e) => e.target.select()}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={commit}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
        if (e.key === 'Escape') setDraft(null);
      }}
    />
  );
}
