import { row, without } from '../stage/index.js';

export const walkRow = row({
  id: 'walk',
  place: 6,
  reads: ['brief', 'pick', 'pair', 'portion'],
  fields: ['walk', 'walkPins', 'desserts'],
  tidy: (order, left) => ({
    ...order,
    walk: order.walk?.filter((id) => !left.has(id)) ?? null,
    walkPins: without(order.walkPins, left),
    desserts: order.desserts.filter((id) => !left.has(id)),
  }),
  summary: ({ walk, walkPins, desserts }) => ({
    goods: [...new Set([...(walk ?? []), ...Object.keys(walkPins), ...desserts])],
    words: [],
  }),
});
