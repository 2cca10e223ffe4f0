import type { InputHTMLAttributes } from 'react';
import { asItStands, useTyped } from './useTyped';

type Props = Omit<
  InputHTMLAttributes<HTMLInputElement & HTMLTextAreaElement>,
  'value' | 'onChange' | 'onBlur'
> & {
  readonly label: string;
  readonly value: string;
  readonly onCommit: (text: string) => void;
  /** Several lines. */
  readonly long?: boolean;
  /** May not be empty: what is emptied goes back to what it was. */
  readonly needed?: boolean;
};

/** A line of text (or several) that is kept as it is typed. */
export function TypedText({ label, value, onCommit, long = false, needed = false, ...rest }: Props) {
  const { field } = useTyped({
    label,
    shown: value,
    read: (text) => (needed && text.trim() === '' ? null : asItStands(text)),
    onCommit,
  });
  const shared = { 'aria-label': label, ...rest, ...field };
  return long ? <textarea {...shared} /> : <input {...shared} />;
}
