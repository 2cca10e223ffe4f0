import type { Main } from '../counter/index.js';
import { STAND_INS, type Cut, type Kit, type Tool } from '../cut/index.js';
import type { Bell } from './bells.js';

/** A tool that lies at the table, for which goods, and what stands in where it is missing. */
export interface ToolLine {
  readonly id: Tool['id'];
  /** Names of the goods that it serves. */
  readonly goods: readonly string[];
  readonly kit: Kit | null;
  /** What a household has in its place; null: it is there, or nothing stands in. */
  readonly standIn: string | null;
  /** Picks are counted out and in, one a piece; null: it is no pick. */
  readonly picks: number | null;
}

/** The tools of a table, kit there against kit missing. */
export function toolKit({
  serving,
  mains,
  cuts,
}: {
  readonly serving: readonly Tool[];
  readonly mains: readonly Main[];
  readonly cuts: readonly Cut[];
}): ToolLine[] {
  return serving.map(({ id, goods, kit }) => ({
    id,
    goods: goods.map((good) => mains.find((main) => main.id === good)?.name ?? good),
    kit,
    standIn: kit ? null : (STAND_INS[id] ?? null),
    picks:
      id === 'pick'
        ? cuts.filter((cut) => goods.includes(cut.goodId)).reduce((sum, { pieces }) => sum + pieces, 0)
        : null,
  }));
}

/** Bells and tools that are hired: what the shop has not, the customer has not, and nothing in a household stands in for. */
export const toHire = (
  serving: readonly Tool[],
  laid: readonly { readonly bells: readonly Bell[] }[],
  boards: number,
): number =>
  boards *
  (serving.filter(({ id, kit }) => !kit && STAND_INS[id] === undefined).length +
    laid.reduce((sum, { bells }) => sum + bells.filter(({ ware }) => !ware).length, 0));
