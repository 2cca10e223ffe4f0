import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { Search } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { say } from '../language/say';
import { FINDER_FIELD, found, type FinderProps } from './found';

/** A finder with its list: it takes over the focus and what was typed until it was there. */
export default function FinderList(
  props: FinderProps<unknown> & { readonly typed: string; readonly focused: boolean },
) {
  const { label, placeholder, onTake, keyOf, id, disabled, typed, focused } = props;
  const [query, setQuery] = useState(typed);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (focused) field.current?.focus();
  }, [focused]);
  const take = (item: unknown) => {
    if (item) onTake(item);
    setQuery('');
  };
  return (
    <Combobox<unknown>
      immediate
      disabled={disabled}
      value={null}
      onChange={take}
      onClose={() => setQuery('')}
    >
      {({ activeOption, open }) => (
        <>
          <div className="relative">
            <Search size={18} className="pointer-events-none absolute top-3 left-3 text-ink-soft" />
            <ComboboxInput
              ref={field}
              id={id}
              aria-label={label}
              placeholder={placeholder}
              className={FINDER_FIELD}
              displayValue={() => query}
              onChange={(e) => setQuery(e.target.value)}
              // Whoever types quickly has no option in focus yet, or one of what stood there before: the first is meant; what nothing is called stays.
              onKeyDown={(e) => {
                if (e.key !== 'Enter' || query.trim() === '') return;
                const shown = found(props, query);
                if (activeOption !== null && shown.some((item) => keyOf(item) === keyOf(activeOption)))
                  return;
                e.preventDefault();
                if (shown[0] !== undefined) take(shown[0]);
              }}
            />
          </div>
          <ComboboxOptions
            anchor={{ to: 'bottom start', gap: 4 }}
            className="z-20 max-h-96 w-[var(--input-width)] overflow-y-auto rounded-lg border border-line bg-paper-lit p-1 text-ink shadow-xl empty:hidden"
          >
            {open && <Shown finder={props} query={query} />}
          </ComboboxOptions>
        </>
      )}
    </Combobox>
  );
}

/** What fits the words so far; made only while the list is open. */
function Shown({ finder, query }: { finder: FinderProps<unknown>; query: string }) {
  const { keyOf, show } = finder;
  const shown = found(finder, query);
  return (
    <>
      {shown.map((item) => (
        <ComboboxOption
          key={keyOf(item)}
          value={item}
          className="min-h-11 cursor-pointer rounded-md px-3 py-1.5 data-focus:bg-shade"
        >
          {show(item)}
        </ComboboxOption>
      ))}
      {shown.length === 0 && <div className="px-3 py-2 text-ink-soft">{say`Nothing is called that.`}</div>}
    </>
  );
}
