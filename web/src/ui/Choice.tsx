import { Radio, RadioGroup } from '@headlessui/react';
import clsx from 'clsx';

export interface ChoiceOption<T extends string> {
  readonly value: T;
  readonly label: string;
  readonly hint?: string;
}

/** A few options side by side, one chosen. */
export function Choice<T extends string>({
  label,
  options,
  value,
  onChange,
  className,
}: {
  label: string;
  options: readonly ChoiceOption<T>[];
  value: T;
  onChange: (value: T) => void;
  className?: string;
}) {
  return (
    <RadioGroup
      aria-label={label}
      value={value}
      onChange={onChange}
      className={clsx('grid gap-2', className)}
    >
      {options.map((option) => (
        <Radio
          key={option.value}
          value={option.value}
          className="min-h-11 cursor-pointer rounded-lg border-[1.5px] border-line bg-paper-lit px-3 py-2 hover:border-ink-soft data-checked:border-ink data-checked:bg-shade"
        >
          <span className="block font-bold">{option.label}</span>
          {option.hint && <span className="block text-sm text-ink-soft">{option.hint}</span>}
        </Radio>
      ))}
    </RadioGroup>
  );
}
