import {
  changeTo,
  CounterChange,
  goodsById,
  removalOf,
  type ChangeAnswer,
  type CounterAnswer,
  type Good,
  type Reading,
} from '@rotula/core';
import { useSyncExternalStore } from 'react';
import toast from 'react-hot-toast';
import { mutate } from 'swr';
import { api, ApiError } from './client';
import { setWaiting } from './shop';
import { keepWaiting, takeUpWaiting } from './waiting';
import { tabsAreKnown } from '../ui/tab';
import { typingVisit } from '../ui/typing';
import { CounterQueue, joined, NOTHING_WAITS, withStepBack, type QueueState, type Step } from './queue';
import { say } from '../language/say';

/**
 * Edits of the counter: each is one step that is shown and stored at once and that one undo takes back. The steps live as
 * long as the page, over all its screens; what is not stored yet outlives it.
 */
interface Steps {
  readonly undo: readonly Step[];
  readonly redo: readonly Step[];
}
interface Edits {
  readonly steps: Steps;
  readonly queue: QueueState;
}
let edits: Edits = { steps: { undo: [], redo: [] }, queue: NOTHING_WAITS };
const listeners = new Set<() => void>();
const set = (part: Partial<Edits>) => {
  edits = { ...edits, ...part };
  for (const listener of listeners) listener();
};

/** What takes a change back, so that it goes when the change is refused. */
const backs = new WeakMap<CounterChange, Step>();

/** Goods that were stored are read by then: what their words say goes into what is shown. */
async function readIn({ read }: ChangeAnswer): Promise<void> {
  // While the counter itself is still on its way, it is asked for again: it comes read.
  let isShown = read !== null;
  await mutate<CounterAnswer>(
    'counter',
    (shelf) => {
      isShown &&= shelf !== undefined;
      if (!shelf || !read) return shelf;
      return {
        ...shelf,
        goods: shelf.goods.map((good) =>
          read[good.id] ? { ...good, read: read[good.id] as unknown as Reading } : good,
        ),
      };
    },
    { revalidate: false },
  );
  if (!isShown) await mutate('counter');
}

const queue = new CounterQueue({
  send: async (change) => readIn(await api.changeCounter(change)),
  isPassing: (fault) => fault instanceof ApiError && fault.isPassing,
  keep: keepWaiting,
  refused: (change, fault) => {
    const why = fault instanceof ApiError ? fault.message : say`The server refused it.`;
    toast.error(say`“${change.name}” was not stored. ${why}`, { duration: 10_000 });
    // A step that was refused can never be taken back.
    const without = (all: readonly Step[]) => all.filter((step) => step !== backs.get(change));
    set({ steps: { undo: without(edits.steps.undo), redo: without(edits.steps.redo) } });
    void mutate('counter');
  },
  report: (state) => {
    setWaiting(state.waiting);
    set({ queue: state });
  },
});

// What an earlier page could not store is taken up again, once it is known which tabs are open.
void tabsAreKnown.then(() => queue.resume(takeUpWaiting()));

/** Show a change now and put it in the queue; the step back is what undo will do. It is made against what is shown. */
async function carryOut(
  make: (counter: readonly Good[]) => CounterChange,
  visit: string | null = null,
): Promise<{ readonly back: Step; readonly change: CounterChange } | null> {
  let made: { change: CounterChange; back: Step } | undefined;
  await mutate<CounterAnswer>(
    'counter',
    (shelf) => {
      if (!shelf) return shelf;
      const change = make(shelf.goods);
      const { next, back } = withStepBack(change, shelf.goods, visit);
      made = { change, back };
      return { ...shelf, goods: next };
    },
    { revalidate: false },
  );
  if (!made) return null;
  backs.set(made.change, made.back);
  return (await queue.add(made.change)) ? made : null;
}

export interface CounterEdits {
  /** Put goods over what is there; the name is what undo will say. Resolves to false when it was refused. */
  readonly put: (name: string, goods: readonly Good[]) => Promise<boolean>;
  readonly remove: (name: string, goods: readonly Good[]) => Promise<boolean>;
  /** Carry out a change that is made already: an import. */
  readonly carry: (change: CounterChange) => Promise<boolean>;
  readonly undo: () => Promise<void>;
  readonly redo: () => Promise<void>;
  readonly undoes: string | null;
  readonly steps: number;
  readonly redoes: string | null;
  readonly queue: QueueState;
}

/** Edits of the counter: shown at once, sent in their order, undone by their inverse; kept while the server is away. */
export function useCounterEdits(): CounterEdits {
  const { steps, queue: state } = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => edits,
  );
  const step = async (make: (counter: readonly Good[]) => CounterChange) => {
    const visit = typingVisit();
    const made = await carryOut(make, visit);
    if (!made) return false;
    const last = edits.steps.undo.at(-1);
    const undo =
      visit && last?.visit === visit
        ? [...edits.steps.undo.slice(0, -1), joined(last, made.back, made.change)]
        : [...edits.steps.undo, made.back];
    set({ steps: { undo, redo: [] } });
    return true;
  };
  const move = async (from: 'undo' | 'redo', to: 'undo' | 'redo') => {
    const last = edits.steps[from].at(-1);
    if (!last) return;
    set({ steps: { ...edits.steps, [from]: edits.steps[from].slice(0, -1) } });
    const made = await carryOut(last.change);
    if (made) set({ steps: { ...edits.steps, [to]: [...edits.steps[to], made.back] } });
  };
  return {
    put: (name, goods) =>
      step((counter) => changeTo(name, goods, goodsById(counter), new Date().toISOString())),
    remove: (name, goods) => step(() => removalOf(name, goods)),
    carry: (change) => step(() => change),
    undo: () => move('undo', 'redo'),
    redo: () => move('redo', 'undo'),
    steps: steps.undo.length,
    undoes: steps.undo.at(-1)?.name ?? null,
    redoes: steps.redo.at(-1)?.name ?? null,
    queue: state,
  };
}
