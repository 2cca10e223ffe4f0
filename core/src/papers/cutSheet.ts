import { type BasisField, isSaid, lotOn, isCompanion, type Companion, type Main } from '../counter/index.js';
import { produceCut, stepsOf, type Ahead, type Cut, type ProduceCut } from '../cut/index.js';
import type { Plan } from '../order/index.js';
import { platesToCut, type ChildLine, type PlateToCut } from '../plate/index.js';
import type { Portion } from '../portion/index.js';
import type { Reason } from '../units/index.js';
import { eldersOf } from './elders.js';
import type { Paper } from './paper.js';

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
  /** What its size and rind go by and nobody said: to be looked at before it is cut. */
  readonly guessed: readonly BasisField[];
}

/** Guesses by which hands would cut wrong. */
const CUT_BY: readonly BasisField[] = ['making', 'shape', 'rind'];

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
    guessed: CUT_BY.filter((field) => !isSaid(main, field)),
    cleanFirst: plan.sequence.find((step) => step.main.id === main.id)?.cleanFirst ?? true,
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
      lines: plan.sequence
        .filter((step) => step.station === id)
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

/** For the hands at the counter. */
export interface CutSheet {
  /** Own plates are cut first. */
  readonly plates: readonly PlateToCut[];
  readonly stations: readonly Station[];
  readonly produce: readonly ProduceLine[];
  /** Minutes from serving at which a good leaves the cold, by its id; empty until the day is searched. */
  readonly outAt: Readonly<Record<string, number>>;
  /** What the scale said of what is cut already. */
  readonly weighed: Plan['weighed'];
  readonly drinks: readonly string[];
  readonly children: readonly ChildLine[];
  readonly note: string;
  /** What elders and the frail are usually told to leave alone. */
  readonly elders: readonly string[];
  readonly safety: Plan['timing']['question']['safety'];
}

export const cutSheetPaper: Paper<CutSheet> = {
  for: 'shop',
  needs: [],
  takes: ['day'],
  data: ({ plan, order, house, day }) => ({
    plates: platesToCut(plan, house),
    stations: stations(plan),
    produce: produceLines(plan),
    outAt: Object.fromEntries((day?.outings ?? []).map(({ good, out }) => [good.id, out]).reverse()),
    weighed: plan.weighed,
    drinks: plan.pairs.set.flatMap(({ beside }) => (beside.kind === 'drink' ? [beside.name] : [])),
    children: plan.children,
    note: order.note,
    elders: eldersOf(plan),
    safety: plan.timing.question.safety,
  }),
};
