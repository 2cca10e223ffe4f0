import { row, without } from '../stage/index.js';

export const layRow = row({
  id: 'lay',
  place: 7,
  reads: ['brief', 'pick', 'pair', 'portion', 'cut', 'walk'],
  fields: ['lay'],
  tidy: (order, left) => ({
    ...order,
    lay: {
      ...order.lay,
      pins: Object.fromEntries(
        Object.entries(order.lay.pins).filter(([id]) => !left.has(id.split('--')[0]!)),
      ),
      sent: without(order.lay.sent, left),
      bells: order.lay.bells.filter((id) => !left.has(id)),
      dividers: order.lay.dividers.filter((id) => !left.has(id)),
    },
  }),
  summary: ({ lay }) => ({
    goods: [
      ...new Set([
        ...Object.keys(lay.pins),
        ...lay.bells,
        ...lay.dividers,
        ...lay.garnish.map(({ id }) => id),
      ]),
    ],
    words: [lay.choice, lay.bread].filter((word) => word !== null),
  }),
});
