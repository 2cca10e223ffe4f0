import {
  clockWays,
  layOut,
  timingOf,
  type Layout,
  type LayQuestion,
  type Timing,
  type TimingAsked,
} from '@rotula/core';

/** The threads' work, done here: stands in for optimiser/optimiser. */
export const threads = {
  findClockWays: async (...args: Parameters<typeof clockWays>) => clockWays(...args),
  // A thread answers in a turn of its own: what is shown meanwhile is shown.
  timeDay: (asked: TimingAsked): Promise<Timing> =>
    new Promise((answer) => setTimeout(() => answer({ ...timingOf(asked), exact: true }))),
  layBoard: async (question: LayQuestion): Promise<Layout> => layOut({ ...question, steps: 800 }),
  Stopped: class extends Error {},
};
