import { lotOn, willBeBoughtIn, type Main, type Verdict } from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { inSeason } from '../brief/index.js';
import { PRACTICE, reason, type Reason } from '../units/index.js';

/** What a good brings by itself, in points of the dial: eating quality and fit. Tables; all common practice. */

/** The counter's own verdict, carried to the serving day. Going goods must move, so they are a little preferred. */
const QUALITY: Record<Verdict, number> = { young: -4, ready: 1, 'at its peak': 3, going: 1, past: -20 };

/** Eating quality of the lot that will be cut, on the serving day; 0 for a lot that nobody tasted. */
export function qualityOf(main: Main, brief: Brief): Reason {
  const lot = lotOn(main, brief.servingAt);
  if (!lot && willBeBoughtIn(main, brief.servingAt)) return reason('quality', 0, 'to be bought in by then');
  if (!lot?.verdict) return reason('quality', 0, 'not tasted');
  const { says, carried, tasted } = lot.verdict;
  const word = says === 'going' ? 'going, so it must move' : says;
  const how = carried
    ? `${word} on the day (${tasted.says} when ${tasted.taster} tasted it, ${tasted.on})`
    : `${word}, tasted ${tasted.on} by ${tasted.taster}`;
  return reason('quality', QUALITY[says], how, 'the counter’s own verdict');
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
    rule: 'timid and familiar',
    effect: (main, { adventurous }) => (adventurous <= 2 && main.known === 'safe bet' ? 1 : 0),
    says: 'a known name, for a timid table',
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
  {
    rule: 'sweet tooth',
    effect: (main, { sweetTooth }) =>
      sweetTooth >= 4 &&
      (main.sense.sweet >= 4 || main.flavours.includes('fruity') || main.flavours.includes('caramel'))
        ? 1
        : 0,
    says: 'sweet or fruity, for a sweet tooth',
  },
  {
    rule: 'hard to see',
    effect: (main, { light }) => (light === 'dim' && main.kind === 'cheese' && main.look.veins > 0 ? 0.5 : 0),
    says: 'shows itself in a dim room',
  },
  {
    rule: 'heat of the day',
    effect: (main, { setting }) =>
      setting === 'outdoors, hot' && main.kind === 'cheese' && ['runny', 'creamy'].includes(main.paste)
        ? -2
        : 0,
    says: 'runs in the heat',
  },
  {
    rule: 'in season',
    effect: (main, brief) => (brief.season && inSeason(main, brief.servingAt) ? 1 : 0),
    says: 'at its best at this time of year',
  },
];

/** How a good suits this table, apart from balance. */
export const fitsOf = (main: Main, brief: Brief): Reason[] =>
  FITS.map(({ rule, effect, says }) => reason(rule, effect(main, brief), says, PRACTICE)).filter(
    (r) => r.effect !== 0,
  );
