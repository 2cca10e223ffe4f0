import type { Main } from '../counter/index.js';
import type { Cut } from '../cut/index.js';
import type { Plan } from '../order/index.js';
import type { Portion } from '../portion/index.js';

export interface CutLine {
  readonly number: number;
  readonly main: Main;
  readonly portion: Portion;
  readonly cut: Cut;
}

/** The cut sheet: every cheese and meat in the order of the walk. */
export function cutSheet(plan: Plan): CutLine[] {
  return plan.walk.steps.map(({ number, main }) => ({
    number,
    main,
    portion: plan.portions.mains.find((p) => p.good.id === main.id)!,
    cut: plan.cuts.find((c) => c.goodId === main.id)!,
  }));
}
