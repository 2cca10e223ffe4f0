import { MOST_LEAD } from './curve.js';
import { warmerOf } from './lies.js';
import { responseOf } from './response.js';
import type { SolveWarming } from './warm.js';

/** By series of forty terms, sections by finite elements, films that change step by step. */
export const exactly: SolveWarming = ({ main, thing }, lying) => {
  const warmer = warmerOf(main, thing, lying);
  return { warmer, response: responseOf(warmer.body, warmer.paste, MOST_LEAD) };
};
