import { hashOf, type Timing, type TimingAsked } from '@rotula/core';
import { useMemo } from 'react';
import useSWR from 'swr';
import { Stopped, timeDay } from './optimiser';

/** When everything happens: the quick answer at once, the searched one when it comes. The same question has the same answer, so it is kept. */
export function useTiming(quick: Timing & { readonly asked: TimingAsked }): {
  timing: Timing;
  working: boolean;
  fault: string | null;
} {
  const { asked } = quick;
  const key = useMemo(() => ['timing', hashOf(JSON.stringify(asked))], [asked]);
  const { data, isLoading, error } = useSWR(asked.mains.length > 0 ? key : null, () => timeDay(asked), {
    revalidateOnFocus: false,
    revalidateOnReconnect: false,
    revalidateIfStale: false,
    shouldRetryOnError: false,
  });
  return {
    timing: data ?? quick,
    working: isLoading,
    fault: error && !(error instanceof Stopped) ? String((error as Error).message ?? error) : null,
  };
}
