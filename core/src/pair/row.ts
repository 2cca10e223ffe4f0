import { row, without } from '../stage/index.js';

export const pairRow = row({
  id: 'pair',
  place: 5,
  reads: ['brief', 'pick'],
  fields: ['pairs', 'extras', 'takenOff', 'pairKinds'],
  tidy: (order, left) => ({ ...order, pairs: without(order.pairs, left) }),
  summary: ({ pairs, extras, takenOff }) => ({
    words: [],
    goods: [...Object.keys(pairs), ...extras, ...takenOff],
  }),
});
