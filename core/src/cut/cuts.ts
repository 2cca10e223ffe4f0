import { densityOf, isCheese, type Cheese, type Main, type Meat } from '../counter/index.js';
import { grossFor } from '../amount/index.js';
import {
  grams,
  millimetres,
  reason,
  subjectOf,
  type Grams,
  type Millimetres,
  type Reason,
} from '../units/index.js';
import { assignLooks, type Option } from './assign.js';
import { FOLDS, type Fold, type FoldId } from './folds.js';
import { chordOf, discGrams, SMALLEST_CHORD_MM, SMALLEST_WEDGE_DEGREES, wedgeAngle } from './geometry.js';
import { CUT_STYLES, roundGrams, type CutStyle, type CutStyleId, type Piece } from './styles.js';

declare module '../units/reason.js' {
  interface Rules {
    'suits the cheese': { style: CutStyleId };
    'suits the meat': { fold: FoldId };
    'looks alike': { others: readonly string[] };
    'heavy piece': { piece: Grams };
    'long piece': { longest: Millimetres };
    'not its usual cut': { usual: CutStyleId };
  }
}

/** From the shop's wheel: where to lay the knife for the ordered weight. */
export interface WheelCut {
  readonly angle: number;
  readonly chordMm: number;
  /** Too thin to cut true: cut a workable wedge and split it across. */
  readonly split: boolean;
}

export interface Cut {
  readonly goodId: string;
  readonly styleId: CutStyleId | FoldId;
  readonly look: string;
  readonly tool: string;
  readonly pieces: number;
  readonly pieceGrams: number;
  /** Longest measure of a piece (a slice: its diameter), mm. */
  readonly longestMm: number;
  /** Meats only. */
  readonly sliceMm: number | null;
  readonly wheel: WheelCut | null;
  readonly byHand: boolean;
  readonly reasons: readonly Reason[];
  /** Other cuts that suit, the usual first, for changing it by hand. */
  readonly others: readonly (CutStyleId | FoldId)[];
}

export type CutChoices = Readonly<Record<string, string>>;

/** Bite: 30 mm in its largest measure, 4 to 15 g. Common practice, no source. */
const BITE = { mm: 30, from: 4, to: 15 };
/** Small dry sausage is cut thick by hand; all else as thin as the good says. Practice: 3 to 5 mm. */
const SAUSAGE_SLICE_MM = 4;

const stylesFor = (cheese: Cheese) => CUT_STYLES.filter((style) => style.suits(cheese) > 0);
const foldsFor = (meat: Meat) => FOLDS.filter((fold) => fold.suits(meat) > 0);

function optionsFor(main: Main, asked: string | undefined): Option[] {
  const all: Option[] =
    main.kind === 'cheese'
      ? stylesFor(main).map((s) => ({ id: s.id, look: s.look, suits: s.suits(main) }))
      : foldsFor(main).map((f) => ({ id: f.id, look: f.id, suits: f.suits(main) }));
  const chosen = all.find((option) => option.id === asked);
  return chosen ? [chosen] : all;
}

/**
 * The cut of every cheese and the fold of every meat: what suits each, as few alike as may be, with pieces and sizes.
 * @param net grams to be eaten, by good id
 */
export function cutsFor(mains: readonly Main[], net: ReadonlyMap<string, Grams>, choices: CutChoices): Cut[] {
  const chosen = assignLooks(mains.map((main) => optionsFor(main, choices[main.id])));
  return mains.map((main, i) => {
    const option = chosen[i]!;
    const share = net.get(main.id)!;
    const byHand = choices[main.id] === option.id;
    const alike = mains.filter((_, j) => j !== i && chosen[j]!.look === option.look);
    const shared =
      alike.length > 0
        ? [
            reason(
              'looks alike',
              { others: alike.map((m) => m.name) },
              { subject: subjectOf([main.id, ...alike.map((m) => m.id)]), effect: -alike.length },
            ),
          ]
        : [];
    return isCheese(main)
      ? cheeseCut(
          main,
          share,
          CUT_STYLES.find((s) => s.id === option.id)!,
          byHand,
          shared,
        )
      : meatCut(
          main,
          share,
          FOLDS.find((f) => f.id === option.id)!,
          byHand,
          shared,
        );
  });
}

function cheeseCut(cheese: Cheese, net: Grams, style: CutStyle, byHand: boolean, shared: Reason[]): Cut {
  const gross = grossFor(cheese, net);
  const piece = style.piece(cheese, gross);
  const usual = stylesFor(cheese).sort((a, b) => b.suits(cheese) - a.suits(cheese));
  const subject = cheese.id;
  const reasons: Reason[] = [
    reason('suits the cheese', { style: style.id }, { subject, effect: style.suits(cheese) }),
    ...shared,
    ...biteReasons(style, piece, subject),
  ];
  if (style.id !== usual[0]!.id && !byHand)
    reasons.push(reason('not its usual cut', { usual: usual[0]!.id }, { subject, effect: -1 }));
  return {
    goodId: cheese.id,
    styleId: style.id,
    look: style.look,
    tool: style.knife,
    pieces: Math.max(1, Math.round(net / piece.grams)),
    pieceGrams: piece.grams,
    longestMm: piece.longestMm,
    sliceMm: null,
    wheel: wheelCut(cheese, gross),
    byHand,
    reasons,
    others: usual.map(({ id }) => id).filter((id) => id !== style.id),
  };
}

/** Every piece should be taken in one motion and eaten in one or two bites; spooned and whole things are exempt. */
function biteReasons(style: CutStyle, piece: Piece, subject: string): Reason[] {
  if (style.look === 'spoonful' || style.look === 'whole' || style.look === 'pearl') return [];
  const about = { subject, effect: -1 };
  const out: Reason[] = [];
  if (piece.grams > BITE.to) out.push(reason('heavy piece', { piece: grams(piece.grams) }, about));
  if (piece.longestMm > 2 * BITE.mm)
    out.push(reason('long piece', { longest: millimetres(piece.longestMm) }, about));
  return out;
}

/** Where the shop cuts from a wheel to order: angle and chord for the gross weight. */
function wheelCut(cheese: Cheese, gross: number): WheelCut | null {
  const { shape, diameter, grams } = cheese.form;
  const fromWheel = cheese.pack.form === 'cut to order' && ['wheel', 'half wheel', 'drum'].includes(shape);
  if (!fromWheel || diameter === null || gross >= grams) return null;
  const angle = wedgeAngle(gross, roundGrams(cheese));
  const chordMm = chordOf(diameter, angle);
  return { angle, chordMm, split: angle < SMALLEST_WEDGE_DEGREES || chordMm < SMALLEST_CHORD_MM };
}

function meatCut(meat: Meat, net: Grams, fold: Fold, byHand: boolean, shared: Reason[]): Cut {
  const spread = meat.build === 'spreadable';
  const mm = fold.id === 'bias slices' ? SAUSAGE_SLICE_MM : meat.slice.mm;
  const pieceGrams = spread ? 10 : discGrams(meat.slice.diameter, mm, densityOf(meat.form));
  const usual = foldsFor(meat).sort((a, b) => b.suits(meat) - a.suits(meat));
  return {
    goodId: meat.id,
    styleId: fold.id,
    look: fold.id,
    tool: fold.tool,
    pieces: Math.max(1, Math.round(net / pieceGrams)),
    pieceGrams,
    longestMm: meat.slice.diameter,
    sliceMm: spread ? null : mm,
    wheel: null,
    byHand,
    reasons: [
      reason('suits the meat', { fold: fold.id }, { subject: meat.id, effect: fold.suits(meat) }),
      ...shared,
    ],
    others: usual.map(({ id }) => id).filter((id) => id !== fold.id),
  };
}
