import clsx from 'clsx';
import { ChevronDown } from 'lucide-react';
import type { ChoiceOption } from './Choice';

export interface SelectProps<T extends string> {
  readonly label: string;
  readonly options: readonly ChoiceOption<T>[];
  readonly value: T;
  readonly onChange: (value: T) => void;
  readonly className?: string;
}

/** What a select looks like while it is closed, and how it is called. */
export function closedLook<T extends string>({ label, options, value, className }: SelectProps<T>) {
  const shown = options.find((option) => option.value === value)?.label ?? value;
  return {
    'aria-label': `${label}: ${shown}`,
    className: clsx('field flex items-center justify-between gap-2 text-left', className),
    children: (
      <>
        <span className="truncate">{shown}</span>
        <ChevronDown size={18} className="shrink-0 text-ink-soft" />
      </>
    ),
  };
}
