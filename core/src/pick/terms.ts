import { nextLot, mainMilk, type Main, type Verdict } from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { isPale } from '../sense/index.js';
import { PRACTICE, reason, type Reason } from '../units/index.js';

/** The signed terms beside balance, in points of the dial. Tables and small functions; all common practice. */

/** What the last taster said of the lot on this counter. */
const QUALITY: Record<Verdict, number> = { young: -4, ready: 1, 'at its peak': 3, going: 1, past: -20 };

export function qualityOf(main: Main): Reason {
  const verdict = nextLot(main)?.verdict;
  if (!verdict) return reason('quality', 0, 'not tasted');
  const says = verdict.says === 'going' ? 'going, so it must move' : verdict.says;
  return reason(
    'quality',
    QUALITY[verdict.says],
    `${says}, tasted ${verdict.on} by ${verdict.taster}`,
    'the counter’s own verdict',
  );
}

interface FitRule {
  readonly rule: string;
  readonly effect: (main: Main, brief: Brief) => number;
  readonly says: string;
}

const FITS: readonly FitRule[] = [
  {
    rule: 'timid and pungent',
    effect: (main, { adventurous }) => (adventurous <= 2 ? -0.8 * Math.max(0, main.sense.funk - 4) : 0),
    says: 'pungent for a timid table',
  },
  {
    rule: 'timid and strong',
    effect: (main, { adventurous }) => (adventurous <= 2 ? -0.8 * Math.max(0, main.sense.intensity - 6) : 0),
    says: 'strong for a timid table',
  },
  {
    rule: 'hot meat',
    effect: (main) => (main.kind === 'meat' && main.sense.heat >= 4 ? -2 : 0),
    says: 'hot enough to flatten the cheese',
  },
  {
    rule: 'adventurous',
    effect: (main, { adventurous }) => (adventurous >= 4 && main.known === 'surprise' ? 1.5 : 0),
    says: 'an odd one, for an adventurous table',
  },
];

/** How a good suits this table, apart from balance. */
export const fitsOf = (main: Main, brief: Brief): Reason[] =>
  FITS.map(({ rule, effect, says }) => reason(rule, effect(main, brief), says, PRACTICE)).filter(
    (r) => r.effect !== 0,
  );

interface PairRule {
  readonly rule: string;
  readonly effect: number;
  readonly when: (a: Main, b: Main) => boolean;
  readonly says: (a: Main, b: Main) => string;
}

const bothCheese = (a: Main, b: Main) => a.kind === 'cheese' && b.kind === 'cheese';

/** Sameness, told on pairs. Every effect is negative: the optimiser's bound leans on that. */
const SAMENESS: readonly PairRule[] = [
  {
    rule: 'two alike',
    effect: -4,
    when: (a, b) =>
      a.kind === 'cheese' &&
      b.kind === 'cheese' &&
      a.texture === b.texture &&
      mainMilk(a) === mainMilk(b) &&
      Math.abs(a.sense.intensity - b.sense.intensity) <= 1,
    says: (a, b) => `${a.name} and ${b.name} are much alike`,
  },
  {
    rule: 'meats alike',
    effect: -4,
    when: (a, b) =>
      a.kind === 'meat' &&
      b.kind === 'meat' &&
      a.build === b.build &&
      a.calibre === b.calibre &&
      a.animals[0]!.animal === b.animals[0]!.animal,
    says: (a, b) => `${a.name} and ${b.name} are much alike`,
  },
  {
    rule: 'pale',
    effect: -0.5,
    when: (a, b) => a.kind === 'cheese' && b.kind === 'cheese' && isPale(a) && isPale(b),
    says: (a, b) => `${a.name} and ${b.name} are both pale`,
  },
  {
    rule: 'strong with no relief',
    effect: -1.5,
    when: (a, b) => bothCheese(a, b) && a.sense.intensity >= 7.5 && b.sense.intensity >= 7.5,
    says: (a, b) => `${a.name} and ${b.name} are both strong`,
  },
];

export const samenessOf = (a: Main, b: Main): Reason[] =>
  SAMENESS.filter((row) => row.when(a, b)).map((row) => reason(row.rule, row.effect, row.says(a, b)));

const RISE_LIMIT = 3;

/**
 * How evenly the cheeses rise from mild to strong: minus the widest step beyond an even one, minus what a short
 * range lacks to 4 points. 0 at best, never under -3; 0 for fewer than three cheeses.
 */
export function riseOf(intensities: readonly number[]): number {
  if (intensities.length < 3) return 0;
  const sorted = [...intensities].sort((a, b) => a - b);
  const range = sorted[sorted.length - 1]! - sorted[0]!;
  let widest = 0;
  for (let i = 1; i < sorted.length; i++) widest = Math.max(widest, sorted[i]! - sorted[i - 1]!);
  const uneven = widest - range / (sorted.length - 1);
  return 0 - Math.min(RISE_LIMIT, uneven + Math.max(0, 4 - range));
}
