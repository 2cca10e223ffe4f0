import { eldersRow } from '../care/index.js';
import type { Plan } from '../order/index.js';

/** What of the board elders and the frail are usually told to leave alone, by name: a line for whoever serves, no limit. */
export const eldersOf = ({ onBoard }: Plan): string[] =>
  onBoard.filter((good) => eldersRow(good) !== null).map(({ name }) => name);
