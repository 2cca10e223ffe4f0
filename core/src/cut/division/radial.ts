import { areaOf, centreOf, common, rays, type Point } from '../plane.js';
import { outlineOf, spanOf, volumeOf, rimOff, trimmed, type Stock } from '../stock.js';
import { onRim, wedgePiece } from './ofWheel.js';
import { alike, cutsOf, lines, prism, rindOf, type Division, type Stroke } from './pieces.js';

/** Equal rays from the centre: wedges of a round, triangles of a square, wedges through the tip of a pyramid. */
export function radial(stock: Stock, parts: number): Division {
  const n = cutsOf(parts);
  const span = spanOf(stock, stock.trim);
  const [lo, hi] = span;
  const same = { trim: trimmed(stock), offcuts: 0, heartToRind: true, spread: null };
  if (stock.kind === 'sector' || stock.kind === 'log') {
    const radius = stock.radius - rimOff(stock);
    const step = stock.angle / n;
    const first = stock.angle < 360 ? 1 : 0;
    const marks = Array.from({ length: n - first }, (_, i) =>
      onRim((i + first) * step - stock.angle / 2, radius),
    );
    return {
      ...same,
      pieces: [wedgePiece(stock, [0, radius], step, span, n)],
      // A sector's two sides are there already.
      strokes:
        first === 0
          ? throughCentre([0, 0], marks)
          : lines(
              'top',
              marks.map((mark): [Point, Point] => [[0, 0], mark]),
            ),
    };
  }
  const plan = outlineOf(stock, stock.trim);
  const paste = outlineOf(stock, rindOf(stock));
  const share = stock.kind === 'pyramid' ? volumeOf(stock, stock.trim) / (areaOf(plan) * (hi - lo)) : 1;
  const centre = centreOf(plan);
  const plans = rays(plan, centre, n);
  // A square looks the same from its four sides.
  const alikeSides = stock.length === stock.width && n % 4 === 0 && stock.ends !== 1 ? 4 : 1;
  return {
    ...same,
    pieces: alike(
      plans.slice(0, n / alikeSides).map((each) => {
        const piece = prism(stock, each, lo, hi, alikeSides, areaOf(common(each, paste)));
        return { ...piece, volume: piece.volume * share };
      }),
    ),
    strokes: throughCentre(
      centre,
      plans.map((each) => each[1]!),
    ),
  };
}

/** Of an even number of rays two opposite ones are one stroke. */
const throughCentre = (centre: Point, marks: readonly Point[]): Stroke[] =>
  lines(
    'top',
    marks.length % 2 === 0
      ? marks
          .slice(0, marks.length / 2)
          .map((mark, i): [Point, Point] => [mark, marks[i + marks.length / 2]!])
      : marks.map((mark): [Point, Point] => [centre, mark]),
  );
