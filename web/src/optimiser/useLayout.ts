import type { Layout, LayQuestion } from '@rotula/core';
import { wrap, type Remote } from 'comlink';
import useSWR from 'swr';
import type { LayWorker } from './lay.worker';

let remote: Remote<LayWorker> | null = null;
function layer(): Remote<LayWorker> {
  remote ??= wrap<LayWorker>(new Worker(new URL('./lay.worker', import.meta.url), { type: 'module' }));
  return remote;
}

/** The board as it is laid; until a new one is found the old one stands. The same question has the same answer, so it is kept. */
export function useLayout(question: LayQuestion | null): {
  layout: Layout | null;
  working: boolean;
  fault: string | null;
} {
  const key = question ? ['layout', JSON.stringify(question)] : null;
  const { data, isLoading, isValidating, error } = useSWR(key, () => layer().layOut(question!), {
    keepPreviousData: true,
    revalidateOnFocus: false,
    revalidateOnReconnect: false,
    revalidateIfStale: false,
    shouldRetryOnError: false,
  });
  return {
    layout: question ? (data ?? null) : null,
    working: isLoading || isValidating,
    fault: error ? String((error as Error).message ?? error) : null,
  };
}
