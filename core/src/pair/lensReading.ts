import { mayOffer } from '../care/index.js';
import { BESIDE_OF, besideTotal, purchase } from '../amount/index.js';
import { outOfSeason, type Brief, companyOf } from '../brief/index.js';
import { companionsOn, type Companion, type Good, type Served } from '../counter/index.js';
import { carries, LENSES, type Lens, type Tag } from '../sense/index.js';
import { grams } from '../units/index.js';

/** The cheapest companion that brings a missing tag: how much of it, and what it costs. */
export interface LensFix {
  readonly good: Companion;
  readonly cost: number;
  /** Other missing tags of the same lens that it brings too. */
  readonly alsoBrings: readonly Tag[];
}

export interface TagReading {
  readonly tag: Tag;
  readonly goods: readonly Good[];
  /** Where nothing carries it; null when something does, or nothing on the counter would. */
  readonly fix: LensFix | null;
}

export interface LensReading {
  readonly lens: Lens;
  readonly tags: readonly TagReading[];
  readonly missing: number;
}

/** Cost of a companion at its usual amount for this table, smallest unit. */
export function companionCost(companion: Companion, brief: Brief): number {
  const share = besideTotal(brief, BESIDE_OF[companion.role]) / 2;
  return purchase(companion, grams(Math.round(share)), brief.practice).price;
}

/** What the board shows under each lens, what is missing, and the cheapest fix the limits allow. */
export function readLenses(onBoard: readonly Good[], counter: Served, brief: Brief): LensReading[] {
  const allowed = companionsOn(counter)
    .filter((c) => !onBoard.includes(c) && mayOffer(c, companyOf(brief)))
    .filter((c) => !(brief.season && outOfSeason(c, brief)))
    .map((good) => ({ good, cost: companionCost(good, brief) }))
    .sort((a, b) => a.cost - b.cost || (a.good.id < b.good.id ? -1 : 1));
  return LENSES.map((lens) => {
    const missing = lens.tags.filter((tag) => !onBoard.some((good) => carries(good, tag)));
    const tags = lens.tags.map((tag): TagReading => {
      const goods = onBoard.filter((good) => carries(good, tag));
      const found = goods.length > 0 ? undefined : allowed.find(({ good }) => carries(good, tag));
      const fix = found
        ? { ...found, alsoBrings: missing.filter((other) => other !== tag && carries(found.good, other)) }
        : null;
      return { tag, goods, fix };
    });
    return { lens, tags, missing: missing.length };
  });
}
