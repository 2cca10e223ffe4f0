import { isMeat, type Main } from '../counter/index.js';
import type { Beside } from './facts.js';
import { matchOf, scoreOf, scoresBeside } from './rank.js';
import { SERVED } from './shortlist.js';
import { shelfOf } from './slots.js';

/** Something that suits two neighbours of the tasting: it stands between them. */
export interface Bridge {
  readonly from: Main;
  readonly to: Main;
  readonly beside: Beside;
  readonly points: number;
}

/** Is a thing in the better half of its kind beside a good? */
function inBetterHalf(main: Main, beside: Beside, kind: readonly Beside[]): boolean {
  const scores = scoresBeside(main, kind);
  const own = scoreOf(main, beside);
  let above = 0;
  for (const score of scores) if (score > own) above++;
  return above < kind.length / 2;
}

/**
 * For each two neighbours in the order of tasting the thing of the set that bridges them best: in the better half of its kind for both, and a
 * clash for neither. Drinks are no bridges; they are poured.
 */
export function bridgesOf(
  mains: readonly Main[],
  set: readonly Beside[],
  candidates: readonly Beside[],
): Bridge[] {
  const kinds = new Map<string, Beside[]>();
  for (const beside of candidates) {
    const shelf = shelfOf(beside);
    if (shelf) kinds.set(shelf, [...(kinds.get(shelf) ?? []), beside]);
  }
  return mains.slice(1).flatMap((to, i): Bridge[] => {
    const from = mains[i]!;
    const bridges = set
      .filter(({ kind }) => kind !== 'drink')
      .filter((beside) => {
        const kind = kinds.get(shelfOf(beside) ?? '') ?? [];
        return [from, to].every(
          (main) => scoreOf(main, beside) >= SERVED && inBetterHalf(main, beside, kind),
        );
      })
      .map((beside) => ({ from, to, beside, points: scoreOf(from, beside) + scoreOf(to, beside) }))
      .sort((a, b) => b.points - a.points || (a.beside.id < b.beside.id ? -1 : 1));
    return bridges.slice(0, 1);
  });
}

/** From this many points against it on a neighbour is hidden. House's own figure. */
const HIDDEN = 0.6;

/** Neighbours of the tasting of which a meat hides the cheese. */
export function hiddenNeighbours(mains: readonly Main[]): { readonly hidden: Main; readonly by: Main }[] {
  return mains.slice(1).flatMap((b, i) => {
    const a = mains[i]!;
    const pairs = [
      [a, b],
      [b, a],
    ] as const;
    return pairs.flatMap(([hidden, by]) => {
      if (hidden.kind !== 'cheese' || !isMeat(by)) return [];
      const against = matchOf(hidden, by)
        .reasons.filter(({ rule }) => rule === 'hides-it' || rule === 'louder-than-it')
        .reduce((sum, { effect }) => sum + effect, 0);
      return against <= -HIDDEN ? [{ hidden, by }] : [];
    });
  });
}
