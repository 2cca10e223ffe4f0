import type { Brief } from '../brief/index.js';
import { isCheese, isMeat, type Main, type Served } from '../counter/index.js';
import { bestOffer } from '../pick/index.js';
import { reason, type Reason } from '../units/index.js';
import { cheeseFor } from './meats.js';

declare module '../units/reason.js' {
  interface Rules {
    'meat-without-its-cheese': { meat: string; instead: string | null };
  }
}

/** Meats of a board without a cheese that suits them, each with a meat that would have one. Common practice, no source. */
export function lonelyMeats(mains: readonly Main[], brief: Brief, counter: Served): Reason[] {
  const cheeses = mains.filter(isCheese);
  if (cheeses.length === 0) return [];
  return mains.filter(isMeat).flatMap((meat) => {
    if (cheeseFor(meat, cheeses)) return [];
    const suits = (main: Main) => isMeat(main) && cheeseFor(main, cheeses) !== null;
    const instead = bestOffer(counter, mains, brief, suits)?.name ?? null;
    return [reason('meat-without-its-cheese', { meat: meat.name, instead }, { subject: meat.id })];
  });
}
