import clsx from 'clsx';
import { ChevronDown } from 'lucide-react';
import { lazy, Suspense, useState, type ButtonHTMLAttributes } from 'react';
import type { ChoiceOption } from './Choice';

const load = () => import('./SelectList');
const SelectList = lazy(load);

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

/** Keys that open a list. */
const OPENS = ['Enter', ' ', 'ArrowDown', 'ArrowUp'];

/** One of many, in a list that opens. Until it is first used it is only its button: the list comes when a hand comes near. */
export function Select<T extends string>(props: SelectProps<T>) {
  const [used, setUsed] = useState(false);
  const { children, ...look } = closedLook(props);
  const closed = (more: ButtonHTMLAttributes<HTMLButtonElement> = {}) => (
    <button type="button" aria-haspopup="listbox" aria-expanded={false} {...look} {...more}>
      {children}
    </button>
  );
  if (!used)
    return closed({
      onPointerEnter: load,
      onFocus: load,
      onClick: () => setUsed(true),
      onKeyDown: (e) => {
        if (!OPENS.includes(e.key)) return;
        e.preventDefault();
        setUsed(true);
      },
    });
  return (
    <Suspense fallback={closed()}>
      <SelectList {...(props as unknown as SelectProps<string>)} />
    </Suspense>
  );
}
