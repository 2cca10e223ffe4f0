import { Minus, Plus } from 'lucide-react';
import { NumberField } from './NumberField';
import { say } from '../language/say';

/** A whole number with a thumb-sized minus and plus. */
export function Stepper({
  label,
  hint,
  value,
  onChange,
  min = 0,
  max = 10000,
}: {
  label: string;
  hint?: string;
  value: number;
  onChange: (value: number) => void;
  min?: number;
  max?: number;
}) {
  const button = 'flex size-11 items-center justify-center hover:bg-shade disabled:opacity-35';
  return (
    <div className="flex items-center justify-between gap-3">
      <span>
        {label}
        {hint && <span className="block text-sm text-ink-soft">{hint}</span>}
      </span>
      <span className="flex items-center overflow-hidden rounded-lg border-[1.5px] border-line bg-paper-lit">
        <button
          type="button"
          className={button}
          aria-label={say`fewer: ${label}`}
          disabled={value <= min}
          onClick={() => onChange(value - 1)}
        >
          <Minus size={18} />
        </button>
        <NumberField
          label={label}
          value={value}
          onCommit={(n) => onChange(Math.round(n))}
          min={min}
          max={max}
          className="w-13 border-x-[1.5px] border-line bg-transparent text-center text-lg"
        />
        <button
          type="button"
          className={button}
          aria-label={say`more: ${label}`}
          disabled={value >= max}
          onClick={() => onChange(value + 1)}
        >
          <Plus size={18} />
        </button>
      </span>
    </div>
  );
}
