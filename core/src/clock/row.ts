import { row, without } from '../stage/index.js';

export const clockRow = row({
  id: 'clock',
  place: 8,
  reads: ['brief', 'pick', 'pair', 'portion', 'cut', 'walk', 'lay', 'table'],
  fields: ['clock'],
  tidy: (order, left) => ({
    ...order,
    clock: {
      ...order.clock,
      targets: without(order.clock.targets, left),
      hot: order.clock.hot.filter(({ id }) => !left.has(id)),
      readings: order.clock.readings.filter(({ goodId }) => !left.has(goodId)),
    },
  }),
  summary: ({ clock }) => ({
    goods: [
      ...new Set([
        ...Object.keys(clock.targets),
        ...clock.hot.map(({ id }) => id),
        ...clock.readings.map(({ goodId }) => goodId),
      ]),
    ],
    words: [clock.way, clock.keeper === 'us' ? null : clock.keeper].filter((word) => word !== null),
  }),
});
