import { mayOffer, suitsEveryone } from '../care/index.js';
import { outOfSeason, type Brief } from '../brief/index.js';
import { isCompanion, type Companion, type Good } from '../counter/index.js';

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
  const may = (good: Good): good is Companion =>
    isCompanion(good) &&
    CLEANS.some((row) => row(good)) &&
    mayOffer(good, company) &&
    !(brief.season && outOfSeason(good, brief));
  const onBoard = new Set(beside.map(({ id }) => id));
  const rank = (good: Companion) => [
    suitsEveryone(good, brief.limits) ? 0 : 1,
    onBoard.has(good.id) ? 0 : 1,
    CLEANS.findIndex((row) => row(good)),
  ];
  const found = [...beside.filter((good) => !counter.includes(good)), ...counter].filter(may);
  found.sort((a, b) => {
    const [ra, rb] = [rank(a), rank(b)];
    const i = ra.findIndex((r, at) => r !== rb[at]);
    return i < 0 ? (a.id < b.id ? -1 : 1) : ra[i]! - rb[i]!;
  });
  return found[0] ?? null;
}
