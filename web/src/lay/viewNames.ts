import { say } from '../language/say';

/** What is drawn over a board. */
export const VIEWS = {
  laid: say`As laid`,
  pairs: say`Pairs`,
  walk: say`Walk`,
  heights: say`Heights`,
  reach: say`Reach`,
  colours: say`Colours`,
  'half eaten': say`Half eaten`,
} as const;
export type View = keyof typeof VIEWS;
/** Views with a figure on each thing, in place of its number; the lines of the others run below the numbers. */
export const ON_NUMBERS: readonly View[] = ['heights', 'reach', 'colours'];
