import {
  areaOf,
  boundsOf,
  centred,
  centreOf,
  common,
  rays,
  rectangle,
  sector,
  settled,
  leastBox,
  turned,
  type Point,
  type Polygon,
} from './plane.js';
import { outlineOf, shellOf, spanOf, volumeOf, type Stock } from './stock.js';

/** Pieces that are alike: how many, what each is, and how it lies. Lengths in mm, volumes in mm3. */
export interface Pieces {
  readonly count: number;
  readonly volume: number;
  /** Outline on the board as it lies, about its centre of mass. */
  readonly outline: Polygon;
  /** How high it stands as it lies. */
  readonly height: number;
  /** Its three straight measures, the longest first. */
  readonly measures: readonly [number, number, number];
  /** Share of its volume that is rind, 0 to 1. */
  readonly rind: number;
}

/** A cut of the knife, in the view in which it is seen as a line. */
export interface Stroke {
  readonly view: 'top' | 'side';
  readonly from: Point;
  readonly to: Point;
}

/** A stock divided. The volumes are each reckoned by themselves: pieces + trim + offcuts are the whole. */
export interface Division {
  readonly pieces: readonly Pieces[];
  readonly trim: number;
  readonly offcuts: number;
  readonly strokes: readonly Stroke[];
  /** Does every piece run from the heart to the rind? */
  readonly heartToRind: boolean;
  /** Broken by hand: mean and range of a piece stand for a cut that no ruler leads. */
  readonly spread: { readonly low: number; readonly high: number } | null;
}

/** Nobody makes more cuts of one kind; a piece of absurd measures must not take the counter's whole day to reckon. */
const MOST_CUTS = 120;
const whole1 = (n: number): number => (n > 1 ? Math.min(MOST_CUTS, n) : 1);

const sorted3 = (a: number, b: number, c: number): Pieces['measures'] =>
  [a, b, c].sort((x, y) => y - x) as unknown as Pieces['measures'];

/** How much of what lies between two marks is paste: the rest is rind. */
const overlap = (lo: number, hi: number, [from, to]: readonly [number, number]): number =>
  Math.max(0, Math.min(hi, to) - Math.max(lo, from));

/** Only rind that is eaten lies in a piece. */
const rindOf = (stock: Stock): number => (stock.trim > 0 ? 0 : stock.rind);

/** A piece whose plan is seen from above, between two heights; `paste` is the area of its plan that is no rind. */
function prism(
  stock: Stock,
  plan: Polygon,
  lo: number,
  hi: number,
  count: number,
  paste: number,
  { long, short, turn } = leastBox(plan),
): Pieces {
  const area = areaOf(plan);
  const inside = overlap(lo, hi, spanOf(stock, rindOf(stock)));
  return {
    count,
    volume: area * (hi - lo),
    outline: centred(turned(plan, -turn)),
    height: hi - lo,
    measures: sorted3(long, short, hi - lo),
    rind: Math.max(0, settled(1 - (paste * inside) / (area * (hi - lo)))),
  };
}

/** A part of a wheel between two radii, so wide in degrees. */
function wedgePiece(
  stock: Stock,
  [inner, outer]: readonly [number, number],
  step: number,
  [lo, hi]: readonly [number, number],
  count: number,
): Pieces {
  const plan = inner > 0 ? ring(inner, outer, step) : sector(outer, -step / 2, step / 2);
  const edge = stock.radius - rindOf(stock);
  const paste = ((step * Math.PI) / 360) * (Math.min(outer, edge) ** 2 - Math.min(inner, edge) ** 2);
  // From point to rind, and straight across the back.
  const box = {
    long: outer - inner,
    short: 2 * outer * Math.sin(Math.min(90, step / 2) * (Math.PI / 180)),
    turn: 0,
  };
  return prism(stock, plan, lo, hi, count, paste, box);
}

const lines = (view: Stroke['view'], all: readonly (readonly [Point, Point])[]): Stroke[] =>
  all.map(([from, to]) => ({ view, from, to }));

const trimmed = (stock: Stock) => shellOf(stock, stock.trim);

/** Equal rays from the centre: wedges of a round, triangles of a square, wedges through the tip of a pyramid. */
export function radial(stock: Stock, asked: number): Division {
  const n = whole1(asked);
  const span = spanOf(stock, stock.trim);
  const [lo, hi] = span;
  const common3 = { trim: trimmed(stock), offcuts: 0, heartToRind: true, spread: null };
  if (stock.kind === 'sector' || stock.kind === 'log') {
    const radius = stock.radius - stock.trim;
    const step = stock.angle / n;
    const first = stock.angle < 360 ? 1 : 0;
    const marks = Array.from({ length: n - first }, (_, i) =>
      onRim((i + first) * step - stock.angle / 2, radius),
    );
    return {
      ...common3,
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
    ...common3,
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

const onRim = (angle: number, radius: number): Point => [
  settled(radius * Math.cos((angle * Math.PI) / 180)),
  settled(radius * Math.sin((angle * Math.PI) / 180)),
];

/** Pieces that differ by less than a thousandth are one kind. */
function alike(all: readonly Pieces[]): Pieces[] {
  const kinds: Pieces[] = [];
  for (const piece of all) {
    const at = kinds.findIndex(
      (kind) =>
        Math.abs(kind.volume - piece.volume) < 1e-3 * piece.volume && Math.abs(kind.rind - piece.rind) < 1e-3,
    );
    if (at < 0) kinds.push(piece);
    else kinds[at] = { ...kinds[at]!, count: kinds[at]!.count + piece.count };
  }
  return kinds;
}

/** A sector without its point. */
function ring(inner: number, outer: number, step: number): Polygon {
  const out = sector(outer, -step / 2, step / 2).slice(1);
  const back = sector(inner, -step / 2, step / 2)
    .slice(1)
    .reverse();
  return [...out, ...back];
}

/** So many alike, side by side. */
export const times = (division: Division, n: number): Division => ({
  ...division,
  pieces: division.pieces.map((piece) => ({ ...piece, count: piece.count * n })),
  trim: division.trim * n,
  offcuts: division.offcuts * n,
});

/** A band of a wheel between two radii, and into how many parts rays cut it. */
interface Band {
  readonly inner: number;
  readonly outer: number;
  readonly parts: number;
}

/** Slices across the height, each cut into bands and those by rays; as many layers as leave no offcut. */
function bands(stock: Stock, layers: number, all: readonly Band[]): Division {
  const [lo, hi] = spanOf(stock, stock.trim);
  const thick = (hi - lo) / layers;
  const pieces: Pieces[] = [];
  const marks = Array.from({ length: layers }, (_, i) => [lo + i * thick, lo + (i + 1) * thick] as const);
  // Layers differ only where the rind of the upper and lower face is.
  const paste = spanOf(stock, rindOf(stock));
  const kinds = new Map<string, { span: (typeof marks)[number]; count: number }>();
  for (const span of marks) {
    const key = overlap(...span, paste).toFixed(6);
    kinds.set(key, { span, count: (kinds.get(key)?.count ?? 0) + 1 });
  }
  for (const { inner, outer, parts } of all) {
    const step = stock.angle / parts;
    for (const { span, count } of kinds.values())
      pieces.push(wedgePiece(stock, [inner, outer], step, span, parts * count));
  }
  const radius = stock.radius - stock.trim;
  const inside = (n: number) => Array.from({ length: n - 1 }, (_, i) => i + 1);
  return {
    pieces: alike(pieces),
    trim: trimmed(stock),
    offcuts: 0,
    strokes: [
      ...lines(
        'side',
        inside(layers).map((i): [Point, Point] => [
          [0, lo + i * thick],
          [radius, lo + i * thick],
        ]),
      ),
      ...lines(
        'top',
        all
          .slice(0, -1)
          .map(({ outer }): [Point, Point] => [
            onRim(-stock.angle / 2, outer),
            onRim(stock.angle / 2, outer),
          ]),
      ),
      ...lines(
        'top',
        all.flatMap(({ inner, outer, parts }) =>
          inside(parts).map((i): [Point, Point] => {
            const angle = (i * stock.angle) / parts - stock.angle / 2;
            return [onRim(angle, inner), onRim(angle, outer)];
          }),
        ),
      ),
    ],
    heartToRind: all.length === 1,
    spread: null,
  };
}

/** Triangles of a wedge from rind to point; where one would be too long it is cut across. */
export function layered(stock: Stock, askedLayers: number, askedParts: number, askedLengths = 1): Division {
  const [layers, parts, lengths] = [whole1(askedLayers), whole1(askedParts), whole1(askedLengths)];
  const radius = stock.radius - stock.trim;
  const all = Array.from({ length: lengths }, (_, i) => ({
    inner: (radius * i) / lengths,
    outer: (radius * (i + 1)) / lengths,
    parts,
  }));
  return bands(stock, layers, all);
}

/** A point narrower than this much of a piece is none: it stays on the next piece, or is an offcut where it is next to nothing. */
const NARROW = 0.5;
const NEXT_TO_NOTHING = 0.06;

/**
 * Cubes, batons and slices of a wedge: layers, bands from the rind inwards so long as the piece, each parted by rays as wide
 * as the piece. Only the very point is over, where it is too small.
 */
export function ringed(stock: Stock, long: number, wide: number, high: number): Division {
  const [lo, hi] = spanOf(stock, stock.trim);
  const radius = stock.radius - stock.trim;
  const layers = whole1(Math.round((hi - lo) / high));
  const n = whole1(Math.round(radius / long));
  const across = (r: number) => (stock.angle / 360) * 2 * Math.PI * r;
  const narrow = n > 1 && across(radius / n / 2) < NARROW * wide;
  const small = 1 / n ** 2 < NEXT_TO_NOTHING;
  const first = narrow ? 1 : 0;
  const all = Array.from({ length: n - first }, (_, k): Band => {
    const i = k + first;
    const inner = k === 0 && narrow && !small ? 0 : (radius * i) / n;
    const outer = (radius * (i + 1)) / n;
    return { inner, outer, parts: whole1(Math.round(across((inner + outer) / 2) / wide)) };
  });
  const point = narrow && small ? ((stock.angle * Math.PI) / 360) * (radius / n) ** 2 * (hi - lo) : 0;
  return { ...bands(stock, layers, all), offcuts: point };
}

/** Even steps along one measure, by how much of each is paste. */
function steps(
  lo: number,
  hi: number,
  n: number,
  paste: readonly [number, number],
): { count: number; inside: number }[] {
  const step = (hi - lo) / n;
  const kinds = new Map<string, { count: number; inside: number }>();
  for (let i = 0; i < n; i++) {
    const inside = overlap(lo + i * step, lo + (i + 1) * step, paste);
    const key = inside.toFixed(6);
    kinds.set(key, { inside, count: (kinds.get(key)?.count ?? 0) + 1 });
  }
  return [...kinds.values()];
}

/** A box cut by a grid from above and in layers: cubes, dice, batons, slices. It divides evenly, near the size that is asked. */
export function grid(stock: Stock, along: number, across: number, high: number): Division {
  const [lo, hi] = spanOf(stock, stock.trim);
  const { min, max } = boundsOf(outlineOf(stock, stock.trim));
  const paste = boundsOf(outlineOf(stock, rindOf(stock)));
  const number = (size: number, cell: number) => whole1(Math.round(size / cell));
  const [nx, ny, nz] = [
    number(max[0] - min[0], along),
    number(max[1] - min[1], across),
    number(hi - lo, high),
  ];
  const [dx, dy, dz] = [(max[0] - min[0]) / nx, (max[1] - min[1]) / ny, (hi - lo) / nz];
  const outline = rectangle(-dx / 2, -dy / 2, dx / 2, dy / 2);
  const pieces: Pieces[] = [];
  for (const x of steps(min[0], max[0], nx, [paste.min[0], paste.max[0]]))
    for (const y of steps(min[1], max[1], ny, [paste.min[1], paste.max[1]]))
      for (const z of steps(lo, hi, nz, spanOf(stock, rindOf(stock))))
        pieces.push({
          count: x.count * y.count * z.count,
          volume: dx * dy * dz,
          outline,
          height: dz,
          measures: sorted3(dx, dy, dz),
          rind: Math.max(0, settled(1 - (x.inside * y.inside * z.inside) / (dx * dy * dz))),
        });
  const inside = (n: number) => Array.from({ length: n - 1 }, (_, i) => i + 1);
  return {
    pieces: alike(pieces),
    trim: trimmed(stock),
    offcuts: 0,
    strokes: [
      ...lines(
        'side',
        inside(nz).map((i): [Point, Point] => [
          [min[0], lo + i * dz],
          [max[0], lo + i * dz],
        ]),
      ),
      ...lines(
        'top',
        inside(nx).map((i): [Point, Point] => [
          [min[0] + i * dx, min[1]],
          [min[0] + i * dx, max[1]],
        ]),
      ),
      ...lines(
        'top',
        inside(ny).map((i): [Point, Point] => [
          [min[0], min[1] + i * dy],
          [max[0], min[1] + i * dy],
        ]),
      ),
    ],
    heartToRind: false,
    spread: null,
  };
}

/** Coins along a log, as many as leave no offcut. */
export function coins(stock: Stock, thick: number): Division {
  const [lo, hi] = spanOf(stock, stock.trim);
  const n = whole1(Math.round((hi - lo) / thick));
  const each = (hi - lo) / n;
  const plan = outlineOf(stock, stock.trim);
  const r = stock.radius - stock.trim;
  const paste = Math.PI * Math.min(r, stock.radius - rindOf(stock)) ** 2;
  const round = { long: 2 * r, short: 2 * r, turn: 0 };
  return {
    pieces: alike(
      Array.from({ length: n }, (_, i) =>
        prism(stock, plan, lo + i * each, lo + (i + 1) * each, 1, paste, round),
      ),
    ),
    trim: trimmed(stock),
    offcuts: 0,
    strokes: lines(
      'side',
      Array.from({ length: n - 1 }, (_, i): [Point, Point] => [
        [lo + (i + 1) * each, -r],
        [lo + (i + 1) * each, r],
      ]),
    ),
    heartToRind: true,
    spread: null,
  };
}

/** A slab's layers, each cut to and fro into triangles; the halves at both ends are pieces counted apart. */
export function zigzag(stock: Stock, base: number, thick: number): Division {
  const [lo, hi] = spanOf(stock, stock.trim);
  const { min, max } = boundsOf(outlineOf(stock, stock.trim));
  const layers = whole1(Math.round((hi - lo) / thick));
  const each = (hi - lo) / layers;
  const n = whole1(Math.round((max[0] - min[0]) / base));
  const step = (max[0] - min[0]) / n;
  const triangle: Polygon = [
    [0, 0],
    [step, 0],
    [step / 2, max[1] - min[1]],
  ];
  const half: Polygon = [
    [0, 0],
    [step / 2, max[1] - min[1]],
    [0, max[1] - min[1]],
  ];
  // Rind lies along both long sides of the slab.
  const rind = rindOf(stock);
  const strip = (plan: Polygon) =>
    areaOf(common(plan, rectangle(-step, rind, 2 * step, max[1] - min[1] - rind)));
  const kinds = [
    { plan: triangle, count: 2 * n - 1, paste: strip(triangle), box: leastBox(triangle) },
    { plan: half, count: 2, paste: strip(half), box: leastBox(half) },
  ];
  const pieces = steps(lo, hi, layers, spanOf(stock, rind)).flatMap(({ count: alikeLayers, inside }) =>
    kinds.map(({ plan, count, paste, box }): Pieces => {
      const piece = prism(stock, plan, 0, each, count * alikeLayers, paste, box);
      return { ...piece, rind: Math.max(0, 1 - (paste * inside) / (areaOf(plan) * each)) };
    }),
  );
  const x = (i: number) => min[0] + (i * step) / 2;
  return {
    pieces: alike(pieces.filter(({ count }) => count > 0)),
    trim: trimmed(stock),
    offcuts: 0,
    strokes: lines(
      'top',
      Array.from({ length: 2 * n }, (_, i): [Point, Point] => [
        [x(i), i % 2 === 0 ? min[1] : max[1]],
        [x(i + 1), i % 2 === 0 ? max[1] : min[1]],
      ]),
    ),
    heartToRind: false,
    spread: null,
  };
}

/**
 * A wedge lying on its side, cut by rays from the middle of its thin edge: each piece has veins and rind. The rays meet the
 * side where each piece weighs the same; a piece of the side sweeps out its area times the way of its centre (Pappus).
 */
export function sideRays(stock: Stock, asked: number): Division {
  const n = whole1(asked);
  const [lo, hi] = spanOf(stock, stock.trim);
  const radius = stock.radius - stock.trim;
  const middle: Point = [0, (lo + hi) / 2];
  // The way from the upper end of the thin edge along the top, down the rind and back below.
  const path: Point[] = [
    [0, hi],
    [radius, hi],
    [radius, lo],
    [0, lo],
  ];
  const turn = (stock.angle * Math.PI) / 180;
  const sweep = (side: Polygon) => Math.abs(areaOf(side)) * centreOf(side)[0] * turn;
  const legs = [radius, hi - lo, radius];
  const round = legs.reduce((a, b) => a + b, 0);
  const at = (way: number): { point: Point; leg: number } => {
    let left = way;
    for (let leg = 0; leg < 3; leg++) {
      if (left <= legs[leg]! || leg === 2) {
        const [p, q] = [path[leg]!, path[leg + 1]!];
        const t = Math.min(1, left / legs[leg]!);
        return { point: [p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1])], leg };
      }
      left -= legs[leg]!;
    }
    return { point: path[3]!, leg: 2 };
  };
  const between = (from: number, to: number): Polygon => {
    const [a, b] = [at(from), at(to)];
    return [middle, a.point, ...path.slice(a.leg + 1, b.leg + 1), b.point];
  };
  // Swept volume up to a way along the path, over the turn: x²h/12 above, then R²/3 for each mm of rind (Pappus).
  const high = hi - lo;
  const above = (radius ** 2 * high) / 12;
  const wayTo = (share: number): number => {
    const part = (share * radius ** 2 * high) / 2;
    if (part <= above) return Math.sqrt((12 * part) / high);
    if (part <= above + (radius ** 2 * high) / 3) return radius + (3 * (part - above)) / radius ** 2;
    return round - Math.sqrt(Math.max(0, (12 * ((radius ** 2 * high) / 2 - part)) / high));
  };
  const ends = Array.from({ length: n + 1 }, (_, k) => wayTo(k / n));
  const pieces = Array.from({ length: n }, (_, k): Pieces => {
    const side = between(ends[k]!, ends[k + 1]!);
    const thick = 2 * Math.sin(turn / 2) * centreOf(side)[0];
    const { long, short, turn: lies } = leastBox(side);
    const rind = stock.trim > 0 ? 0 : rindOfSide(stock, side, sweep);
    return {
      count: 1,
      volume: sweep(side),
      outline: centred(turned(side, -lies)),
      height: thick,
      measures: sorted3(long, short, thick),
      rind,
    };
  });
  return {
    pieces: alike(pieces),
    trim: trimmed(stock),
    offcuts: 0,
    strokes: lines(
      'side',
      ends.slice(1, -1).map((way): [Point, Point] => [middle, at(way).point]),
    ),
    heartToRind: true,
    spread: null,
  };
}

/** Rind in a piece of the side: what of it does not lie in the paste. */
function rindOfSide(stock: Stock, side: Polygon, sweep: (side: Polygon) => number): number {
  if (stock.rind <= 0) return 0;
  const [lo, hi] = spanOf(stock, stock.rind);
  const anticlockwise = areaOf(side) < 0 ? [...side].reverse() : side;
  const paste = common(rectangle(0, lo, stock.radius - stock.rind, hi), anticlockwise);
  return paste.length < 3 ? 1 : Math.max(0, 1 - sweep(paste) / sweep(side));
}

/** A piece as it breaks, for an edge of one: seven sides, an area that stands 0.83 high. */
const LUMP: Polygon = [
  [-0.66, -0.2],
  [-0.25, -0.54],
  [0.34, -0.5],
  [0.68, -0.14],
  [0.5, 0.4],
  [-0.06, 0.56],
  [-0.55, 0.33],
];

/** Broken, crumbled or spooned: pieces of about so much, with the range that hands give. */
export function lumps(stock: Stock, grams: number, low: number, high: number): Division {
  // A rind as thick as the piece leaves next to nothing, not less.
  const inside = Math.max(1e-6, volumeOf(stock, stock.trim));
  const volume = Math.min(inside, grams / stock.density);
  const n = Math.max(1, Math.round(inside / volume));
  const edge = Math.cbrt(inside / n);
  return {
    pieces: [
      {
        count: n,
        volume: inside / n,
        outline: LUMP.map(([x, y]): Point => [x * edge, y * edge]),
        height: edge * 0.83,
        measures: [edge * 1.3, edge * 1.1, edge * 0.7],
        rind: stock.trim > 0 ? 0 : shellOf(stock, stock.rind) / volumeOf(stock),
      },
    ],
    trim: trimmed(stock),
    offcuts: 0,
    strokes: [],
    heartToRind: false,
    spread: { low, high },
  };
}

/** Left whole: one pearl is one bite, a ball is opened at the table. */
export function whole(stock: Stock): Division {
  const across = stock.kind === 'box' || stock.kind === 'pyramid' ? stock.length : 2 * stock.radius;
  return {
    pieces: [
      {
        count: 1,
        volume: volumeOf(stock, stock.trim),
        outline: centred(outlineOf(stock)),
        height: stock.height,
        measures: sorted3(across, stock.kind === 'box' ? stock.width : across, stock.height),
        rind: stock.trim > 0 ? 0 : shellOf(stock, stock.rind) / volumeOf(stock),
      },
    ],
    trim: trimmed(stock),
    offcuts: 0,
    strokes: [],
    heartToRind: true,
    spread: null,
  };
}
