import {
  changed,
  changeTo,
  goodsById,
  inverseOf,
  removalOf,
  type CounterChange,
  type Good,
} from '@rotula/core';
import { useSyncExternalStore } from 'react';
import toast from 'react-hot-toast';
import { mutate } from 'swr';
import { api, ApiError } from '../api/client';

/**
 * Edits of the counter: each is one step that is stored at once and that one undo takes back. The steps live as long as
 * the page, over all its screens.
 */
interface Steps {
  readonly undo: readonly CounterChange[];
  readonly redo: readonly CounterChange[];
}
let steps: Steps = { undo: [], redo: [] };
const listeners = new Set<() => void>();
const setSteps = (next: Steps) => {
  steps = next;
  for (const listener of listeners) listener();
};

/** Carry a change out here and on the server; the counter is as before when the server refuses. */
async function carryOut(change: CounterChange, counter: readonly Good[]): Promise<CounterChange | null> {
  const inverse = inverseOf(change, goodsById(counter));
  await mutate('counter', changed(change, counter) as Good[], { revalidate: false });
  try {
    await api.changeCounter(change);
    return inverse;
  } catch (fault) {
    toast.error(fault instanceof ApiError ? fault.message : 'That was not stored; try again.');
    await mutate('counter');
    return null;
  }
}

export interface CounterEdits {
  /** Put goods over what is there; the name is what undo will say. Resolves to false when it was refused. */
  readonly put: (name: string, goods: readonly Good[]) => Promise<boolean>;
  readonly remove: (name: string, goods: readonly Good[]) => Promise<boolean>;
  readonly undo: () => Promise<void>;
  readonly redo: () => Promise<void>;
  readonly undoes: string | null;
  readonly steps: number;
  readonly redoes: string | null;
}

export function useCounterEdits(counter: readonly Good[]): CounterEdits {
  const now = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => steps,
  );
  const step = async (change: CounterChange) => {
    const inverse = await carryOut(change, counter);
    if (inverse) setSteps({ undo: [...steps.undo, inverse], redo: [] });
    return inverse !== null;
  };
  const move = async (from: 'undo' | 'redo', to: 'undo' | 'redo') => {
    const change = steps[from].at(-1);
    if (!change) return;
    const inverse = await carryOut(change, counter);
    // A step that the server refuses can never be taken: something else has changed those goods.
    const left = { ...steps, [from]: steps[from].slice(0, -1) };
    setSteps(inverse ? { ...left, [to]: [...steps[to], inverse] } : left);
  };
  return {
    put: (name, goods) => step(changeTo(name, goods, goodsById(counter))),
    remove: (name, goods) => step(removalOf(name, goods)),
    undo: () => move('undo', 'redo'),
    redo: () => move('redo', 'undo'),
    steps: now.undo.length,
    undoes: now.undo.at(-1)?.name ?? null,
    redoes: now.redo.at(-1)?.name ?? null,
  };
}
