import type { ReactNode } from 'react';

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
