import type { Main } from '../../counter/index.js';
import { areaOf, boundsOf, centred, PYRAMID_FILLS, type Polygon } from '../../cut/index.js';
import type { Thing } from '../../lay/index.js';
import { ball, disc, filmAt, standing, still, type Body, type Films, type Way } from './body.js';
import { filmOf, UNDERSIDE, wrapped } from './film.js';
import { pasteOfGood, type Paste } from './paste.js';

/** How a good lies while it warms. */
export type LiesAs = 'whole' | 'piece by piece' | 'as one heap';

/** A good as it warms: its body, and what it is made of with the air between its pieces. */
export interface Warmer {
  readonly body: Body;
  readonly paste: Paste;
  readonly lies: LiesAs;
  /** To still air, all round, W/(m2 K): as reckoned, or as the house fixed it. */
  readonly film: number;
  /** Volume of the body over its area, mm: the measure of how quickly it warms. */
  readonly size: number;
}

export interface Lying {
  /** Of the house, or two readings of a probe; null: by size. */
  readonly film: number | null;
  readonly start: number;
  readonly room: number;
  /** On a surface from the cold, that gives no heat for the first half hour. */
  readonly coldBelow: boolean;
  /** It stays in its paper for this many minutes after leaving the cold; null: it is bare. */
  readonly wrappedFor: number | null;
}

/** Slate and marble from the cold keep it cool for the first half hour (docs/trade.md `clock/warming/lies COLD_HOLDS`; common practice, no source). */
const COLD_HOLDS = 30;
/** Fewer pieces than this lie each by itself. */
const HEAP_FROM = 4;
/**
 * A pyramid is warmed as the block of its volume on the same height. Against three-dimensional differences of the frustum
 * that is right within 5 % (lies.test.ts); the block of its whole base would take 28 % too long.
 */
const NARROWED = Math.sqrt(PYRAMID_FILLS);
const PYRAMID_WITHIN = 0.05;
/**
 * Its open wedge lets the warmth in to the middle: such a wheel warms as a round one of this share of its radius, within 5 % of its
 * true section (lies.test.ts), which would take the thread a tenth of a second each time.
 */
const OPENED = 0.76;
const OPENED_WITHIN = 0.05;
/** The thinnest that anything is reckoned, mm. */
const THIN = 2;

/** Diameter of the sphere that has its area, mm. */
const sizeOf = (area: number): number => Math.sqrt(area / Math.PI);

const perimeterOf = (outline: Polygon): number =>
  outline.reduce((sum, [x, y], i) => {
    const [u, v] = outline[(i + 1) % outline.length]!;
    return sum + Math.hypot(u - x, v - y);
  }, 0);

/** A log that lies: its length, and half its thickness. */
function longOf(outline: Polygon): readonly [long: number, radius: number] {
  const { min, max } = boundsOf(outline);
  const [a, b] = [max[0] - min[0], max[1] - min[1]];
  return [Math.max(a, b), Math.min(a, b) / 2];
}

/** The films of what is bare, or in its paper for a while. */
function filmsOf(area: number, lying: Lying) {
  const { start, room } = lying;
  const own = lying.film ?? filmOf(sizeOf(area), (start + room) / 2, room);
  const inPaper = lying.wrappedFor ?? 0;
  const films: Films =
    inPaper > 0
      ? [
          { from: 0, film: wrapped(own) },
          { from: inPaper, film: own },
        ]
      : still(own);
  const wood: Films = films.map(({ from, film }) => ({ from, film: UNDERSIDE * film }));
  const below: Films = lying.coldBelow
    ? [
        { from: 0, film: 0 },
        { from: COLD_HOLDS, film: filmAt(wood, COLD_HOLDS) },
        ...wood.filter(({ from }) => from > COLD_HOLDS),
      ]
    : wood;
  return { own, films, below };
}

/** A wheel whose first wedge is out: round, with no more than a quarter of it gone, and open to its middle. */
const LEFT_OF_ROUND = 0.75;
const radiusOf = (outline: Polygon): number => Math.max(...outline.map(([x, y]) => Math.hypot(x, y)));
const isOpened = (outline: Polygon): boolean =>
  Math.abs(areaOf(outline)) > LEFT_OF_ROUND * Math.PI * radiusOf(outline) ** 2 && !isConvex(outline);

/** Does its edge never turn inwards? */
const isConvex = (outline: Polygon): boolean =>
  outline.every(([x, y], i) => {
    const [u, v] = outline[(i + 1) % outline.length]!;
    const [s, t] = outline[(i + 2) % outline.length]!;
    return (u - x) * (t - v) - (v - y) * (s - u) >= -1e-9;
  });

/** A cheese or meat as it lies on the board, and how heat comes into it. */
export function warmerOf(main: Main, thing: Thing, lying: Lying): Warmer {
  const paste = pasteOfGood(main);
  if (thing.lies === 'whole') return standingOf(thing.outline, thing.height, paste, lying, main);
  if (isFolded(main))
    return heapOf(
      thing.grams / thing.pieces,
      areaOf(thing.outline),
      thing.height,
      paste,
      lying,
      'piece by piece',
    );
  if (thing.pieces < HEAP_FROM)
    return { ...standingOf(thing.outline, thing.height, paste, lying, null), lies: 'piece by piece' };
  return heapOf(thing.grams, thing.area, thing.height, paste, lying, 'as one heap');
}

/** A slice that is folded stands by itself, with air in it. */
const isFolded = (main: Main): boolean => main.kind === 'meat';

/** A heap: a share of it is food, the rest is air, which neither holds heat nor leads it. */
function heapOf(
  grams: number,
  covers: number,
  high: number,
  paste: Paste,
  lying: Lying,
  lies: LiesAs,
): Warmer {
  const [plan, height] = [Math.max(1, covers), Math.max(THIN, high)];
  const full = Math.min(1, grams / (paste.density * 1e-6) / (plan * height));
  const radius = Math.sqrt(plan / Math.PI);
  const area = 2 * plan + 2 * Math.PI * radius * height;
  const { own, films, below } = filmsOf(area, lying);
  return {
    body: disc(radius, height, below, films),
    paste: { ...paste, density: paste.density * full, conductivity: paste.conductivity * full },
    lies,
    film: own,
    size: (plan * height) / area,
  };
}

function standingOf(outline: Polygon, high: number, paste: Paste, lying: Lying, main: Main | null): Warmer {
  const height = Math.max(THIN, high);
  const shape = main?.form.shape;
  if (shape === 'pyramid') {
    const block = centred(outline).map(([x, y]) => [x * NARROWED, y * NARROWED] as const);
    const { body, ...rest } = standingOf(block, high, paste, lying, null);
    return { ...rest, body: { ...body, standsFor: { shape, within: PYRAMID_WITHIN } } };
  }
  const plan = Math.abs(areaOf(outline));
  const area = 2 * plan + perimeterOf(outline) * height;
  const { own, films, below } = filmsOf(area, lying);
  if (shape === 'ball') {
    const radius = Math.sqrt(plan / Math.PI);
    return {
      body: { ...ball(radius, films), standsFor: null },
      paste,
      lies: 'whole',
      film: own,
      size: radius / 3,
    };
  }
  if (shape === 'log' || shape === 'whole sausage') {
    const [long, radius] = longOf(outline);
    const along: Way = { kind: 'slab', thick: long, below: films, above: films };
    return {
      body: { ways: [{ kind: 'cylinder', radius, round: films }, along], standsFor: null },
      paste,
      lies: 'whole',
      film: own,
      size: radius / 2,
    };
  }
  if (isOpened(outline))
    return {
      body: {
        ...disc(OPENED * radiusOf(outline), height, below, films),
        standsFor: { shape: 'opened wheel', within: OPENED_WITHIN },
      },
      paste,
      lies: 'whole',
      film: own,
      size: (plan * height) / area,
    };
  return {
    body: standing(outline, height, below, films),
    paste,
    lies: 'whole',
    film: own,
    size: (plan * height) / area,
  };
}
