import { overWhenServed, type Standing } from '../clock/index.js';
import { goodsById } from '../counter/index.js';
import { dayOf, whileDangerous, type Paper } from './paper.js';
import { whileNotTimed } from './timed.js';

/** For whoever lays the board at home: what leaves the fridge when, when it is on the table, and when it goes; the first first. */
export interface CustomerClock {
  readonly rows: readonly Standing[];
}

export const customerClockPaper: Paper<CustomerClock> = {
  for: 'customer',
  needs: ['day'],
  hold: (ground) => {
    const nothing = whileNotTimed(ground);
    if (nothing) return nothing;
    const over = overWhenServed(dayOf(ground).standing);
    const goods = [...goodsById(over.map(({ good }) => good)).values()];
    // By a clock on which the safe time is over nobody serves, whoever took that on.
    return goods.length > 0 ? { because: 'safe time is over when served', goods } : whileDangerous(ground);
  },
  data: (ground) => ({ rows: [...dayOf(ground).standing].sort((a, b) => a.out - b.out) }),
};
