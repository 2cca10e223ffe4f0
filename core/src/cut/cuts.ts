import { isCheese, lotOn, type Cheese, type Main, type Meat } from '../counter/index.js';
import { edibleShare } from '../amount/index.js';
import {
  grams,
  millimetres,
  reason,
  subjectOf,
  type Grams,
  type Millimetres,
  type Reason,
} from '../units/index.js';
import { answer, isSoldWhole, type Answer } from './answer.js';
import { assignLooks, type Option } from './assign.js';
import { biteReasons } from './bite.js';
import { FOLDS, foldOf, type Fold, type FoldId, type FoldPlan } from './folds.js';
import type { KnifeId, ToolId } from './knives.js';
import type { Polygon } from './plane.js';
import { CUT_STYLES, type CutStyle, type CutStyleId } from './styles.js';
import { tableReasons, type Table } from './suit.js';
import { wheelCut, type WheelCut } from './wheel.js';

declare module '../units/reason.js' {
  interface Rules {
    'suits the cheese': { style: CutStyleId };
    'suits the meat': { fold: FoldId };
    'looks alike': { others: readonly string[] };
    'not its usual cut': { usual: CutStyleId | FoldId };
    'too few pieces': { pieces: number; eaters: number; piece: Grams };
    'density to be weighed': { kgPerM3: number };
    'slices halved': { across: Millimetres };
  }
}

/** What a cut is asked for: grams to be eaten, and by how many. */
export interface Asked {
  readonly net: number;
  readonly eaters: number;
}

export interface Cut {
  readonly goodId: string;
  readonly styleId: CutStyleId | FoldId;
  readonly look: string;
  /** The blade behind the counter, and what guests take it with. */
  readonly knife: KnifeId;
  readonly serving: ToolId;
  /** g; net + trim + offcuts + loss = gross. */
  readonly net: number;
  readonly gross: number;
  readonly trim: number;
  readonly offcuts: number;
  readonly loss: number;
  readonly pieces: number;
  readonly pieceGrams: number;
  /** Lightest and heaviest piece, g; of what is broken by hand the usual range. */
  readonly range: { readonly low: number; readonly high: number };
  /** Broken by hand: means stand for pieces. */
  readonly estimated: boolean;
  /** Straight measures of a piece, the longest first, mm. */
  readonly measures: readonly [number, number, number];
  /** Share of a piece that is rind, over its kinds. */
  readonly rind: { readonly low: number; readonly mean: number; readonly high: number };
  readonly heartToRind: boolean;
  /** A piece as it lies: outline about its centre, and how high. */
  readonly outline: Polygon;
  readonly height: number;
  /** Meats only: the slice. */
  readonly sliceMm: number | null;
  readonly fold: FoldPlan | null;
  /** Cheeses only: what is divided, and how often. */
  readonly answer: Answer | null;
  readonly wheel: WheelCut | null;
  /** Unwrapping, trimming and cutting, by practised hands, s. */
  readonly seconds: number;
  /** It stands whole, and guests cut from it. */
  readonly whole: boolean;
  readonly byHand: boolean;
  readonly reasons: readonly Reason[];
  /** Other cuts that suit, the usual first, for changing it by hand. */
  readonly others: readonly (CutStyleId | FoldId)[];
}

export type CutChoices = Readonly<Record<string, string>>;

/** A piece for everybody who eats of it, and a tenth more. Common practice, no source. */
const MORE_THAN_EATERS = 1.1;
/** Unwrap, check and weigh; take a rind off; casing off; set the slicer up (trade table). */
const SECONDS = { start: 90, trim: 120, casing: 60, slicer: 180 };
/** Of 50 g that are crumbled, in pieces. */
const stylesFor = (cheese: Cheese) => CUT_STYLES.filter((style) => style.suits(cheese) > 0);
const foldsFor = (meat: Meat) => FOLDS.filter((fold) => fold.suits(meat) > 0);

interface Treatment {
  readonly option: Option;
  readonly reasons: readonly Reason[];
}

/** Every treatment of a good, with how well it suits the good, the table and the house; the best first. */
function treatmentsOf(main: Main, table: Table): Treatment[] {
  const subject = main.id;
  const all = isCheese(main)
    ? stylesFor(main).map((style): Treatment => {
        const own = reason('suits the cheese', { style: style.id }, { subject, effect: style.suits(main) });
        return {
          option: { id: style.id, look: style.look, suits: 0 },
          reasons: [own, ...tableReasons(style, table, subject)],
        };
      })
    : foldsFor(main).map((fold): Treatment => {
        const own = reason('suits the meat', { fold: fold.id }, { subject, effect: fold.suits(main) });
        return { option: { id: fold.id, look: fold.id, suits: 0 }, reasons: [own] };
      });
  return all
    .map(({ option, reasons }) => {
      const suits = reasons.reduce((sum, { effect }) => sum + effect, 0);
      return { option: { ...option, suits }, reasons };
    })
    .sort((a, b) => b.option.suits - a.option.suits);
}

/**
 * The cut of every cheese and the fold of every meat: what suits each and the table, as few alike as may be, with pieces,
 * weights and measures.
 * @param asked grams to be eaten and heads that eat of it, by good id
 */
export function cutsFor(
  mains: readonly Main[],
  asked: ReadonlyMap<string, Asked>,
  choices: CutChoices,
  table: Table,
  date: string,
): Cut[] {
  const treatments = mains.map((main) => treatmentsOf(main, table));
  const open = treatments.map((all, i) => {
    const chosen = all.filter(({ option }) => option.id === choices[mains[i]!.id]);
    return (chosen.length > 0 ? chosen : all).map(({ option }) => option);
  });
  const chosen = assignLooks(open);
  return mains.map((main, i) => {
    const option = chosen[i]!;
    const all = treatments[i]!;
    const byHand = choices[main.id] === option.id;
    const alike = mains.filter((_, j) => j !== i && chosen[j]!.look === option.look);
    const reasons = [...all.find((t) => t.option.id === option.id)!.reasons];
    if (alike.length > 0)
      reasons.push(
        reason(
          'looks alike',
          { others: alike.map((m) => m.name) },
          { subject: subjectOf([main.id, ...alike.map((m) => m.id)]), effect: -alike.length },
        ),
      );
    const ids = all.map((t) => t.option.id as CutStyleId | FoldId);
    if (ids[0] !== option.id && !byHand)
      reasons.push(reason('not its usual cut', { usual: ids[0]! }, { subject: main.id, effect: -1 }));
    const frame = { byHand, reasons, others: ids.filter((id) => id !== option.id) };
    const share = asked.get(main.id)!;
    return isCheese(main)
      ? cheeseCut(
          main,
          share,
          CUT_STYLES.find(({ id }) => id === option.id)!,
          frame,
          date,
        )
      : meatCut(
          main,
          share,
          FOLDS.find(({ id }) => id === option.id)!,
          frame,
        );
  });
}

type Frame = Pick<Cut, 'byHand' | 'others'> & { readonly reasons: readonly Reason[] };

const leastPieces = ({ eaters }: Asked): number => Math.ceil(eaters * MORE_THAN_EATERS - 1e-9);

/** Density of close-textured paste, kg/m3 (practice.csv); eyed, open, curd and tub are outside it and must be weighed. */
const DENSITY = { low: 1030, high: 1130 };

function cheeseCut(cheese: Cheese, asked: Asked, style: CutStyle, frame: Frame, date: string): Cut {
  const lot = lotOn(cheese, date)?.lot ?? null;
  const least = style.whole ? 0 : leastPieces(asked);
  const guess = wheelCut(cheese, asked.net / edibleShare(cheese), lot);
  const parts = guess?.parts ?? 1;
  const got = answer(style, cheese, asked.net, least, parts);
  const wheel = wheelCut(cheese, got.gross, lot);
  const { division, stock, piece } = got;
  const kinds = division.pieces;
  const volume = kinds.reduce((sum, kind) => sum + kind.count * kind.volume, 0);
  const commonest = kinds.reduce((most, kind) =>
    kind.count * kind.volume > most.count * most.volume ? kind : most,
  );
  const rinds = kinds.map(({ rind }) => rind);
  const whole = style.whole === true;
  const subject = cheese.id;
  const kg = stock.density * 1e6;
  return {
    goodId: cheese.id,
    styleId: style.id,
    look: style.look,
    knife: style.knife,
    serving: style.serving,
    net: got.net,
    gross: got.gross,
    trim: got.trim,
    offcuts: got.offcuts,
    loss: got.loss,
    pieces: Math.max(asked.net > 0 ? 1 : 0, got.pieces),
    pieceGrams: piece.mean,
    range: { low: piece.low, high: piece.high },
    estimated: division.spread !== null,
    measures: commonest.measures,
    rind: {
      low: Math.min(...rinds),
      mean:
        volume > 0 ? kinds.reduce((sum, kind) => sum + kind.rind * kind.count * kind.volume, 0) / volume : 0,
      high: Math.max(...rinds),
    },
    heartToRind: division.heartToRind,
    outline: commonest.outline,
    height: commonest.height,
    sliceMm: null,
    fold: null,
    answer: got,
    wheel,
    seconds:
      SECONDS.start +
      (stock.trim > 0 ? SECONDS.trim : 0) +
      (whole ? style.seconds : style.seconds * got.pieces),
    whole,
    ...frame,
    reasons: [
      ...frame.reasons,
      ...biteReasons(style.look, piece.mean, commonest.measures, subject),
      ...fewReasons(whole ? Infinity : got.pieces, asked, piece.mean, subject),
      ...(isSoldWhole(cheese) || (kg >= DENSITY.low * 0.9 && kg <= DENSITY.high * 1.1)
        ? []
        : [reason('density to be weighed', { kgPerM3: kg }, { subject, effect: -1 })]),
    ],
  };
}

function fewReasons(pieces: number, asked: Asked, piece: number, subject: string): Reason[] {
  const eaters = Math.ceil(asked.eaters);
  return pieces < eaters
    ? [
        reason(
          'too few pieces',
          { pieces, eaters, piece: grams(piece) },
          { subject, effect: pieces - eaters },
        ),
      ]
    : [];
}

function meatCut(meat: Meat, asked: Asked, fold: Fold, frame: Frame): Cut {
  const plan = foldOf(fold, meat);
  const slice = plan.grams / plan.slices;
  const pieces = Math.max(asked.net > 0 ? 1 : 0, Math.round(asked.net / slice));
  const grabs = Math.max(1, Math.ceil(pieces / plan.slices));
  const gross = asked.net / edibleShare(meat);
  const casing = meat.contents.casing === 'none' || meat.casingEaten ? 0 : 1;
  // What is lost on the slicer, and what the casing weighs, each by its own share (amount/edible.ts).
  const loss = gross * (1 - edibleShare({ ...meat, casingEaten: true }));
  const long = [...[plan.length, plan.width, plan.height]].sort(
    (a, b) => b - a,
  ) as unknown as Cut['measures'];
  const subject = meat.id;
  return {
    goodId: meat.id,
    styleId: fold.id,
    look: fold.id,
    knife: fold.knife,
    serving: fold.serving,
    net: asked.net,
    gross,
    trim: gross - loss - asked.net,
    offcuts: 0,
    loss,
    pieces,
    pieceGrams: slice,
    range: { low: slice, high: slice },
    estimated: plan.sliceMm === null,
    measures: plan.slices > 1 ? [plan.across, plan.across / 2, plan.sliceMm ?? 10] : long,
    rind: { low: 0, mean: 0, high: 0 },
    heartToRind: false,
    outline: plan.outline,
    height: plan.height,
    sliceMm: plan.sliceMm,
    fold: plan,
    answer: null,
    wheel: null,
    seconds:
      SECONDS.start +
      (fold.knife === 'slicer' ? SECONDS.slicer : 0) +
      casing * SECONDS.casing +
      fold.seconds * (fold.id === 'rose' ? grabs : pieces) +
      (fold.knife === 'slicer' ? 2 * pieces : 0),
    whole: false,
    ...frame,
    reasons: [
      ...frame.reasons,
      ...(plan.halved
        ? [reason('slices halved', { across: millimetres(plan.across) }, { subject, effect: 0 })]
        : []),
      ...fewReasons(pieces, asked, slice, subject),
    ],
  };
}
