import type { Main } from '../counter/index.js';
import { memoisedBy, memoisedByBoth } from '../units/index.js';
import type { Beside } from './facts.js';
import type { Weights } from './learnt.js';
import { scoresBeside } from './rank.js';
import { WEIGHTS } from './weights.js';

/** In the top third for at least this share of the goods, and a clash with none. */
const MOSTLY = 0.7;
const THIRD = 1 / 3;
/** Of one shelf at the most. */
const MOST_OF_A_SHELF = 2;

/** Of a counter of thousands this many goods, evenly spread over it, stand for all. */
const GOODS = 150;
const evenly = <T>(all: readonly T[], many: number): readonly T[] =>
  all.length <= many
    ? all
    : Array.from({ length: many }, (_, i) => all[Math.floor((i * all.length) / many)]!);

const goesBy = memoisedBy((weights: Weights) =>
  memoisedByBoth((all: readonly Main[], shelf: readonly Beside[]): ReadonlySet<Beside> => {
    const mains = evenly(all, GOODS);
    const best = new Int32Array(shelf.length);
    const clashes = new Uint8Array(shelf.length);
    const third = Math.ceil(shelf.length * THIRD);
    for (const main of mains) {
      const scores = scoresBeside(main, shelf, weights);
      const bar = [...scores].sort((a, b) => b - a)[third - 1]!;
      scores.forEach((score, c) => {
        if (score >= bar) best[c]!++;
        if (score < 0) clashes[c] = 1;
      });
    }
    return new Set(
      [...shelf.keys()]
        .filter((c) => !clashes[c] && best[c]! >= MOSTLY * mains.length)
        .sort((a, b) => best[b]! - best[a]! || (shelf[a]!.id < shelf[b]!.id ? -1 : 1))
        .slice(0, MOST_OF_A_SHELF)
        .map((c) => shelf[c]!),
    );
  }),
);

/**
 * What of a shelf goes with everything: among the best third for seven tenths of the goods, and a clash with none; at most two, the ones that are
 * among the best most often.
 */
export const goesWithEverything = (
  all: readonly Main[],
  shelf: readonly Beside[],
  weights: Weights = WEIGHTS,
): ReadonlySet<Beside> => goesBy(weights)(all, shelf);
