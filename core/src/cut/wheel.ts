import type { Cheese } from '../counter/index.js';
import { isRound, roundGrams } from './stock.js';
import { SOFT_FAMILIES } from './traits.js';

/** Below these nobody cuts a true wedge from a wheel; wheels of 30 cm and more go by the rim. Common practice, no source. */
export const SMALLEST_WEDGE_DEGREES = 15;
export const SMALLEST_CHORD_MM = 40;
const LARGE_WHEEL_MM = 300;
/** On target: within 5 % or 10 g. Common practice, no source. */
const TOLERANCE = { share: 0.05, grams: 10 };
/** A dry face is cut off before weighing out, so thick. House's own figure. */
const FACING_MM = 2;
/** A part of a wheel in height is no thinner than this, or it breaks. House's own figure. */
const THINNEST_PART_MM = 30;
/** From this share of its width on a wheel is a tall one: a disc by wire comes off it. */
const TALL = 0.5;

const ROUNDING = 1e-9;

/** How the ordered weight comes off the wheel. */
export type WheelWay = 'wedge' | 'rounded up' | 'disc, then wedge' | 'halved in height' | 'the rest of it';

/** From the shop's wheel: where to lay the knife for the ordered weight, and what is left. Degrees, mm, g. */
export interface WheelCut {
  readonly way: WheelWay;
  readonly angle: number;
  /** What the order alone would take: less than is cut where a wedge would be too thin. */
  readonly ordered: number;
  /** Along the rim, and straight across it between the two cuts. */
  readonly arcMm: number;
  readonly chordMm: number;
  /** The height of the wheel is taken in a number of parts. */
  readonly parts: number;
  /** What leaves the wheel for the order. */
  readonly grams: number;
  readonly tolerance: { readonly grams: number; readonly angle: number };
  /** A lot of it lies on the counter; else a whole one is reckoned with, and nobody can say what stays. */
  readonly isCounted: boolean;
  /** Of the lot that is cut: what is there, as an angle, and what its dry face loses first. */
  readonly there: { readonly grams: number; readonly angle: number };
  readonly facing: number;
  readonly left: { readonly grams: number; readonly angle: number };
}

/** Angle of the wedge that weighs `grams` of a wheel of `wheelGrams`, degrees. */
export const wedgeAngle = (grams: number, wheelGrams: number): number =>
  Math.min(360, (360 * grams) / wheelGrams);

/** Straight measure across the rim between the two cuts of a wedge: chord = D sin(angle / 2). */
export const chordOf = (diameter: number, angle: number): number =>
  angle >= 180 ? diameter : diameter * Math.sin((angle * Math.PI) / 360);

/** The least angle that is cut as a true wedge of a wheel so wide. */
export function leastAngle(diameter: number): number {
  if (diameter < LARGE_WHEEL_MM) return SMALLEST_WEDGE_DEGREES;
  return (360 / Math.PI) * Math.asin(Math.min(1, SMALLEST_CHORD_MM / diameter));
}

const COOKED = ['firm', 'hard', 'very hard'];

/**
 * Where to lay the knife for `gross` grams; null where the shop does not cut to order from a round.
 * Too thin for a true wedge: a bloomy or washed wheel is rounded up to the least wedge, never split by height or across (all
 * nose, all rind); a big cooked wheel is halved in height, then cut radially; a tall drum gives a disc by wire, then a
 * wedge; any other is rounded up. No sliver is left that cannot be sold: it goes with the order. Common practice.
 * @param lot what is there of it, grams, and whether it was opened before
 * @param taken the parts of its height, where that is settled already
 */
export function wheelCut(
  cheese: Cheese,
  gross: number,
  lot: { readonly grams: number; readonly opened: boolean } | null,
  taken?: number,
): WheelCut | null {
  const { diameter, height } = cheese.form;
  if (cheese.pack.form !== 'cut to order' || !isRound(cheese) || diameter === null || gross <= 0) return null;
  const round = roundGrams(cheese);
  const start = Math.min(lot?.grams ?? cheese.form.grams, round);
  const facing = lot?.opened && height !== null ? faceGrams(cheese, round) : 0;
  const there = Math.max(0, start - facing);
  const least = leastAngle(diameter);
  const parts = taken ?? partsFor(cheese, wedgeAngle(gross, round), least);
  const wanted = wedgeAngle(gross * parts, round);
  const angle = Math.max(wanted, Math.min(least, wedgeAngle(there * parts, round)));
  const wedge = (angle / 360) * (round / parts);
  const left = there - wedge;
  const rest = left > 0 && wedgeAngle(left, round) < least && parts === 1;
  const grams = rest ? there : wedge;
  const degrees = rest ? wedgeAngle(there, round) : angle;
  const over = Math.max(TOLERANCE.share * grams, TOLERANCE.grams);
  return {
    way: rest ? 'the rest of it' : wayOf(cheese, parts, wanted, least),
    angle: degrees,
    ordered: Math.min(degrees, wanted),
    arcMm: (Math.PI * diameter * degrees) / 360,
    chordMm: chordOf(diameter, degrees),
    parts,
    grams,
    isCounted: lot !== null,
    tolerance: { grams: over, angle: wedgeAngle(over * parts, round) },
    there: { grams: start, angle: wedgeAngle(start, round) },
    facing,
    left: {
      grams: Math.max(0, there - grams),
      angle: wedgeAngle(Math.max(0, there - grams), round),
    },
  };
}

/** Weight of a dry face: both cut faces of the opened wheel are one radius wide. */
function faceGrams(cheese: Cheese, round: number): number {
  const radius = (cheese.form.diameter ?? 0) / 2;
  const wheel = Math.PI * radius ** 2 * (cheese.form.height ?? 1);
  return (2 * radius * (cheese.form.height ?? 1) * FACING_MM * round) / wheel;
}

/** A big cooked wheel is halved in height; a tall one gives a disc. */
const isHalved = ({ form, texture }: Cheese): boolean =>
  (form.diameter ?? 0) >= LARGE_WHEEL_MM && COOKED.includes(texture);

/** In how many parts of its height a wheel is taken, so that a wedge is wide enough; 1: it is not split. */
function partsFor(cheese: Cheese, angle: number, least: number): number {
  const { diameter, height } = cheese.form;
  if (angle >= least - ROUNDING || SOFT_FAMILIES.includes(cheese.texture) || height === null) return 1;
  const most = Math.floor(height / THINNEST_PART_MM);
  if (most < 2) return 1;
  if (isHalved(cheese)) return 2;
  return height >= TALL * (diameter ?? Infinity) ? Math.min(most, Math.ceil(least / angle)) : 1;
}

function wayOf(cheese: Cheese, parts: number, angle: number, least: number): WheelWay {
  if (parts > 1) return isHalved(cheese) ? 'halved in height' : 'disc, then wedge';
  return angle >= least - ROUNDING ? 'wedge' : 'rounded up';
}
