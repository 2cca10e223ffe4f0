import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { Search } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { say } from '../language/say';

/** Type to find one of many and take it; the field is empty again afterwards. */
export function Finder<T>({
  label,
  placeholder,
  items,
  textOf,
  keyOf,
  show,
  onTake,
  id,
  disabled = false,
}: {
  label: string;
  placeholder: string;
  items: readonly T[];
  textOf: (item: T) => string;
  keyOf: (item: T) => string;
  show: (item: T) => ReactNode;
  onTake: (item: T) => void;
  id?: string;
  /** With the reason in the placeholder. */
  disabled?: boolean;
}) {
  const [query, setQuery] = useState('');
  const words = query.toLowerCase().split(/\s+/).filter(Boolean);
  const found = items
    .filter((item) => words.every((word) => textOf(item).toLowerCase().includes(word)))
    .slice(0, 60);
  return (
    <Combobox<T | null>
      immediate
      disabled={disabled}
      value={null}
      onChange={(item) => {
        if (item) onTake(item);
        setQuery('');
      }}
      onClose={() => setQuery('')}
    >
      <div className="relative">
        <Search size={18} className="pointer-events-none absolute top-3 left-3 text-ink-soft" />
        <ComboboxInput
          id={id}
          aria-label={label}
          placeholder={placeholder}
          className="field w-full pl-10 placeholder:text-ink-soft"
          displayValue={() => query}
          onChange={(e) => setQuery(e.target.value)}
        />
      </div>
      <ComboboxOptions
        anchor={{ to: 'bottom start', gap: 4 }}
        className="z-20 max-h-96 w-[var(--input-width)] overflow-y-auto rounded-lg border border-line bg-paper-lit p-1 text-ink shadow-xl empty:hidden"
      >
        {found.map((item) => (
          <ComboboxOption
            key={keyOf(item)}
            value={item}
            className="min-h-11 cursor-pointer rounded-md px-3 py-1.5 data-focus:bg-shade"
          >
            {show(item)}
          </ComboboxOption>
        ))}
        {found.length === 0 && <div className="px-3 py-2 text-ink-soft">{say`Nothing is called that.`}</div>}
      </ComboboxOptions>
    </Combobox>
  );
}
