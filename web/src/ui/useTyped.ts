import { useEffect, useState, type ChangeEvent, type KeyboardEvent } from 'react';
import { whenLeaving } from './leaving';
import { TypedField, type TypedFieldOptions, type ReadTyped } from './typedField';

type Element = HTMLInputElement | HTMLTextAreaElement;

/** A field whose words are kept as they are typed: what stands in it, whether that can be stored, and what its element needs. */
export function useTyped<V>(options: TypedFieldOptions<V>) {
  const [typed] = useState(() => new TypedField(options));
  const [draft, setDraft] = useState(typed.draft);
  useEffect(() => typed.update(options, setDraft), [typed, options]);
  useEffect(() => {
    typed.begins();
    const stop = whenLeaving('fields', () => typed.commitAsTyped());
    return () => {
      stop();
      typed.ends();
    };
  }, [typed]);
  return {
    /** Something is typed that cannot be stored. */
    wrong: draft !== null && options.read(draft) === null,
    field: {
      value: draft ?? options.shown,
      onFocus: () => typed.focus(),
      onChange: (event: ChangeEvent<Element>) => typed.type(event.target.value),
      onBlur: () => typed.leave(),
      onKeyDown: (event: KeyboardEvent<Element>) => {
        if (event.key === 'Enter' && event.currentTarget.tagName !== 'TEXTAREA') event.currentTarget.blur();
        if (event.key === 'Escape') typed.giveUp();
      },
    },
  };
}

/** Of text that is stored as it stands. */
export const asItStands = (text: string): ReadTyped<string> => ({ value: text });
