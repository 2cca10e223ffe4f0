import { useSyncExternalStore } from 'react';
import { localKeeping } from './localKeeping';

/** Lit shop or dark cellar, kept by this browser. Single keys can be switched off the same way. */
export type Room = 'shop' | 'cellar';

interface Preference<T extends string> {
  readonly read: () => T;
  readonly set: (value: T) => void;
  readonly use: () => T;
}

function preference<T extends string>(
  key: string,
  values: readonly T[],
  apply: (value: T) => void,
): Preference<T> {
  const listeners = new Set<() => void>();
  const read = (): T => values.find((value) => value === localKeeping.read(key)) ?? values[0]!;
  apply(read());
  return {
    read,
    set: (value) => {
      localKeeping.write(key, value);
      apply(value);
      for (const listener of listeners) listener();
    },
    use: () =>
      useSyncExternalStore((listener) => {
        listeners.add(listener);
        return () => listeners.delete(listener);
      }, read),
  };
}

export const room = preference<Room>('rotula.room', ['shop', 'cellar'], (value) => {
  document.documentElement.dataset.room = value;
});

export const singleKeys = preference<'on' | 'off'>('rotula.keys', ['on', 'off'], () => undefined);
