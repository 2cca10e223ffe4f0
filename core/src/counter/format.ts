import { upgraded, type Format, type Upgraded } from '../units/index.js';

/**
 * Format of a good and its lots. 1: as first stored. 2: `described` on cheeses and meats, `treatment` on lots; what was
 * stored before was described by whoever stored it, and its lots are treated as the good is. 3: `line` and `tradeStyle` on
 * cheeses, which nobody had told, and `arrival` on lots, which lay there before. 4: `supplierPrice`, `composition` of meats and
 * companions, measures of a companion's piece and of a ware: nobody had told them. 5: `countedAt` on lots; when they were counted was not written down.
 * 6: `estimated` and `aromas`, which nobody had told; what was stored before had been set by whoever stored it. 7: the taster's own words in
 * the verdict on a lot; nobody had written any.
 */
export const GOOD_FORMAT: Format = {
  name: 'a good',
  version: 7,
  upgrades: {
    1: (good: Record<string, unknown>) =>
      good.kind === 'cheese' || good.kind === 'meat' ? { ...good, described: true } : good,
    2: (good: Record<string, unknown>) =>
      good.kind === 'cheese' ? { ...good, line: '', tradeStyle: '' } : good,
    3: (good: Record<string, unknown>) => ({ ...good, supplierPrice: null }),
    // Its lots got a new field; goods keep step.
    4: (good: Record<string, unknown>) => good,
    5: (good: Record<string, unknown>) =>
      good.kind === 'ware' ? good : { ...good, estimated: [], aromas: [] },
    // Its lots got a new field; goods keep step.
    6: (good: Record<string, unknown>) => good,
  },
};

export const LOT_FORMAT: Format = {
  name: 'a lot',
  version: 7,
  upgrades: {
    1: (lot: Record<string, unknown>) => ({ ...lot, treatment: null }),
    2: (lot: Record<string, unknown>) => ({ ...lot, arrival: null }),
    // The goods got new fields; lots keep step.
    3: (lot: Record<string, unknown>) => lot,
    4: (lot: Record<string, unknown>) => ({ ...lot, countedAt: null }),
    5: (lot: Record<string, unknown>) => lot,
    6: (lot: { verdict?: object | null }) =>
      lot.verdict ? { ...lot, verdict: { words: [], ...lot.verdict } } : lot,
  },
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
  if (!Array.isArray(goods)) return upgraded(GOOD_FORMAT, goods, GOOD_FORMAT.version);
  const all = goods.map((good) => upgradedGood(good, version));
  return (
    all.find((up) => 'says' in up) ?? { document: all.map((up) => ('document' in up ? up.document : up)) }
  );
}
