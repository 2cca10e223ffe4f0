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
