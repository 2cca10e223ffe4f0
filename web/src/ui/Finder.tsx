import { Search } from 'lucide-react';
import { useEffect, useRef, useState, type ComponentType } from 'react';
import { aheadOfTime } from './aheadOfTime';
import { FINDER_FIELD, found, type FinderProps } from './found';

type List = ComponentType<FinderProps<unknown> & { typed: string; focused: boolean }>;

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
        data-finds
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
