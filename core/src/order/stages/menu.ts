import { byHand, stage, without } from './row.js';

/** What a person says to guests of each good, on menu and cards: words and points that were written or accepted. It has no screen of its own, and derives nothing. */
export const menuStage = stage({
  id: 'menu',
  place: null,
  reads: [],
  fields: ['telling'],
  tidy: (order, left) => ({ ...order, telling: without(order.telling, left) }),
  derive: () => ({}),
  summary: ({ telling }) => byHand(telling),
});
