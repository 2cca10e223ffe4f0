import type { PaperId } from '@rotula/core';
import { say } from '../language/say';

/** What each paper is called where it is chosen, and where it is said that there is none yet. */
export const PAPER_LABELS: Record<PaperId, string> = {
  quote: say`Quote`,
  'cut-sheet': say`Cut sheet`,
  'shopping-list': say`Shopping list`,
  cards: say`Cards`,
  'tasting-menu': say`Tasting menu`,
  'time-line': say`Time line`,
  allergens: say`Allergens`,
  'board-plan': say`Board plan`,
  'packing-list': say`Packing list`,
  'run-sheet': say`Run sheet`,
  'off-labels': say`Off labels`,
  'customer-clock': say`Customer’s clock`,
  'to-find-again': say`To find again`,
};

export const HELD_LABELS: Partial<Record<PaperId, string>> = {
  cards: say`cards`,
  'tasting-menu': say`menu`,
  'time-line': say`time line`,
  allergens: say`allergen list`,
};
