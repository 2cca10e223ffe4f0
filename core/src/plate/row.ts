import { row, without } from '../stage/index.js';

/** What stands on the table and is announced of it, for whom it may be a danger: no screen of its own. */
export const tableRow = row({
  id: 'table',
  place: null,
  reads: ['brief', 'pick', 'pair', 'portion', 'walk', 'lay'],
  fields: ['telling'],
  tidy: (order, left) => ({ ...order, telling: without(order.telling, left) }),
  summary: ({ telling }) => ({ goods: Object.keys(telling), words: [] }),
});
