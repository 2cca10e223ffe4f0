/** Undo and redo over whole documents: each step keeps the document before it and the name of what was done. */
export interface History<D> {
  readonly past: readonly Step<D>[];
  readonly present: D;
  readonly future: readonly Step<D>[];
}

interface Step<D> {
  readonly doc: D;
  readonly did: string;
  /** The visit to a field during which it was typed: all of one visit is one step. */
  readonly visit?: string;
}

/** More steps than anyone takes back at a counter. */
const KEPT = 200;

export const startHistory = <D>(present: D): History<D> => ({ past: [], present, future: [] });

/**
 * Do something: the present becomes undoable under its name, and what was undone is forgotten. What is typed during one visit to a
 * field joins the step that this visit began.
 */
export function did<D>(
  history: History<D>,
  name: string,
  present: D,
  visit: string | null = null,
): History<D> {
  if (visit && history.past.at(-1)?.visit === visit) return { ...history, present, future: [] };
  const step = { doc: history.present, did: name, ...(visit ? { visit } : {}) };
  return { past: [...history.past, step].slice(-KEPT), present, future: [] };
}

/** Step back, or the same history when there is nothing to undo. */
export function undo<D>(history: History<D>): History<D> {
  const last = history.past.at(-1);
  if (!last) return history;
  return {
    past: history.past.slice(0, -1),
    present: last.doc,
    future: [{ doc: history.present, did: last.did }, ...history.future],
  };
}

export function redo<D>(history: History<D>): History<D> {
  const [next, ...future] = history.future;
  if (!next) return history;
  return { past: [...history.past, { doc: history.present, did: next.did }], present: next.doc, future };
}
