import type { House } from '../brief/index.js';
import { isCompanion, isMain } from '../counter/index.js';
import { cutsFor, cutTableOf, produceCut, type Cut, type ProduceCut } from '../cut/index.js';
import type { Plan } from '../order/index.js';
import type { OwnPlate, PlateLine } from '../plate/index.js';

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

const piecesIn = (net: number, piece: number): number | null =>
  piece > 0 ? Math.max(1, Math.round(net / piece)) : null;

/** Every own plate with how each of its goods is cut; own plates are cut first. */
export function platesToCut(plan: Plan, house: House): PlateToCut[] {
  const table = cutTableOf(plan.brief, house);
  const cutOf = ({ good, net }: PlateLine, guests: number): Cut | null => {
    if (!isMain(good)) return null;
    const onBoard = plan.cuts.find(({ goodId }) => goodId === good.id);
    if (onBoard) return onBoard;
    const share = { net, eaters: guests };
    return cutsFor([good], new Map([[good.id, share]]), {}, table, plan.brief.servingAt)[0] ?? null;
  };
  return plan.ownPlates.map((plate) => ({
    plate,
    cuts: plate.lines.map((line): PlateCut => {
      const cut = cutOf(line, plate.guests);
      const produce = isCompanion(line.good) ? produceCut(line.good, line.net) : null;
      const pieces = cut ? piecesIn(line.net, cut.pieceGrams) : (produce?.pieces ?? null);
      return { line, cut, produce, pieces };
    }),
  }));
}
