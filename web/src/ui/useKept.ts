import { useCallback, useEffect, useRef, useState } from 'react';
import { keeping } from './keeping';
import { leftBehind, tabId } from './tab';

function storedValue<T>(prefix: string): T | null {
  const key = [`${prefix}.${tabId()}`, ...leftBehind(prefix)].find((one) => keeping.read(one) !== null);
  if (!key) return null;
  try {
    return JSON.parse(keeping.read(key)!) as T;
  } catch {
    return null;
  }
}

/**
 * State of a form that is sent by a button, kept by the browser from the first key on: a reload, or a tab that was closed,
 * loses nothing of what was typed. `done` forgets it.
 * @param lasts 'visit': it goes when its page is left for another of the shop (a search); else it waits there
 */
export function useKept<T>(
  name: string,
  initial: T | (() => T),
  lasts: 'visit' | 'until done' = 'until done',
): [value: T, set: (next: T | ((before: T) => T)) => void, done: () => void] {
  const [prefix] = useState(() => `rotula.form.${location.pathname}|${name}`);
  const key = `${prefix}.${tabId()}`;
  const [start] = useState(initial);
  const [value, show] = useState<T>(() => storedValue<T>(prefix) ?? start);
  // Written as it is set: the page may be gone before it is drawn.
  const now = useRef(value);
  const set = useCallback(
    (next: T | ((before: T) => T)) => {
      now.current = typeof next === 'function' ? (next as (before: T) => T)(now.current) : next;
      const text = JSON.stringify(now.current);
      if (text === JSON.stringify(start)) keeping.drop(key);
      else keeping.write(key, text);
      show(now.current);
    },
    [key, start],
  );
  useEffect(
    () => () => {
      if (lasts === 'visit') keeping.drop(key);
    },
    [key, lasts],
  );
  const done = useCallback(() => {
    for (const one of leftBehind(prefix)) keeping.drop(one);
    set(start);
  }, [prefix, set, start]);
  return [value, set, done];
}
