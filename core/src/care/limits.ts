import type { Good } from '../counter/index.js';
import { memoisedBy } from '../units/index.js';
import { YES, type Fit } from './fit.js';
import { limitRule } from './limitRules.js';
import type { PersonLimit } from './persons.js';

/**
 * Does a good suit whoever has this limit? A ware does, but for what it is oiled or made with.
 * @param steamedIn the country in which the good is baked till it steams right through; empty: it is not
 */
export function fitsLimit(good: Good, limit: PersonLimit, steamedIn = ''): Fit {
  const fits = fitsOf(good);
  const key = `${limit.severity} ${limit.what} ${steamedIn}`;
  const known = fits.get(key);
  if (known) return known;
  const fit = testLimit(good, limit, steamedIn);
  fits.set(key, fit);
  return fit;
}

/** What was found of each good; a brief asks the same of a whole counter at every edit. */
const fitsOf = memoisedBy((_: Good) => new Map<string, Fit>());

function testLimit(good: Good, limit: PersonLimit, steamedIn: string): Fit {
  if (good.kind === 'ware') return limitRule(limit.what).group === 'allergen' ? oilFits(good, limit) : YES;
  return limitRule(limit.what).test(good, limit.severity, steamedIn);
}

/** Of a ware only what is known to be on it counts: a board oiled with walnut oil, say. */
function oilFits(ware: Good, limit: PersonLimit): Fit {
  const fit = limitRule(limit.what).test(ware, limit.severity, '');
  return fit.fits === 'no' ? fit : YES;
}
