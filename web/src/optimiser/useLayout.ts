import { hashOf, type LaidBoard, type Layout } from '@rotula/core';
import { useMemo } from 'react';
import useSWR from 'swr';
import { layBoard, Stopped } from './optimiser';

/** The board as it is laid; until a new one is found the old one stands. The same question has the same answer, so it is kept. */
export function useLayout(board: Pick<LaidBoard, 'key' | 'question'> | null): {
  layout: Layout | null;
  working: boolean;
  fault: string | null;
} {
  const question = board?.question ?? null;
  const key = useMemo(() => question && ['layout', hashOf(JSON.stringify(question))], [question]);
  const { data, isLoading, error } = useSWR(key, () => layBoard(question!, board!.key), {
    keepPreviousData: true,
    revalidateOnFocus: false,
    revalidateOnReconnect: false,
    revalidateIfStale: false,
    shouldRetryOnError: false,
  });
  return {
    layout: question ? (data ?? null) : null,
    working: isLoading,
    fault: error && !(error instanceof Stopped) ? String((error as Error).message ?? error) : null,
  };
}
