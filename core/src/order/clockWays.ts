import type { House } from '../brief/index.js';
import { COLD_AT_MOST, roomOf, type Brief } from '../brief/index.js';
import { isOuting, runsOf, type Standing } from '../clock/index.js';
import type { Counted } from '../counter/index.js';
import { MOST_WAVES } from '../portion/index.js';
import { celsius, type Celsius, type Minutes, minutes } from '../units/index.js';
import type { OrderBody } from './order.js';
import { plan, type Plan } from './plan.js';

/** What is changed where safe time and warming collide. */
export const CLOCK_WAYS = [
  'carry it cold',
  'one car more',
  'room in the cold',
  'cut smaller',
  'one more wave',
  'lower target',
  'cooler room',
  'later start',
  'shorter party',
] as const;
export type ClockWayId = (typeof CLOCK_WAYS)[number];

/** A way out, reckoned through: what it changes, and what is then too long. */
export interface ClockWay {
  readonly id: ClockWayId;
  /** Cut style, number of waves, degrees, hours, or time of the wall clock that it comes to. */
  readonly to: string | number;
  readonly change: Partial<OrderBody>;
  /** Minutes by which this good would still be too long out, and how warm it would be on the table; null: it is served cold. */
  readonly short: Minutes;
  readonly served: Celsius | null;
}

const LOWER_BY = 2;
const COOLER_BY = 3;
const MOST_CUTS = 3;
const LEAST_HOURS = 1;
const LATER_BY = 30;

/** What is too long of it: for warming and standing, and since it left the cold. */
const shortOf = (one: Standing): number => (isOuting(one) ? one.short : 0);
const tooLong = (one: Standing): number => shortOf(one) + one.early;

/** A time of the wall clock some minutes later. */
const later = (at: string, minutes: number): string =>
  new Date(Date.parse(`${at}:00Z`) + minutes * 60_000).toISOString().slice(0, 16);

type Try = Pick<ClockWay, 'id' | 'to' | 'change'>;

/** What helps only what warms: smaller pieces, or less warm at its heart. */
function warmingTries({ cuts, clock }: OrderBody, now: Plan, one: Standing): Try[] {
  if (!isOuting(one)) return [];
  const { good, band, thing } = one;
  const cut = now.cuts.find(({ goodId }) => goodId === good.id)!;
  const smaller = cut.others.slice(0, thing.lies === 'whole' ? MOST_CUTS : MOST_CUTS - 1);
  const target = band && celsius(Math.max(COLD_AT_MOST, band.low - LOWER_BY));
  return [
    ...smaller.map((to): Try => ({ id: 'cut smaller', to, change: { cuts: { ...cuts, [good.id]: to } } })),
    ...(target === null
      ? []
      : [
          {
            id: 'lower target' as const,
            to: target,
            change: { clock: { ...clock, targets: { ...clock.targets, [good.id]: target } } },
          },
        ]),
  ];
}

/** Everything that might help, by itself. */
function tries(order: OrderBody, now: Plan, one: Standing): Try[] {
  const { brief, clock, waves } = order;
  const changed = (to: Partial<Brief>) => ({ brief: { ...brief, ...to } });
  const { room, places, way } = now.timing.question;
  const cooler = celsius(roomOf(brief) - COOLER_BY);
  const start = later(brief.servingAt, LATER_BY);
  const hours = brief.hours - LATER_BY / 60;
  const count = now.waves.count + 1;
  const travelsWarm = brief.travelMinutes > 0 && !now.timing.question.party.journey!.chilled;
  const all: (Try & { readonly may?: boolean })[] = [
    {
      // A cold box or van at five degrees: those minutes do not count.
      id: 'carry it cold',
      to: COLD_AT_MOST,
      change: { ...changed({ journeyCelsius: COLD_AT_MOST }), clock: { ...clock, chilled: true } },
      may: travelsWarm,
    },
    {
      // Nothing sets off before the rest.
      id: 'one car more',
      to: room.cars + 1,
      change: { clock: { ...clock, cars: room.cars + 1 } },
      may: travelsWarm && runsOf(places) > room.cars && room.cars < room.hands,
    },
    {
      id: 'room in the cold',
      to: places.boards,
      change: { clock: { ...clock, coldPlaces: null } },
      may: way === 'whole board' && places.inCold < places.boards,
    },
    ...warmingTries(order, now, one),
    {
      id: 'one more wave',
      to: count,
      change: { waves: { ...waves, count, first: null } },
      may: count <= MOST_WAVES,
    },
    { id: 'cooler room', to: cooler, change: changed({ roomCelsius: cooler }) },
    // The same end: whoever comes first waits, the cheese does not.
    {
      id: 'later start',
      to: start,
      change: changed({ servingAt: start, hours }),
      may: hours >= LEAST_HOURS && start.slice(0, 10) === brief.servingAt.slice(0, 10),
    },
    { id: 'shorter party', to: hours, change: changed({ hours }), may: hours >= LEAST_HOURS },
  ];
  return all.filter(({ may = true }) => may).map(({ id, to, change }) => ({ id, to, change }));
}

/**
 * Ways out where a good would be out too long, the best first: each change of the order is planned through, and only what
 * makes the good fit better is offered. Quick answers throughout.
 */
export function clockWays(order: OrderBody, shelf: Counted, house: House, key: string): ClockWay[] {
  const now = plan(order, shelf, house);
  const found = (of: Plan) => of.timing.standing.find((one) => one.key === key);
  const outing = found(now);
  if (!outing || tooLong(outing) <= 0) return [];
  return tries(order, now, outing)
    .flatMap((way) => {
      const then = found(plan({ ...order, ...way.change }, shelf, house));
      if (!then || (staysCold(then) && !staysCold(outing))) return [];
      const short = minutes(Math.max(shortOf(then), then.early));
      return [
        { left: tooLong(then), way: { ...way, short, served: isOuting(then) ? then.atTable.heart : null } },
      ];
    })
    .filter(({ left }) => left < tooLong(outing))
    .sort((a, b) => a.left - b.left)
    .map(({ way }): ClockWay => way)
    .filter(({ id }, i, all) => all.findIndex((one) => one.id === id) === i);
}

/** What never gets warm is no way out. */
const staysCold = (one: Standing): boolean => isOuting(one) && one.warming.lead === null;
