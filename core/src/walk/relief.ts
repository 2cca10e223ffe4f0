import type { Companion, Main } from '../counter/index.js';
import { needsRelief } from './cost.js';

/**
 * What lingers along a walk, and where it has to be cleared. A good leaves a load behind, by strength, salt, fat, heat and scent; it fades with every
 * step; something that clears the palate takes its share of it away. Common practice, no source; the figures are the house's.
 */

/** What is left of a load one step later. */
const FADES = 0.45;
/** What is left over may be so much of the strength of what is tasted next, or it is not tasted any more. */
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

/** Less than this is nothing. */
const NOTHING = 1e-9;

export interface Relief {
  /** Before which steps something clears the palate. */
  readonly before: readonly boolean[];
  /** What is left over as each good is tasted. */
  readonly left: readonly number[];
  /** The steps at which more is left than may be, whatever is done. */
  readonly tooMuch: readonly number[];
}

/**
 * The fewest places for something that clears the palate so that nowhere more is left over than may be, and one at least wherever strong follows strong;
 * of as few the one that leaves the least. Where none can do it, the places that leave the least excess. Exact: every choice of places
 * is looked at, fewest first.
 */
export function reliefFor(order: readonly Main[], power: number): Relief {
  const n = order.length;
  const gaps = [...order.keys()].slice(1);
  const must = gaps.filter((i) => needsRelief(order[i - 1]!, order[i]!));
  const open = gaps.filter((i) => !must.includes(i));
  const tried = (chosen: readonly number[]) => {
    const before = order.map((_, i) => must.includes(i) || chosen.includes(i));
    const left = leftOver(order, before, power);
    return { before, left, excess: excessOf(order, left), total: left.reduce((a, b) => a + b, 0) };
  };
  let best = tried([]);
  for (let size = 1; size <= open.length && best.excess > NOTHING; size++) {
    let ofSize = best;
    for (const chosen of subsets(open, size)) {
      const one = tried(chosen);
      const same = Math.abs(one.excess - ofSize.excess) <= NOTHING;
      if (one.excess < ofSize.excess - NOTHING || (same && ofSize !== best && one.total < ofSize.total))
        ofSize = one;
    }
    best = ofSize;
  }
  const { left } = best;
  const tooMuch = [...Array(n).keys()].filter(
    (i) => i > 0 && left[i]! > MOST_LEFT * order[i]!.sense.intensity + NOTHING,
  );
  return { before: best.before, left, tooMuch };
}

/** Every choice of so many. */
function* subsets<T>(all: readonly T[], size: number, from = 0): Generator<T[]> {
  if (size === 0) {
    yield [];
    return;
  }
  for (let i = from; i <= all.length - size; i++)
    for (const rest of subsets(all, size - 1, i + 1)) yield [all[i]!, ...rest];
}
