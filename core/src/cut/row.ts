import { row, without } from '../stage/index.js';

export const cutRow = row({
  id: 'cut',
  place: 4,
  reads: ['brief', 'pick'],
  fields: ['cuts', 'cutting'],
  tidy: (order, left) => ({
    ...order,
    cuts: without(order.cuts, left),
    cutting: {
      ...order.cutting,
      targets: without(order.cutting.targets, left),
      madeUp: without(order.cutting.madeUp, left),
    },
  }),
  summary: ({ cuts, cutting }) => ({
    goods: [...new Set([...Object.keys(cuts), ...cutting.entries.map(({ goodId }) => goodId)])],
    words: [],
  }),
});
