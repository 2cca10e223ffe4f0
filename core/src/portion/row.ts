import { row, without } from '../stage/index.js';

export const portionRow = row({
  id: 'portion',
  place: 3,
  reads: ['brief', 'pick', 'cut', 'pair'],
  fields: ['portions', 'drinks', 'waves', 'agreed'],
  tidy: (order, left) => ({ ...order, portions: without(order.portions, left) }),
  summary: ({ portions, drinks, waves }) => ({
    goods: Object.keys(portions),
    words: [
      ...(drinks === 'suggested' ? [] : [drinks]),
      ...(waves.count === null ? [] : [String(waves.count)]),
    ],
  }),
});
