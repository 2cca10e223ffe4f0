import type { Main } from '../counter/index.js';
import { lately, rememberedBy, rememberedByBoth } from '../units/index.js';
import type { Beside } from './facts.js';
import type { Weights } from './learnt.js';
import { scoresBeside } from './rank.js';

/** From this score on a good is served; below it company is a clash, and counts threefold against a set. House's own figures. */
export const SERVED = 0;
const CLASH = 3;

/** What a score counts for where a few are chosen for many goods. */
export const counted = (score: number): number =>
  score >= SERVED ? score : SERVED + CLASH * (score - SERVED);

/** Of more candidates than this a few are chosen among the best; no demo and no usual shop has so many of a slot. */
export const SHORTLIST = 120;

const bestFirst = (of: Float64Array, many: number): number[] =>
  [...of.keys()].sort((a, b) => of[b]! - of[a]! || a - b).slice(0, many);

/** What is best beside one good of a long list; asked again at every edit. */
const bestBeside = rememberedBy((weights: Weights) =>
  rememberedByBoth((main: Main, all: readonly Beside[]): readonly number[] =>
    bestFirst(scoresBeside(main, all, weights), SHORTLIST / 2),
  ),
);

interface Question {
  readonly mains: readonly Main[];
  readonly all: readonly Beside[];
  readonly weights: Weights;
}

/** What is best beside all of them together. */
const bestForAll = lately(
  ({ mains, all, weights }: Question): readonly number[] => {
    const sums = new Float64Array(all.length);
    for (const main of mains)
      scoresBeside(main, all, weights).forEach((score, c) => (sums[c]! += counted(score)));
    return bestFirst(sums, all.length);
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
  const together = bestForAll({ mains, all, weights });
  const kept = new Set([
    ...together.slice(0, most / 2),
    ...mains.flatMap((main) => bestBeside(weights)(main, all).slice(0, each)),
    ...musts.flatMap((test) => together.find((c) => test(all[c]!)) ?? []),
  ]);
  return [...kept].sort((a, b) => a - b).map((c) => all[c]!);
}
