import { AROMAS, type Aroma } from '../counter/index.js';
import { memoisedBy } from '../units/index.js';

/**
 * Families of aroma that belong together without being the same: toast and butter, citrus and sea. What shares a family is
 * kin, what bridges two is company. Common practice, no source.
 */
const BRIDGES: Readonly<Partial<Record<Aroma, readonly Aroma[]>>> = {
  lactic: ['blossom', 'berry', 'green', 'herb', 'citrus', 'stone fruit', 'tomato', 'sea', 'anise'],
  butter: ['toast', 'nut', 'orchard', 'berry', 'caramel', 'lactic', 'grape', 'dried fruit'],
  nut: ['caramel', 'orchard', 'dried fruit', 'toast', 'stone fruit', 'savoury', 'roast', 'grape'],
  caramel: ['roast', 'dried fruit', 'orchard', 'toast', 'spice'],
  mushroom: ['earth', 'toast', 'nut', 'orchard', 'berry', 'butter'],
  earth: ['roast', 'berry', 'mushroom', 'game', 'nut'],
  animal: ['spice', 'blossom', 'citrus', 'allium', 'caramel', 'resin', 'pickle', 'orchard'],
  mould: ['dried fruit', 'orchard', 'nut', 'caramel', 'blossom', 'stone fruit'],
  savoury: [
    'pickle',
    'allium',
    'tropical',
    'mustard',
    'toast',
    'green',
    'grape',
    'orchard',
    'roast',
    'sea',
    'berry',
  ],
  game: ['berry', 'earth', 'resin', 'spice', 'stone fruit', 'dried fruit', 'pickle'],
  pepper: ['berry', 'herb', 'dried fruit', 'green'],
  smoke: ['orchard', 'caramel', 'roast', 'toast', 'green', 'citrus'],
  sea: ['citrus', 'green', 'tropical', 'toast'],
  anise: ['citrus', 'orchard', 'green'],
  spice: ['orchard', 'citrus', 'stone fruit', 'dried fruit'],
  herb: ['tomato', 'green', 'citrus'],
  roast: ['stone fruit', 'dried fruit', 'berry', 'citrus'],
};

/** What is no pleasure twice: barn beside barn. */
const NOT_TWICE: readonly Aroma[] = ['animal', 'game', 'mould'];
/** How much each aroma of a good says, the most distinctive first. */
const TELLS = [1, 0.7, 0.5, 0.35];

const AT = new Map(AROMAS.map((aroma, i) => [aroma, i]));
const SIZE = AROMAS.length;
type Table = Uint8Array;
/** 1 where two families stand in a relation; looked up for every pair of the counter, so it is a table of numbers. */
const tableOf = (related: (a: Aroma, b: Aroma) => boolean): Table =>
  Uint8Array.from({ length: SIZE * SIZE }, (_, i) =>
    related(AROMAS[Math.floor(i / SIZE)]!, AROMAS[i % SIZE]!) ? 1 : 0,
  );
const BRIDGED = tableOf((a, b) => (BRIDGES[a]?.includes(b) ?? false) || (BRIDGES[b]?.includes(a) ?? false));
const SHARED = tableOf((a, b) => a === b && !NOT_TWICE.includes(a));

interface Scented {
  readonly aromas: readonly Aroma[];
}

/** Where each family of a list stands in the tables; memoised by list. */
const placesOf = memoisedBy((aromas: readonly Aroma[]) => aromas.map((aroma) => AT.get(aroma)!));

function weightIn(table: Table, a: Scented, b: Scented): number {
  const [rows, columns] = [placesOf(a.aromas), placesOf(b.aromas)];
  let sum = 0;
  for (let i = 0; i < rows.length; i++) {
    const row = rows[i]! * SIZE;
    for (let j = 0; j < columns.length; j++) if (table[row + columns[j]!]) sum += TELLS[i]! * TELLS[j]!;
  }
  return sum;
}

/** How much two goods have of the same families; those that are no pleasure twice are left out. */
export const sharedWeight = (a: Scented, b: Scented): number => weightIn(SHARED, a, b);
/** How much of them belongs together without being the same. */
export const bridgedWeight = (a: Scented, b: Scented): number => weightIn(BRIDGED, a, b);

/** Two families, one of each good. */
export type AromaPair = readonly [one: Aroma, other: Aroma];

/** The families that both have, the most distinctive first. */
export const sharedAromas = (a: Scented, b: Scented): Aroma[] =>
  a.aromas.filter((one) => !NOT_TWICE.includes(one) && b.aromas.includes(one));

/** The pair of families, one of each, that belong together without being the same, the most distinctive of the first good; null: none. */
export function leadBridge(a: Scented, b: Scented): AromaPair | null {
  const [rows, columns] = [placesOf(a.aromas), placesOf(b.aromas)];
  for (let i = 0; i < rows.length; i++)
    for (let j = 0; j < columns.length; j++)
      if (BRIDGED[rows[i]! * SIZE + columns[j]!]) return [a.aromas[i]!, b.aromas[j]!];
  return null;
}
