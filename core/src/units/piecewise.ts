/**
 * Value at x of a function that is linear between whole numbers, given at 0 to `last` in `values` from `from` on; beyond
 * the last it stays what it was there. The one such evaluation of the measure and the optimiser.
 */
export function linearAt(values: ArrayLike<number>, from: number, last: number, x: number): number {
  if (x >= last) return values[from + last]!;
  const whole = Math.floor(x);
  const at = values[from + whole]!;
  return at + (x - whole) * (values[from + whole + 1]! - at);
}

/** Its slope at x: to the right of a whole number, and on the last stretch beyond the last. */
export function slopeAt(values: ArrayLike<number>, from: number, last: number, x: number): number {
  const whole = Math.min(last - 1, Math.max(0, Math.floor(x)));
  return values[from + whole + 1]! - values[from + whole]!;
}
