import { hashOf, type Timing, type TimingQuestion } from '@rotula/core';
import { useMemo } from 'react';
import { useSearch } from './useSearch';

/** When everything happens: the quick answer at once, the searched one when it comes. */
export function useTiming(quick: Timing & { readonly question: TimingQuestion }): {
  timing: Timing;
  working: boolean;
  fault: string | null;
} {
  const { question } = quick;
  const key = useMemo(
    () => (question.mains.length > 0 ? hashOf(JSON.stringify(question)) : null),
    [question],
  );
  const { answer, working, fault } = useSearch('clock', key, {
    question: () => question,
    lane: 'clock',
    replaces: true,
  });
  return { timing: answer ?? quick, working, fault };
}
