import { memoisedBy } from '../units/index.js';
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
  'light supper': { cheese: { low: 110, high: 140 }, meat: { low: 60, high: 80 } },
  meal: { cheese: { low: 140, high: 180 }, meat: { low: 80, high: 100 } },
  grazing: { cheese: { low: 60, high: 85 }, meat: { low: 35, high: 50 } },
  dessert: { cheese: { low: 50, high: 70 }, meat: { low: 0, high: 0 } },
  box: { cheese: { low: 90, high: 120 }, meat: { low: 40, high: 60 } },
};

/** Where little is eaten, fewer kinds: on less than `LEAST_PER_HEAD` nobody tastes one. */
const MOST_KINDS: Record<Role, { cheese: number; meat: number }> = {
  nibble: { cheese: 3, meat: 2 },
  drinks: { cheese: 9, meat: 5 },
  'light supper': { cheese: 9, meat: 5 },
  meal: { cheese: 9, meat: 5 },
  grazing: { cheese: 5, meat: 3 },
  dessert: { cheese: 3, meat: 0 },
  box: { cheese: 3, meat: 2 },
};

/** Grams a head below which nobody tastes a kind; a blue is tasted on less. */
const LEAST_PER_HEAD = { kind: 15, blue: 10 };
/** Nobody cuts a smaller piece at the counter, g. */
const LEAST_CUT = 80;

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

/** Grams per adult of what stands beside at drinks, all goods of a figure together. Garnish is the house's own figure. */
export const BESIDE_PER_ADULT = {
  nuts: { low: 10, high: 20 },
  brine: { low: 15, high: 25 },
  mustard: { low: 5, high: 8 },
  chutney: { low: 12, high: 18 },
  dip: { low: 20, high: 25 },
  'dipping oil': { low: 10, high: 10 },
  'raw vegetables': { low: 30, high: 40 },
  'fresh fruit': { low: 40, high: 60 },
  'dried fruit': { low: 10, high: 20 },
  preserve: { low: 10, high: 20 },
  honey: { low: 6, high: 10 },
  chocolate: { low: 10, high: 10 },
  butter: { low: 8, high: 10 },
  seasoning: { low: 0.5, high: 1 },
  garnish: { low: 1, high: 2 },
} as const satisfies Record<string, Range>;
/** A figure of the practice tables for what stands beside. */
export type BesideFigure = keyof typeof BESIDE_PER_ADULT | 'bread';

/** Bread and crackers together, by the role of the food. Grazing and box are the house's own figures. */
const BREAD_PER_ADULT: Record<Role, Range> = {
  nibble: { low: 25, high: 30 },
  drinks: { low: 40, high: 40 },
  'light supper': { low: 60, high: 80 },
  meal: { low: 80, high: 120 },
  grazing: { low: 25, high: 30 },
  dessert: { low: 25, high: 30 },
  box: { low: 45, high: 60 },
};

/** How much of its usual amount stands beside in each role; bread has figures of its own. */
const BESIDE_BY_ROLE: Record<Role, number> = {
  nibble: 0.6,
  drinks: 1,
  'light supper': 1.1,
  meal: 1.3,
  grazing: 0.6,
  dessert: 1,
  box: 1.3,
};

/** What a role has no use for. */
export const NOT_BESIDE: Partial<Record<Role, readonly BesideFigure[]>> = { dessert: ['brine', 'mustard'] };

/** Pours of one drinking guest (practice.csv). */
const POURS = { firstHour: { low: 1, high: 1.5 }, laterHour: { low: 0.5, high: 1 } };
/** ml of one pour: wine at a table 125 (practice.csv); the others are the house's own. */
const POUR_ML = {
  sparkling: 125,
  white: 125,
  rosé: 125,
  red: 125,
  sweet: 75,
  fortified: 60,
  beer: 250,
  cider: 200,
  'no-alcohol': 200,
  tea: 200,
};
/** Share of the food that the first of two waves holds. */
const FIRST_WAVE = 0.6;

/** Minutes of work by one practised pair of hands (docs/trade.md `brief/practice TASK_MINUTES`); fetching, setting up and clearing are the house's own. */
const TASK_MINUTES = {
  fetch: 5,
  unwrap: 1.5,
  slicerClean: 15,
  layWhole: 0.33,
  layPatch: 0.75,
  layVessel: 0.25,
  garnish: 3,
  card: 0.5,
  wrap: 10,
  load: 5,
  setUp: 5,
  takeOut: 0.5,
  open: 3,
  bottle: 1,
  topUp: 5,
  takeAway: 5,
};
export type TaskFigure = keyof typeof TASK_MINUTES;

/** Crackers are counted: 4 to 6 a head. */
export const CRACKERS_PER_ADULT: Range = { low: 4, high: 6 };

/** Every figure of practice together: what a house may set for itself. */
export interface Practice {
  readonly gramsPerAdult: Readonly<Record<Role, { readonly cheese: Range; readonly meat: Range }>>;
  readonly gramsPerKind: Range;
  readonly childShare: number;
  readonly cheeseKinds: typeof CHEESE_KINDS;
  readonly meatKinds: typeof MEAT_KINDS;
  readonly mostKinds: typeof MOST_KINDS;
  readonly leastPerHead: typeof LEAST_PER_HEAD;
  readonly leastCut: number;
  readonly besidePerAdult: Readonly<Record<keyof typeof BESIDE_PER_ADULT, Range>>;
  readonly breadPerAdult: Readonly<Record<Role, Range>>;
  readonly besideByRole: Readonly<Record<Role, number>>;
  readonly pours: typeof POURS;
  readonly pourMl: typeof POUR_ML;
  readonly firstWave: number;
  readonly taskMinutes: Readonly<Record<TaskFigure, number>>;
}

export const USUAL_PRACTICE: Practice = {
  gramsPerAdult: GRAMS_PER_ADULT,
  gramsPerKind: GRAMS_PER_KIND,
  childShare: CHILD_SHARE,
  cheeseKinds: CHEESE_KINDS,
  meatKinds: MEAT_KINDS,
  mostKinds: MOST_KINDS,
  leastPerHead: LEAST_PER_HEAD,
  leastCut: LEAST_CUT,
  besidePerAdult: BESIDE_PER_ADULT,
  breadPerAdult: BREAD_PER_ADULT,
  besideByRole: BESIDE_BY_ROLE,
  pours: POURS,
  pourMl: POUR_ML,
  firstWave: FIRST_WAVE,
  taskMinutes: TASK_MINUTES,
};

/** One figure that a house may set: where it stands, and what it usually is. */
export interface PracticeFigure {
  /** Dotted path in the practice: "gramsPerAdult.drinks.cheese.low". */
  readonly path: string;
  readonly usual: number;
  readonly unit: 'grams' | 'kinds' | 'share' | 'times' | 'ml' | 'minutes';
  readonly most: number;
}

const LIMITS_OF = { grams: 1000, kinds: 9, share: 1, times: 5, ml: 1000, minutes: 240 } as const;

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
  mostKinds: 'kinds',
  leastPerHead: 'grams',
  leastCut: 'grams',
  besidePerAdult: 'grams',
  breadPerAdult: 'grams',
  besideByRole: 'times',
  pours: 'times',
  pourMl: 'ml',
  firstWave: 'share',
  taskMinutes: 'minutes',
};

/** Every figure that a house may set, in the order of the tables. Common practice, no source, as the tables say. */
export const PRACTICE_FIGURES: readonly PracticeFigure[] = (
  Object.keys(USUAL_PRACTICE) as (keyof Practice)[]
).flatMap((table) => figuresIn(USUAL_PRACTICE[table], table, UNITS[table]));

/** Own values of a house, by the path of their figure. */
export type OwnFigures = Readonly<Record<string, number>>;

/** The practice of a house: the usual figures with its own in their place. */
export const practiceWith = memoisedBy((own: OwnFigures): Practice => {
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
