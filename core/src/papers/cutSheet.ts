import { lotOn, isCompanion, type Companion, type Main } from '../counter/index.js';
import { produceCut, stepsOf, type Ahead, type Cut, type ProduceCut } from '../cut/index.js';
import type { Plan } from '../order/index.js';
import type { Portion } from '../portion/index.js';
import type { Reason } from '../units/index.js';

export interface CutLine {
  readonly number: number;
  readonly main: Main;
  readonly portion: Portion;
  readonly cut: Cut;
  readonly ahead: Ahead;
  readonly lot: string | null;
  readonly steps: readonly Reason[];
  /** Knife, board and hands are cleaned before it. */
  readonly cleanFirst: boolean;
}

/** Every cheese and meat in the order of the walk. */
export const cutSheet = (plan: Plan): CutLine[] =>
  plan.walk.steps.map(({ number, main }) => lineOf(plan, main, number));

function lineOf(plan: Plan, main: Main, number: number): CutLine {
  const cut = plan.cuts.find((c) => c.goodId === main.id)!;
  const ahead = plan.ahead.get(main.id)!;
  return {
    number,
    main,
    portion: plan.portions.mains.find((p) => p.good.id === main.id)!,
    cut,
    ahead,
    lot: lotOn(main, plan.brief.servingAt)?.lot.id ?? null,
    steps: stepsOf(main, cut, ahead),
    cleanFirst: plan.turns.find((turn) => turn.main.id === main.id)?.cleanFirst ?? true,
  };
}

/** What one pair of hands does: the cheese board, the slicer, or produce and bread; each in its order of cutting. */
export interface Station {
  readonly id: 'cheese' | 'slicer';
  readonly lines: readonly CutLine[];
}

export const stations = (plan: Plan): Station[] =>
  (['cheese', 'slicer'] as const)
    .map((id) => ({
      id,
      lines: plan.turns
        .filter((turn) => turn.station === id)
        .map(({ main }) =>
          lineOf(plan, main, plan.walk.steps.find((step) => step.main.id === main.id)?.number ?? 0),
        ),
    }))
    .filter(({ lines }) => lines.length > 0);

/** What is cut at the produce board, what browns and dries last. */
export interface ProduceLine {
  readonly good: Companion;
  readonly portion: Portion;
  readonly cut: ProduceCut;
}

const WHEN = ['ahead', 'late', 'last'] as const;

export const produceLines = (plan: Plan): ProduceLine[] =>
  plan.portions.companions
    .flatMap((portion): ProduceLine[] =>
      isCompanion(portion.good) && portion.net > 0
        ? [{ good: portion.good, portion, cut: produceCut(portion.good, portion.net) }]
        : [],
    )
    .sort((a, b) => WHEN.indexOf(a.cut.when) - WHEN.indexOf(b.cut.when));
