import type { Cheese, Good, Main, Meat } from './good.js';
import type { Lot } from './lot.js';
import type { Verdict } from './words.js';
import type { Texture } from './words.js';

/**
 * How a lot moves from young to past. What is ready on Tuesday is not on Saturday; a hard wheel hardly moves in a week.
 * Common practice, no source: the figures are this house's reading of it.
 */

const STATES: readonly Verdict[] = ['young', 'ready', 'at its peak', 'going', 'past'];

/** Days that a lot stays young, ready, at its peak and going, before it is past. */
type Pace = readonly [young: number, ready: number, peak: number, going: number];

const CHEESE_PACE: Record<Texture, Pace> = {
  fresh: [2, 4, 4, 4],
  soft: [4, 5, 5, 5],
  bloomy: [7, 6, 6, 5],
  washed: [8, 7, 7, 6],
  'semi-soft': [20, 25, 25, 15],
  firm: [40, 60, 60, 30],
  hard: [90, 120, 120, 60],
  'very hard': [120, 200, 200, 90],
  blue: [14, 20, 20, 14],
};

const MEAT_PACE: Record<Meat['process'], Pace> = {
  'air-dried': [30, 60, 90, 30],
  fermented: [10, 25, 30, 20],
  cooked: [0, 3, 4, 3],
  'hot-smoked': [0, 4, 5, 4],
  'cold-smoked': [0, 5, 6, 4],
  'raw spreadable': [1, 4, 4, 3],
  pate: [0, 3, 4, 2],
};

/** An opened face dries and takes on the air of the counter: it moves faster by this factor. */
const OPENED_PACE = 1.5;

function paceOf(good: Good): Pace | null {
  if (good.kind === 'cheese') return CHEESE_PACE[good.texture];
  return good.kind === 'meat' ? MEAT_PACE[good.process] : null;
}

/**
 * The verdict on a lot `days` after it was given. A best window, where somebody set one, rules: before it the lot is at
 * most ready, in it at its peak, after it going and then past. Without one the lot moves through its states at the pace
 * of its kind, from the start of the state that was tasted. A verdict never moves back.
 */
export function carryVerdict(good: Good, lot: Lot, tasted: Verdict, days: number, date: string): Verdict {
  const pace = paceOf(good);
  if (!pace || tasted === 'past') return tasted;
  const later = (a: Verdict, b: Verdict) => (STATES.indexOf(a) > STATES.indexOf(b) ? a : b);
  if (lot.bestUntil && date > lot.bestUntil) {
    const over = Math.round((Date.parse(date) - Date.parse(lot.bestUntil)) / 86_400_000);
    return over > pace[3] ? 'past' : later(tasted, 'going');
  }
  if (lot.bestFrom && lot.bestUntil && date >= lot.bestFrom) return later(tasted, 'at its peak');
  let left = days * (lot.opened ? OPENED_PACE : 1);
  let state = STATES.indexOf(tasted);
  while (state < 4 && left >= pace[state]! && left > 0) {
    left -= pace[state]!;
    state++;
  }
  const moved = STATES[state]!;
  if (lot.bestFrom && date < lot.bestFrom && STATES.indexOf(moved) > 1) return later(tasted, 'ready');
  return moved;
}

/** What ripeness does to the taste, on the scales of 0 to 10. */
const SHIFT: Record<Verdict, { intensity: number; funk: number; softer: number }> = {
  young: { intensity: -1, funk: -1, softer: -1 },
  ready: { intensity: 0, funk: 0, softer: 0 },
  'at its peak': { intensity: 0.5, funk: 0.5, softer: 0 },
  going: { intensity: 1.5, funk: 1.5, softer: 1 },
  past: { intensity: 2, funk: 3, softer: 1 },
};

/** Families that soften as they ripen: chalky when young, running when they go. The others dry, and keep their shape. */
const RIPENS_SOFT: readonly Texture[] = ['soft', 'bloomy', 'washed'];

const scale = (x: number) => Math.max(0, Math.min(10, Math.round(x * 10) / 10));

/**
 * A good as it will be eaten, with the verdict of its lot: strength and funk shift, a soft-ripening paste is chalky when
 * young and runs when it goes, a hard one that is going has dried at the face.
 */
export function ripened<M extends Main>(main: M, says: Verdict): M {
  const { intensity, funk, softer } = SHIFT[says];
  const isCured = main.kind === 'meat';
  const sense = {
    ...main.sense,
    intensity: scale(main.sense.intensity + (isCured ? intensity / 2 : intensity)),
    funk: main.sense.funk === 0 ? 0 : scale(main.sense.funk + funk),
  };
  if (main.kind !== 'cheese') return { ...main, sense };
  return { ...main, sense, paste: pasteOf(main, softer) };
}

function pasteOf(cheese: Cheese, softer: number): Cheese['paste'] {
  if (softer === 0) return cheese.paste;
  if (RIPENS_SOFT.includes(cheese.texture)) return softer > 0 ? 'runny' : 'crumbly';
  if (softer > 0 && ['hard', 'very hard'].includes(cheese.texture)) return 'brittle';
  return cheese.paste;
}
