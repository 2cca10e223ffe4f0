import { BESIDE_OF, besidePerAdult, purchase, usualPurchase } from '../amount/index.js';
import { measurer } from '../balance/index.js';
import { mid, USUAL_PRACTICE, type House } from '../brief/index.js';
import { servedOn, type Good, type Main, type Counted, type Served } from '../counter/index.js';
import { grams, money, type Money } from '../units/index.js';
import { dropExtra, leaveOut, swap } from './moves.js';
import type { OrderBody } from './order.js';
import { plan, type Plan } from './plan.js';
import { ofItsKind } from '../pick/index.js';
import { setPortion } from '../portion/index.js';

/** What a repair does; the good that it is about, and what comes in its place. */
export type RepairKind =
  'drinks apart' | 'low end' | 'cheaper of the kind' | 'less of it' | 'left out' | 'extra dropped';

/** A way back into the budget. */
export interface Repair {
  readonly kind: RepairKind;
  readonly subject: Good | null;
  readonly by: Good | null;
  readonly saves: Money;
  /** Points of the balance that it costs; below nothing: it betters it. */
  readonly loses: number;
  /** Is the order within its budget after it alone? */
  readonly enough: boolean;
  readonly order: OrderBody;
}

interface Draft {
  readonly kind: RepairKind;
  readonly subject: Good | null;
  readonly by?: Good;
  readonly order: OrderBody;
}

/** Cheaper goods of a kind that are weighed up for each place. */
const TRIED = 8;
/** A saving below this share of what is over is not worth a word. */
const WORTH = 0.1;

/**
 * The ways back into the budget, cheapest loss first: each is planned out, so that what it does to balance and money is what
 * happens when it is taken. Nothing when the order is within its budget, or has none.
 */
export function repairsOf(order: OrderBody, shelf: Counted, house: House): Repair[] {
  const now = plan(order, shelf, house);
  const over = -(now.sum.remaining ?? 0);
  if (over <= 0) return [];
  const drafts = [
    ...drinksApart(order),
    ...lowEnd(order, now),
    ...cheaper(order, now, servedOn(shelf, order.brief.servingAt)),
    ...lessBeside(order, now),
    ...extrasDropped(order, now),
    ...leftOut(order, now),
  ];
  return drafts
    .map(({ by, ...draft }): Repair => {
      const then = plan(draft.order, shelf, house);
      return {
        ...draft,
        by: by ?? null,
        saves: money(now.sum.price - then.sum.price),
        loses: now.balance.value - then.balance.value,
        enough: (then.sum.remaining ?? 0) >= 0,
      };
    })
    .filter(({ saves }) => saves >= WORTH * over)
    .sort((a, b) => a.loses - b.loses || b.saves - a.saves);
}

/** The customer sees to the drinks. */
const drinksApart = (order: OrderBody): Draft[] =>
  order.drinks === 'with the order'
    ? [{ kind: 'drinks apart', subject: null, order: { ...order, drinks: 'suggested' } }]
    : [];

/** Cheese and meat at the low end of what practice gives for the role. */
function lowEnd(order: OrderBody, { brief, portions }: Plan): Draft[] {
  const range = (brief.practice ?? USUAL_PRACTICE).gramsPerAdult[brief.role];
  const low = portions.mains.map(({ good, net }): [string, number] => {
    const { low: least, high } = range[good.kind as Main['kind']];
    const usual = mid({ low: least, high });
    return [good.id, usual > 0 ? Math.round((net * least) / usual) : net];
  });
  const own = Object.keys(order.portions).some((id) => low.some(([main]) => main === id));
  if (own || low.length === 0) return [];
  return [
    {
      kind: 'low end',
      subject: null,
      order: low.reduce((now, [id, net]) => setPortion(now, id, net), order),
    },
  ];
}

/** For each place the cheaper good of its kind, family and limits that leaves the best board. */
function cheaper(order: OrderBody, now: Plan, counter: Served): Draft[] {
  const { brief, mains, targets } = now;
  const measure = measurer(brief);
  const priceOf = (main: Main) => {
    const { total, kinds } = main.kind === 'cheese' ? targets.cheeses : targets.meats;
    return usualPurchase(main, total, kinds).price;
  };
  return mains.flatMap((main): Draft[] => {
    if (order.selection.locked.includes(main.id)) return [];
    const others = mains.filter(({ id }) => id !== main.id);
    const price = priceOf(main);
    const [best] = ofItsKind(order, now, counter, main)
      .filter((good) => priceOf(good) < price)
      .sort((a, b) => priceOf(a) - priceOf(b))
      .slice(0, TRIED)
      .map((good) => ({ good, value: measure([...others, good]).value }))
      .sort((a, b) => b.value - a.value);
    if (!best) return [];
    return [
      {
        kind: 'cheaper of the kind',
        subject: main,
        by: best.good,
        order: swap(order, main.id, best.good.id),
      },
    ];
  });
}

/** A dear companion at the low end of its figure. */
function lessBeside(order: OrderBody, { brief, portions }: Plan): Draft[] {
  const { besidePerAdult: ranges } = brief.practice ?? USUAL_PRACTICE;
  return portions.companions.flatMap(({ good, net, byHand, price }): Draft[] => {
    if (good.kind !== 'companion' || byHand) return [];
    const what = BESIDE_OF[good.role];
    const usual = besidePerAdult(brief, what);
    if (what === 'bread' || usual <= 0) return [];
    const low = Math.round((net * ranges[what].low) / Math.max(ranges[what].low, usual));
    if (purchase(good, grams(low), brief.practice).price >= price) return [];
    return [
      {
        kind: 'less of it',
        subject: good,
        order: setPortion(order, good.id, low),
      },
    ];
  });
}

const extrasDropped = (order: OrderBody, { extras }: Plan): Draft[] =>
  extras.map((good) => ({ kind: 'extra dropped', subject: good, order: dropExtra(order, good.id) }));

/** One kind fewer, where more than one is there: the others share its weight. */
const leftOut = (order: OrderBody, { mains }: Plan): Draft[] =>
  mains
    .filter(
      ({ id, kind }) =>
        !order.selection.locked.includes(id) && mains.filter((m) => m.kind === kind).length > 1,
    )
    .map((good) => ({ kind: 'left out', subject: good, order: leaveOut(order, good.id) }));
