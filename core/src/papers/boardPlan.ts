import type { Good, Main } from '../counter/index.js';
import { buildOf, type BuildLine, type LaidBoard, type Layout } from '../lay/index.js';
import { shiftsOf } from '../clock/index.js';

import { layoutOf, type Paper } from './paper.js';

export interface PlannedBoard {
  readonly laid: LaidBoard;
  readonly layout: Layout;
  /** What goes where, in the order in which it is built. */
  readonly lines: readonly BuildLine[];
  /** Minutes from serving at which a thing is laid, by its id; empty until the day is searched. */
  readonly laidAt: Readonly<Record<string, number>>;
}

/** The plan of each board for somebody else to build, and what does not lie on it. */
export interface BoardPlan {
  readonly boards: readonly PlannedBoard[];
  readonly many: number;
  readonly heldBack: readonly { readonly good: Main; readonly held: number }[];
  readonly apart: readonly Good[];
  readonly between: readonly string[];
}

export const boardPlanPaper: Paper<BoardPlan> = {
  for: 'shop',
  needs: ['layouts'],
  takes: ['day'],
  hold: ({ plan }) =>
    plan.boards.laid.some(({ question }) => question) ? null : { because: 'no board to lay' },
  data: (ground) => {
    const { plan, day } = ground;
    const { laid, apart, between, choice } = plan.boards;
    const shifts = day ? shiftsOf(day, plan.timing.question.room.hands) : [];
    return {
      boards: laid.flatMap((one): PlannedBoard[] => {
        if (!one.question) return [];
        const { board, things, key } = one;
        const layout = layoutOf(ground, key);
        const middle = { x: board.length / 2, y: (board.round ? board.length : board.width) / 2 };
        return [
          {
            laid: one,
            layout,
            lines: buildOf(layout, things, middle),
            laidAt: Object.fromEntries(
              things.flatMap(({ id }) => {
                const found = shifts.find(({ task }) => task.id === `lay:${id}`);
                return found ? [[id, found.start]] : [];
              }),
            ),
          },
        ];
      }),
      many: choice?.many ?? 1,
      heldBack: plan.mains.flatMap((good) => {
        const { held } = plan.ahead.get(good.id)!;
        return held >= 1 ? [{ good, held }] : [];
      }),
      apart,
      between: between.map(({ name }) => name),
    };
  },
};
