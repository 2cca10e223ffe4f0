import { isCheese, isCompanion, isMeat, type Good } from '../counter/index.js';

/** What a table reaches for first, most often: the safe bet, the dry ham, the bread (common practice, no source). */
export const goneFirst = (goods: readonly Good[]): Good[] =>
  goods.filter(
    (good) =>
      (isCheese(good) && good.known === 'safe bet') ||
      (isMeat(good) && good.build === 'whole muscle' && good.process === 'air-dried') ||
      (isCompanion(good) && good.role === 'bread'),
  );
