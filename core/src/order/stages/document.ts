import { ROWS } from '../rows.js';
import { stage } from './row.js';

/** The document itself: no screen of its own, its name and state stand over every stage. */
export const documentStage = stage(ROWS.order, {
  derive: () => ({}),
});
