import type { Companion, Good } from '../counter/index.js';
import { printedWords } from '../menu/index.js';

import { paceOf, type Pace } from '../walk/index.js';
import { whileUnknown } from './cards.js';
import { menuOf } from './menu.js';
import type { Paper } from './paper.js';

/** For the host of a seated tasting: when each good is served, what is poured with it, what to say before it. */
export interface TimeLine {
  readonly steps: readonly {
    /** Minutes from serving. */
    readonly at: number;
    readonly number: number;
    readonly good: Good;
    readonly words: readonly string[];
    readonly cleanse: boolean;
    /** null: the glass stays, or there is none. */
    readonly pours: Good | null;
  }[];
  /** What clears the palate, and how much of it a head; null: water. */
  readonly cleanser: Companion | null;
  readonly cleanserEach: number;
  readonly minutes: number;
  /** Litres for all. */
  readonly water: number;
  readonly poured: Pace['poured'];
}

export const timeLinePaper: Paper<TimeLine> = {
  for: 'shop',
  needs: [],
  hold: whileUnknown,
  data: ({ plan, order, counter }) => {
    const pace = paceOf(plan.walk, plan.desserts, plan.flight, plan.brief);
    const { entries } = menuOf(plan, order, counter);
    return {
      steps: pace.steps.map(({ at, good, pours, cleanse }, i) => ({
        at,
        number: i + 1,
        good,
        words: printedWords(entries.find(({ goodId }) => goodId === good.id)?.words),
        cleanse,
        pours: pours ?? null,
      })),
      cleanser: plan.cleanser,
      cleanserEach: plan.relief?.each ?? 0,
      minutes: pace.minutes,
      water: pace.water,
      poured: pace.poured,
    };
  },
};
