import { row, without } from '../stage/index.js';

export const pickRow = row({
  id: 'pick',
  place: 2,
  reads: ['brief'],
  fields: ['selection', 'snapshot'],
  tidy: (order, left) => ({
    ...order,
    snapshot: { ...order.snapshot, goods: without(order.snapshot.goods, left) },
    selection: {
      ...order.selection,
      lots: without(order.selection.lots, left),
      locked: order.selection.locked.filter((id) => !left.has(id)),
    },
  }),
  summary: ({ selection }) => ({ goods: selection.goods ?? [], words: [] }),
});
