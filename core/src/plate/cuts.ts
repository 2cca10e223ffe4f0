import type { Brief, House } from '../brief/index.js';
import { isCompanion, isMain } from '../counter/index.js';
import { cutsFor, cutTableOf, produceCut, type Cut, type ProduceCut } from '../cut/index.js';
import type { PlateLine } from './line.js';
import type { OwnPlate } from './plate.js';

/** How one line of an own plate is cut: as on the board where it lies there too, else by its own best cut. */
export interface PlateCut {
  readonly line: PlateLine;
  readonly cut: Cut | null;
  readonly produce: ProduceCut | null;
  /** Pieces for this plate; null: by eye. */
  readonly pieces: number | null;
}

export interface PlateToCut {
  readonly plate: OwnPlate;
  readonly cuts: readonly PlateCut[];
}

/** An order as far as its plates are cut. */
export interface PlatesOf {
  readonly ownPlates: readonly OwnPlate[];
  readonly cuts: readonly Cut[];
  readonly brief: Brief;
}

const piecesIn = (net: number, piece: number): number | null =>
  piece > 0 ? Math.max(1, Math.round(net / piece)) : null;

/** Every own plate with how each of its goods is cut; own plates are cut first. */
export function platesToCut({ ownPlates, cuts: onBoard, brief }: PlatesOf, house: House): PlateToCut[] {
  const table = cutTableOf(brief, house);
  const cutOf = ({ good, net }: PlateLine, guests: number): Cut | null => {
    if (!isMain(good)) return null;
    const asThere = onBoard.find(({ goodId }) => goodId === good.id);
    if (asThere) return asThere;
    const share = { net, eaters: guests };
    return cutsFor([good], new Map([[good.id, share]]), {}, table, brief.servingAt)[0] ?? null;
  };
  return ownPlates.map((plate) => ({
    plate,
    cuts: plate.lines.map((line): PlateCut => {
      const cut = cutOf(line, plate.guests);
      const produce = isCompanion(line.good) ? produceCut(line.good, line.net) : null;
      const pieces = cut ? piecesIn(line.net, cut.pieceGrams) : (produce?.pieces ?? null);
      return { line, cut, produce, pieces };
    }),
  }));
}

/** The work of one own plate at the counter. */
export interface PlateWork {
  readonly goods: readonly string[];
  /** Cutting and filling, s; setting it together is not in it. */
  readonly seconds: number;
  /** Some of it is sliced by machine, which is stripped and cleaned before. */
  readonly slices: boolean;
}

/** What each own plate asks of the hands that cut it, in the order of the plates. */
export const plateWorks = (order: PlatesOf, house: House): PlateWork[] =>
  platesToCut(order, house).map(({ cuts }) => ({
    goods: cuts.map(({ line }) => line.good.id),
    seconds: cuts.reduce((sum, one) => sum + secondsOf(one), 0),
    slices: cuts.some(({ cut }) => cut?.knife === 'slicer'),
  }));

/** As long as its share of the pieces takes; what is left whole is only unwrapped. */
function secondsOf({ cut, produce, pieces }: PlateCut): number {
  if (produce) return produce.seconds;
  if (!cut) return 0;
  return cut.whole || pieces === null ? 0 : (cut.seconds * pieces) / Math.max(1, cut.pieces);
}
