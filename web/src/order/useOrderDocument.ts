import { did, redo, startHistory, undo, type History, type Order, type OrderBody } from '@rotula/core';
import { useCallback, useEffect, useState } from 'react';
import { mutate } from 'swr';
import { api } from '../api/client';
import { ALL_SAVED, Autosave, type SaveReport } from './autosave';
import { bodyOf, dropDraft, keepDraft, readDraft } from './draft';

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
}

export function useOrderDocument(loaded: Order): OrderDocument {
  const id = loaded.id;
  const [start] = useState(() => ({ body: bodyOf(loaded), draft: readDraft(id) }));
  const [history, setHistory] = useState<History<OrderBody>>(() =>
    startHistory(start.draft?.order ?? start.body),
  );
  const [saving, setSaving] = useState<SaveReport>(ALL_SAVED);
  const [autosave] = useState(
    () =>
      new Autosave(
        {
          send: (version, order) => api.save(id, version, order),
          keepDraft: (version, order) => keepDraft(id, version, order),
          dropDraft: () => dropDraft(id),
          report: setSaving,
          onSaved: (order) => {
            void mutate('orders');
            void mutate(['order', id], order, { revalidate: false });
          },
        },
        start.draft?.version ?? loaded.version,
        start.body,
      ),
  );
  useEffect(() => autosave.changed(history.present), [autosave, history.present]);
  useEffect(() => () => autosave.stop(), [autosave]);

  const change = useCallback(
    (what: string, recipe: (order: OrderBody) => OrderBody) =>
      setHistory((h) => did(h, what, recipe(h.present))),
    [],
  );
  const resolve = (stands: OrderBody) => {
    autosave.resolve(stands);
    // A step of its own, so that undo still brings mine back.
    setHistory((h) => did(h, 'merge with the other window', stands));
  };

  return {
    id,
    order: history.present,
    change,
    undo: () => setHistory(undo),
    redo: () => setHistory(redo),
    steps: history.past.length,
    undoes: history.past.at(-1)?.did ?? null,
    redoes: history.future[0]?.did ?? null,
    saving,
    resolve,
  };
}
