import { mayOffer, suitsEveryone } from '../care/index.js';
import { outOfSeason, type Brief } from '../brief/index.js';
import { goodsById, isCompanion, type Companion, type Good } from '../counter/index.js';
import { rememberedBy } from '../units/index.js';

/** What clears a palate: water-rich sharp fruit first, then a juicy raw vegetable, then plain bread. Common practice. */
const CLEANS: readonly ((good: Companion) => boolean)[] = [
  (good) => good.role === 'fruit' && good.juice >= 6 && good.scented === 0 && good.sense.heat === 0,
  (good) => good.role === 'vegetable' && good.juice >= 6 && good.sense.heat <= 1,
  (good) => ['bread', 'cracker'].includes(good.role) && good.scented <= 1 && good.sense.intensity <= 3,
];

/**
 * What is offered between two strong steps: something on the board before something that is not, something that suits
 * everybody before something that suits only the board; null when nothing on the counter may be offered (then water).
 */
export function cleanserFor(
  beside: readonly Good[],
  counter: readonly Good[],
  brief: Brief,
): Companion | null {
  const company = { ...brief.guests, limits: brief.limits };
  const may = (good: Companion) => mayOffer(good, company) && !(brief.season && outOfSeason(good, brief));
  const onBoard = new Set(beside.map(({ id }) => id));
  const shelf = cleansersOn(counter);
  // What the order holds and the counter has no more may still clear a palate.
  const kept = cleansersIn(beside.filter((good) => !goodsById(counter).has(good.id)));
  const found = [...kept, ...shelf].filter(may).map((good) => ({
    good,
    rank: [
      suitsEveryone(good, brief.limits) ? 0 : 1,
      onBoard.has(good.id) ? 0 : 1,
      CLEANS.findIndex((row) => row(good)),
    ],
  }));
  found.sort(({ good: a, rank: ra }, { good: b, rank: rb }) => {
    const i = ra.findIndex((r, at) => r !== rb[at]);
    return i < 0 ? (a.id < b.id ? -1 : 1) : ra[i]! - rb[i]!;
  });
  return found[0]?.good ?? null;
}

const cleansersIn = (goods: readonly Good[]): Companion[] =>
  goods.filter(isCompanion).filter((good) => CLEANS.some((row) => row(good)));
const cleansersOn = rememberedBy(cleansersIn);
