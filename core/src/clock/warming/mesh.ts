import type { Point, Polygon } from '../../cut/index.js';
import { centred } from '../../cut/index.js';
import type { Way } from './body.js';
import { Band } from './band.js';

/**
 * A way cut into small parts: how much heat each holds, how it runs between them, and where it comes in. Linear finite
 * elements (Zienkiewicz and Taylor, The Finite Element Method, ch. 3), in m.
 */
export interface Mesh {
  /** Per J/(m3 K), per W/(m K), and per W/(m2 K) of the film below or all round, and above. */
  readonly holds: Band;
  readonly leads: Band;
  readonly below: Band;
  readonly above: Band | null;
  /** Middles of the faces that look into the air. */
  readonly faces: readonly number[];
}

/** Parts of a slab, cylinder or sphere; rings and rays of a section. */
export interface Fineness {
  readonly parts: number;
  readonly rings: number;
  readonly rays: number;
}
export const USUAL: Fineness = { parts: 40, rings: 10, rays: 28 };

/** Slab, cylinder and sphere: 0, 1 or 2 ways round. The weight of a shell goes with its radius to that power. */
function line(length: number, parts: number, round: 0 | 1 | 2): Mesh {
  const n = parts + 1;
  const [holds, leads, below, above] = Array.from({ length: 4 }, () => new Band(n, 1)) as [
    Band,
    Band,
    Band,
    Band,
  ];
  const step = length / parts;
  // Gauss points of each part: exact for what is of third order.
  const gauss = [0.5 - Math.sqrt(3) / 6, 0.5 + Math.sqrt(3) / 6];
  for (let i = 0; i < parts; i++)
    for (const g of gauss) {
      const weight = (((i + g) * step) ** round * step) / 2;
      const shape = [1 - g, g];
      for (const a of [0, 1])
        for (const b of [0, 1])
          if (b <= a) {
            holds.add(i + a, i + b, weight * shape[a]! * shape[b]!);
            leads.add(i + a, i + b, (weight * (a === b ? 1 : -1)) / step ** 2);
          }
    }
  if (round === 0) {
    below.add(0, 0, 1);
    above.add(n - 1, n - 1, 1);
    return { holds, leads, below, above, faces: [0, n - 1] };
  }
  below.add(n - 1, n - 1, length ** round);
  return { holds, leads, below, above: null, faces: [n - 1] };
}

const sidesOf = (outline: Polygon) =>
  outline.map((p, i) => {
    const q = outline[(i + 1) % outline.length]!;
    return { p, q, long: Math.hypot(q[0] - p[0], q[1] - p[1]) };
  });

/** Points of the rim at equal ways, with every true corner among them. */
function rimPoints(outline: Polygon, rays: number): Point[] {
  const all = sidesOf(outline);
  const least = all.reduce((sum, { long }) => sum + long, 0) / rays / 2;
  // Of a finely drawn arc every few points are enough; a corner between long sides stays.
  const sides = sidesOf(all.filter(({ long }, i) => long >= least || i % 3 === 0).map(({ p }) => p));
  const round = sides.reduce((sum, { long }) => sum + long, 0);
  return sides.flatMap(({ p, q, long }) => {
    const many = Math.max(1, Math.round((rays * long) / round));
    return Array.from({ length: many }, (_, i): Point => [
      p[0] + ((q[0] - p[0]) * i) / many,
      p[1] + ((q[1] - p[1]) * i) / many,
    ]);
  });
}

/** A section in rings about its middle, closer towards the rim. */
function rings(outline: Polygon, { rings: many, rays }: Fineness): Mesh {
  const rim = rimPoints(centred(outline), rays).map(([x, y]): Point => [x / 1000, y / 1000]);
  const m = rim.length;
  const n = 1 + m * many;
  const [holds, leads, below] = Array.from({ length: 3 }, () => new Band(n, m + 1)) as [Band, Band, Band];
  const place = (ring: number, ray: number): Point => {
    const share = Math.sin(((ring / many) * Math.PI) / 2) ** 0.9;
    const [x, y] = rim[ray % m]!;
    return [x * share, y * share];
  };
  const index = (ring: number, ray: number) => (ring === 0 ? 0 : 1 + (ring - 1) * m + (ray % m));
  const triangle = (corners: readonly (readonly [ring: number, ray: number])[]) => {
    const points = corners.map(([ring, ray]) => place(ring, ray)) as [Point, Point, Point];
    const nodes = corners.map(([ring, ray]) => index(ring, ray));
    const slopes = points.map((_, i) => {
      const [p, q] = [points[(i + 1) % 3]!, points[(i + 2) % 3]!];
      return [p[1] - q[1], q[0] - p[0]] as const;
    });
    const twice = Math.abs(
      (points[1][0] - points[0][0]) * (points[2][1] - points[0][1]) -
        (points[2][0] - points[0][0]) * (points[1][1] - points[0][1]),
    );
    for (let a = 0; a < 3; a++)
      for (let b = 0; b <= a; b++) {
        holds.add(nodes[a]!, nodes[b]!, (twice / 24) * (a === b ? 2 : 1));
        leads.add(
          nodes[a]!,
          nodes[b]!,
          (slopes[a]![0] * slopes[b]![0] + slopes[a]![1] * slopes[b]![1]) / (2 * twice),
        );
      }
  };
  for (let ray = 0; ray < m; ray++) {
    triangle([
      [0, 0],
      [1, ray],
      [1, ray + 1],
    ]);
    for (let ring = 1; ring < many; ring++) {
      triangle([
        [ring, ray],
        [ring + 1, ray],
        [ring + 1, ray + 1],
      ]);
      triangle([
        [ring, ray],
        [ring + 1, ray + 1],
        [ring, ray + 1],
      ]);
    }
    const [[x, y], [u, v]] = [rim[ray]!, rim[(ray + 1) % m]!];
    const long = Math.hypot(u - x, v - y);
    const [p, q] = [index(many, ray), index(many, ray + 1)];
    below.add(p, p, long / 3);
    below.add(q, q, long / 3);
    below.add(p, q, long / 6);
  }
  return { holds, leads, below, above: null, faces: facesOf(rim, (ray) => index(many, ray)) };
}

/** The points of the rim that are nearest the middle: they warm last of it, corners first. */
function facesOf(rim: readonly Point[], index: (ray: number) => number): number[] {
  const near = rim.map(([x, y], ray) => ({ ray, far: Math.hypot(x, y) }));
  return [index(near.reduce((best, one) => (one.far < best.far ? one : best)).ray)];
}

export function meshOf(way: Way, fine: Fineness = USUAL): Mesh {
  switch (way.kind) {
    case 'slab':
      return line(way.thick / 1000, fine.parts, 0);
    case 'cylinder':
      return line(way.radius / 1000, fine.parts, 1);
    case 'sphere':
      return line(way.radius / 1000, fine.parts, 2);
    default:
      return rings(way.outline, fine);
  }
}
