import {
  ageOn,
  FLAVOURS,
  MEAT_ANIMALS,
  MILKS,
  TEXTURES,
  type Cheese,
  type Main,
  type Meat,
  type Milk,
  type Texture,
} from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { sightOf, SIGHTS, SOFTNESS } from '../sense/index.js';
import type { AxisId } from './axisIds.js';
import { heldAxes } from './theme.js';

/**
 * The axes of balance (docs/rooms/balance.md). Each spreads a good over bands; a good belongs to an axis with a whole
 * membership of 1, which it may divide (a blend of milks, an age between two bands).
 */
export interface Axis<M extends Main = Main> {
  readonly id: AxisId;
  readonly weight: number;
  /** Bands in order with the want of each for this brief; null for an open list of bands, each wanted `openWant`. */
  readonly bands: ((brief: Brief) => readonly { id: string; want: number }[]) | null;
  readonly membership: (main: M, brief: Brief) => Readonly<Record<string, number>>;
}

/** An origin fills a seventh of its axis: seven regions would be all that a board can show. */
export const OPEN_WANT = 1 / 7;

/**
 * Membership in bands that overlap like roof tiles: a value between two centres belongs to both, in proportion to its
 * nearness, so that no small change of age jumps. Beyond the ends the last band holds it whole.
 */
export function tiles(centres: readonly (readonly [string, number])[], x: number): Record<string, number> {
  const first = centres[0]!;
  if (x <= first[1]) return { [first[0]]: 1 };
  for (let i = 1; i < centres.length; i++) {
    const [below, lo] = centres[i - 1]!;
    const [above, hi] = centres[i]!;
    if (x <= hi) {
      const t = (x - lo) / (hi - lo);
      return t === 1 ? { [above]: 1 } : { [below]: 1 - t, [above]: t };
    }
  }
  return { [centres[centres.length - 1]![0]]: 1 };
}

/** Age in days on a log scale: a week matters to a fresh cheese and not to a grana. */
export const AGES = (
  [
    ['days', 10],
    ['weeks', 40],
    ['months', 120],
    ['a year', 330],
    ['years', 900],
  ] as const
).map(([name, days]) => [name, Math.log(days)] as const);

const STRENGTHS = [
  ['mild', 2],
  ['gentle', 3.5],
  ['middling', 5],
  ['full', 6.5],
  ['strong', 8.5],
] as const;

/** Along the scale of softness in the mouth (sense/), which shares a family between neighbours. */
const FIRMNESSES = [
  ['hard', 1.8],
  ['firm', 4],
  ['springy', 6.3],
  ['soft', 8.5],
] as const;

const equal = (names: readonly string[]) => () => names.map((id) => ({ id, want: 1 }));
const even = (tags: readonly string[]): Record<string, number> =>
  Object.fromEntries(tags.map((tag) => [tag, 1 / tags.length]));

/**
 * What people look for first on a board: a ripe bloomy, a hard one, a blue; and cow, sheep and goat. They are wanted more than
 * what is a treat on top. Common practice, no source; held by the boards of core/src/testing/reference/boards.csv.
 */
const FAMILY_WANTS: Partial<Record<Texture, number>> = { bloomy: 1.6, hard: 1.4, blue: 1.5 };
const MILK_WANTS: Record<Milk, number> = { cow: 1, sheep: 1, goat: 1, buffalo: 0.3 };

/** A timid table wants less of these, an adventurous one more. */
const boldness = (brief: Brief) => 0.4 + 0.3 * (brief.adventurous - 1);

/** A timid table wants cow's milk: of the others half at the most timid, all of them from the middle on. */
const familiarity = ({ adventurous }: Brief) => Math.min(1, 0.25 + 0.25 * adventurous);

export const CHEESE_AXES: readonly Axis<Cheese>[] = [
  {
    id: 'texture',
    weight: 24,
    bands: (brief) =>
      TEXTURES.map((id) => ({
        id,
        want: (FAMILY_WANTS[id] ?? 1) * (id === 'washed' || id === 'blue' ? boldness(brief) : 1),
      })),
    membership: (cheese) => ({ [cheese.texture]: 1 }),
  },
  {
    // Five soft families are five families and no board: hard and soft is the least (common practice, no source).
    id: 'firmness',
    weight: 10,
    bands: equal(FIRMNESSES.map(([name]) => name)),
    membership: (cheese) => tiles(FIRMNESSES, SOFTNESS[cheese.texture]),
  },
  {
    id: 'milk',
    weight: 20,
    bands: (brief) =>
      MILKS.map((id) => ({ id, want: MILK_WANTS[id] * (id === 'cow' ? 1 : familiarity(brief)) })),
    membership: (cheese) => Object.fromEntries(cheese.milk.map((m) => [m.animal, m.share])),
  },
  {
    id: 'intensity',
    weight: 15,
    bands: equal(STRENGTHS.map(([name]) => name)),
    membership: (cheese) => tiles(STRENGTHS, cheese.sense.intensity),
  },
  {
    id: 'age',
    weight: 13,
    bands: equal(AGES.map(([name]) => name)),
    membership: (cheese, brief) => tiles(AGES, Math.log(Math.max(1, ageOn(cheese, brief.servingAt)))),
  },
  {
    id: 'flavour',
    weight: 8,
    bands: equal(FLAVOURS),
    membership: (cheese) => even(cheese.flavours),
  },
  {
    id: 'sight',
    weight: 6,
    bands: equal(SIGHTS),
    membership: (cheese) => ({ [sightOf(cheese)]: 1 }),
  },
  {
    id: 'origin',
    weight: 4,
    bands: null,
    // A face-off sets makers against each other, wherever they are.
    membership: (cheese, brief) => originOf(cheese, brief.flight?.kind === 'face-off'),
  },
  {
    id: 'company',
    weight: 4,
    bands: (brief) => [
      { id: 'safe bet', want: 1 },
      { id: 'surprise', want: brief.adventurous / 3 },
    ],
    membership: (cheese): Record<string, number> => (cheese.known === 'usual' ? {} : { [cheese.known]: 1 }),
  },
];

/** Meats weigh less than cheeses on the dial: one or two kinds stand beside four or five. */
export const MEAT_AXES: readonly Axis<Meat>[] = [
  {
    id: 'build',
    weight: 15,
    bands: () => [
      { id: 'whole muscle', want: 1 },
      { id: 'coarse', want: 1 },
      { id: 'fine', want: 0.6 },
      { id: 'spreadable', want: 0.4 },
    ],
    membership: (meat) => ({ [meat.build]: 1 }),
  },
  {
    id: 'animal',
    weight: 10,
    bands: equal(MEAT_ANIMALS),
    membership: (meat) => Object.fromEntries(meat.animals.map((a) => [a.animal, a.share])),
  },
  {
    id: 'calibre',
    weight: 8,
    bands: equal(['large', 'medium', 'small']),
    membership: (meat) => ({ [meat.calibre]: 1 }),
  },
  {
    id: 'heat',
    weight: 4,
    bands: (brief) => [
      { id: 'gentle', want: 1 },
      { id: 'spicy', want: brief.adventurous / 5 },
    ],
    membership: (meat) => ({ [meat.sense.heat >= 3 ? 'spicy' : 'gentle']: 1 }),
  },
  {
    id: 'smoke',
    weight: 3,
    bands: () => [
      { id: 'unsmoked', want: 1 },
      { id: 'smoked', want: 0.7 },
    ],
    membership: (meat) => ({ [meat.sense.smoke >= 3 ? 'smoked' : 'unsmoked']: 1 }),
  },
];

function originOf(main: Main, byMaker: boolean): Record<string, number> {
  const key = (byMaker && main.maker) || main.origin.region || main.origin.country;
  return key ? { [key]: 1 } : {};
}

const AXES: Record<Main['kind'], readonly Axis[]> = {
  cheese: CHEESE_AXES as readonly Axis[],
  meat: MEAT_AXES as readonly Axis[],
};

/** The axes of one kind; those that a theme or a flight holds have no weight and read "held". */
export function axesOf(kind: Main['kind'], brief: Brief): readonly Axis[] {
  const held = heldAxes(brief, kind);
  return held.size === 0 ? AXES[kind] : AXES[kind].map((a) => (held.has(a.id) ? { ...a, weight: 0 } : a));
}
