import { Search } from 'lucide-react';
import { useEffect, useRef, useState, type ComponentType, type ReactNode } from 'react';
import { aheadOfTime } from './aheadOfTime';

type List = ComponentType<FinderProps<unknown> & { typed: string; focused: boolean }>;

export interface FinderProps<T> {
  readonly label: string;
  readonly placeholder: string;
  readonly items: readonly T[];
  readonly textOf: (item: T) => string;
  readonly keyOf: (item: T) => string;
  readonly show: (item: T) => ReactNode;
  readonly onTake: (item: T) => void;
  readonly id?: string;
  /** With the reason in the placeholder. */
  readonly disabled?: boolean;
}

export const FINDER_FIELD = 'field w-full pl-10 placeholder:text-ink-soft';

const MOST_SHOWN = 60;

/** The items whose text has every word that was typed. */
export function found<T>({ items, textOf }: Pick<FinderProps<T>, 'items' | 'textOf'>, typed: string): T[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return items
    .filter((item) => words.every((word) => textOf(item).toLowerCase().includes(word)))
    .slice(0, MOST_SHOWN);
}

/**
 * Type to find one of many and take it; the field is empty again afterwards. Until its list is there, which comes while nothing
 * else is done, it is a plain field, of which Enter takes the first; what was typed into that is taken over.
 */
export function Finder<T>(props: FinderProps<T>) {
  const [list, setList] = useState<{ readonly List: List; readonly focused: boolean } | null>(null);
  const [typed, setTyped] = useState('');
  const plain = useRef<HTMLInputElement>(null);
  useEffect(
    () =>
      aheadOfTime([
        async () => {
          const { default: List } = await import('./FinderList');
          setList({ List, focused: document.activeElement === plain.current });
        },
      ]),
    [],
  );
  const { label, placeholder, id, disabled } = props;
  const field = (
    <div className="relative">
      <Search size={18} className="pointer-events-none absolute top-3 left-3 text-ink-soft" />
      <input
        ref={plain}
        id={id}
        aria-label={label}
        placeholder={placeholder}
        disabled={disabled}
        className={FINDER_FIELD}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
        onKeyDown={(e) => {
          const [first] = found(props, typed);
          if (e.key !== 'Enter' || typed.trim() === '' || first === undefined) return;
          props.onTake(first);
          setTyped('');
        }}
      />
    </div>
  );
  if (!list) return field;
  const { List, focused } = list;
  return <List {...(props as unknown as FinderProps<unknown>)} typed={typed} focused={focused} />;
}
