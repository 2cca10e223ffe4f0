import { useSyncExternalStore } from 'react';

/** Fields in which something stands that no document has yet: while there are any, nobody says “saved”. */
const fields = new Set<string>();
const listeners = new Set<() => void>();

function notify() {
  for (const listener of listeners) listener();
}

export const inHand = {
  take(field: string): void {
    if (fields.has(field)) return;
    fields.add(field);
    notify();
  },
  letGo(field: string): void {
    if (fields.delete(field)) notify();
  },
};

/** Is anything in hand? */
export const useInHand = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => fields.size > 0,
  );
