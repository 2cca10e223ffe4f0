import { gramsOnHand, type Good, type Main, type Counted } from '../counter/index.js';
import type { OrderBody, Plan } from '../order/index.js';
import { ofItsKind } from '../pick/index.js';
import { distanceIn } from '../sense/index.js';
import type { Paper } from './paper.js';

/** A good that was tasted, for guests who want to buy it. */
export interface LaterLine {
  readonly good: Good;
  /** Its step of the tasting; null: it stood beside. */
  readonly number: number | null;
  /** It lies on the counter today. */
  readonly onCounter: boolean;
  /** What lies there and tastes most like it; null: nothing of its kind. */
  readonly alike: Main | null;
}

const liesThere = (good: Good, on: string): boolean =>
  (gramsOnHand(good, on) ?? 0) > 0 || good.lots.some(({ pieces }) => pieces > 0);

/** The list to shop from later: what was on the table in the order of tasting, and for each good the nearest of its kind on the counter. */
export function laterList(plan: Plan, order: OrderBody, counter: Counted): LaterLine[] {
  const on = plan.servingAt;
  const nearest = (main: Main): Main | null =>
    ofItsKind(order, plan, counter, main)
      .filter((other) => liesThere(other, on))
      .map((other) => ({ other, far: distanceIn(main, other) }))
      .sort((a, b) => a.far - b.far || (a.other.id < b.other.id ? -1 : 1))[0]?.other ?? null;
  return [
    ...plan.walk.steps.map(({ number, main }) => ({
      good: main,
      number,
      onCounter: liesThere(main, on),
      alike: nearest(main),
    })),
    ...plan.beside.map((good) => ({
      good,
      number: plan.desserts.find((step) => step.good.id === good.id)?.number ?? null,
      onCounter: liesThere(good, on),
      alike: null,
    })),
  ];
}

/** For guests who liked something: what was on the table, the tasting's goods and what stood beside. */
export interface Later {
  readonly tasted: readonly LaterLine[];
  readonly beside: readonly LaterLine[];
}

export const laterPaper: Paper<Later> = {
  for: 'guests',
  needs: [],
  data: ({ plan, order, shelf }) => {
    const lines = laterList(plan, order, shelf);
    const isMainLine = ({ good }: LaterLine) => good.kind === 'cheese' || good.kind === 'meat';
    return { tasted: lines.filter(isMainLine), beside: lines.filter((line) => !isMainLine(line)) };
  },
};
