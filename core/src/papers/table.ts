import { allergenPaper } from './allergens.js';
import { boardPlanPaper } from './boardPlan.js';
import { cardsPaper } from './cards.js';
import { customerClockPaper } from './customerClock.js';
import { cutSheetPaper } from './cutSheet.js';
import { kitchenAllergensPaper } from './kitchenAllergens.js';
import { laterPaper } from './later.js';
import { menuPaper } from './menuPaper.js';
import { offLabelsPaper } from './offLabels.js';
import { packingPaper } from './packing.js';
import { printedBy, type Paper, type PaperGround, type Printed } from './paper.js';
import { quotePaper } from './quote.js';
import { runSheetPaper } from './runSheet.js';
import { shoppingPaper } from './shopping.js';
import { timeLinePaper } from './timeLine.js';

/** Every paper there is, in the order in which they are offered. The screen, the API and the command are made from it. */
export const PAPERS = {
  quote: quotePaper,
  'cut-sheet': cutSheetPaper,
  'shopping-list': shoppingPaper,
  cards: cardsPaper,
  'tasting-menu': menuPaper,
  'time-line': timeLinePaper,
  allergens: allergenPaper,
  'kitchen-allergens': kitchenAllergensPaper,
  'board-plan': boardPlanPaper,
  'packing-list': packingPaper,
  'run-sheet': runSheetPaper,
  'off-labels': offLabelsPaper,
  'customer-clock': customerClockPaper,
  'to-find-again': laterPaper,
};
export type PaperId = keyof typeof PAPERS;
export type PaperData<I extends PaperId> = ReturnType<(typeof PAPERS)[I]['data']>;

export const PAPER_IDS = Object.keys(PAPERS) as PaperId[];
export const isPaper = (id: string): id is PaperId => Object.hasOwn(PAPERS, id);

/** A paper as data, or why it is held. */
export const printed = <I extends PaperId>(id: I, ground: PaperGround): Printed<PaperData<I>> =>
  printedBy(PAPERS[id] as unknown as Paper<PaperData<I>>, ground);
