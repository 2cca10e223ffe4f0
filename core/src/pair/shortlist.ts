import type { Main } from '../counter/index.js';
import { lruMemoised, memoisedBy, memoisedByBoth } from '../units/index.js';
import type { Beside } from './facts.js';
import type { Weights } from './learnt.js';
import { scoresBeside } from './rank.js';

/** From this score on a good is served; below it company is a clash, and counts threefold against a set. House's own figures. */
export const SERVED = 0;
const CLASH = 3;

/** What a score counts for where a few are chosen for many goods. */
export const counted = (score: number): number =>
  score >= SERVED ? score : SERVED + CLASH * (score - SERVED);

/** Of more candidates than this a few are chosen among the best; no demo and no usual shop has that many of a slot. */
export const SHORTLIST = 120;

/** Lists that are remembered: those of each slot, and as they were before. */
const SHORTLISTS = 16;

/** The places of the greatest, the greatest first; of equals the first. */
function bestFirst(of: Float64Array, many: number): number[] {
  const least = many < of.length ? of.toSorted().at(-many)! : -Infinity;
  const found: number[] = [];
  for (let c = 0; c < of.length; c++) if (of[c]! >= least) found.push(c);
  return found.sort((a, b) => of[b]! - of[a]! || a - b).slice(0, many);
}

/** The place of the greatest that passes; null: none does. What is no greater is not asked, since tests are slow. */
function bestThat<T>(of: Float64Array, list: readonly T[], test: (one: T) => boolean): number | null {
  let best: number | null = null;
  for (let c = 0; c < of.length; c++) if ((best === null || of[c]! > of[best]!) && test(list[c]!)) best = c;
  return best;
}

/** What is best beside one good of a long list; asked again at every edit. */
const bestBeside = memoisedBy((weights: Weights) =>
  memoisedByBoth((main: Main, all: readonly Beside[]): readonly number[] =>
    bestFirst(scoresBeside(main, all, weights), SHORTLIST / 2),
  ),
);

interface Question {
  readonly mains: readonly Main[];
  readonly all: readonly Beside[];
  readonly weights: Weights;
}

/** What each is worth to all of them together. */
const worthToAll = lruMemoised(
  ({ mains, all, weights }: Question): Float64Array => {
    const sums = new Float64Array(all.length);
    for (const main of mains) {
      const scores = scoresBeside(main, all, weights);
      for (let c = 0; c < scores.length; c++) sums[c]! += counted(scores[c]!);
    }
    return sums;
  },
  (a, b) =>
    a.all === b.all &&
    a.weights === b.weights &&
    a.mains.length === b.mains.length &&
    a.mains.every((m, i) => m === b.mains[i]),
  12,
);

/**
 * The candidates that a few are chosen from: all of them, or of a long list those that are worth most to all goods together and to each, and
 * the best that is each of what must be there.
 */
export function shortlist<B extends Beside>(
  mains: readonly Main[],
  all: readonly B[],
  weights: Weights,
  musts: readonly ((beside: Beside) => boolean)[] = [],
  most = SHORTLIST,
): readonly B[] {
  if (all.length <= most || mains.length === 0) return all;
  const each = Math.floor(most / 2 / mains.length);
  const sums = worthToAll({ mains, all, weights });
  const kept = new Set([
    ...bestFirst(sums, most / 2),
    ...mains.flatMap((main) => bestBeside(weights)(main, all).slice(0, each)),
    ...musts.flatMap((test) => bestThat(sums, all, test) ?? []),
  ]);
  return theSame([...kept].sort((a, b) => a - b).map((c) => all[c]!)) as readonly B[];
}

/** The list as it was asked for a moment ago, if it has not changed: its scores are known. */
const theSame = lruMemoised(
  (list: readonly Beside[]) => list,
  (a, b) => a.length === b.length && a.every((beside, i) => beside === b[i]),
  SHORTLISTS,
);
