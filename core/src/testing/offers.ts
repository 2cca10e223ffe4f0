import { fitsLimit, hasPlate, type Person } from '../care/index.js';
import { goodsById, isGood, type Good } from '../counter/index.js';
import { baseOf, type Thing } from '../lay/index.js';
import type { Plan } from '../order/index.js';

/**
 * A walker over a plan and its papers: every good that is named anywhere in them, with who may eat it, and whether these may. It asks
 * the table of limits, never the gate: it is what the gate is held against.
 */

/** A good that somebody may eat or drink, the way to it, and whose it is. */
export interface Offer {
  readonly good: Good;
  readonly path: string;
  /** Number of the own plate; null: everybody at the board. */
  readonly plate: number | null;
}

/** Where goods are named that nobody is offered: refused, compared, or only said to be somewhere. */
const NOT_OFFERED = [
  /^plan\.(parts|barred|missing|changed|excluded|targets|unserved)\b/,
  /\.(barred|excluded|unserved|changed)\b/,
  // What is said of forms for small children is about what the board has; what they are given lies on their plates.
  /\.children\b/,
  // Whatever holds a paper is named, not offered.
  /\.held\b/,
  /\.question\b/,
];

/** What lies on a board names its good by an id of its own. */
const isThing = (at: object): at is Thing => 'traits' in at && 'lies' in at;
/** Lists of a paper that are names already. */
const NAMES = /\.(rows\.\d+\.goods|suggested)\.\d+$/;

/**
 * Every offer in a value, depth first; what was seen at this eater already is not walked twice.
 * @param shop the goods, so that what a paper names by id or name is found
 */
export function offersIn(value: unknown, root: string, shop: readonly Good[] = []): Offer[] {
  const byId = goodsById(shop);
  const byName = new Map(shop.map((good) => [good.name, good]));
  const offers: Offer[] = [];
  const seen = new Map<number | null, Set<object>>();
  const walk = (at: unknown, path: string, plate: number | null): void => {
    if (NOT_OFFERED.some((re) => re.test(path))) return;
    const called = typeof at === 'string' && NAMES.test(path) ? byName.get(at) : undefined;
    if (called) offers.push({ good: called, path, plate });
    if (typeof at !== 'object' || at === null) return;
    const known = seen.get(plate) ?? seen.set(plate, new Set()).get(plate)!;
    if (known.has(at)) return;
    known.add(at);
    if (isGood(at)) {
      offers.push({ good: at, path, plate });
      return;
    }
    const laid = isThing(at) ? byId.get(baseOf(at)) : undefined;
    if (laid) offers.push({ good: laid, path, plate });
    if (at instanceof Map) {
      for (const [key, one] of at) walk(one, `${path}.${String(key)}`, plate);
      return;
    }
    if (Array.isArray(at)) {
      const ofPlates = /\.(ownPlates|plates)$/.test(path);
      at.forEach((one, i) => walk(one, `${path}.${i}`, ofPlates ? i : plate));
      return;
    }
    for (const [key, one] of Object.entries(at)) walk(one, `${path}.${key}`, plate);
  };
  walk(value, root, null);
  return offers;
}

/** Companions of which particles of an allergen fly or fall about; written down here once more, apart from care/spread.ts. */
const openNutsOrSeeds = (good: Good): boolean =>
  good.kind === 'companion' && ['nut', 'seasoning', 'garnish'].includes(good.role);

/** Does a guest get near what they must not have, if this is offered so? */
function harms(person: Person, i: number, { good, plate }: Offer, plan: Plan): boolean {
  const against = person.limits.filter((limit) => fitsLimit(good, limit).fits !== 'yes');
  if (against.length === 0) return false;
  if (person.reach === 'board') return true;
  if (
    person.reach === 'not loose' &&
    openNutsOrSeeds(good) &&
    against.some(({ what }) => /nut|sesame|almond|hazel|cashew|pecan|pistachio|macadamia/.test(what))
  )
    return true;
  return plate !== null && hasPlate(person) && plan.ownPlates[plate]?.person === i;
}

/** The offers that somebody must not have. */
export const wrongOffers = (plan: Plan, offers: readonly Offer[]): Offer[] =>
  offers.filter(
    (offer) =>
      offer.good.kind !== 'ware' && plan.brief.persons.some((person, i) => harms(person, i, offer, plan)),
  );
