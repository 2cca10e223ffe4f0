import { packGrams, type Cheese } from '../counter/index.js';
import { lumps, type Division, type Pieces } from './division/index.js';
import { roundGrams, volumeOf, wholeStock, type Stock } from './stock.js';
import type { CutStyle } from './style.js';

/** What a cut style says when it is asked for grams to eat. Grams; net + trim + offcuts + handle + loss = gross. */
export interface Answer {
  readonly net: number;
  readonly gross: number;
  readonly trim: number;
  readonly offcuts: number;
  /** Rind that is left on the pieces and not eaten. */
  readonly handle: number;
  /** What stays on knife and board. */
  readonly loss: number;
  readonly pieces: number;
  /** Mean weight of a piece, and the lightest and heaviest. */
  readonly piece: { readonly mean: number; readonly low: number; readonly high: number };
  readonly stock: Stock;
  /** How many stocks are cut: of whole pieces the share that is used up. */
  readonly copies: number;
  readonly division: Division;
}

/** Sold as it is: what is cut is a whole piece, or some of them. */
export const isSoldWhole = (cheese: Cheese): boolean => cheese.pack.form !== 'cut to order';
/** Grams of the cut that is shown of a good of which none is eaten. */
const SHOWN_GRAMS = 200;
const none = (shown: Answer): Answer => ({
  ...shown,
  net: 0,
  gross: 0,
  trim: 0,
  offcuts: 0,
  handle: 0,
  loss: 0,
  pieces: 0,
  copies: 0,
});
/** No piece is aimed below this, or nobody tastes it. */
const LEAST_PIECE = 3;
/** Near enough: the knife is not so exact. */
const NEAR_ENOUGH = 0.002;
const MOST_TRIES = 3;
const CLOSED_TRIES = 6;
const bounded = (factor: number): number => Math.max(0.5, Math.min(2, factor));

/** Volume of pieces that is eaten: all but a handle. */
const eatenOf = ({ handle }: Stock, { volume, rind }: Pieces) => (handle ? volume * (1 - rind) : volume);

function cut(whole: Stock, style: CutStyle, grams: number) {
  const stock = style.handle ? whole : { ...whole, handle: false };
  const division = style.divide(stock, grams);
  // Too small for a single whole piece of the cut: it is broken as it comes.
  if (division.pieces.length === 0)
    return reckoned(style, { ...stock, handle: false }, lumps(stock, grams, grams / 2, grams * 2));
  return reckoned(style, stock, division);
}

function reckoned(style: CutStyle, stock: Stock, division: Division) {
  const eaten = division.pieces.reduce((sum, kind) => sum + kind.count * eatenOf(stock, kind), 0);
  return { stock, division, net: eaten * (1 - style.loss) * stock.density };
}

/** The part of the counter's piece that weighs `gross` grams: a wedge, a slab, a length; never more than there is of one. */
export function stockOf(cheese: Cheese, gross: number, parts = 1): Stock {
  const stock = wholeStock(cheese);
  const part = Math.min(1, gross / cheese.form.grams);
  switch (stock.kind) {
    case 'sector': {
      const angle = Math.min(360, (360 * gross * parts) / roundGrams(cheese));
      // Of a wheel taken in parts of its height the upper one is shown: rind above, a cut face below.
      return { ...stock, angle, height: stock.height / parts, bottom: parts === 1 };
    }
    case 'log':
      return { ...stock, height: stock.height * part, bottom: part >= 1 };
    case 'box':
      return { ...stock, length: stock.length * part, ends: part >= 1 ? 2 : 1 };
    default:
      return stock;
  }
}

/**
 * A style asked for net grams. Of what is cut to order the gross is sought within the style, so that trim, offcuts and loss of
 * this very cut are in it; of what is sold whole, whole pieces are cut until the net is there.
 * @param pieces at least this many, smaller where they must be
 * @param parts of the height in which the wheel is taken
 */
export function answer(style: CutStyle, cheese: Cheese, net: number, pieces: number, parts = 1): Answer {
  if (net <= 0) return none(answer(style, cheese, SHOWN_GRAMS, 0, parts));
  const wanted = Math.max(LEAST_PIECE, Math.min(style.piece, pieces > 0 ? net / pieces : style.piece));
  const proportional = isSoldWhole(cheese) || ['pyramid', 'ball', 'tub'].includes(wholeStock(cheese).kind);
  if (proportional) return fromWhole(style, cheese, net, wanted);
  const most = roundGrams(cheese) / parts;
  // What is inside the rind has a closed form: the knife is only put to it once the weight is near.
  const inside = (gross: number) => {
    const stock = stockOf(cheese, gross, parts);
    return volumeOf(stock, stock.trim) * stock.density * (1 - style.loss);
  };
  let gross = Math.min(most, net);
  for (let step = 0; step < CLOSED_TRIES; step++)
    gross = Math.min(most, gross * bounded(net / Math.max(1e-9, inside(gross))));
  let tried = cut(stockOf(cheese, gross, parts), style, wanted);
  for (let step = 0; step < MOST_TRIES && tried.net > 0; step++) {
    if (Math.abs(tried.net - net) <= NEAR_ENOUGH * net) break;
    gross = Math.min(most, gross * bounded(net / tried.net));
    tried = cut(stockOf(cheese, gross, parts), style, wanted);
  }
  return summed(style, tried.stock, tried.division, 1);
}

function fromWhole(style: CutStyle, cheese: Cheese, net: number, wanted: number): Answer {
  const packed = cheese.form.shape === 'tub' ? packGrams(cheese) : null;
  const whole = wholeStock(packed ? { ...cheese, form: { ...cheese.form, grams: packed as never } } : cheese);
  const { division, net: each } = cut(whole, style, wanted);
  return summed(style, whole, division, each > 0 ? net / each : 0);
}

function summed(style: CutStyle, stock: Stock, division: Division, copies: number): Answer {
  const { density } = stock;
  const eaten = density * (1 - style.loss);
  const kinds = division.pieces;
  const count = kinds.reduce((sum, kind) => sum + kind.count, 0);
  const volume = kinds.reduce((sum, kind) => sum + kind.count * eatenOf(stock, kind), 0);
  const left = kinds.reduce((sum, kind) => sum + kind.count * (kind.volume - eatenOf(stock, kind)), 0);
  // A piece weighs what lies on the board, its handle with it.
  const weights = kinds.map(
    (kind) => eatenOf(stock, kind) * eaten + (kind.volume - eatenOf(stock, kind)) * density,
  );
  const mean = count > 0 ? (volume * eaten + left * density) / count : 0;
  return {
    net: copies * volume * eaten,
    gross: copies * volumeOf(stock) * density,
    trim: copies * division.trim * density,
    offcuts: copies * division.offcuts * density,
    handle: copies * left * density,
    loss: copies * volume * density * style.loss,
    pieces: Math.round(copies * count),
    piece: {
      mean,
      low: division.spread?.low ?? Math.min(...weights),
      high: division.spread?.high ?? Math.max(...weights),
    },
    stock,
    copies,
    division,
  };
}
