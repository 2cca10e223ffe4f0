import clsx from 'clsx';
import { useState } from 'react';

/**
 * A number that is taken when the field is left or Enter is pressed. What is not a number, or outside the bounds,
 * goes back to what it was.
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
  const commit = () => {
    if (draft === null) return;
    const n = Number(draft.replace(',', '.'));
    if (draft.trim() !== '' && Number.isFinite(n) && n >= min && n <= max && n !== value) onCommit(n);
    setDraft(null);
  };
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      className={clsx('min-h-11', className)}
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
