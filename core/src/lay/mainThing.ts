import type { Brief } from '../brief/index.js';
import type { Main } from '../counter/index.js';
import {
  centred,
  isRound,
  rectangle,
  roundGrams,
  sector,
  type Cut,
  type Point,
  type Polygon,
} from '../cut/index.js';
import { isDelicate, softnessOf } from '../sense/index.js';
import { isAvoided } from './avoided.js';
import { areaOf } from './geometry.js';
import { PLAIN, type Thing } from './thing.js';

export interface LaidMain {
  readonly main: Main;
  readonly cut: Cut;
  readonly step: number;
  /** Share of it that lies in the first wave. */
  readonly share: number;
  /** It comes baked, in a dish. */
  readonly hot?: boolean;
}

/** Share of its patch that pieces of a cut cover (docs/trade.md `lay/mainThing PILED`). */
const PILED = 0.6;
const STACKED = 0.75;
const PILED_CUTS = ['cubes', 'dice', 'rough chunks', 'nuggets', 'crumbled blue', 'broken', 'pearls'];
/** Folds stand airily, slices cover each other by half. */
const FOLDED = 0.85;
const SHINGLED = 1.8;
const OVERLAPPING = ['shingles', 'fan', 'river', 'bias slices'];

/** Folds that need something to lean on. */
const LEANING_FOLDS = ['ribbon', 'rose', 'quarter fold', 'roll'];
/** A baking dish is wider all round by this much than what bakes in it, mm. House's own figure. */
export const DISH_RIM = 15;
/** A card beside what is too soft to stick one into (docs/trade.md `lay/mainThing CARD`). */
const CARD = 55 * 30;

/** How much of its own area a patch of this cut covers: folds overlap, piles stand on each other. */
const coverOf = ({ fold, styleId }: Cut): number =>
  fold ? (OVERLAPPING.includes(styleId) ? SHINGLED : FOLDED) : PILED_CUTS.includes(styleId) ? PILED : STACKED;

/** What of a cheese its neighbours feel: nothing of this of a meat. */
const cheeseTraits = (main: Main) =>
  main.kind === 'cheese'
    ? {
        soft: softnessOf(main) >= 7,
        strong: main.texture === 'washed' || main.texture === 'blue' || main.sense.funk >= 6,
        wet: main.paste === 'wet',
      }
    : { soft: false, strong: false, wet: false };

/** A cheese or meat as it lies in the first wave, for one of several boards that are alike. */
export function mainThing(
  { main, cut, step, share, hot = false }: LaidMain,
  beside: readonly string[],
  brief: Brief,
  boards: number,
): Thing {
  const stands = cut.whole || hot;
  const grams = (cut.net * (stands ? 1 : share)) / boards;
  const pieces = stands ? 1 : Math.max(1, Math.round((cut.pieces * share) / boards));
  const outline = cut.fold ? foldOutline(cut) : cut.outline;
  const standing = wholeOutline(main, grams, hot ? null : cut);
  const whole = hot ? widened(standing.outline, DISH_RIM) : standing.outline;
  const traits = cheeseTraits(main);
  const area = stands ? areaOf(whole) : (areaOf(outline) * pieces) / coverOf(cut);
  return {
    id: main.id,
    name: main.name,
    lies: stands ? 'whole' : 'patch',
    outline: stands ? whole : outline,
    area: area + (traits.soft ? CARD : 0),
    height: cut.fold ? Math.max(25, cut.height) : stands ? (main.form.height ?? cut.height) : cut.height,
    grams,
    pieces,
    colours: main.colours,
    traits: {
      ...PLAIN,
      kind: main.kind,
      step,
      ...traits,
      delicate: isDelicate(main.sense),
      rolls: cut.styleId === 'pearls',
      avoided: isAvoided(main, brief),
      leans: LEANING_FOLDS.includes(cut.styleId),
      // Meats dry and sweat: they come when the board stands.
      late: main.kind === 'meat' || hot,
      cold: !hot,
      hot,
      face: stands ? standing.face : null,
      colour: main.colours[0]!,
    },
    vessel: null,
    beside,
  };
}

/** An outline about its middle, offset outwards on all sides; inwards where negative. */
export const widened = (outline: Polygon, by: number): Polygon =>
  outline.map(([x, y]): Point => {
    const r = Math.hypot(x, y);
    return [x * (1 + by / r), y * (1 + by / r)];
  });

/** A grab of meat as it is folded. */
const foldOutline = (cut: Cut): Polygon => {
  const [length, width] = cut.measures;
  const [l, w] = cut.fold ? [Math.max(20, length), Math.max(15, width)] : [length, width];
  return rectangle(-l / 2, -w / 2, l / 2, w / 2);
};

/** Angles in degrees: from which a part of a wheel counts as the wheel, and below which a wedge falls over. House's own figures. */
const [NEARLY_ALL, LEAST_WEDGE] = [324, 12];
/** The first wedge is seen however small, and leaves most of it standing, degrees. House's own figures. */
const [LEAST_OPEN, MOST_OPEN] = [24, 70];

interface Standing {
  readonly outline: Polygon;
  /** Where its cut face looks, degrees clockwise from the top; null: it has none. */
  readonly face: number | null;
}

/** What stands whole, its cut face to the top: a wheel or a wedge of it, or its own shape, larger or smaller with what is taken. */
function wholeOutline(main: Main, grams: number, cut: Cut | null): Standing {
  const { form } = main;
  const radius = (form.diameter ?? 0) / 2;
  if (main.kind === 'cheese' && isRound(main) && radius > 0) {
    const degrees = (360 * grams) / roundGrams(main);
    if (cut && degrees < NEARLY_ALL) {
      const half = Math.max(LEAST_WEDGE, degrees) / 2;
      return { outline: centred(sector(radius, 90 - half, 90 + half)), face: 0 };
    }
    const as = radius * Math.sqrt(degrees / 360);
    if (cut?.styleId !== 'first wedge out') return { outline: sector(as, 0, 360), face: null };
    const open = Math.max(LEAST_OPEN, Math.min(MOST_OPEN, (360 * cut.pieceGrams) / grams)) / 2;
    return { outline: sector(as, -90 + open, 270 - open), face: 0 };
  }
  const by = Math.sqrt(Math.max(0.1, grams / form.grams));
  const [length, width] = [form.length ?? form.diameter ?? 80, form.width ?? form.diameter ?? 60];
  const outline: Polygon =
    radius > 0 && !form.length
      ? sector(radius, 0, 360)
      : rectangle(-length / 2, -width / 2, length / 2, width / 2);
  return { outline: outline.map(([x, y]): Point => [x * by, y * by]), face: null };
}
