import type { BasisField } from '../basis.js';
import { Cheese, Companion, Drink, Meat, Ware, type Good } from '../good.js';
import { ARRIVAL_CHECKS, GOOD_KINDS, SENSES, type GoodKind } from '../words.js';

/**
 * The counter as a table: one row a good, and one row for each of its lots. A column is a field of the open format, named
 * by its path; a cell is text. Lists are written with "; " between, shares as "cow 0.6; goat 0.4".
 */
type Cell = 'text' | 'number' | 'yes/no' | 'list' | 'shares' | 'marks';

export interface Column {
  readonly path: string;
  readonly cell: Cell;
  /** Stands in the rows of lots, not of goods. */
  readonly ofLot?: boolean;
  readonly kinds: readonly GoodKind[];
}

const ALL = GOOD_KINDS;
const MAINS: readonly GoodKind[] = ['cheese', 'meat'];
const COMPOSED: readonly GoodKind[] = ['cheese', 'meat', 'companion'];
const TASTED: readonly GoodKind[] = ['cheese', 'meat', 'companion', 'drink'];
const column = (cell: Cell, kinds: readonly GoodKind[], ...paths: string[]): Column[] =>
  paths.map((path) => ({ path, cell, kinds }));
const of = (prefix: string, ...names: string[]) => names.map((name) => `${prefix}.${name}`);

const PIECE = ['grams', 'diameter', 'length', 'width', 'height'];

/** In the order in which they are written. */
export const COLUMNS: readonly Column[] = [
  ...column(
    'text',
    ALL,
    'kind',
    'id',
    'code',
    'name',
    'style',
    'maker',
    ...of('origin', 'region', 'country'),
  ),
  ...column('number', ALL, 'price.amount'),
  ...column('text', ALL, 'price.per', 'pack.form'),
  ...column('number', ALL, 'supplierPrice'),
  ...column('number', ALL, ...of('pack', 'grams', 'ml', 'pieces')),
  ...column('list', ALL, 'colours', 'adjectives', 'flavours'),
  ...column('list', TASTED, 'aromas', 'estimated'),
  ...column('text', ALL, 'note'),
  ...column('number', TASTED, ...of('sense', ...SENSES)),
  ...column('list', ALL, ...of('allergens', 'contains', 'mayContain', 'free', 'unknown')),
  ...column('text', ALL, 'allergens.rest'),
  ...column('text', ALL, ...of('contents', 'rennet', 'casing', 'gelatine', 'blood', 'alcohol', 'honey')),
  ...column('list', ALL, ...of('contents', 'certificates', 'ingredients')),
  ...column('number', ALL, ...of('trial', 'paid', 'grams')),
  ...column('text', ALL, ...of('trial', 'smell', 'looks', 'decision')),
  ...column('marks', ALL, 'from'),
  ...column('number', TASTED, ...of('usual', 'intensity', 'ageDays')),
  ...column('text', ['cheese'], 'line', 'tradeStyle', 'texture'),
  ...column('shares', ['cheese'], 'milk'),
  ...column('text', ['cheese'], 'treatment'),
  ...column('shares', ['meat'], 'animals'),
  ...column('text', ['meat'], 'build', 'process', 'calibre'),
  ...column('number', MAINS, 'ageDays'),
  ...column('text', MAINS, 'form.shape'),
  ...column('number', MAINS, ...of('form', 'grams', 'diameter', 'height', 'length', 'width')),
  ...column('number', COMPOSED, ...of('composition', 'water', 'fat', 'protein', 'carbohydrate', 'ash')),
  ...column('text', ['cheese'], 'rind.kind'),
  ...column('number', ['cheese'], 'rind.mm'),
  ...column('text', ['cheese'], 'rind.verdict', 'look.eyes'),
  ...column('number', ['cheese'], 'look.veins'),
  ...column('yes/no', ['cheese'], ...of('look', 'ashLine', 'crystals', 'curd')),
  ...column('text', ['cheese'], 'paste'),
  ...column('text', MAINS, 'known'),
  ...column('number', ['meat'], ...of('slice', 'mm', 'diameter')),
  ...column('yes/no', ['meat'], 'casingEaten'),
  ...column('text', ['companion'], 'role'),
  ...column('number', ['companion'], 'crunch', 'juice', 'scented'),
  ...column('yes/no', ['companion'], 'rolls'),
  ...column('number', ['companion'], ...of('piece', ...PIECE), 'edibleShare', 'drainedGrams'),
  ...column('text', ['drink'], 'type'),
  ...column(
    'number',
    ['drink'],
    'abv',
    'residualSugar',
    'totalAcidity',
    'tannin',
    'bubbles',
    'body',
    'spice',
  ),
  ...column('text', ['ware'], 'use'),
  ...column('number', ['ware'], 'length', 'width', 'diameter', 'height', 'rim', 'ml'),
  ...column('text', ['ware'], 'material'),
  ...column('yes/no', ['ware'], 'heatproof'),
  ...column('text', ALL, 'lot.id').map((c) => ({ ...c, ofLot: true })),
  ...column('number', ALL, ...of('lot', 'grams', 'pieces', 'price')).map((c) => ({ ...c, ofLot: true })),
  ...column('text', ALL, ...of('lot', 'countedAt', 'madeOn', 'receivedOn', 'bestFrom', 'bestUntil')).map(
    (c) => ({
      ...c,
      ofLot: true,
    }),
  ),
  ...column('yes/no', ALL, 'lot.opened').map((c) => ({ ...c, ofLot: true })),
  ...column('text', ALL, 'lot.treatment').map((c) => ({ ...c, ofLot: true })),
  ...column('yes/no', ALL, ...of('lot.arrival', ...ARRIVAL_CHECKS, 'refused')).map((c) => ({
    ...c,
    ofLot: true,
  })),
  ...column('text', ALL, ...of('lot.verdict', 'says', 'taster', 'on', 'note')).map((c) => ({
    ...c,
    ofLot: true,
  })),
  ...column('list', ALL, 'lot.verdict.words').map((c) => ({ ...c, ofLot: true })),
];

/** Parts that are there as a whole or not at all: all their cells empty means there is none. */
export const WHOLE_PARTS: Partial<Record<string, readonly string[]>> = {
  trial: ['paid', 'grams', 'smell', 'looks', 'decision'],
  usual: ['intensity', 'ageDays'],
  composition: ['water', 'fat', 'protein', 'carbohydrate', 'ash'],
  'lot.arrival': [...ARRIVAL_CHECKS, 'refused'],
  'lot.verdict': ['says', 'taster', 'on', 'note', 'words'],
};

/** Columns of files before format 9, and what "no" in them meant: a guess on which nothing passes. */
export const OLD_FLAGS: Readonly<Record<string, readonly BasisField[]>> = {
  milkKnown: ['animal'],
  described: ['animal', 'making', 'age'],
};
/** A price in whole units, as suppliers write it ("12.50", "12,50 €"); becomes price.amount. */
export const PLAIN_PRICE = 'price';
/** What a supplier says of a good in words ("Kuh, roh", "Hartkäse", "12 mesi"); read with its name. Several columns may be this. */
export const PLAIN_WORDS = 'words';

export const SCHEMAS = {
  cheese: Cheese,
  meat: Meat,
  companion: Companion,
  drink: Drink,
  ware: Ware,
} as const;
export type AnyGood = Good;
