import clsx from 'clsx';

/** A short scale under the thumb: one touch each, large enough with a glass in the other hand. Buttons, not radios: a step may end with the touch. */
export function ScaleButtons<T extends number>({
  label,
  values,
  words,
  value,
  onChoose,
  tall = false,
}: {
  label: string;
  values: readonly T[];
  words: (value: T) => string;
  value: T | null;
  onChoose: (value: T) => void;
  tall?: boolean;
}) {
  return (
    <div
      role="group"
      aria-label={label}
      className="grid gap-2"
      style={{ gridTemplateColumns: `repeat(${values.length}, minmax(0, 1fr))` }}
    >
      {values.map((one) => (
        <button
          key={one}
          type="button"
          aria-pressed={value === one}
          className={clsx(
            'rounded-lg border-[1.5px] px-1 text-lg leading-tight font-bold',
            tall ? 'min-h-20' : 'min-h-13',
            value === one ? 'border-ink bg-ink text-paper' : 'border-line bg-paper-lit hover:border-ink-soft',
          )}
          onClick={() => onChoose(one)}
        >
          {words(one)}
        </button>
      ))}
    </div>
  );
}
