import type { AnswerOf, ProgressOf, QuestionOf, SearchId } from '@rotula/core';
import { useState } from 'react';
import useSWR from 'swr';
import { runInThread, Stopped, type Manner } from './threads';

export interface Sought<K extends SearchId> {
  readonly answer: AnswerOf<K> | null;
  /** The best so far, or how far it is, while it is worked on. */
  readonly soFar: ProgressOf<K> | null;
  readonly working: boolean;
  /** It ended without an answer. */
  readonly fault: string | null;
}

export interface Seeking<K extends SearchId> extends Omit<Manner<K>, 'onProgress'> {
  readonly question: () => QuestionOf<K>;
  /** Until the new answer is found the old one stands. */
  readonly keeps?: boolean;
}

/**
 * Ask a search once for each `key` (null: nothing is asked). The same question has the same answer, so it is kept: a view that is opened
 * again has it at once. A question that was stopped has none, and is asked anew when its view is next opened.
 */
export function useSearch<K extends SearchId>(
  id: K,
  key: string | null,
  { question, keeps = false, ...manner }: Seeking<K>,
): Sought<K> {
  const [soFar, setSoFar] = useState<{ key: string; is: ProgressOf<K> } | null>(null);
  const { data, isLoading, error } = useSWR(
    key === null ? null : ['search', id, key],
    () => runInThread(id, question(), { ...manner, onProgress: (is) => setSoFar({ key: key!, is }) }),
    {
      keepPreviousData: keeps,
      revalidateOnFocus: false,
      revalidateOnReconnect: false,
      revalidateIfStale: false,
      shouldRetryOnError: false,
    },
  );
  return {
    answer: (key !== null && data) || null,
    soFar: soFar && soFar.key === key && (isLoading || !data) ? soFar.is : null,
    working: isLoading,
    fault: error && !(error instanceof Stopped) ? String((error as Error).message ?? error) : null,
  };
}
