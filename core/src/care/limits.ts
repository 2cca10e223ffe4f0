import type { Good } from '../counter/index.js';
import { memoisedBy } from '../units/index.js';
import { YES, type Fit } from './fit.js';
import type { Limit } from './limitSchema.js';
import { limitRule, type Reach } from './limitRules.js';

/** Allergy, and an allergen that harms (coeliac disease, say): what no distance on a shared board serves. */
export const isHarmful = ({ what, severity }: Limit): boolean =>
  severity === 'allergy' || (severity === 'medical' && limitRule(what).group === 'allergen');

/**
 * How far a limit really reaches. A mark on the card, a bowl, a bell or a distance on a shared board serve what is a
 * matter of choice; an allergy goes to a plate of its own, whatever was asked. Common practice, no source.
 */
export const reachOf = (limit: Limit): Reach =>
  limit.reach === 'card' && isHarmful(limit) ? 'own plate' : limit.reach;

/** A limit with the row's own severity and reach. */
export function newLimit(what: string): Limit {
  const { severity, reach } = limitRule(what);
  return { what, severity, reach, guests: 1, who: '', note: '' };
}

/** Does a good suit this guest? A ware does, but for what it is oiled or made with. */
export function fitsLimit(good: Good, limit: Limit): Fit {
  const fits = fitsOf(good);
  const key = `${limit.severity} ${limit.what}`;
  const known = fits.get(key);
  if (known) return known;
  const fit = testLimit(good, limit);
  fits.set(key, fit);
  return fit;
}

/** What was found of each good; a brief asks the same of a whole counter at every edit. */
const fitsOf = memoisedBy((_: Good) => new Map<string, Fit>());

function testLimit(good: Good, limit: Limit): Fit {
  if (good.kind === 'ware') return limitRule(limit.what).group === 'allergen' ? oilFits(good, limit) : YES;
  return limitRule(limit.what).test(good, limit.severity);
}

/** Of a ware only what is known to be on it counts: a board oiled with walnut oil, say. */
function oilFits(ware: Good, limit: Limit): Fit {
  const fit = limitRule(limit.what).test(ware, limit.severity);
  return fit.fits === 'no' ? fit : YES;
}

export interface Exclusion {
  readonly limit: Limit;
  readonly fit: Fit;
}

/** Why a good may not lie on this board: every limit that reaches the board and that it does not surely meet. */
export function exclusionsOf(good: Good, limits: readonly Limit[]): Exclusion[] {
  return limits
    .filter((limit) => reachOf(limit) === 'board')
    .map((limit) => ({ limit, fit: fitsLimit(good, limit) }))
    .filter(({ fit }) => fit.fits !== 'yes');
}
