import { grams, millimetres, reason, type Grams, type Millimetres, type Reason } from '../units/index.js';
import type { CutLook } from './style.js';

declare module '../units/reason.js' {
  interface Rules {
    'heavy-piece': { piece: Grams };
    'long-piece': { longest: Millimetres };
    'thick-piece': { across: Millimetres };
  }
}

/** One bite, and what is eaten in two (docs/trade.md `cut/bite BITE`). Common practice, no source. */
export const BITE = { mm: 30, grams: 15 };
export const TWO_BITES = { grams: 30, long: 120, other: 40 };
/** What is taken with a spoon or opened at the table is no piece yet. */
const EXEMPT: readonly CutLook[] = ['spoonful', 'whole', 'pearl'];

/** Every piece is taken in one motion and eaten in one or two bites: what fails, each with its measure. */
export function biteReasons(
  look: CutLook,
  piece: number,
  [long, middle]: readonly [number, number, number],
  subject: string,
): Reason[] {
  if (EXEMPT.includes(look)) return [];
  const about = { subject, effect: -1 };
  // A hair over is what a hand cuts.
  const over = (x: number, most: number) => x > most * 1.02;
  return [
    ...(over(piece, TWO_BITES.grams) ? [reason('heavy-piece', { piece: grams(piece) }, about)] : []),
    ...(over(long, TWO_BITES.long) ? [reason('long-piece', { longest: millimetres(long) }, about)] : []),
    ...(over(middle, TWO_BITES.other) ? [reason('thick-piece', { across: millimetres(middle) }, about)] : []),
  ];
}
