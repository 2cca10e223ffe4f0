import { lazy, Suspense, useState, type ButtonHTMLAttributes } from 'react';
import { closedLook, type SelectProps } from './closedSelect';

const load = () => import('./SelectList');
const SelectList = lazy(load);

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
