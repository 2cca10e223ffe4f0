import type { DrinkPortion } from '../amount/index.js';
import { gramsOnHand, packGrams, type Good } from '../counter/index.js';
import { grams, type Grams } from '../units/index.js';
import { shortagesOf, type Advice, type Plan } from '../order/index.js';
import type { OwnPlate, PlateLine } from '../plate/index.js';
import { jarsOf, type Jars, type Portion } from '../portion/index.js';
import type { Line } from '../stage/index.js';
import type { Paper } from './paper.js';

const DEPARTMENTS = [
  'Cheese',
  'Meat',
  'Bread and crackers',
  'Fruit and vegetables',
  'Jars and dry goods',
  'Drinks',
] as const;
export type Department = (typeof DEPARTMENTS)[number];

export interface ShoppingLine extends Line {
  readonly good: Good;
  /** How it is bought; null for a drink. */
  readonly portion: Portion | null;
  readonly drink: DrinkPortion | null;
  /** What the counter holds of it on the day, and what must be bought in beyond that; null: nobody counts it. */
  readonly onHand: Grams | null;
  readonly toBuy: Grams | null;
  /** Of a jar that the shop opens: the open one first; null for all else. */
  readonly jars: Jars | null;
}

function departmentOf(good: Good): Department {
  if (good.kind === 'cheese') return 'Cheese';
  if (good.kind === 'meat') return 'Meat';
  if (good.kind === 'drink') return 'Drinks';
  if (good.kind === 'companion' && ['bread', 'cracker'].includes(good.role)) return 'Bread and crackers';
  if (good.kind === 'companion' && ['fruit', 'vegetable', 'garnish'].includes(good.role))
    return 'Fruit and vegetables';
  return 'Jars and dry goods';
}

type Stock = Pick<ShoppingLine, 'onHand' | 'toBuy' | 'jars'>;

/** What is on hand of a good comes off what must be bought; of jars only whole new ones are bought. */
function stockOf(good: Good, amount: Grams | null, portion: Portion | null, date: string): Stock {
  const jars = portion && jarsOf(portion, date);
  const held = amount === null ? null : gramsOnHand(good, date);
  if (amount === null || held === null) return { onHand: null, toBuy: null, jars };
  const onHand = grams(held);
  if (!jars) return { onHand, toBuy: grams(Math.max(0, amount - onHand)), jars };
  const pack = packGrams(good)!;
  const closed = good.lots.reduce((sum, lot) => sum + (lot.opened ? 0 : Math.floor(lot.grams / pack)), 0);
  return { onHand, toBuy: grams(Math.max(0, jars.opened - closed) * pack), jars };
}

/** What to fetch for the shared board, by department, from the lines of all stages; departments with nothing are left out. */
export function shoppingList(plan: Plan): { department: Department; lines: ShoppingLine[] }[] {
  const portions = new Map(
    [...plan.portions.mains, ...plan.portions.companions].map((portion) => [portion.good.id, portion]),
  );
  const lines = plan.lines
    .filter((line): line is Line & { good: Good } => line.good !== null && line.for !== 'own plate')
    .map((line) => ({
      ...line,
      ...stockOf(line.good, line.amount, portions.get(line.good.id) ?? null, plan.brief.servingAt),
      portion: portions.get(line.good.id) ?? null,
      drink: plan.drinks.find(({ good }) => good.id === line.good.id) ?? null,
    }));
  return DEPARTMENTS.map((department) => ({
    department,
    lines: lines.filter((line) => departmentOf(line.good) === department),
  })).filter(({ lines: some }) => some.length > 0);
}

/** What is fetched beside the board: for own plates with grams, and what is offered where the board does not suit. */
export interface PlateShopping {
  readonly plate: OwnPlate;
  readonly lines: readonly PlateLine[];
}

/** The own plates' own lines, plate by plate; their money comes with the portions of plates. */
export const plateShopping = (plan: Plan): PlateShopping[] =>
  plan.ownPlates.map((plate) => ({ plate, lines: plate.lines }));

/** What to fetch, by department, and what it comes to. */
export interface Shopping {
  /** What is not there as it was promised: to be seen to first. */
  readonly short: readonly Advice[];
  readonly departments: readonly {
    readonly department: Department;
    readonly lines: readonly ShoppingLine[];
  }[];
  readonly plates: readonly PlateShopping[];
  readonly sum: Plan['sum'];
  readonly drinksAreSuggested: boolean;
}

export const shoppingPaper: Paper<Shopping> = {
  for: 'shop',
  needs: [],
  data: ({ plan, order }) => ({
    short: shortagesOf(plan),
    departments: shoppingList(plan),
    plates: plateShopping(plan),
    sum: plan.sum,
    drinksAreSuggested: order.drinks === 'suggested',
  }),
};
