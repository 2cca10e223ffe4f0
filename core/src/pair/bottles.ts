import type { Drink, Main } from '../counter/index.js';
import { counted, shortlist } from './shortlist.js';
import { companyFacts } from './facts.js';
import type { Weights } from './learnt.js';
import { scoresBeside } from './rank.js';
import { bestSets } from './set.js';
import { WEIGHTS } from './weights.js';

/** One, two or three bottles for the whole table. */
export interface Bottles {
  /** In the order in which they are poured as the evening goes. */
  readonly drinks: readonly Drink[];
  /** Points over all goods, each with the bottle that suits it best. */
  readonly points: number;
  /** For each bottle, in the same order, the good that it clashes with worst. */
  readonly worst: readonly { readonly main: Main; readonly score: number }[];
}

/** Light and dry first, strong and sweet last: a fresh white or a sharp beer early, red, then fortified late (common practice, no source). */
export const pouredAt = (drink: Drink): number => {
  const { body, burn, bubbles, sweet, tannin } = companyFacts(drink);
  return body + burn / 2 + 1.5 * sweet + tannin / 3 - bubbles / 3;
};

const MOST_BOTTLES = 3;
const LIMIT = 200_000;
/** Of one colour this many are weighed where the counter has more. */
const OF_A_COLOUR = 40;
const COLOURS: readonly Drink['type'][] = ['sparkling', 'white', 'red'];

/** The best bottles with at least one of each of these groups, by number; exact (each set of three is looked at or bounded). */
function best(
  mains: readonly Main[],
  drinks: readonly Drink[],
  weights: Weights,
  oneOf: readonly ReadonlySet<number>[],
): Bottles[] {
  if (mains.length === 0 || drinks.length === 0) return [];
  const scores = mains.map((main) => scoresBeside(main, drinks, weights));
  const { curve } = bestSets(
    {
      slots: [
        {
          worth: scores.map((of) => of.map(counted)),
          cost: drinks.map(() => 0),
          brings: drinks.map(() => 0),
          least: 1,
          most: Math.min(MOST_BOTTLES, drinks.length),
          oneOf,
        },
      ],
      has: 0,
      perBit: 0,
    },
    LIMIT,
  );
  return curve.map(({ chosen }): Bottles => {
    const at = [...chosen[0]!].sort((a, b) => pouredAt(drinks[a]!) - pouredAt(drinks[b]!));
    const worst = at.map((c) =>
      mains.reduce<{ main: Main; score: number }>(
        (low, main, m) => (scores[m]![c]! < low.score ? { main, score: scores[m]![c]! } : low),
        { main: mains[0]!, score: Infinity },
      ),
    );
    const points = scores.reduce((sum, of) => sum + Math.max(...at.map((c) => of[c]!)), 0);
    return { drinks: at.map((c) => drinks[c]!), points, worst };
  });
}

/** The best one, two and three bottles over all goods. */
export const bottlesFor = (
  mains: readonly Main[],
  drinks: readonly Drink[],
  weights: Weights = WEIGHTS,
): Bottles[] => best(mains, drinks, weights, []);

/** The best with a sparkling, a white and a red; null where the counter lacks one of them. */
export function oneOfEachColour(
  mains: readonly Main[],
  all: readonly Drink[],
  weights: Weights = WEIGHTS,
): Bottles | null {
  const drinks = COLOURS.flatMap((type) =>
    shortlist(
      mains,
      all.filter((drink) => drink.type === type),
      weights,
      [],
      OF_A_COLOUR,
    ),
  );
  const groups = COLOURS.map((type) => new Set([...drinks.keys()].filter((c) => drinks[c]!.type === type)));
  if (groups.some((group) => group.size === 0)) return null;
  return best(mains, drinks, weights, groups).at(-1) ?? null;
}
