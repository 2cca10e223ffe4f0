import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import clsx from 'clsx';
import { Check } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { closedLook, type SelectProps } from './closedSelect';

/** A select that is in use: it opens as soon as it is there. */
export default function SelectList(props: SelectProps<string>) {
  const { options, value, onChange } = props;
  const button = useRef<HTMLButtonElement>(null);
  const opened = useRef(false);
  useEffect(() => {
    if (opened.current) return;
    opened.current = true;
    button.current?.focus();
    button.current?.click();
  }, []);
  return (
    <Listbox value={value} onChange={onChange}>
      <ListboxButton ref={button} {...closedLook(props)} />
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
