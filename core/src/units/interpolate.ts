/**
 * Piecewise-linear value at x over anchor points [x, y] in rising x; flat beyond the ends.
 * @throws RangeError when there is no anchor
 */
export function interpolate(anchors: readonly (readonly [number, number])[], x: number): number {
  const first = anchors[0];
  if (!first) throw new RangeError('interpolate needs at least one anchor');
  if (x <= first[0]) return first[1];
  for (let i = 1; i < anchors.length; i++) {
    const [x0, y0] = anchors[i - 1]!;
    const [x1, y1] = anchors[i]!;
    if (x <= x1) return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
  }
  return anchors[anchors.length - 1]![1];
}
