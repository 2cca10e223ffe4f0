import type { House } from '../brief/index.js';
import { COLD_AT_MOST, roomOf } from '../brief/index.js';
import type { Outing } from '../clock/index.js';
import type { Good } from '../counter/index.js';
import { celsius, type Celsius, type Minutes, minutes } from '../units/index.js';
import type { OrderBody } from './order.js';
import { plan, type Plan } from './plan.js';

/** What is changed where safe time and warming collide. */
export const CLOCK_WAYS = [
  'carry it cold',
  'cut smaller',
  'one more wave',
  'lower target',
  'cooler room',
  'shorter party',
] as const;
export type ClockWayId = (typeof CLOCK_WAYS)[number];

/** A way out, reckoned through: what it changes, and what is then too long. */
export interface ClockWay {
  readonly id: ClockWayId;
  /** Cut style, number of waves, degrees or hours that it comes to. */
  readonly to: string | number;
  readonly change: Partial<OrderBody>;
  /** Minutes by which this good would still be too long out, and how warm it would be on the table. */
  readonly short: Minutes;
  readonly served: Celsius;
}

const LOWER_BY = 2;
const COOLER_BY = 3;
const MOST_CUTS = 3;
const LEAST_HOURS = 1;

/** What is too long of it: for warming and standing, and since it left the cold. */
const tooLong = ({ short, early }: Outing): number => short + early;

/** Everything that might help, by itself. */
function tries(
  order: OrderBody,
  now: Plan,
  { main, band, thing }: Outing,
): Omit<ClockWay, 'short' | 'served'>[] {
  const { brief, clock, waves, cuts } = order;
  const cut = now.cuts.find(({ goodId }) => goodId === main.id)!;
  const room = roomOf(brief);
  const count = now.waves.count + 1;
  return [
    // A cold box or van at five degrees: those minutes do not count.
    ...(brief.travelMinutes > 0 && !now.timing.asked.party.journey!.chilled
      ? [
          {
            id: 'carry it cold' as const,
            to: COLD_AT_MOST,
            change: { brief: { ...brief, journeyCelsius: COLD_AT_MOST }, clock: { ...clock, chilled: true } },
          },
        ]
      : []),
    ...cut.others
      .slice(0, thing.lies === 'whole' ? MOST_CUTS : MOST_CUTS - 1)
      .map((id) => ({ id: 'cut smaller' as const, to: id, change: { cuts: { ...cuts, [main.id]: id } } })),
    ...(count <= 6
      ? [{ id: 'one more wave' as const, to: count, change: { waves: { ...waves, count, first: null } } }]
      : []),
    ...(band
      ? [
          {
            id: 'lower target' as const,
            to: celsius(Math.max(COLD_AT_MOST, band.low - LOWER_BY)),
            change: {
              clock: {
                ...clock,
                targets: { ...clock.targets, [main.id]: Math.max(COLD_AT_MOST, band.low - LOWER_BY) },
              },
            },
          },
        ]
      : []),
    {
      id: 'cooler room',
      to: celsius(room - COOLER_BY),
      change: { brief: { ...brief, roomCelsius: celsius(room - COOLER_BY) } },
    },
    ...(brief.hours > LEAST_HOURS
      ? [
          {
            id: 'shorter party' as const,
            to: brief.hours - 0.5,
            change: { brief: { ...brief, hours: brief.hours - 0.5 } },
          },
        ]
      : []),
  ];
}

/**
 * Ways out where a good would be out too long, the best first: each change of the order is planned through, and only what
 * makes the good fit better is offered. Quick answers throughout.
 */
export function clockWays(order: OrderBody, shelf: readonly Good[], house: House, key: string): ClockWay[] {
  const now = plan(order, shelf, house);
  const found = (of: Plan) => of.timing.outings.find((one) => one.key === key);
  const outing = found(now);
  if (!outing || tooLong(outing) <= 0) return [];
  return tries(order, now, outing)
    .flatMap((way) => {
      const then = found(plan({ ...order, ...way.change }, shelf, house));
      // What never gets warm is no way out.
      if (!then || (then.warming.lead === null && outing.warming.lead !== null)) return [];
      const short = minutes(Math.max(then.short, then.early));
      return [{ left: tooLong(then), way: { ...way, short, served: then.atTable.heart } }];
    })
    .filter(({ left }) => left < tooLong(outing))
    .sort((a, b) => a.left - b.left)
    .map(({ way }): ClockWay => way)
    .filter(({ id }, i, all) => all.findIndex((one) => one.id === id) === i);
}
