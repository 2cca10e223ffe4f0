import type { Companion } from '../counter/index.js';
import { rectangle, sector, centred, type Polygon } from './plane.js';
import { sorted3 } from './division/index.js';

/** How a companion is cut or set out. */
export type ProduceForm =
  | 'in clusters of 3 to 6'
  | 'halved, or stem on for grip'
  | 'in thin slices'
  | 'in crescents, peel off'
  | 'in short sticks, peel and core off'
  | 'in segments'
  | 'quartered'
  | 'whole, stem on'
  | 'whole, dry'
  | 'in sticks one dip long'
  | 'whole, tops on'
  | 'halved'
  | 'in leaves'
  | 'in slices a finger thick'
  | 'in squares'
  | 'snapped to a cracker’s width'
  | 'whole'
  | 'drained, in a bowl'
  | 'in a bowl, with its spoon'
  | 'broken into squares'
  | 'at room warmth, with its knife'
  | 'by the sprig';

/** One piece of produce, bread or fruit as it lies: what a hand takes. Lengths in mm. */
export interface ProducePiece {
  readonly outline: Polygon;
  readonly height: number;
  readonly measures: readonly [number, number, number];
  /** g; null where the weight of a whole one is not known. */
  readonly grams: number | null;
}

/** A whole one: a ball or disc, or a box. */
interface Whole {
  readonly round: boolean;
  readonly long: number;
  readonly wide: number;
  readonly high: number;
  readonly grams: number | null;
}

type Shape = 'disc' | 'half disc' | 'quarter disc' | 'box';
interface Piece {
  readonly shape: Shape;
  readonly long: number;
  readonly wide: number;
  readonly high: number;
  /** Of a whole one's weight. */
  readonly share: number;
}

/** Usual sizes where nobody measured: a piece of the form. Common practice, no source. */
const PRODUCE_SLICE_MM = 6;
const FINGER_MM = 10;
const CLUSTER = 4;
const SEGMENTS = 10;
const usual = (long: number, wide: number, high: number, grams: number, round = false): Whole => ({
  round,
  long,
  wide,
  high,
  grams,
});
const USUAL_PIECES: Readonly<Partial<Record<ProduceForm, Whole>>> = {
  'in clusters of 3 to 6': usual(19, 19, 19, 6, true),
  'halved, or stem on for grip': usual(30, 30, 30, 14, true),
  'in thin slices': usual(72, 72, 72, 160, true),
  'in crescents, peel off': usual(70, 28, 22, 28),
  'in short sticks, peel and core off': usual(60, 20, 20, 24),
  'in segments': usual(56, 56, 50, 80, true),
  quartered: usual(48, 48, 48, 45, true),
  'whole, stem on': usual(23, 23, 23, 8, true),
  'whole, dry': usual(20, 20, 18, 5, true),
  'in sticks one dip long': usual(25, 12, 12, 4),
  'whole, tops on': usual(24, 24, 24, 9, true),
  halved: usual(27, 27, 27, 12, true),
  'in leaves': usual(90, 38, 12, 5),
  'in slices a finger thick': usual(80, 60, FINGER_MM, 18),
  'in squares': usual(80, 80, 8, 25),
  'snapped to a cracker’s width': usual(100, 50, 4, 8),
  whole: usual(30, 22, 12, 6),
  'broken into squares': usual(30, 24, 7, 5),
  'by the sprig': usual(60, 25, 10, 1),
};

/** Nuts and seeds are smaller than dried fruit. */
const A_NUT = usual(16, 13, 10, 1.5);

function wholeOf({ piece, role }: Companion, form: ProduceForm): Whole | null {
  const known = role === 'nut' ? A_NUT : USUAL_PIECES[form];
  if (!known) return null;
  const long = piece.length ?? piece.diameter;
  if (long === null) return known;
  const round = piece.diameter !== null && piece.length === null;
  // A fruit has one measure, a cracker also says how thin it is.
  const wide = piece.width ?? piece.diameter ?? long;
  return {
    round,
    long,
    wide,
    high: piece.height ?? (piece.length === null ? Math.min(wide, long) : (piece.diameter ?? known.high)),
    grams: piece.grams,
  };
}

const as = ({ round, long, wide, high }: Whole): Piece => ({
  shape: round ? 'disc' : 'box',
  long,
  wide,
  high,
  share: 1,
});
/** A whole one parted evenly along its length and across its width. */
const parted = (whole: Whole, along: number, across = 1): Piece => {
  const halfDisc = whole.round && along * across === 2;
  return {
    shape: halfDisc ? 'half disc' : whole.round && along * across === 4 ? 'quarter disc' : 'box',
    long: halfDisc ? whole.long : whole.long / along,
    wide: halfDisc ? whole.wide / 2 : whole.wide / across,
    high: whole.high,
    share: 1 / (along * across),
  };
};

/** How a whole one becomes pieces; a form that is not here is taken as it comes. */
const CUTS: Readonly<Partial<Record<ProduceForm, (whole: Whole, parts: Parts) => Piece>>> = {
  'in clusters of 3 to 6': ({ long }) => ({
    shape: 'disc',
    long: 2.3 * long,
    wide: 2.3 * long,
    high: 1.8 * long,
    share: CLUSTER,
  }),
  'halved, or stem on for grip': ({ long, wide, high }) => ({
    shape: 'disc',
    long,
    wide,
    high: high / 2,
    share: 1 / 2,
  }),
  halved: ({ long, wide, high }) => ({ shape: 'disc', long, wide, high: high / 2, share: 1 / 2 }),
  'in thin slices': ({ long, wide }) => ({
    shape: 'half disc',
    long,
    wide: wide / 2,
    high: PRODUCE_SLICE_MM,
    share: PRODUCE_SLICE_MM / (2 * wide),
  }),
  'in segments': ({ long, wide }) => ({
    shape: 'half disc',
    long,
    wide: wide / 2,
    high: (Math.PI * wide) / (2 * SEGMENTS),
    share: 1 / SEGMENTS,
  }),
  quartered: ({ long, wide, high }) => ({
    shape: 'half disc',
    long: high,
    wide: wide / 2,
    high: long / 2,
    share: 1 / 4,
  }),
  'in slices a finger thick': (whole, { along, across }) => parted(whole, along, across),
  'in squares': (whole) => parted(whole, 2, 2),
  'snapped to a cracker’s width': (whole, { along, across }) => parted(whole, along, across),
};

/** Into how many parts each is broken or cut so that it is taken in one motion. */
export interface Parts {
  readonly along: number;
  readonly across: number;
}

const OUTLINES: Record<Shape, (long: number, wide: number) => Polygon> = {
  disc: (long) => sector(long / 2, 0, 360),
  'half disc': (long) => sector(long / 2, 0, 180),
  // Its two straight sides are radii.
  'quarter disc': (long) => sector(long, 0, 90),
  box: (long, wide) => rectangle(0, 0, long, wide),
};

/** A piece of a companion cut in a form; null for what lies in a bowl and is taken with its spoon. */
export function producePiece(good: Companion, form: ProduceForm, parts: Parts): ProducePiece | null {
  const whole = wholeOf(good, form);
  if (!whole) return null;
  const piece = CUTS[form]?.(whole, parts) ?? as(whole);
  const { long, wide, high, shape, share } = piece;
  return {
    outline: centred(OUTLINES[shape](long, wide)),
    height: high,
    measures: sorted3(long, wide, high),
    grams: whole.grams === null ? null : whole.grams * share,
  };
}

/** A whole slice or cracker as a hand would take it, before it is parted: long and wide, mm; null where that is not how it comes. */
export function breadOf(
  good: Companion,
  form: ProduceForm,
): { readonly long: number; readonly wide: number; readonly round: boolean } | null {
  if (form !== 'in slices a finger thick' && form !== 'snapped to a cracker’s width') return null;
  return wholeOf(good, form);
}
