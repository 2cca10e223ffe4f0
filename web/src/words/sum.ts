import { isBoxed, type Brief, type SumRowId } from '@rotula/core';
import { say } from '../language/say';

/** What a customer pays for. */
export const SUM_WORDS: Readonly<Record<SumRowId, string>> = {
  cheese: say`Cheese`,
  meat: say`Meat`,
  companions: say`Companions`,
  'own plates': say`Own plates`,
  drinks: say`Drinks`,
  work: say`Work`,
  wear: say`Wear of knives`,
  'hire of boards': say`Hire of boards`,
  boxes: say`Boxes`,
  'hire of kit': say`Hire of bells and tools`,
};

/** What is paid beside the goods: a box is bought, a board is lent. */
export const serviceWords = (brief: Pick<Brief, 'role' | 'surface'>): string =>
  isBoxed(brief) ? say`work and boxes` : say`work and hire`;
