import { withTakenOn, type Caution, type OrderDanger } from '../care/index.js';
import { budgetTotal, headsThatEat, type House } from '../brief/index.js';
import type { Counted } from '../counter/index.js';
import { money, reason, reasonKey, type Money, type Reason } from '../units/index.js';
import { groundOf } from './ground.js';
import type { OrderBody } from './order.js';
import { inReadingOrder } from './rows.js';
import type { AnyStage, Line, Parts, StageId } from '../stage/index.js';
import { STAGES, type StageParts } from './stages.js';

declare module '../units/reason.js' {
  interface Rules {
    'over-budget': { over: Money };
  }
}

/**
 * A check that may be left, and the stage that decides it. It says what and how; it never scolds. What was left goes by rule and
 * subject.
 */
export type Advice = Reason & { readonly left: boolean; readonly stage: StageId };

/** The sum of the lines of all stages, and what it leaves of the budget. */
export interface Sum {
  /** What the customer pays. */
  readonly price: Money;
  readonly pricePerHead: Money;
  /** The price that was agreed with the customer; null: none. */
  readonly agreed: Money | null;
  /** What the shop pays for it, and what remains with it of the price that is paid. */
  readonly cost: Money;
  readonly margin: Money;
  readonly budget: Money | null;
  /** Budget less price; negative when over. */
  readonly remaining: Money | null;
}

/** Everything that follows from an order, a counter and a house: what each stage derives, and what they say together. */
export interface Plan extends StageParts {
  /** The same by stage, for stages that came later than this list. */
  readonly parts: Parts;
  readonly lines: readonly Line[];
  readonly sum: Sum;
  readonly advice: readonly Advice[];
  readonly cautions: readonly Caution[];
  /** What may hurt somebody: it holds what guests and customers would read. */
  readonly dangers: readonly OrderDanger[];
}

/** Derive the whole plan. Pure and quick; it never searches, and asking twice gives the same plan. */
export const plan = (order: OrderBody, shelf: Counted, house: House): Plan =>
  planWith(STAGES, order, shelf, house);

/** The plan of an order with these stages, each after those that it reads. */
export function planWith(stages: readonly AnyStage[], order: OrderBody, shelf: Counted, house: House): Plan {
  const ground = groundOf(order, shelf, house);
  const parts = {} as Record<string, object>;
  for (const row of inReadingOrder(stages)) parts[row.id] = row.derive(ground, parts as never);
  // What a stage says stands where the stage stands in the list.
  const collected = <T>(of: (row: AnyStage) => readonly T[] | undefined) =>
    stages.flatMap((row) => of(row) ?? []);
  const lines = collected((row) =>
    row.lines?.(parts as never, ground).map((line): Line => ({ ...line, stage: row.id })),
  );
  const sum = sumOf(lines, order);
  const left = new Set(order.adviceLeft.map(reasonKey));
  const advised = (stage: StageId, reasons: readonly Reason[] = []): Advice[] =>
    reasons.map((one) => ({ ...one, stage, left: left.has(reasonKey(one)) }));
  return {
    ...(Object.assign({}, ...Object.values(parts)) as StageParts),
    parts: parts as unknown as Parts,
    lines,
    sum,
    advice: [
      ...collected((row) => advised(row.id, row.advise?.(parts as never, ground))),
      // Where it is taken back: by a cheaper pick.
      ...advised('pick', budgetAdvice(sum)),
    ],
    cautions: collected((row) => row.cautions?.(parts as never, ground)),
    dangers: withTakenOn(
      collected((row) => row.dangers?.(parts as never, ground)),
      order.takenOn,
    ),
  };
}

function sumOf(lines: readonly Line[], { brief, agreed }: OrderBody): Sum {
  const all = (of: 'price' | 'cost') => money(lines.reduce((total, line) => total + (line[of] ?? 0), 0));
  const [price, cost] = [all('price'), all('cost')];
  const budget = budgetTotal(brief);
  return {
    price,
    pricePerHead: money(price / Math.max(1, headsThatEat(brief))),
    cost,
    agreed: agreed === null ? null : money(agreed),
    margin: money((agreed ?? price) - cost),
    budget: budget === null ? null : money(budget),
    remaining: budget === null ? null : money(budget - price),
  };
}

const budgetAdvice = ({ remaining }: Sum): Reason[] =>
  remaining !== null && remaining < 0 ? [reason('over-budget', { over: money(-remaining) })] : [];
