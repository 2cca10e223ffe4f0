import { isBoxed } from '../brief/index.js';
import type { Good } from '../counter/index.js';
import {
  plateKit,
  toolKit,
  type Board,
  type Garnish,
  type LaidBoard,
  type PlateKit,
  type Thing,
  type ToolLine,
} from '../lay/index.js';
import type { OwnPlate } from '../plate/index.js';
import type { Grams } from '../units/index.js';
import type { Paper } from './paper.js';

/** What travels: boards, vessels, tools and bells, food on the board and food in the cold. */
export interface PackingList {
  readonly boxed: boolean;
  /** Of each board, and of what is on it. */
  readonly many: number;
  readonly boards: readonly { readonly key: string; readonly board: Board; readonly weight: Grams }[];
  readonly vessels: readonly Thing[];
  readonly tools: readonly ToolLine[];
  readonly bells: LaidBoard['bells'];
  readonly divided: readonly Thing[];
  readonly inTheCold: readonly { readonly good: Good; readonly held: number }[];
  readonly apart: readonly Good[];
  readonly plates: readonly { readonly plate: OwnPlate; readonly kit: PlateKit }[];
  readonly garnish: readonly Garnish[];
}

export const packingPaper: Paper<PackingList> = {
  for: 'shop',
  needs: [],
  data: ({ plan }) => {
    const { laid, choice, apart, garnish } = plan.boards;
    const things = laid.flatMap((board) => board.things);
    const boxed = isBoxed(plan.brief);
    return {
      boxed,
      many: choice?.many ?? 1,
      boards: laid.map(({ key, board, weight }) => ({ key, board, weight })),
      vessels: things.filter(({ vessel }) => vessel !== null),
      tools: toolKit(plan),
      bells: laid.flatMap(({ bells }) => bells),
      divided: things.filter(({ divided }) => divided),
      inTheCold: plan.mains.flatMap((good) => {
        const { held } = plan.ahead.get(good.id)!;
        return held >= 1 ? [{ good, held }] : [];
      }),
      apart,
      plates: plateKit(plan.ownPlates, boxed).map((kit, i) => ({ kit, plate: plan.ownPlates[i]! })),
      garnish,
    };
  },
};
