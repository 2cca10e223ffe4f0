import { rememberedBy } from '../units/index.js';
import type { Role } from './roles.js';

/** Amounts and counts that practitioners use, low and high. Common practice, no source (trade tables). */
export interface Range {
  readonly low: number;
  readonly high: number;
}

export const mid = ({ low, high }: Range): number => (low + high) / 2;

/** Grams per adult by the role of the food. */
export const GRAMS_PER_ADULT: Record<Role, { cheese: Range; meat: Range }> = {
  nibble: { cheese: { low: 40, high: 60 }, meat: { low: 25, high: 40 } },
  drinks: { cheese: { low: 85, high: 115 }, meat: { low: 50, high: 60 } },
  meal: { cheese: { low: 140, high: 180 }, meat: { low: 80, high: 100 } },
  dessert: { cheese: { low: 50, high: 70 }, meat: { low: 0, high: 0 } },
};

/** The school "per kind": grams of each kind per head. 1 to 2 oz. */
export const GRAMS_PER_KIND: Range = { low: 28.35, high: 56.7 };

const CHILD_SHARE = 0.5;
export const INFANT_SHARE = 0;

/** More people than any order has. */
export const ANY_NUMBER = 1_000_000;

/** How many cheeses, by people; `usual` is what this house starts from. */
export const CHEESE_KINDS: readonly { upTo: number; low: number; high: number; usual: number }[] = [
  { upTo: 2, low: 2, high: 2, usual: 2 },
  { upTo: 5, low: 2, high: 3, usual: 3 },
  { upTo: 8, low: 3, high: 5, usual: 3 },
  { upTo: 19, low: 3, high: 5, usual: 5 },
  { upTo: ANY_NUMBER, low: 5, high: 7, usual: 5 },
];

/** How many meats, by people: one or two kinds are the masters' number; the odd-number school goes to one or three. */
export const MEAT_KINDS: readonly { upTo: number; usual: number; odd: number }[] = [
  { upTo: 5, usual: 1, odd: 1 },
  { upTo: 8, usual: 2, odd: 1 },
  { upTo: 19, usual: 2, odd: 3 },
  { upTo: ANY_NUMBER, usual: 3, odd: 3 },
];

/** Grams per adult of what stands beside, in all. */
export const BESIDE_PER_ADULT = {
  bread: { low: 40, high: 40 },
  nuts: { low: 10, high: 20 },
  brine: { low: 15, high: 25 },
  'fresh fruit': { low: 40, high: 60 },
  'dried fruit': { low: 10, high: 20 },
  preserve: { low: 10, high: 20 },
  honey: { low: 6, high: 10 },
} as const satisfies Record<string, Range>;

/** Crackers are counted: 4 to 6 a head. */
export const CRACKERS_PER_ADULT: Range = { low: 4, high: 6 };

/** Every figure of practice together: what a house may set for itself. */
export interface Practice {
  readonly gramsPerAdult: Readonly<Record<Role, { readonly cheese: Range; readonly meat: Range }>>;
  readonly gramsPerKind: Range;
  readonly childShare: number;
  readonly cheeseKinds: typeof CHEESE_KINDS;
  readonly meatKinds: typeof MEAT_KINDS;
  readonly besidePerAdult: Readonly<Record<keyof typeof BESIDE_PER_ADULT, Range>>;
}

export const USUAL_PRACTICE: Practice = {
  gramsPerAdult: GRAMS_PER_ADULT,
  gramsPerKind: GRAMS_PER_KIND,
  childShare: CHILD_SHARE,
  cheeseKinds: CHEESE_KINDS,
  meatKinds: MEAT_KINDS,
  besidePerAdult: BESIDE_PER_ADULT,
};

/** One figure that a house may set: where it stands, and what it usually is. */
export interface PracticeFigure {
  /** Dotted path in the practice: "gramsPerAdult.drinks.cheese.low". */
  readonly path: string;
  readonly usual: number;
  readonly unit: 'grams' | 'kinds' | 'share';
  readonly most: number;
}

const LIMITS_OF = { grams: 1000, kinds: 9, share: 1 } as const;

function figuresIn(tree: unknown, path: string, unit: PracticeFigure['unit']): PracticeFigure[] {
  if (typeof tree === 'number')
    return Number.isFinite(tree) && !path.endsWith('.upTo')
      ? [{ path, usual: tree, unit, most: LIMITS_OF[unit] }]
      : [];
  return Object.entries(tree as object).flatMap(([key, value]) => figuresIn(value, `${path}.${key}`, unit));
}

const UNITS: Record<keyof Practice, PracticeFigure['unit']> = {
  gramsPerAdult: 'grams',
  gramsPerKind: 'grams',
  childShare: 'share',
  cheeseKinds: 'kinds',
  meatKinds: 'kinds',
  besidePerAdult: 'grams',
};

/** Every figure that a house may set, in the order of the tables. Common practice, no source, as the tables say. */
export const PRACTICE_FIGURES: readonly PracticeFigure[] = (
  Object.keys(USUAL_PRACTICE) as (keyof Practice)[]
).flatMap((table) => figuresIn(USUAL_PRACTICE[table], table, UNITS[table]));

/** Own values of a house, by the path of their figure. */
export type OwnFigures = Readonly<Record<string, number>>;

/** The practice of a house: the usual figures with its own in their place. */
export const practiceWith = rememberedBy((own: OwnFigures): Practice => {
  const practice = copyOf(USUAL_PRACTICE as unknown as Tree) as Tree;
  for (const { path } of PRACTICE_FIGURES)
    if (own[path] !== undefined) setAt(practice, path.split('.'), own[path]);
  return practice as unknown as Practice;
});

interface Tree {
  [key: string]: Tree | number;
}
const copyOf = (tree: Tree | number): Tree | number =>
  typeof tree === 'number'
    ? tree
    : Array.isArray(tree)
      ? (tree.map(copyOf) as unknown as Tree)
      : Object.fromEntries(Object.entries(tree).map(([key, value]) => [key, copyOf(value)]));

function setAt(tree: Tree, [key, ...rest]: string[], value: number): void {
  if (rest.length === 0) tree[key!] = value;
  else setAt(tree[key!] as Tree, rest, value);
}

/** What is wrong with own values of a house, by path; empty when they can be followed. */
export function wrongFigures(own: OwnFigures): { path: string; says: string }[] {
  const known = new Map(PRACTICE_FIGURES.map((figure) => [figure.path, figure]));
  const wrong = Object.entries(own).flatMap(([path, value]) => {
    const figure = known.get(path);
    if (!figure) return [{ path, says: 'there is no such figure of practice' }];
    if (value < 0 || value > figure.most)
      return [{ path, says: `a figure from 0 to ${figure.most} is meant` }];
    return figure.unit === 'kinds' && !Number.isInteger(value)
      ? [{ path, says: 'a whole number of kinds is meant' }]
      : [];
  });
  if (wrong.length > 0) return wrong;
  return Object.keys(own)
    .filter((path) => path.endsWith('.low') || path.endsWith('.high'))
    .flatMap((path) => {
      const base = path.replace(/\.\w+$/, '');
      const at = (end: string) => own[`${base}.${end}`] ?? known.get(`${base}.${end}`)!.usual;
      return at('low') > at('high')
        ? [{ path, says: `the low end (${at('low')}) is above the high one (${at('high')})` }]
        : [];
    });
}
