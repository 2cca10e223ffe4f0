import type { Companion, Main } from '../counter/index.js';
import { needsRelief, ROUNDING } from './cost.js';

/**
 * What lingers along a walk, and where it has to be cleared. A good leaves a load behind, by strength, salt, fat, heat and scent; it fades with every
 * step; something that clears the palate takes its share of it away. Common practice, no source; the figures are the house's.
 */

/** What is left of a load one step later. */
const FADES = 0.45;
/** Share of the strength of what is tasted next that what is left over may have without being tasted in it. */
export const MOST_LEFT = 0.75;
/** Water alone. */
const WATER = 0.25;

const loadOf = ({ sense }: Main): number =>
  (sense.persistence / 10) *
  (0.55 * sense.intensity + 0.2 * sense.salty + 0.2 * sense.fat + 0.35 * sense.heat + 0.25 * sense.funk);

/** The share of a load that something takes away: water and acid do, and plain crumb. */
export function clears(cleanser: Companion | null): number {
  if (!cleanser) return WATER;
  const { juice, sense, role } = cleanser;
  const crumb = role === 'bread' || role === 'cracker' ? 0.25 : 0;
  return Math.min(0.8, WATER + 0.035 * juice + 0.025 * sense.sour + crumb);
}

/** What is left over when each good is tasted; of the first nothing. `before[i]`: something that clears the palate comes before step i. */
export function leftOver(order: readonly Main[], before: readonly boolean[], power: number): number[] {
  let load = 0;
  return order.map((main, i) => {
    const left = before[i] ? load * (1 - power) : load;
    load = FADES * left + loadOf(main);
    return left;
  });
}

/** How far what is left over is above what may be, over the whole walk; 0: nowhere. */
export function excessOf(order: readonly Main[], left: readonly number[]): number {
  let sum = 0;
  for (let i = 1; i < order.length; i++) sum += Math.max(0, left[i]! - MOST_LEFT * order[i]!.sense.intensity);
  return sum;
}

export interface Relief {
  /** Before which steps something clears the palate. */
  readonly before: readonly boolean[];
  /** What is left over as each good is tasted. */
  readonly left: readonly number[];
  /** The steps at which more is left than may be, whatever is done. */
  readonly tooMuch: readonly number[];
}

/** A walk up to a step, with its places so far. */
interface Path {
  readonly many: number;
  readonly excess: number;
  readonly total: number;
  /** What is left behind for the next step. */
  readonly load: number;
  readonly before: readonly boolean[];
}

/** No way on can make b better than a. */
const beats = (a: Path, b: Path): boolean =>
  a.many <= b.many &&
  a.excess <= b.excess + ROUNDING &&
  a.total <= b.total + ROUNDING &&
  a.load <= b.load + ROUNDING;

/** First the least excess, then the fewest places, then the least that is left over. */
const order = (a: Path, b: Path): number =>
  Math.abs(a.excess - b.excess) > ROUNDING ? a.excess - b.excess : a.many - b.many || a.total - b.total;

/**
 * The fewest places for something that clears the palate so that nowhere more is left over than may be, and one at least wherever strong follows strong;
 * of as few the one that leaves the least. Where none can do it, the places that leave the least excess. Exact, by dynamic programming along the walk: of the
 * ways to a step only those are kept that no other beats in all.
 */
export function reliefFor(goods: readonly Main[], power: number): Relief {
  let paths: Path[] = [{ many: 0, excess: 0, total: 0, load: 0, before: [] }];
  goods.forEach((main, i) => {
    const must = i > 0 && needsRelief(goods[i - 1]!, main);
    const next = paths.flatMap((path) =>
      (i === 0 ? [false] : must ? [true] : [false, true]).map((cleared): Path => {
        const left = cleared ? path.load * (1 - power) : path.load;
        return {
          many: path.many + Number(cleared),
          excess: path.excess + (i > 0 ? Math.max(0, left - MOST_LEFT * main.sense.intensity) : 0),
          total: path.total + left,
          load: FADES * left + loadOf(main),
          before: [...path.before, cleared],
        };
      }),
    );
    paths = next
      .sort(order)
      .reduce<Path[]>(
        (kept, path) => (kept.some((other) => beats(other, path)) ? kept : [...kept, path]),
        [],
      );
  });
  const { before } = [...paths].sort(order)[0]!;
  const left = leftOver(goods, before, power);
  const tooMuch = [...goods.keys()].filter(
    (i) => i > 0 && left[i]! > MOST_LEFT * goods[i]!.sense.intensity + ROUNDING,
  );
  return { before, left, tooMuch };
}
