import type { Format } from '../units/index.js';

type Raw = Record<string, unknown>;

/** Format of the house. */
export const HOUSE_FORMAT: Format = {
  name: 'the house',
  history: [
    { version: 1, change: 'as first stored', old: '', upgrade: null },
    {
      version: 2,
      change: '`country`, by whose customs dates are written; it may be empty',
      old: 'gets the likely country of its currency, never one whose rule is laxer than the strict side',
      upgrade: (house: Raw) => ({ ...house, country: countryOf(house.currency) }),
    },
    {
      version: 3,
      change: '`practice`: own figures',
      old: 'had none',
      upgrade: (house: Raw) => ({ ...house, practice: {} }),
    },
    {
      version: 4,
      change:
        'bread by role; `timeZone`, `hands`, `ovens`, `wage`, `boardHire`, `wareShare`, `margin`, `shares`, `cutSchool`, `knives`',
      old: 'its figure for bread was that of drinks; the rest nobody had told',
      upgrade: (house: Raw) => ({
        ...house,
        practice: breadByRole((house.practice ?? {}) as Record<string, number>),
      }),
    },
    {
      version: 5,
      change: '`pairPoint`, `pairWords`, `licensed`, `lateSchool`',
      old: 'gets the usual worth of a point, no pairs of its own, a licence as before',
      upgrade: (house: Raw) => ({
        ...house,
        pairPoint: 20,
        pairWords: [],
        licensed: true,
        lateSchool: 'blue last',
      }),
    },
    {
      version: 6,
      change: '`learnt`: what its tastings taught it',
      old: 'had learnt nothing',
      upgrade: (house: Raw) => ({ ...house, learnt: null }),
    },
    {
      version: 7,
      change:
        '`procedure`, `safeLimits` (`what`: a good’s id or a class, `minutes`, `ground`, `source`), `film` (W/m²K)',
      old: 'had named no procedure and entered no limit',
      upgrade: (house: Raw) => ({ ...house, procedure: null, safeLimits: [], film: null }),
    },
    {
      version: 8,
      change: '`kitHire`: smallest unit of money, for one bell or tool',
      old: 'had no price for it',
      upgrade: (house: Raw) => ({ ...house, kitHire: 0 }),
    },
    {
      version: 9,
      change: '`boxPrice`, of a box for one',
      old: 'had no price for it',
      upgrade: (house: Raw) => ({ ...house, boxPrice: 0 }),
    },
    {
      version: 10,
      change: 'rules of `learnt.weights` are slugs',
      old: 'what it learnt of a rule goes by its slug',
      upgrade: ({ learnt, ...house }: { learnt?: { weights?: object } | null }) => ({
        ...house,
        learnt: learnt ? { ...learnt, weights: sluggedAt10(learnt.weights ?? {}) } : null,
      }),
    },
    {
      version: 11,
      change: '`onDuty` (who answers questions), `guestNames` (`shop and plates`, `shop` or `nowhere`)',
      old: 'named nobody; names stood on the shop’s papers and the plates’ cards, as before',
      upgrade: (house: Raw) => ({ ...house, onDuty: '', guestNames: 'shop and plates' }),
    },
  ],
};

/** Rules were named by words of their sentences until version 9: "acid cuts fat" is acid-cuts-fat. */
const sluggedAt10 = (weights: object): object =>
  Object.fromEntries(
    Object.entries(weights).map(([rule, weight]) => [rule.replace(/[^a-z0-9]+/g, '-'), weight]),
  );

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
