import { ANY_NUMBER, CHEESE_KINDS, MEAT_KINDS, type Practice } from '@rotula/core';
import { ROLE_LABELS } from './roles';

/** The tables of practice as the house shows them, in that order. */
export const FIGURE_TABLES = [
  'gramsPerAdult',
  'besidePerAdult',
  'cheeseKinds',
  'meatKinds',
  'gramsPerKind',
  'childShare',
] as const satisfies readonly (keyof Practice)[];

const TABLES: Record<keyof Practice, string> = {
  gramsPerAdult: 'Cheese and meat an adult',
  besidePerAdult: 'Beside, an adult',
  cheeseKinds: 'Kinds of cheese',
  meatKinds: 'Kinds of meat',
  gramsPerKind: 'Of each kind',
  childShare: 'A child',
};
export const figureTable = (table: keyof Practice): string => TABLES[table];

const ENDS: Record<string, string> = {
  low: 'at the least',
  high: 'at the most',
  usual: 'usual',
  odd: 'odd numbers',
};

/** Up to how many people a row of a table of kinds goes. */
const people = (rows: readonly { readonly upTo: number }[], i: number): string =>
  rows[i]!.upTo < ANY_NUMBER ? `up to ${rows[i]!.upTo} people` : 'more people';

/** A figure by its path: "drinks, no dinner after: cheese, at the least". */
export function figureLabel(path: string): string {
  const [table, ...keys] = path.split('.') as [keyof Practice, ...string[]];
  const end = ENDS[keys.at(-1) ?? ''] ?? '';
  switch (table) {
    case 'gramsPerAdult':
      return `${ROLE_LABELS[keys[0] as keyof typeof ROLE_LABELS]}: ${keys[1]}, ${end}`;
    case 'besidePerAdult':
      return `${keys[0]}, ${end}`;
    case 'cheeseKinds':
      return `${people(CHEESE_KINDS, Number(keys[0]))}: cheeses, ${end}`;
    case 'meatKinds':
      return `${people(MEAT_KINDS, Number(keys[0]))}: meats, ${end}`;
    case 'gramsPerKind':
      return `each kind, an adult, ${end}`;
    case 'childShare':
      return 'a child under 12, as a share of an adult';
  }
}
