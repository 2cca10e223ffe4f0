import { grams, reason, PRACTICE, type Grams, type Reason } from '../units/index.js';
import { exclusionsOf, type Exclusion } from '../care/index.js';
import { isCheese, isMain, isMeat, type Good, type Texture } from '../counter/index.js';
import { heads, headsThatEat, type Brief } from './brief.js';
import type { House } from './house.js';
import { CHEESE_KINDS, GRAMS_PER_ADULT, GRAMS_PER_KIND, MEAT_KINDS, mid } from './practice.js';
import { boardEatersOf, eatersOf } from './plates.js';

/** What the brief asks of the stages after it; every figure with its reasons. */
export interface Targets {
  readonly heads: number;
  /** Without infants. */
  readonly headsThatEat: number;
  /** Adults and shares of children. */
  readonly eaters: number;
  /** Those of them who eat from the board; the others have a plate of their own. */
  readonly boardEaters: number;
  readonly cheeses: { readonly kinds: number; readonly perHead: Grams; readonly total: Grams };
  readonly meats: { readonly kinds: number; readonly perHead: Grams; readonly total: Grams };
  readonly excluded: readonly { readonly goodId: string; readonly because: readonly Exclusion[] }[];
  readonly reasons: readonly Reason[];
}

const rowFor = <T extends { upTo: number }>(rows: readonly T[], people: number): T =>
  rows.find((row) => people <= row.upTo)!;

/** Kosher on the whole board: meat and dairy do not lie together. */
const separatesMeat = (brief: Brief) =>
  brief.limits.some((limit) => limit.what === 'diet:kosher' && limit.reach === 'board');

function cheeseKinds(brief: Brief, house: House, people: number): [number, Reason] {
  if (brief.kinds.cheeses !== null)
    return [brief.kinds.cheeses, reason('asked', 0, `${brief.kinds.cheeses} cheeses, as asked`)];
  const row = rowFor(CHEESE_KINDS, people);
  const usual = house.parity === 'odd numbers' ? row.usual : Math.round((row.low + row.high) / 2);
  const range = row.low === row.high ? `${row.low}` : `${row.low} to ${row.high}`;
  return [
    usual,
    reason('count by heads', usual, `${people} people: ${range} cheeses; ${usual} here`, PRACTICE),
  ];
}

function meatKinds(brief: Brief, people: number, meatLeft: boolean): [number, Reason] {
  if (GRAMS_PER_ADULT[brief.role].meat.high === 0 && brief.kinds.meats === null)
    return [0, reason('role', 0, 'a dessert course has no meat')];
  if (separatesMeat(brief)) return [0, reason('kosher', 0, 'meat and dairy do not lie on one board')];
  if (brief.kinds.meats !== null)
    return [brief.kinds.meats, reason('asked', 0, `${brief.kinds.meats} meats, as asked`)];
  if (!meatLeft)
    return [
      0,
      reason('limits', 0, 'no meat on this counter suits the limits: a cheese board, not a failure'),
    ];
  const { usual } = rowFor(MEAT_KINDS, people);
  return [
    usual,
    reason('count by heads', usual, `${people} people: ${usual} ${usual === 1 ? 'meat' : 'meats'}`, PRACTICE),
  ];
}

/**
 * Grams per adult of cheese or of meat. The school "per kind" asks 28 g of each kind at the least;
 * the total for the role is the cap and wins.
 */
function perHead(what: 'cheese' | 'meat', kinds: number, brief: Brief, house: House): [Grams, Reason] {
  const range = GRAMS_PER_ADULT[brief.role][what];
  const role = ROLE_WORDS[brief.role];
  if (kinds === 0) return [grams(0), reason('none', 0, `no ${what} on this board`)];
  if (house.amountSchool === 'per head' || range.high === 0) {
    const g = mid(range);
    return [grams(g), reason('per head', g, `${what} for ${role}: ${range.low} to ${range.high} g an adult`)];
  }
  const asked = kinds * GRAMS_PER_KIND.low;
  const g = Math.min(asked, range.high);
  const says =
    asked > range.high
      ? `${kinds} kinds at 28 g would be ${Math.round(asked)} g an adult; ${range.high} g for ${role} is the cap and wins`
      : `${kinds} kinds of ${what} at 28 g each an adult`;
  return [grams(g), reason('per kind', g, says)];
}

export const ROLE_WORDS: Record<Brief['role'], string> = {
  nibble: 'a nibble before a meal',
  drinks: 'drinks with no dinner after',
  meal: 'the meal itself',
  dessert: 'a dessert course',
};

/** The targets of a brief on a counter. Pure; the goods' order does not matter to the figures. */
export function targetsOf(brief: Brief, counter: readonly Good[], house: House): Targets {
  const people = heads(brief);
  const eating = headsThatEat(brief);
  const eaters = eatersOf(brief);
  const boardEaters = boardEatersOf(brief);
  const [nCheese, whyCheese] = cheeseKinds(brief, house, eating);
  const meatLeft = counter.some((good) => isMeat(good) && exclusionsOf(good, brief.limits).length === 0);
  const [nMeat, whyMeat] = meatKinds(brief, eating, meatLeft);
  const [gCheese, whyCheeseGrams] = perHead('cheese', nCheese, brief, house);
  const [gMeat, whyMeatGrams] = perHead('meat', nMeat, brief, house);
  const excluded = counter
    .map((good) => ({ goodId: good.id, because: exclusionsOf(good, brief.limits) }))
    .filter(({ because }) => because.length > 0);
  const reasons = [whyCheese, whyMeat, whyCheeseGrams, whyMeatGrams];
  if (eaters !== people)
    reasons.push(
      reason(
        'children',
        eaters - people,
        `${people} heads eat as ${eaters} adults: children count half, infants nothing`,
      ),
    );
  if (boardEaters !== eaters)
    reasons.push(
      reason(
        'own plates',
        boardEaters - eaters,
        `the board feeds ${boardEaters} of ${eaters}; the others eat from their own plates`,
      ),
    );
  return {
    heads: people,
    headsThatEat: eating,
    eaters,
    boardEaters,
    cheeses: { kinds: nCheese, perHead: gCheese, total: grams(Math.round(gCheese * boardEaters)) },
    meats: { kinds: nMeat, perHead: gMeat, total: grams(Math.round(gMeat * boardEaters)) },
    excluded,
    reasons,
  };
}

/** The cheeses and meats of a counter that no limit keeps off the board. */
export function allowedMains(brief: Brief, counter: readonly Good[]) {
  return counter.filter(isMain).filter((good) => exclusionsOf(good, brief.limits).length === 0);
}

/** The families of cheese of which the limits leave at least one good on the counter. */
export function familiesLeft(counter: Iterable<Good>, { excluded }: Targets): ReadonlySet<Texture> {
  const barred = new Set(excluded.map(({ goodId }) => goodId));
  const left = new Set<Texture>();
  for (const good of counter) if (isCheese(good) && !barred.has(good.id)) left.add(good.texture);
  return left;
}

export const kindsFor = (good: Good, targets: Targets): number =>
  isCheese(good) ? targets.cheeses.kinds : targets.meats.kinds;
