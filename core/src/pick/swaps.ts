import type { Good, Main } from '../counter/index.js';
import type { Brief, House } from '../brief/index.js';
import { measurer, type Balance } from './measure.js';
import { costOfSet, problemOf, type Wishes } from './problem.js';

export interface Swap {
  readonly out: string;
  readonly in: string;
  /** Points of the dial and of the whole value that the swap adds; negative takes away. */
  readonly dial: number;
  readonly value: number;
  /** What the swap adds to the cost of cheeses and meats, smallest unit. */
  readonly cost: number;
  readonly balance: Balance;
}

/** Every allowed good that could stand in one place of the selection, best value first; ties by id. */
export function swapsFor(
  out: Main,
  selection: readonly Main[],
  brief: Brief,
  counter: readonly Good[],
  house: House,
  wishes: Pick<Wishes, 'leftOut'>,
): Swap[] {
  const problem = problemOf(brief, counter, house, { locked: [], leftOut: wishes.leftOut });
  const inside = new Set(selection.map((main) => main.id));
  const measure = measurer(brief);
  const now = measure(selection);
  const total = out.kind === 'cheese' ? problem.targets.cheeses.total : problem.targets.meats.total;
  const sameKind = selection.filter((main) => main.kind === out.kind);
  const costNow = costOfSet(total, sameKind);
  const replace = (all: readonly Main[], by: Main) => all.map((main) => (main.id === out.id ? by : main));
  return (out.kind === 'cheese' ? problem.cheeses : problem.meats)
    .filter((main) => !inside.has(main.id))
    .map((main) => {
      const balance = measure(replace(selection, main));
      return {
        out: out.id,
        in: main.id,
        dial: balance.dial - now.dial,
        value: balance.value - now.value,
        cost: costOfSet(total, replace(sameKind, main)) - costNow,
        balance,
      };
    })
    .sort((a, b) => b.value - a.value || (a.in < b.in ? -1 : 1));
}
