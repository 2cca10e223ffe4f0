import type { AxisId } from './axisIds.js';
import { mainMilk, type Cheese, type Main, type Meat } from '../counter/index.js';
import { isPale, isStrong } from '../sense/index.js';

export type SamenessRule =
  | 'two-alike'
  | 'meats-alike'
  | 'pale'
  | 'strong-with-no-relief'
  | 'salty-with-no-relief'
  | 'rich-with-no-relief';

declare module '../units/reason.js' {
  /** `relief` is a good of the counter that would give it, where somebody looked for one. */
  interface Rules extends Record<SamenessRule, { names: readonly string[]; relief?: string | null }> {
    /** What a good takes away from or adds to sameness, where no class is named. */
    'more-of-the-same': { better: boolean };
  }
}

/**
 * Sameness: classes of goods that say the same, and what several of one class cost, in points of the dial. Every cost
 * rises ever faster with the count (it is convex), which is what lets the optimiser bound it. Common practice, no source.
 */
export interface SamenessRow {
  readonly id: SamenessRule;
  readonly kind: Main['kind'];
  /** Axes that the row reads: with fewer than `needs` of them free, everything is alike on purpose. */
  readonly reads: readonly AxisId[];
  readonly needs: number;
  /** The classes that a good belongs to, with the axes that are held left out of them. */
  readonly classes: (main: Main, held: ReadonlySet<string>) => readonly string[];
  /** Points that `count` goods of one class cost, of `n` of their kind; 0 or more. */
  readonly cost: (count: number, n: number) => number;
}

const pairs = (count: number) => (count * (count - 1)) / 2;
/** Only beyond half of the goods is a trait monotonous: some of it is contrast. */
const beyondHalf = (count: number, n: number) => Math.max(0, count - Math.ceil(n / 2));

/** Strength falls into windows two points wide that overlap by half, so a good has two and near neighbours share one. */
const windows = (strength: number): string[] => [`${Math.floor(strength) - 1}`, `${Math.floor(strength)}`];

const cheeseOf = (test: (cheese: Cheese) => boolean) => (main: Main) => (test(main as Cheese) ? ['all'] : []);

export const SAMENESS: readonly SamenessRow[] = [
  {
    id: 'two-alike',
    kind: 'cheese',
    reads: ['texture', 'milk', 'intensity'],
    needs: 2,
    classes: (main, held) => {
      const cheese = main as Cheese;
      const key = `${held.has('texture') ? '' : cheese.texture} ${held.has('milk') ? '' : mainMilk(cheese)}`;
      return (held.has('intensity') ? [''] : windows(cheese.sense.intensity)).map((w) => `${key} ${w}`);
    },
    cost: (count) => 2 * pairs(count),
  },
  {
    id: 'meats-alike',
    kind: 'meat',
    reads: ['build', 'calibre', 'animal'],
    needs: 3,
    classes: (main) => {
      const meat = main as Meat;
      return [`${meat.build} ${meat.calibre} ${meat.animals[0]!.animal}`];
    },
    cost: (count) => 4 * pairs(count),
  },
  {
    id: 'pale',
    kind: 'cheese',
    reads: ['sight'],
    needs: 1,
    classes: cheeseOf(isPale),
    cost: (count, n) => 1.5 * beyondHalf(count, n),
  },
  {
    id: 'strong-with-no-relief',
    kind: 'cheese',
    reads: ['intensity'],
    needs: 1,
    classes: cheeseOf(isStrong),
    cost: (count, n) => 2 * beyondHalf(count, n),
  },
  {
    id: 'salty-with-no-relief',
    kind: 'cheese',
    reads: ['intensity'],
    needs: 1,
    classes: cheeseOf((cheese) => cheese.sense.salty >= 6.5),
    cost: (count, n) => beyondHalf(count, n),
  },
  {
    id: 'rich-with-no-relief',
    kind: 'cheese',
    reads: ['texture'],
    needs: 1,
    classes: cheeseOf((cheese) => cheese.sense.fat >= 7.5),
    cost: (count, n) => beyondHalf(count, n),
  },
];

export const isSameness = (rule: string): rule is SamenessRule => SAMENESS.some((row) => row.id === rule);
