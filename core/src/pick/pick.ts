import type { Main, Counted } from '../counter/index.js';
import type { Brief, House } from '../brief/index.js';
import { NONE, reason, type Reason } from '../units/index.js';
import { instanceOf } from './question.js';
import { measure, type Balance } from '../balance/index.js';
import { optimise } from '../solve/index.js';
import { problemOf, questionOf, type Hitch, type Problem, type Wishes } from './problem.js';

declare module '../units/reason.js' {
  interface Rules {
    'proven-best': { steps: number };
    'best-so-far': { steps: number; gap: number; value: number };
    'nothing-fits': NoFigures;
    'nothing-found-in-time': NoFigures;
  }
}

export const DEFAULT_NODE_LIMIT = 12_000;
/** The most that anybody may ask for: on a counter of 5,000 goods half a minute or so. */
export const HIGHEST_NODE_LIMIT = 12_000;

/** A curve is many searches: each gets a smaller share of the nodes, and says when that was not enough for a proof. */
export const CURVE_NODE_LIMIT = 3000;

/** A selection on the way to the best one, or the best one itself. */
export interface Found {
  readonly goodIds: readonly string[];
  readonly value: number;
}

export interface Pick {
  /** Proposed cheeses then meats, each by id; null when nothing fits. */
  readonly goodIds: readonly string[] | null;
  readonly balance: Balance | null;
  readonly proven: boolean;
  readonly gap: number;
  readonly nodes: number;
  readonly hitches: readonly Hitch[];
  readonly reasons: readonly Reason[];
}

export interface PickOptions {
  readonly nodeLimit: number;
  /** Called with every better selection; true stops with the best so far. */
  readonly onBest?: (found: Found) => boolean;
}

/** Goods of a set of items, cheeses then meats, each by id (the items are in the order of the ids). */
export const namesOf = (mains: readonly Main[], set: readonly number[]): string[] => {
  const goods = set.map((i) => mains[i]!);
  return [...goods.filter((m) => m.kind === 'cheese'), ...goods.filter((m) => m.kind === 'meat')].map(
    (m) => m.id,
  );
};

/** Propose the best selection on this counter for a brief and the person's wishes. Same question, same answer. */
export const pick = (
  brief: Brief,
  counter: Counted,
  house: House,
  wishes: Wishes,
  options: PickOptions,
): Pick => solve(problemOf(brief, counter, house, wishes), options);

/** The best selection of a problem that is already put. */
export function solve(problem: Problem, options: PickOptions): Pick {
  const { mains, brief } = problem;
  const instance = instanceOf(questionOf(problem));
  const { onBest } = options;
  const { set, value, proven, gap, nodes } = optimise(instance, {
    nodeLimit: options.nodeLimit,
    onBest: onBest && ((found, at) => onBest({ goodIds: namesOf(mains, found), value: at })),
  });
  if (!set) {
    return {
      goodIds: null,
      balance: null,
      proven,
      gap,
      nodes,
      hitches: [...problem.hitches, reason(proven ? 'nothing-fits' : 'nothing-found-in-time', NONE)],
      reasons: [],
    };
  }
  const source = 'docs/rooms/balance.md';
  const how = proven
    ? reason('proven-best', { steps: nodes }, { source })
    : reason('best-so-far', { steps: nodes, gap, value }, { source });
  return {
    goodIds: namesOf(mains, set),
    balance: measure(
      set.map((i) => mains[i]!),
      brief,
    ),
    proven,
    gap,
    nodes,
    hitches: problem.hitches,
    reasons: [how],
  };
}
