import { clockWays, timingOf, type Timing, type TimingAsked } from '@rotula/core';

/** The threads' work, done here: stands in for optimiser/optimiser. */
export const threads = {
  findClockWays: async (...args: Parameters<typeof clockWays>) => clockWays(...args),
  // A thread answers in a turn of its own: what is shown meanwhile is shown.
  timeDay: (asked: TimingAsked): Promise<Timing> =>
    new Promise((answer) => setTimeout(() => answer({ ...timingOf(asked), exact: true }))),
  Stopped: class extends Error {},
};
