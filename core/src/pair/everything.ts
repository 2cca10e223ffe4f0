import type { Main } from '../counter/index.js';
import { rememberedByBoth } from '../units/index.js';
import type { Beside } from './facts.js';
import { scoresBeside } from './rank.js';

/** In the top third for so many of the goods, and a clash with none. */
const MOSTLY = 0.7;
const THIRD = 1 / 3;
/** Of one shelf at the most. */
const MOST = 2;

/**
 * What of a shelf goes with everything: among the best third for seven tenths of the goods, and a clash with none; at most two, the ones that are
 * among the best most often.
 */
export const goesWithEverything = rememberedByBoth(
  (mains: readonly Main[], shelf: readonly Beside[]): ReadonlySet<Beside> => {
    const best = new Int32Array(shelf.length);
    const clashes = new Uint8Array(shelf.length);
    const third = Math.ceil(shelf.length * THIRD);
    for (const main of mains) {
      const scores = scoresBeside(main, shelf);
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
        .slice(0, MOST)
        .map((c) => shelf[c]!),
    );
  },
);
