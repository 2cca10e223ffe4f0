/** What is printed, as plain data: web lays it out, tests read it. */
export {
  type CutLine,
  cutSheet,
  type ProduceLine,
  produceLines,
  type Station,
  stations,
} from './cutSheet.js';
export { plateShopping, shoppingList } from './shopping.js';
export { type GuestCard, type PlateCard, guestCards, heldBack, plateCards } from './cards.js';
export { nameOnBoard, styleOnBoard } from './claims.js';
export { type Menu, menuOf, type MenuEntry } from './menu.js';
export { type LaterLine, laterList } from './later.js';
export { tableList } from './tableList.js';
export { planRows } from './rows.js';
export { type HeldBack, type Hold, PAPER_NEEDS, type PaperGround, type PaperNeed } from './paper.js';
export { isPaper, PAPER_IDS, type PaperData, type PaperId, PAPERS, printed } from './table.js';
export type { MenuStep } from './menuPaper.js';
export type { PlannedBoard } from './boardPlan.js';
