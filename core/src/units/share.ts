/**
 * Split a whole amount over weights in whole units, by largest remainders; ties go to the earlier share.
 * The shares always add up to `total`: nothing is lost to rounding.
 *
 * @param total whole number of units, 0 or more
 * @param weights non-negative weights; all zero means equal shares
 * @throws RangeError for a negative weight or a total that is not a whole number
 */
export function shareOut(total: number, weights: readonly number[]): number[] {
  if (!Number.isInteger(total) || total < 0) throw new RangeError(`total ${total} is not a whole number`);
  if (weights.some((w) => !(w >= 0))) throw new RangeError(`a weight in [${weights.join(', ')}] is negative`);
  if (weights.length === 0) return [];
  const sum = weights.reduce((a, b) => a + b, 0);
  const exact = weights.map((w) => (sum > 0 ? (total * w) / sum : total / weights.length));
  const shares = exact.map(Math.floor);
  const left = total - shares.reduce((a, b) => a + b, 0);
  const byRemainder = exact
    .map((x, i) => ({ i, rest: x - Math.floor(x) }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i);
  for (const { i } of byRemainder.slice(0, left)) shares[i]! += 1;
  return shares;
}

/** Whole packs, pours or pieces that hold x: rounded up, but for a trace that is only rounding. */
export const wholesFor = (x: number): number => Math.max(0, Math.ceil(x - 1e-9));
