import {
  did,
  redo,
  startHistory,
  undo,
  type Good,
  type History,
  type House,
  type Order,
  type OrderBody,
} from '@rotula/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { mutate } from 'swr';
import { api } from '../api/client';
import { ALL_SAVED, Autosave, type SaveReport } from './autosave';
import { bodyOf, dropDraft, findDraft, keepDraft, type FoundDraft } from './draft';
import type { Planner } from './planner';
import { whenLeaving } from '../ui/leaving';
import { typingVisit } from '../ui/typing';
import { say } from '../language/say';

/** One open order: its document with undo, saved by itself. */
export interface OrderDocument {
  readonly id: string;
  readonly order: OrderBody;
  /** Change the document; `what` names the step for undo. */
  readonly change: (what: string, recipe: (order: OrderBody) => OrderBody) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly undoes: string | null;
  /** How many steps could be taken back. */
  readonly steps: number;
  readonly redoes: string | null;
  readonly saving: SaveReport;
  /** Settle a conflict with the document that shall stand. */
  readonly resolve: (stands: OrderBody) => void;
  /** Bring the order back that was deleted elsewhere. */
  readonly takeBack: () => void;
  /** Drafts of this order that were found when it was opened. */
  readonly found: FoundDraft;
}

/** @param planner what settles a change; null: it is on its way, and settles what was changed when it is here */
export function useOrderDocument(
  loaded: Order,
  shelf: readonly Good[],
  house: House,
  planner: Planner | null,
): OrderDocument {
  const id = loaded.id;
  const [start] = useState(() => ({ body: bodyOf(loaded), found: findDraft(id) }));
  const { draft } = start.found;
  const [history, showHistory] = useState<History<OrderBody>>(() => startHistory(draft?.order ?? start.body));
  const [opened] = useState(history.present);
  const [saving, setSaving] = useState<SaveReport>(ALL_SAVED);
  const [autosave] = useState(
    () =>
      new Autosave(
        {
          send: (version, order, leaving) => api.save(id, version, order, leaving),
          restore: () => api.restore(id),
          keepDraft: (kept) => keepDraft(id, kept),
          dropDraft: () => dropDraft(id),
          report: setSaving,
          onSaved: (order) => {
            void mutate('orders');
            void mutate('takings');
            void mutate(['order', id], order, { revalidate: false });
          },
        },
        draft?.version ?? loaded.version,
        draft?.base ?? start.body,
        draft?.sent,
      ),
  );
  // The document lives beside React: what is typed as the page goes is kept and sent though nothing is drawn any more.
  const now = useRef(history);
  const set = useCallback(
    (step: (history: History<OrderBody>) => History<OrderBody>) => {
      now.current = step(now.current);
      autosave.changed(now.current.present);
      showHistory(now.current);
    },
    [autosave],
  );
  useEffect(() => {
    // A draft that was found is kept and sent like any change.
    autosave.changed(now.current.present);
    const stop = whenLeaving('documents', () => autosave.flush(true));
    return () => {
      stop();
      autosave.flush();
    };
  }, [autosave]);

  // After every change the order keeps what it uses, as the counter has it now.
  const settle = useRef((order: OrderBody) => order);
  useEffect(() => {
    if (!planner) return;
    settle.current = (order) => planner.settledOrder(order, shelf, house);
  }, [planner, shelf, house]);
  useEffect(() => {
    // What was changed before the planner came is settled now.
    if (planner) set((h) => (h.past.length > 0 ? { ...h, present: settle.current(h.present) } : h));
  }, [planner, set]);
  const change = useCallback(
    (what: string, recipe: (order: OrderBody) => OrderBody) =>
      set((h) => did(h, what, settle.current(recipe(h.present)), typingVisit())),
    [set],
  );
  const resolve = (stands: OrderBody) => {
    autosave.resolve(stands);
    // A step of its own, so that undo still brings mine back.
    set((h) => did(h, say`merge with the other window`, stands));
  };

  return {
    id,
    // What is shown is what is planned: a change that came before the planner is kept, and shown with its plan.
    order: planner ? history.present : opened,
    change,
    undo: () => set(undo),
    redo: () => set(redo),
    steps: history.past.length,
    undoes: history.past.at(-1)?.did ?? null,
    redoes: history.future[0]?.did ?? null,
    saving,
    resolve,
    takeBack: () => void autosave.takeBack(),
    found: start.found,
  };
}
