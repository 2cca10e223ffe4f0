import { stage } from './row.js';

/** The document itself: no screen of its own, its name and state stand over every stage. */
export const documentStage = stage({
  id: 'order',
  place: null,
  reads: [],
  fields: ['title', 'customer', 'state', 'note'],
  derive: () => ({}),
  summary: ({ title, customer, state, note }) => ({
    goods: [],
    words: [title, customer, state, note].filter(Boolean),
  }),
});
