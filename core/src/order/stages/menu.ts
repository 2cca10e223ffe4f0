import { ROWS } from '../rows.js';
import { stage } from './row.js';

/** What a person says to guests of each good, on menu and cards: words and points that were written or accepted. It has no screen of its own, and derives nothing. */
export const menuStage = stage(ROWS.menu, {
  derive: () => ({}),
});
