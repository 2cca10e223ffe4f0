/** Steps of a root at the most; two dozen are usual. */
const MOST_STEPS = 60;

/**
 * @returns the root of a function between two places of different sign, to 1e-10: regula falsi whose standing end has its weight
 * halved (Dowell and Jarratt 1971), so that it does not creep along a bent function
 */
export function rootBetween(f: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  let [atLow, atHigh] = [f(low), f(high)];
  for (let i = 0; i < MOST_STEPS && high - low > 1e-10; i++) {
    const middle = low + ((high - low) * atLow) / (atLow - atHigh);
    const at = f(middle);
    if (Math.abs(at) < 1e-13) return middle;
    if (Math.sign(at) === Math.sign(atHigh)) {
      [high, atHigh] = [middle, at];
      atLow /= 2;
    } else {
      [low, atLow] = [middle, at];
      atHigh /= 2;
    }
  }
  return (low + high) / 2;
}
