import type { ConceptId } from './concepts.js';

/**
 * Additives by their E number that bring something. Source: Regulation (EC) 1333/2008 for the numbers; what they are made of: common
 * practice, no source, on the strict side.
 */
const ROWS: readonly (readonly [ConceptId, string])[] = [
  ['sulphites', '220 221 222 223 224 225 226 227 228'],
  ['lecithin', '322'],
  ['eggs', '1105'],
  ['insect', '120 901 904'],
  ['gelatine', '441'],
  ['animal fat', '542'],
  [
    'fat perhaps',
    '422 431 432 433 434 435 436 470 471 472 473 474 475 476 477 479 481 482 483 491 492 493 494 495 570 572 631 635 920 921 1104',
  ],
  ['alcohol', '1510'],
];

export const E_NUMBERS: ReadonlyMap<string, ConceptId> = new Map(
  ROWS.flatMap(([concept, numbers]) => numbers.split(' ').map((number) => [`e${number}`, concept] as const)),
);
