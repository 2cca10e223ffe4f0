import { heads } from '../brief/index.js';
import type { Row, StageId, Summary } from './stages/row.js';

const row = <I extends StageId, R extends StageId>(of: Row<I, R>): Row<I, R> => of;

/** A record without the entries of goods that left. */
export const without = <V>(
  record: Readonly<Record<string, V>>,
  left: ReadonlySet<string>,
): Record<string, V> => Object.fromEntries(Object.entries(record).filter(([key]) => !left.has(key)));

/** What was set by hand, by good. */
const byHand = (record: Readonly<Record<string, unknown>>): Summary => ({
  goods: Object.keys(record),
  words: [],
});

/** A row for every stage, in the order in which they are told. */
export const ROWS = {
  /** The document itself: no screen of its own, its name and state stand over every stage. */
  order: row({
    id: 'order',
    place: null,
    reads: [],
    fields: ['title', 'customer', 'state', 'note'],
    summary: ({ title, customer, state, note }) => ({
      goods: [],
      words: [title, customer, state, note].filter(Boolean),
    }),
  }),
  brief: row({
    id: 'brief',
    place: 1,
    reads: [],
    fields: ['brief'],
    summary: ({ brief }) => ({
      goods: [],
      words: [],
      servingAt: brief.servingAt,
      guests: heads(brief),
      limits: brief.limits.length,
    }),
  }),
  pick: row({
    id: 'pick',
    place: 2,
    reads: ['brief'],
    fields: ['selection', 'adviceLeft', 'snapshot'],
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
  }),
  portion: row({
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
  }),
  cut: row({
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
  }),
  pair: row({
    id: 'pair',
    place: 5,
    reads: ['brief', 'pick'],
    fields: ['pairs', 'extras', 'takenOff', 'pairKinds'],
    tidy: (order, left) => ({ ...order, pairs: without(order.pairs, left) }),
    summary: ({ pairs, extras, takenOff }) => ({
      ...byHand(pairs),
      words: [],
      goods: [...Object.keys(pairs), ...extras, ...takenOff],
    }),
  }),
  walk: row({
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
  }),
  lay: row({
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
  }),
  clock: row({
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
  }),
  /** What a person says to guests of each good: words and points that were written or accepted. It has no screen of its own. */
  menu: row({
    id: 'menu',
    place: null,
    reads: [],
    fields: ['telling'],
    tidy: (order, left) => ({ ...order, telling: without(order.telling, left) }),
    summary: ({ telling }) => byHand(telling),
  }),
  /** What stands on the table and is told of it: it keeps nothing of its own. */
  table: row({
    id: 'table',
    place: null,
    reads: ['brief', 'pick', 'pair', 'portion', 'walk', 'lay'],
    fields: [],
    summary: () => ({ goods: [], words: [] }),
  }),
};

/** The same as a list. */
export const ROW_LIST: readonly Row[] = Object.values(ROWS);

/** Those with a screen, in the order of the strip. */
export const inStrip = <S extends Pick<Row, 'place'>>(rows: readonly S[]): S[] =>
  rows.filter(({ place }) => place !== null).sort((a, b) => a.place! - b.place!);

/**
 * The stages with each after those that it reads.
 * @throws RangeError when a stage reads one that is not there, or two read each other
 */
export function inReadingOrder<S extends Pick<Row, 'id' | 'reads'>>(stages: readonly S[]): S[] {
  const done: S[] = [];
  let left = [...stages];
  while (left.length > 0) {
    const ready = left.filter(({ reads }) => reads.every((id) => done.some((row) => row.id === id)));
    if (ready.length === 0)
      throw new RangeError(
        `these stages read each other, or one that is not there: ${left.map((row) => row.id).join(', ')}`,
      );
    done.push(...ready);
    left = left.filter((row) => !ready.includes(row));
  }
  return done;
}
