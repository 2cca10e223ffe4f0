import { lotsInOrder, packGrams } from '../counter/index.js';
import { grams, wholesFor, type Grams } from '../units/index.js';
import type { Portion } from './portion.js';

/** Of a jar that the shop opens: what the open one gives, how many new ones are opened, and what stays open, dated. */
export interface Jars {
  readonly fromOpen: Grams;
  readonly opened: number;
  readonly stays: Grams;
}

/**
 * The open jar is used first; what it lacks comes out of new ones, and what is left stays at the shop. Common practice, no source.
 * @returns null for what is no jar that the shop opens
 */
export function jarsOf({ good, byShare, gross }: Portion, date: string): Jars | null {
  const pack = packGrams(good);
  if (!byShare || !pack) return null;
  const open = lotsInOrder(good, date).reduce((sum, lot) => sum + (lot.opened ? lot.grams : 0), 0);
  const opened = wholesFor(Math.max(0, gross - open) / pack);
  return {
    fromOpen: grams(Math.min(open, gross)),
    opened,
    stays: grams(Math.max(0, open + opened * pack - gross)),
  };
}
