import { CounterChange } from '@rotula/core';
import { keeping } from '../ui/keeping';
import { leftBehind, tabId } from '../ui/tab';

/**
 * Edits of the counter that the server has not stored yet, kept by the browser. Each tab keeps its own, so that none
 * deletes another's; what a closed tab left behind is taken up by the next.
 */
const PREFIX = 'rotula.counter.waiting';
const MOST_KEPT = 500;
const ownKey = () => `${PREFIX}.${tabId()}`;

/**
 * False when the browser keeps them, or some of them, no longer than the page: an import of thousands is more than it
 * takes. Those before it, in the order in which they are sent, are kept all the same.
 */
export function keepWaiting(changes: readonly CounterChange[]): boolean {
  let goods = 0;
  const tooMuch = changes.findIndex(({ put, remove }) => (goods += put.length + remove.length) > MOST_KEPT);
  const fit = tooMuch < 0 ? changes : changes.slice(0, tooMuch);
  if (fit.length === 0) keeping.drop(ownKey());
  const kept = fit.length === 0 || keeping.write(ownKey(), JSON.stringify(fit));
  return kept && tooMuch < 0;
}

/** What this tab, and tabs that were closed, could not store; from now on it is this tab's. What cannot be read stays. */
export function takeUpWaiting(): CounterChange[] {
  const own = ownKey();
  const found = [own, ...leftBehind(PREFIX)].flatMap((key) => {
    const changes = parsed(keeping.read(key));
    return changes ? [{ key, changes }] : [];
  });
  const changes = found.flatMap((each) => each.changes);
  if (changes.length > 0 && keepWaiting(changes))
    for (const { key } of found) if (key !== own) keeping.drop(key);
  return changes;
}

function parsed(text: string | null): CounterChange[] | null {
  try {
    return CounterChange.array().safeParse(JSON.parse(text ?? 'null')).data ?? null;
  } catch {
    return null;
  }
}
