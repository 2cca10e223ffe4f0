/** Plane geometry of cutting: points and polygons in mm, areas in mm2, angles in degrees. Polygons run anticlockwise. */

export type Point = readonly [x: number, y: number];
export type Polygon = readonly Point[];

const RADIANS = Math.PI / 180;
/** Straight steps of a full circle: a tenth of a millimetre off on the rim of a large wheel. */
const STEPS = 96;

/** Area of a polygon, mm2 (the shoelace formula); positive when it runs anticlockwise. */
export function areaOf(polygon: Polygon): number {
  let twice = 0;
  for (let i = 0; i < polygon.length; i++) {
    const [x, y] = polygon[i]!;
    const [u, v] = polygon[(i + 1) % polygon.length]!;
    twice += x * v - u * y;
  }
  return twice / 2;
}

/** Centre of mass of a polygon. */
export function centreOf(polygon: Polygon): Point {
  let [cx, cy, twice] = [0, 0, 0];
  for (let i = 0; i < polygon.length; i++) {
    const [x, y] = polygon[i]!;
    const [u, v] = polygon[(i + 1) % polygon.length]!;
    const cross = x * v - u * y;
    cx += (x + u) * cross;
    cy += (y + v) * cross;
    twice += cross;
  }
  return twice === 0 ? (polygon[0] ?? [0, 0]) : [cx / (3 * twice), cy / (3 * twice)];
}

/** The part of a convex polygon that lies to the left of the line from a to b (Sutherland and Hodgman 1974). */
function leftOf(polygon: Polygon, a: Point, b: Point): Polygon {
  const side = ([x, y]: Point) => (b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]);
  const out: Point[] = [];
  polygon.forEach((p, i) => {
    const q = polygon[(i + 1) % polygon.length]!;
    const [s, t] = [side(p), side(q)];
    if (s >= 0) out.push(p);
    if (s * t < 0) {
      const at = s / (s - t);
      out.push([p[0] + at * (q[0] - p[0]), p[1] + at * (q[1] - p[1])]);
    }
  });
  return out;
}

/** What two convex polygons have in common; empty when they do not meet. */
export const common = (a: Polygon, b: Polygon): Polygon =>
  b.reduce<Polygon>((left, p, i) => (left.length < 3 ? [] : leftOf(left, p, b[(i + 1) % b.length]!)), a);

export const rectangle = (x: number, y: number, u: number, v: number): Polygon => [
  [x, y],
  [u, y],
  [u, v],
  [x, v],
];

/** Points of an arc about the origin; its straight steps hold the area that the round one does. */
function arc(radius: number, from: number, to: number): Point[] {
  const n = Math.max(2, Math.ceil((STEPS * (to - from)) / 360));
  const step = ((to - from) * RADIANS) / n;
  const r = radius * Math.sqrt(step / Math.sin(step));
  return Array.from({ length: n + 1 }, (_, i): Point => {
    const at = from * RADIANS + i * step;
    return [r * Math.cos(at), r * Math.sin(at)];
  });
}

/** A sector about the origin between two angles; a full turn is the whole disc. */
export const sector = (radius: number, from: number, to: number): Polygon =>
  to - from >= 360 - 1e-9 ? arc(radius, from, from + 360).slice(0, -1) : [[0, 0], ...arc(radius, from, to)];

/** Least and greatest x and y. */
export function boundsOf(polygon: Polygon): { readonly min: Point; readonly max: Point } {
  const xs = polygon.map(([x]) => x);
  const ys = polygon.map(([, y]) => y);
  return { min: [Math.min(...xs), Math.min(...ys)], max: [Math.max(...xs), Math.max(...ys)] };
}

/** The least box around a convex polygon: its sides, the longer first, and by how much it lies turned. */
export function leastBox(polygon: Polygon): {
  readonly long: number;
  readonly short: number;
  readonly turn: number;
} {
  let best = { long: Infinity, short: Infinity, turn: 0 };
  polygon.forEach(([x, y], i) => {
    const [u, v] = polygon[(i + 1) % polygon.length]!;
    const degrees = (Math.atan2(v - y, u - x) * 180) / Math.PI;
    const { min, max } = boundsOf(turned(polygon, -degrees));
    const [a, b] = [max[0] - min[0], max[1] - min[1]];
    // One side of the least box lies along a side of the polygon (Freeman and Shapira 1975).
    if (a * b < best.long * best.short - 1e-9)
      best = a >= b ? { long: a, short: b, turn: degrees } : { long: b, short: a, turn: degrees + 90 };
  });
  return best;
}

/** A trace that is only rounding is nothing: machines differ in it. */
export const settled = (x: number): number => (Math.abs(x) < 1e-9 ? 0 : x);

/** The polygon moved so that its centre of mass lies at the origin. */
export function centred(polygon: Polygon): Polygon {
  const [x, y] = centreOf(polygon);
  return polygon.map(([px, py]): Point => [settled(px - x), settled(py - y)]);
}

/** The polygon turned by an angle in degrees about the origin. */
export function turned(polygon: Polygon, degrees: number): Polygon {
  const [c, s] = [Math.cos(degrees * RADIANS), Math.sin(degrees * RADIANS)];
  return polygon.map(([x, y]): Point => [c * x - s * y, s * x + c * y]);
}

/** The pieces that rays from the centre cut of a polygon, the rays meeting its rim at equal steps along it. */
export function rays(polygon: Polygon, centre: Point, n: number): Polygon[] {
  const sides = polygon.map((p, i) => {
    const q = polygon[(i + 1) % polygon.length]!;
    return Math.hypot(q[0] - p[0], q[1] - p[1]);
  });
  const round = sides.reduce((a, b) => a + b, 0);
  const at = (way: number): { point: Point; side: number } => {
    let left = ((way % round) + round) % round;
    for (let i = 0; i < sides.length; i++) {
      if (left < sides[i]! - 1e-9 || i === sides.length - 1) {
        const [p, q] = [polygon[i]!, polygon[(i + 1) % polygon.length]!];
        const t = Math.min(1, left / (sides[i]! || 1));
        return { point: [p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1])], side: i };
      }
      left -= sides[i]!;
    }
    return { point: polygon[0]!, side: 0 };
  };
  return Array.from({ length: n }, (_, k): Polygon => {
    const from = at((k * round) / n);
    const to = at(((k + 1) * round) / n);
    const corners: Point[] = [];
    for (let i = from.side; i !== to.side; i = (i + 1) % polygon.length) {
      const corner = polygon[(i + 1) % polygon.length]!;
      if (Math.hypot(corner[0] - to.point[0], corner[1] - to.point[1]) > 1e-9) corners.push(corner);
    }
    return [centre, from.point, ...corners, to.point];
  });
}
