import type { Aroma } from '../counter/index.js';

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

const bridged = new Set(
  Object.entries(BRIDGES).flatMap(([a, all]) => all.flatMap((b) => [`${a}|${b}`, `${b}|${a}`])),
);

interface Scented {
  readonly aromas: readonly Aroma[];
}

/** What is no pleasure twice: barn beside barn. */
const NOT_TWICE: readonly Aroma[] = ['animal', 'game', 'mould'];

/** How much each aroma of a good says, the most telling first. */
const TELLS = [1, 0.7, 0.5, 0.35];

/** Two families, one of each good, and how much of both is in them. */
export interface AromaPair {
  readonly one: Aroma;
  readonly other: Aroma;
  readonly weight: number;
}

const pairsWhere = (a: Scented, b: Scented, belong: (x: Aroma, y: Aroma) => boolean): AromaPair[] =>
  a.aromas
    .flatMap((one, i) =>
      b.aromas.flatMap((other, j): AromaPair[] =>
        belong(one, other) ? [{ one, other, weight: TELLS[i]! * TELLS[j]! }] : [],
      ),
    )
    .sort((x, y) => y.weight - x.weight);

/** The families that both have, the most telling first; those that are no pleasure twice are left out. */
export const sharedAromas = (a: Scented, b: Scented): AromaPair[] =>
  pairsWhere(a, b, (x, y) => x === y && !NOT_TWICE.includes(x));

/** The pairs of families, one of each, that belong together without being the same, the most telling first. */
export const bridgedAromas = (a: Scented, b: Scented): AromaPair[] =>
  pairsWhere(a, b, (x, y) => bridged.has(`${x}|${y}`));
