/** What a band is worth by how full it is (docs/rooms/balance.md). */

/** Each further whole good in one band is worth this much of the one before it. */
export const DECAY = 0.4;

/**
 * Concave, rising, piecewise linear with a knot at every whole good: slope 1 up to the first, then 0.4, 0.16, ...
 * Linear up to the first knot, so half a good in each of two bands is worth as much as a whole one in one.
 */
export function fillValue(x: number): number {
  const whole = Math.floor(x);
  const filled = (1 - DECAY ** whole) / (1 - DECAY);
  return filled + (x - whole) * DECAY ** whole;
}

/** Largest sum of want x fillValue over bands for `n` whole memberships, freely laid: the steepest slope first. */
export function bestFill(wants: readonly number[], n: number): number {
  const slopes = [...wants];
  let sum = 0;
  for (let k = 0; k < n; k++) {
    const steepest = slopes.indexOf(Math.max(...slopes));
    if (steepest < 0) return sum;
    sum += slopes[steepest]!;
    slopes[steepest]! *= DECAY;
  }
  return sum;
}
