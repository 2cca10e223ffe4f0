import { ANY_NUMBER, CHEESE_KINDS, MEAT_KINDS, type Practice, type TaskFigure } from '@rotula/core';
import { ROLE_LABELS } from './roles';
import { say, word } from '../language/say';

/** The tables of practice as the house shows them, in that order. */
export const FIGURE_TABLES = [
  'gramsPerAdult',
  'besidePerAdult',
  'breadPerAdult',
  'besideByRole',
  'cheeseKinds',
  'meatKinds',
  'mostKinds',
  'gramsPerKind',
  'leastPerHead',
  'leastCut',
  'pours',
  'pourMl',
  'firstWave',
  'childShare',
  'taskMinutes',
] as const satisfies readonly (keyof Practice)[];

const TABLES: Record<keyof Practice, string> = {
  gramsPerAdult: say`Cheese and meat an adult`,
  besidePerAdult: say`Beside, an adult`,
  cheeseKinds: say`Kinds of cheese`,
  meatKinds: say`Kinds of meat`,
  gramsPerKind: say`Of each kind`,
  childShare: say`A child`,
  breadPerAdult: say`Bread, an adult`,
  besideByRole: say`Beside, by role`,
  mostKinds: say`Kinds at the most`,
  leastPerHead: say`Least of a kind`,
  leastCut: say`Least cut`,
  pours: say`Pours`,
  pourMl: say`Size of a pour`,
  firstWave: say`First wave`,
  taskMinutes: say`Minutes of work`,
};

const TASK_FIGURES: Record<TaskFigure, string> = {
  fetch: say`fetch all of it`,
  unwrap: say`unwrap, check and weigh a cheese`,
  slicerClean: say`clean the slicer`,
  layWhole: say`lay a whole piece`,
  layPatch: say`lay a patch`,
  layVessel: say`set a bowl`,
  garnish: say`garnish a board`,
  card: say`write a card`,
  wrap: say`wipe down and wrap a board`,
  load: say`load`,
  setUp: say`set up at the place`,
  takeOut: say`take a good out of the cold`,
  open: say`break the ice: open each cheese`,
  bottle: say`open a bottle`,
  topUp: say`bring a wave`,
  takeAway: say`take a wave away`,
};
export const figureTable = (table: keyof Practice): string => TABLES[table];

const ENDS: Record<string, string> = {
  low: say`at the least`,
  high: say`at the most`,
  usual: say`usual`,
  odd: say`odd numbers`,
};

/** Up to how many people a row of a table of kinds goes. */
const people = (rows: readonly { readonly upTo: number }[], i: number): string =>
  rows[i]!.upTo < ANY_NUMBER ? say`up to ${rows[i]!.upTo} people` : say`more people`;

/** A figure by its path: "drinks, no dinner after: cheese, at the least". */
export function figureLabel(path: string): string {
  const [table, ...keys] = path.split('.') as [keyof Practice, ...string[]];
  const end = ENDS[keys.at(-1) ?? ''] ?? '';
  switch (table) {
    case 'gramsPerAdult':
      return say`${ROLE_LABELS[keys[0] as keyof typeof ROLE_LABELS]}: ${word(keys[1]!)}, ${end}`;
    case 'besidePerAdult':
      return say`${word(keys[0]!)}, ${end}`;
    case 'breadPerAdult':
      return say`${ROLE_LABELS[keys[0] as keyof typeof ROLE_LABELS]}: bread and crackers, ${end}`;
    case 'besideByRole':
      return say`${ROLE_LABELS[keys[0] as keyof typeof ROLE_LABELS]}: times what stands beside at drinks`;
    case 'mostKinds':
      return say`${ROLE_LABELS[keys[0] as keyof typeof ROLE_LABELS]}: kinds of ${word(keys[1]!)}`;
    case 'leastPerHead':
      return keys[0] === 'blue' ? say`of a blue, a head` : say`of any kind, a head`;
    case 'leastCut':
      return say`a piece cut at the counter`;
    case 'pours':
      return say`${keys[0] === 'firstHour' ? say`first hour` : say`each later hour`}, ${end}`;
    case 'pourMl':
      return say`${word(keys[0]!)}, ml`;
    case 'firstWave':
      return say`of two waves, the share that goes out first`;
    case 'cheeseKinds':
      return say`${people(CHEESE_KINDS, Number(keys[0]))}: cheeses, ${end}`;
    case 'meatKinds':
      return say`${people(MEAT_KINDS, Number(keys[0]))}: meats, ${end}`;
    case 'gramsPerKind':
      return say`each kind, an adult, ${end}`;
    case 'childShare':
      return say`a child under 12, as a share of an adult`;
    case 'taskMinutes':
      return TASK_FIGURES[keys[0] as TaskFigure];
  }
}
