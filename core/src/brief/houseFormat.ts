import type { Format } from '../units/index.js';

/** Format of the house. 1: as first stored. 2: the country it is in, by whose customs dates are written.
 * 3: own figures of practice, of which there were none. 4: bread has a figure for each role (the old one was that of drinks);
 * zone, hands, ovens, wage, hire and margins, which nobody had told. 5: pairs of its own, worth of a point, licence, what comes last.
 * 6: what its tastings taught it; there were none. 7: its written procedure, limits of its own and film: nobody had told.
 * 8: what a bell or tool costs that is hired: it had no price.
 * 9: what a box for one costs: it had no price. */
export const HOUSE_FORMAT: Format = {
  name: 'the house',
  version: 9,
  upgrades: {
    1: (house: Record<string, unknown>) => ({ ...house, country: countryOf(house.currency) }),
    2: (house: Record<string, unknown>) => ({ ...house, practice: {} }),
    3: (house: Record<string, unknown>) => ({
      ...house,
      practice: breadByRole((house.practice ?? {}) as Record<string, number>),
    }),
    // Nobody had told: the usual worth of a point, no pairs of its own, a licence as before.
    4: (house: Record<string, unknown>) => ({
      ...house,
      pairPoint: 20,
      pairWords: [],
      licensed: true,
      lateSchool: 'blue last',
    }),
    5: (house: Record<string, unknown>) => ({ ...house, learnt: null }),
    6: (house: Record<string, unknown>) => ({ ...house, procedure: null, safeLimits: [], film: null }),
    7: (house: Record<string, unknown>) => ({ ...house, kitHire: 0 }),
    8: (house: Record<string, unknown>) => ({ ...house, boxPrice: 0 }),
  },
};

/** Own figures in which bread was one figure for all roles. */
const breadByRole = (own: Record<string, number>): Record<string, number> =>
  Object.fromEntries(
    Object.entries(own).map(([path, value]) => [
      path.replace('besidePerAdult.bread.', 'breadPerAdult.drinks.'),
      value,
    ]),
  );

/** A likely country for the currency of a house that named none; never one whose rule is laxer than the strict side. */
function countryOf(currency: unknown): string {
  const likely: Record<string, string> = {
    USD: 'US',
    EUR: 'IE',
    CAD: 'CA',
    AUD: 'AU',
    CHF: 'CH',
    NZD: 'NZ',
  };
  return likely[String(currency)] ?? '';
}
