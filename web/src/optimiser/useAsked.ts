import useSWR from 'swr';
import { Stopped } from './optimiser';

export interface Asked<T> {
  readonly answer: T | null;
  readonly working: boolean;
  /** It ended without an answer. */
  readonly fault: string | null;
}

/**
 * Ask something long once for each `key`; `what` tells sorts of questions apart. An answer is kept, so that a view that is
 * opened again has it at once; a question that was stopped has none, and is asked anew when its view is next opened.
 */
export function useAsked<T>(what: string, key: string, question: () => Promise<T>): Asked<T> {
  const { data, isLoading, error } = useSWR(['asked', what, key], () => question(), {
    revalidateOnFocus: false,
    revalidateOnReconnect: false,
    revalidateIfStale: false,
    shouldRetryOnError: false,
  });
  const fault = error && !(error instanceof Stopped) ? String((error as Error).message ?? error) : null;
  return { answer: data ?? null, working: isLoading, fault };
}
