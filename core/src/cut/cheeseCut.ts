import { edibleShare } from '../amount/index.js';
import { lotOn, pasteDensity, type Cheese } from '../counter/index.js';
import { reason, wholesFor, type Reason } from '../units/index.js';
import { answer, isSoldWhole, type Answer } from './answer.js';
import { biteReasons } from './bite.js';
import type { Pieces } from './division/index.js';
import { fewReasons, START_SECONDS, type CutRequest, type Cut, type Frame } from './cut.js';
import type { CutStyle } from './style.js';
import { wheelCut, type WheelCut } from './wheel.js';

declare module '../units/reason.js' {
  interface Rules {
    'measure-anew': { by: number };
    'weighed-not-measured': NoFigures;
  }
}

/** A piece for everybody who eats of it, and a tenth more. Common practice, no source. */
const MORE_THAN_EATERS = 1.1;
/** Taking a rind off, seconds (docs/trade.md `cut/cheeseCut TRIM_SECONDS`). */
const TRIM_SECONDS = 120;

const leastPieces = ({ eaters }: CutRequest): number => wholesFor(eaters * MORE_THAN_EATERS);

/** Weight and measures of a piece may differ by this share from what its paste weighs before the piece is measured anew. House's own figure. */
const DENSITY_TOLERANCE = 0.1;

/** Does its weight go with its measures? What holds air is weighed: no measure gives its weight. */
function densityReasons(cheese: Cheese, measured: number): Reason[] {
  if (isSoldWhole(cheese)) return [];
  const about = { subject: cheese.id };
  const paste = pasteDensity(cheese);
  if (paste === null) return [reason('weighed-not-measured', {}, about)];
  const by = measured / paste - 1;
  return Math.abs(by) <= DENSITY_TOLERANCE ? [] : [reason('measure-anew', { by }, { ...about, effect: -1 })];
}

/** The cut and where it comes off the wheel. In how many parts the wheel is taken depends on the gross weight, and that on the parts. */
function offTheWheel(
  cheese: Cheese,
  style: CutStyle,
  net: number,
  least: number,
  date: string,
): { got: Answer; wheel: WheelCut | null } {
  const lot = lotOn(cheese, date)?.lot ?? null;
  const parts = wheelCut(cheese, net / edibleShare(cheese), lot)?.parts ?? 1;
  const got = answer(style, cheese, net, least, parts);
  return { got, wheel: wheelCut(cheese, got.gross, lot, parts) };
}

/** Shares of a piece that are rind: the least, the mean by volume, the most. */
function rindsOf(kinds: readonly Pieces[]): Cut['rind'] {
  const rinds = kinds.map(({ rind }) => rind);
  const volume = kinds.reduce((sum, kind) => sum + kind.count * kind.volume, 0);
  const rind = kinds.reduce((sum, kind) => sum + kind.rind * kind.count * kind.volume, 0);
  return { low: Math.min(...rinds), mean: volume > 0 ? rind / volume : 0, high: Math.max(...rinds) };
}

/** A cheese cut in one style, for the grams to be eaten and how many eat. */
export function cheeseCut(
  cheese: Cheese,
  request: CutRequest,
  style: CutStyle,
  frame: Frame,
  date: string,
): Cut {
  const least = style.whole ? 0 : leastPieces(request);
  const { got, wheel } = offTheWheel(cheese, style, request.net, least, date);
  const { division, stock, piece } = got;
  const kinds = division.pieces;
  const commonest = kinds.reduce((most, kind) =>
    kind.count * kind.volume > most.count * most.volume ? kind : most,
  );
  const whole = style.whole === true;
  const subject = cheese.id;
  return {
    goodId: cheese.id,
    styleId: style.id,
    look: style.look,
    knife: style.knife,
    serving: style.serving,
    net: got.net,
    gross: got.gross,
    taken: request.net > 0 ? Math.max(got.gross, wheel?.grams ?? 0) : 0,
    trim: got.trim,
    offcuts: got.offcuts,
    handle: got.handle,
    loss: got.loss,
    pieces: Math.max(request.net > 0 ? 1 : 0, got.pieces),
    pieceGrams: piece.mean,
    range: { low: piece.low, high: piece.high },
    estimated: division.spread !== null,
    measures: commonest.measures,
    rind: rindsOf(kinds),
    heartToRind: division.heartToRind,
    outline: commonest.outline,
    height: commonest.height,
    sliceMm: null,
    fold: null,
    answer: got,
    wheel,
    seconds:
      START_SECONDS +
      (stock.trim > 0 ? TRIM_SECONDS : 0) +
      (whole ? style.seconds : style.seconds * got.pieces),
    whole,
    ...frame,
    reasons: [
      ...frame.reasons,
      ...biteReasons(style.look, piece.mean, commonest.measures, subject),
      ...fewReasons(whole ? Infinity : got.pieces, request, piece.mean, subject),
      ...densityReasons(cheese, stock.density * 1e6),
    ],
  };
}
