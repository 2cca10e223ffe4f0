import { safeTimeOf, type Safety, type SafeTime } from '../care/index.js';
import { isBoxed, USUAL_PRACTICE, type Brief } from '../brief/index.js';
import type { Good } from '../counter/index.js';
import { grams, minutes, shareOut, wholesFor, type Grams, type Minutes } from '../units/index.js';

/** How the food goes out: all at once, or part of it held back in the cold. */
export interface Waves {
  readonly count: number;
  /** Share of each good that the first wave holds; the later ones share the rest alike. */
  readonly first: number;
  readonly byHand: boolean;
  /** How long the first of several waves lasts at the usual pace of eating, hours; null: all goes out at once. */
  readonly firstLasts: number | null;
  /** Most time out of the most tender good here, and by whose rule. */
  readonly safe: Minutes;
  readonly rule: SafeTime;
}

export interface WaveChoice {
  readonly count: number | null;
  readonly first: number | null;
}

/** Share of a table's food that is gone after a number of hours: half in the first, half of the rest in the next. */
export const goneAfter = (hours: number): number => 1 - 2 ** -hours;
/** Hours until this share is gone. */
export const hoursUntil = (share: number): number => (share >= 1 ? Infinity : -Math.log2(1 - share));

/** More waves than this nobody runs. */
export const MOST_WAVES = 6;
/** Two for parties over two hours. */
const ONE_WAVE_HOURS = 2;

/**
 * Waves of an order: two for parties over two hours, or as many as the safe time of the most tender good asks; the first
 * holds 60 %. What a person set stands.
 */
export function wavesFor(brief: Brief, goods: readonly Good[], safety: Safety, choice: WaveChoice): Waves {
  const { firstWave } = brief.practice ?? USUAL_PRACTICE;
  const times = goods.map((good) => safeTimeOf(good, safety));
  const tight = times.reduce(
    (least, time) => (time.most < least.most ? time : least),
    times[0] ?? safeTimeOf({ kind: 'ware' } as Good, safety),
  );
  const party = brief.hours * 60;
  const bySafety = wholesFor(party / tight.most);
  const usual = Math.min(MOST_WAVES, Math.max(bySafety, brief.hours > ONE_WAVE_HOURS ? 2 : 1));
  // A box is one wave: nobody brings another.
  const boxed = isBoxed(brief);
  const count = choice.count ?? (boxed ? 1 : usual);
  // Of two waves the first holds the house's share; of more, as much of the later ones' even shares, never less than they.
  const usualFirst = count === 2 ? firstWave : Math.max(1 / count, firstWave / (count - 1));
  const first = count === 1 ? 1 : (choice.first ?? usualFirst);
  return {
    count,
    first,
    byHand: choice.count !== null || choice.first !== null,
    firstLasts: count > 1 && first < 1 ? hoursUntil(first) : null,
    safe: minutes(tight.most),
    rule: tight.rule,
  };
}

/** A weight over the waves in whole grams, the first wave's first; they add up to it. */
export function overWaves(total: Grams, { count, first }: Waves): Grams[] {
  const later = count > 1 ? (1 - first) / (count - 1) : 0;
  return shareOut(
    Math.round(total),
    Array.from({ length: count }, (_, i) => (i === 0 ? first : later)),
  ).map(grams);
}
