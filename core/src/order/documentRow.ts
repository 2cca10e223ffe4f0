import { row } from '../stage/index.js';

/** The document itself: no screen of its own, its name and state stand over every stage. */
export const documentRow = row({
  id: 'order',
  place: null,
  reads: [],
  fields: ['title', 'customer', 'state', 'note', 'adviceLeft', 'takenOn'],
  summary: ({ title, customer, state, note }) => ({
    goods: [],
    words: [title, customer, state, note].filter(Boolean),
  }),
});
