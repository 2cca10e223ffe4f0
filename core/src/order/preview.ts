import type { AxisScore } from '../balance/index.js';
import { standing } from '../care/index.js';
import { familiesLeft, headsAtBoard } from '../brief/index.js';
import type { Good, Main, Texture } from '../counter/index.js';
import { shortagesOf } from './gravity.js';
import type { Plan } from './plan.js';

/** The figures that are always in view. */
export interface VitalFigures {
  readonly dial: number;
  readonly net: number;
  readonly perHead: number;
  readonly price: number;
  readonly pricePerHead: number;
  readonly budget: number | null;
  readonly remaining: number | null;
  readonly cautions: number;
}

export function vitalFigures({ balance, brief, portions, cautions, sum }: Plan): VitalFigures {
  // Those with a plate of their own are not fed from the board, nor are infants.
  const atBoard = headsAtBoard(brief);
  const { net } = portions;
  const { price, pricePerHead, budget, remaining } = sum;
  return {
    dial: balance.dial,
    net,
    perHead: atBoard > 0 ? net / atBoard : 0,
    price,
    pricePerHead,
    budget,
    remaining,
    cautions: cautions.length,
  };
}

/** What an order comes to, small enough to be asked for while the book is read. */
export interface Preview {
  readonly vital: VitalFigures;
  /** The board in the order of tasting, each as it will be served. */
  readonly steps: readonly { readonly number: number; readonly main: Main }[];
  readonly axes: readonly AxisScore[];
  /** Families of cheese that the limits leave on this counter. */
  readonly families: readonly Texture[];
  /** How many dangers stand. */
  readonly dangers: number;
  /** How many goods are short, or not there any more. */
  readonly shortages: number;
}

export const previewOf = (plan: Plan, counter: readonly Good[]): Preview => ({
  vital: vitalFigures(plan),
  steps: plan.walk.steps.map(({ number, main }) => ({ number, main })),
  axes: plan.balance.axes,
  families: [...familiesLeft(counter, plan.targets)],
  dangers: standing(plan.dangers).length,
  shortages: shortagesOf(plan).length,
});
