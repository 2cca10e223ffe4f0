import { upgraded, versionOf, type Format, type Upgraded } from '../units/index.js';

type Raw = Record<string, unknown>;
const asItWas = (document: Raw) => document;
const first = { version: 1, change: 'as first stored', old: '', upgrade: null };

/** Format 9: marks in place of two flags. */
function marked({ milkKnown, described, ...good }: Raw): Raw {
  const from: Raw = {};
  if (described === false) Object.assign(from, { making: 'not known', age: 'not known' });
  if (milkKnown === false || (described === false && good.kind === 'meat')) from.animal = 'not known';
  return good.kind === 'ware' ? { ...good, from } : { ...good, from, usual: null };
}

/** Format of a good; its lots keep step. */
export const GOOD_FORMAT: Format = {
  name: 'a good',
  history: [
    first,
    {
      version: 2,
      change: '`described` on cheeses and meats',
      old: 'was described by whoever stored it',
      upgrade: (good: Raw) =>
        good.kind === 'cheese' || good.kind === 'meat' ? { ...good, described: true } : good,
    },
    {
      version: 3,
      change: '`line` and `tradeStyle` on cheeses',
      old: 'nobody had told them',
      upgrade: (good: Raw) => (good.kind === 'cheese' ? { ...good, line: '', tradeStyle: '' } : good),
    },
    {
      version: 4,
      change:
        '`supplierPrice`; `composition` of meats and companions; `piece`, `edibleShare`, `drainedGrams` of companions; `height`, `rim`, `ml`, `material`, `heatproof` of wares',
      old: 'nobody had told them',
      upgrade: (good: Raw) => ({ ...good, supplierPrice: null }),
    },
    { version: 5, change: 'lots only', old: '', upgrade: asItWas },
    {
      version: 6,
      change: '`estimated`, `aromas`; companions may be `seasoning`',
      old: 'was set by whoever stored it: nothing is an estimate, no aroma was told',
      upgrade: (good: Raw) => (good.kind === 'ware' ? good : { ...good, estimated: [], aromas: [] }),
    },
    { version: 7, change: 'lots only', old: '', upgrade: asItWas },
    {
      version: 8,
      change: '`allergens.said`: who said of which allergen what it is, and the day',
      old: 'nobody had written down who said it',
      upgrade: (good: Raw) => ({ ...good, allergens: { ...(good.allergens as object), said: [] } }),
    },
    {
      version: 9,
      change: '`from` (where each field comes from) in place of `milkKnown` and `described`; `usual`',
      old: 'what was not known, or not described, is a place holder; all else somebody said',
      upgrade: marked,
    },
  ],
};

export const LOT_FORMAT: Format = {
  name: 'a lot',
  history: [
    first,
    {
      version: 2,
      change: '`treatment`',
      old: 'is treated as its good is',
      upgrade: (lot: Raw) => ({ ...lot, treatment: null }),
    },
    {
      version: 3,
      change: '`arrival`',
      old: 'lay there before',
      upgrade: (lot: Raw) => ({ ...lot, arrival: null }),
    },
    { version: 4, change: 'goods only', old: '', upgrade: asItWas },
    {
      version: 5,
      change: '`countedAt`',
      old: 'when it was counted was not written down',
      upgrade: (lot: Raw) => ({ ...lot, countedAt: null }),
    },
    { version: 6, change: 'goods only', old: '', upgrade: asItWas },
    {
      version: 7,
      change: '`words` in the verdict: the taster’s own',
      old: 'nobody had written any',
      upgrade: (lot: { verdict?: object | null }) =>
        lot.verdict ? { ...lot, verdict: { words: [], ...lot.verdict } } : lot,
    },
    { version: 8, change: 'goods only', old: '', upgrade: asItWas },
    { version: 9, change: 'goods only', old: '', upgrade: asItWas },
  ],
};

/** A good with its lots from one format to today's. */
function upgradedGood(good: unknown, version: number): Upgraded {
  const up = upgraded(GOOD_FORMAT, good, version);
  if ('says' in up) return up;
  const { lots } = (up.document ?? {}) as { lots?: unknown };
  if (!Array.isArray(lots)) return up;
  const all = lots.map((lot) => upgraded(LOT_FORMAT, lot, version));
  const wrong = all.find((lot) => 'says' in lot);
  if (wrong) return wrong;
  return {
    document: {
      ...(up.document as object),
      lots: all.map((lot) => ('document' in lot ? lot.document : lot)),
    },
  };
}

/** A list of goods from one format to today's; what is no list stays for the schema to refuse. */
export function upgradedGoods(goods: unknown, version: number): Upgraded {
  if (!Array.isArray(goods)) return upgraded(GOOD_FORMAT, goods, versionOf(GOOD_FORMAT));
  const all = goods.map((good) => upgradedGood(good, version));
  return (
    all.find((up) => 'says' in up) ?? { document: all.map((up) => ('document' in up ? up.document : up)) }
  );
}
