import { Listbox, ListboxButton, ListboxOption, ListboxOptions, Radio, RadioGroup } from '@headlessui/react';
import clsx from 'clsx';
import { Check, ChevronDown } from 'lucide-react';

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

/** One of many, in a list that opens. */
export function Select<T extends string>({
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
  const chosen = options.find((option) => option.value === value);
  return (
    <Listbox value={value} onChange={onChange}>
      <ListboxButton
        aria-label={`${label}: ${chosen?.label ?? value}`}
        className={clsx('field flex items-center justify-between gap-2 text-left', className)}
      >
        <span className="truncate">{chosen?.label ?? value}</span>
        <ChevronDown size={18} className="shrink-0 text-ink-soft" />
      </ListboxButton>
      <ListboxOptions
        anchor={{ to: 'bottom start', gap: 4 }}
        className="z-20 max-h-80 min-w-[var(--button-width)] overflow-y-auto rounded-lg border border-line bg-paper-lit p-1 text-ink shadow-xl"
      >
        {options.map((option) => (
          <ListboxOption
            key={option.value}
            value={option.value}
            className="flex min-h-11 cursor-pointer items-center gap-2 rounded-md px-3 data-focus:bg-shade"
          >
            <Check size={16} className={clsx('shrink-0', option.value !== value && 'invisible')} />
            <span>
              {option.label}
              {option.hint && <span className="block text-sm text-ink-soft">{option.hint}</span>}
            </span>
          </ListboxOption>
        ))}
      </ListboxOptions>
    </Listbox>
  );
}
