import { wordsOf } from '../plain.js';
import { CHEESES, FAMILIES } from './cheeses.js';
import { COMPANIONS } from './companions.js';
import { DRINKS } from './drinks.js';
import { MEATS, PROCESSES_USUAL } from './meats.js';
import { WARES } from './wares.js';

/** The dictionary's lines, read once: each style with its names as words and its typical values. */

export type StyleKind = 'cheese' | 'meat' | 'companion' | 'drink' | 'ware';

export interface StyleRow {
  readonly kind: StyleKind;
  /** As it stands in the dictionary, first name first. */
  readonly name: string;
  readonly names: readonly (readonly string[])[];
  /** Typical values by field; null: not told. */
  readonly typical: Readonly<Record<string, string | number | null>>;
  readonly contains: readonly string[];
  readonly source: string;
  readonly ages: boolean;
  /** A kind of which many styles are made: a family word beside it counts for more. */
  readonly generic: boolean;
}

/** What the figures of a line are, in their order. */
const FIELDS: Readonly<Record<StyleKind, readonly string[]>> = {
  cheese: ['family', 'animal', 'treatment', 'ageDays', 'rind', 'shape', 'kg', 'cm', 'strength', 'source'],
  meat: [
    'family',
    'build',
    'calibre',
    'animal',
    'ageDays',
    'shape',
    'kg',
    'cm',
    'sliceMm',
    'strength',
    'source',
  ],
  companion: ['family', 'strength', 'crunch', 'juice', 'pack', 'grams', 'source'],
  drink: ['family', 'abv', 'residualSugar', 'totalAcidity', 'tannin', 'bubbles', 'body', 'spice', 'source'],
  ware: ['family', 'material', 'length', 'width', 'diameter', 'height'],
};

/** Short forms of the tables. */
const MEANS: Readonly<Record<string, string>> = {
  'very-hard': 'very hard',
  past: 'pasteurised',
  th: 'thermised',
  plastic: 'plastic coat',
  'whole-muscle': 'whole muscle',
  'raw-spreadable': 'raw spreadable',
  sausage: 'whole sausage',
  piece: 'block',
  l: 'large',
  m: 'medium',
  s: 'small',
};
/** Roles of two words stand with a blank in the table of companions. */
const TWO_WORDS: readonly string[] = ['savoury spread', 'dried fruit'];

const valueOf = (text: string): string | number | null =>
  text === '?' || text === '-' ? null : /^[\d.]+$/.test(text) ? Number(text) : (MEANS[text] ?? text);

function typicalOf(
  fields: readonly string[],
  text: string,
): { readonly values: Record<string, string | number | null>; readonly rest: readonly string[] } {
  const two = TWO_WORDS.find((role) => text.startsWith(role));
  const tokens = (two ? text.replace(two, two.replace(' ', '_')) : text).trim().split(/\s+/);
  const values: Record<string, string | number | null> = {};
  fields.forEach((field, i) => (values[field] = valueOf((tokens[i] ?? '?').replace('_', ' '))));
  return { values, rest: tokens.slice(fields.length) };
}

/** The lines of a table as its two halves. */
export const linesOf = (table: string): (readonly [names: string, values: string])[] =>
  table
    .split('\n')
    .filter((line) => line.includes('|') && !line.startsWith('#'))
    .map((line) => {
      const [names, ...values] = line.split('|').map((part) => part.trim());
      return [names!, values.join(' ')] as const;
    });

export const namesOf = (names: string): string[][] =>
  names.split(',').map((name) => wordsOf(name).filter((word) => word !== '.' && word !== ','));

function rowsOf(kind: StyleKind, table: string): StyleRow[] {
  return linesOf(table).map(([names, text]): StyleRow => {
    const [head, contains = ''] = text.split(/\bcontains\b/);
    const { values, rest } = typicalOf(FIELDS[kind], head!);
    const { source, ...typical } = values;
    return {
      kind,
      name: names.split(',')[0]!.trim(),
      names: namesOf(names),
      typical,
      contains: contains
        .split(',')
        .map((id) => id.trim())
        .filter(Boolean),
      source: String(source ?? 'use'),
      ages: rest.includes('ages'),
      generic: rest.includes('generic'),
    };
  });
}

export const STYLES: readonly StyleRow[] = [
  ...rowsOf('cheese', CHEESES),
  ...rowsOf('meat', MEATS),
  ...rowsOf('companion', COMPANIONS),
  ...rowsOf('drink', DRINKS),
  ...rowsOf('ware', WARES),
];

const usualBy = (table: string, fields: readonly string[]) =>
  new Map(
    linesOf(table).map(([name, text]) => [String(valueOf(name)), typicalOf(fields, text).values] as const),
  );
/** What a family of cheese usually is, by family. */
export const FAMILY_USUAL = usualBy(FAMILIES, FIELDS.cheese.slice(2, -1));
/** What a process of meat usually is, by process. */
export const PROCESS_USUAL = usualBy(PROCESSES_USUAL, [
  'ageDays',
  'shape',
  'kg',
  'cm',
  'sliceMm',
  'strength',
  'calibre',
]);
