import { did, redo, startHistory, undo, type History, type Order, type OrderBody } from '@rotula/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { mutate } from 'swr';
import { api, ApiError } from '../api/client';
import { bodyOf, dropDraft, keepDraft, readDraft } from './draft';

export type SaveState = 'saved' | 'saving' | 'not saved';

/** One open order: its document with undo, saved by itself. */
export interface OrderDocument {
  readonly id: string;
  readonly order: OrderBody;
  /** Change the document; `what` names the step for undo. */
  readonly change: (what: string, recipe: (order: OrderBody) => OrderBody) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly undoes: string | null;
  readonly redoes: string | null;
  readonly saveState: SaveState;
  readonly trouble: string | null;
  /** The document as somebody else saved it since, while the person has not chosen. */
  readonly conflict: Order | null;
  readonly resolve: (keep: 'mine' | 'theirs') => void;
}

const SAVE_AFTER_MS = 400;
const RETRY_AFTER_MS = 4000;

export function useOrderDocument(loaded: Order): OrderDocument {
  const id = loaded.id;
  const [history, setHistory] = useState<History<OrderBody>>(() => startHistory(readDraft(id)?.order ?? bodyOf(loaded)));
  const [saveState, setSaveState] = useState<SaveState>('saved');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [conflict, setConflict] = useState<Order | null>(null);
  const version = useRef(readDraft(id)?.version ?? loaded.version);
  /** The document that the server has, as far as we know. */
  const saved = useRef<OrderBody>(bodyOf(loaded));
  const latest = useRef(history.present);
  const saving = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const save = useCallback(async () => {
    if (saving.current || latest.current === saved.current) return;
    saving.current = true;
    const sending = latest.current;
    setSaveState('saving');
    try {
      const answer = await api.save(id, version.current, sending);
      version.current = answer.version;
      saved.current = sending;
      setTrouble(null);
      if (latest.current === sending) {
        dropDraft(id);
        setSaveState('saved');
      } else {
        keepDraft(id, answer.version, latest.current);
        timer.current = setTimeout(() => void save(), SAVE_AFTER_MS);
      }
      void mutate('orders');
      void mutate(['order', id], answer, { revalidate: false });
    } catch (error) {
      setSaveState('not saved');
      if (error instanceof ApiError && error.status === 409 && error.current) setConflict(error.current);
      else {
        setTrouble(error instanceof Error ? error.message : String(error));
        const retry = !(error instanceof ApiError) || error.status === 0 || error.status >= 500;
        if (retry) timer.current = setTimeout(() => void save(), RETRY_AFTER_MS);
      }
    } finally {
      saving.current = false;
    }
  }, [id]);

  useEffect(() => {
    latest.current = history.present;
    if (history.present === saved.current) return;
    keepDraft(id, version.current, history.present);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void save(), SAVE_AFTER_MS);
  }, [history.present, id, save]);

  useEffect(() => () => clearTimeout(timer.current), []);

  const change = useCallback((what: string, recipe: (order: OrderBody) => OrderBody) => {
    setSaveState('not saved');
    setHistory((h) => did(h, what, recipe(h.present)));
  }, []);

  const resolve = (keep: 'mine' | 'theirs') => {
    if (!conflict) return;
    version.current = conflict.version;
    saved.current = bodyOf(conflict);
    setConflict(null);
    setTrouble(null);
    if (keep === 'theirs') {
      dropDraft(id);
      latest.current = saved.current;
      // Theirs becomes a step of its own, so that undo still brings mine back.
      setHistory((h) => did(h, 'take the other version', saved.current));
      setSaveState('saved');
    } else void save();
  };

  return {
    id,
    order: history.present,
    change,
    undo: () => setHistory(undo),
    redo: () => setHistory(redo),
    undoes: history.past.at(-1)?.did ?? null,
    redoes: history.future[0]?.did ?? null,
    saveState,
    trouble,
    conflict,
    resolve,
  };
}
