import { lotOn, willBeBoughtIn, type Main, type Verdict } from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { inSeason, isTimid } from '../brief/index.js';
import { STRONG_FROM } from '../sense/index.js';
import { NONE, reason, type Reason } from '../units/index.js';

declare module '../units/reason.js' {
  interface Rules extends Record<FitRule, { good: string }> {
    'to-be-bought-in': NoFigures;
    'not-tasted': NoFigures;
    tasted: { is: Verdict; taster: string; on: string };
    /** Tasted earlier, and carried to the serving day. */
    carried: { is: Verdict; was: Verdict; taster: string; on: string };
  }
}

export type FitRule =
  | 'timid-and-pungent'
  | 'timid-and-strong'
  | 'timid-and-familiar'
  | 'hot-meat'
  | 'adventurous'
  | 'sweet-tooth'
  | 'savoury-table'
  | 'hard-to-see'
  | 'heat-of-the-day'
  | 'in-season';

/** What a good brings by itself, in points of the dial: eating quality and fit. Tables; all common practice. */

/** The counter's own verdict, carried to the serving day. Going goods must move, so they are a little preferred. */
const QUALITY: Record<Verdict, number> = { young: -4, ready: 1, 'at its peak': 3, going: 1, past: -20 };

/** Eating quality of the lot that will be cut, on the serving day; 0 for a lot that nobody tasted. */
export function qualityOf(main: Main, brief: Brief): Reason {
  const lot = lotOn(main, brief.servingAt);
  const subject = main.id;
  if (!lot && willBeBoughtIn(main, brief.servingAt)) return reason('to-be-bought-in', NONE, { subject });
  if (!lot?.verdict) return reason('not-tasted', NONE, { subject });
  const { says: is, carried, tasted } = lot.verdict;
  const about = { subject, effect: QUALITY[is], source: 'the counter’s own verdict' };
  const { taster, on } = tasted;
  return carried
    ? reason('carried', { is, was: tasted.says, taster, on }, about)
    : reason('tasted', { is, taster, on }, about);
}

/** Points for each step of the sweet tooth away from the middle, for a good that is sweet through and through. */
const SWEET_STEP = 0.6;
/** How sweet or fruity a good is, 0 to 1. */
const sweetnessOf = ({ sense, flavours }: Main): number => {
  const notes = flavours.includes('fruity') || flavours.includes('caramel') ? 0.5 : 0;
  return Math.min(1, Math.max(0, (sense.sweet - 2) / 4) + notes);
};

const FITS: readonly { rule: FitRule; effect: (main: Main, brief: Brief) => number }[] = [
  {
    rule: 'timid-and-pungent',
    effect: (main, brief) => (isTimid(brief) ? -0.8 * Math.max(0, main.sense.funk - 4) : 0),
  },
  {
    rule: 'timid-and-strong',
    effect: (main, brief) =>
      isTimid(brief) ? -0.8 * Math.max(0, main.sense.intensity - (STRONG_FROM - 1)) : 0,
  },
  {
    rule: 'timid-and-familiar',
    effect: (main, brief) => (isTimid(brief) && main.known === 'safe bet' ? 1 : 0),
  },
  {
    rule: 'hot-meat',
    effect: (main) => (main.kind === 'meat' && main.sense.heat >= 4 ? -2 : 0),
  },
  {
    rule: 'adventurous',
    effect: (main, { adventurous }) => (adventurous >= 4 && main.known === 'surprise' ? 1.5 : 0),
  },
  {
    rule: 'sweet-tooth',
    effect: (main, { sweetTooth }) => SWEET_STEP * Math.max(0, sweetTooth - 3) * sweetnessOf(main),
  },
  {
    rule: 'savoury-table',
    effect: (main, { sweetTooth }) => SWEET_STEP * Math.min(0, sweetTooth - 3) * sweetnessOf(main),
  },
  {
    rule: 'hard-to-see',
    effect: (main, { light }) => (light === 'dim' && main.kind === 'cheese' && main.look.veins > 0 ? 0.5 : 0),
  },
  {
    rule: 'heat-of-the-day',
    effect: (main, { setting }) =>
      setting === 'outdoors, hot' && main.kind === 'cheese' && ['runny', 'creamy'].includes(main.paste)
        ? -2
        : 0,
  },
  {
    rule: 'in-season',
    effect: (main, brief) => (brief.season && inSeason(main, brief) ? 1 : 0),
  },
];

/** How a good suits this table, apart from balance. */
export const fitsOf = (main: Main, brief: Brief): Reason<FitRule>[] =>
  FITS.map(({ rule, effect }) =>
    reason(rule, { good: main.name }, { subject: main.id, effect: effect(main, brief) }),
  ).filter((r) => r.effect !== 0);
