import { hashOf, type Timing, type TimingAsked } from '@rotula/core';
import { useMemo } from 'react';
import { useSearch } from './useSearch';

/** When everything happens: the quick answer at once, the searched one when it comes. */
export function useTiming(quick: Timing & { readonly asked: TimingAsked }): {
  timing: Timing;
  working: boolean;
  fault: string | null;
} {
  const { asked } = quick;
  const key = useMemo(() => (asked.mains.length > 0 ? hashOf(JSON.stringify(asked)) : null), [asked]);
  const { answer, working, fault } = useSearch('clock', key, {
    question: () => asked,
    lane: 'clock',
    replaces: true,
  });
  return { timing: answer ?? quick, working, fault };
}
