import type { Hold, PaperGround } from './paper.js';

/** Without anything out of the cold there is no clock to print. */
export const whileNotTimed = ({ plan }: PaperGround): Hold | null =>
  plan.timing.standing.length === 0 ? { because: 'nothing is picked' } : null;
