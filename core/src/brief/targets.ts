import { canonicalText, grams, NONE, reason, memoisedBy, type Grams, type Reason } from '../units/index.js';
import { barsOf, type TableGuests, type Exclusion } from '../care/index.js';
import {
  isCheese,
  isMeat,
  isOfLine,
  isOfStyle,
  type Good,
  type Main,
  type Texture,
  type Served,
} from '../counter/index.js';
import type { Brief } from './brief.js';
import { briefLimits, companyOf } from './company.js';
import type { Flight } from './words.js';
import type { Role } from './roles.js';
import { heads, headsThatEat } from './heads.js';
import type { House } from './house.js';
import { mid, USUAL_PRACTICE } from './practice.js';
import { boardEatersOf, eatersOf } from './plates.js';

declare module '../units/reason.js' {
  interface Rules {
    'kinds-as-asked': { kind: Main['kind']; kinds: number };
    'cheeses-by-heads': { people: number; low: number; high: number; usual: number };
    'fewer-kinds-for-the-role': { kind: Main['kind']; role: Role; most: number; usual: number };
    'cheeses-of-a-flight': { kind: Flight; of: string; there: number; usual: number };
    'meats-by-heads': { people: number; usual: number; odd: boolean };
    'no-meat-for-dessert': NoFigures;
    'kosher-board': NoFigures;
    'no-meat-left': NoFigures;
    'none-on-this-board': { kind: Main['kind'] };
    'per-head': { kind: Main['kind']; role: Role; low: Grams; high: Grams };
    'per-kind': { kind: Main['kind']; kinds: number; each: Grams };
    'cap-for-the-role': { kinds: number; each: Grams; wanted: Grams; cap: Grams; role: Role };
    'children-eat-less': { heads: number; eaters: number };
    'own-plates-feed': { board: number; eaters: number };
  }
}

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

/** The figures that a brief follows: those of its house once it is settled, else the usual ones. */
const practiceOf = ({ practice }: Brief) => practice ?? USUAL_PRACTICE;

const rowFor = <T extends { upTo: number }>(rows: readonly T[], people: number): T =>
  rows.find((row) => people <= row.upTo)!;

/** Kosher on the whole board: meat and dairy do not lie together. */
const separatesMeat = (brief: Brief) =>
  briefLimits(brief).some((limit) => limit.what === 'diet:kosher' && limit.reach === 'board');

/** The most kinds that can each be tasted: a head tastes no kind on less than the least grams, and small roles take few. */
function mostTasted(brief: Brief, kind: Main['kind']): number {
  const { gramsPerAdult, leastPerHead, mostKinds } = practiceOf(brief);
  const tasted = Math.floor(mid(gramsPerAdult[brief.role][kind]) / Math.max(1, leastPerHead.kind));
  return Math.max(1, Math.min(mostKinds[brief.role][kind], tasted));
}

/** How many cheeses a flight can be of: each age of the line, or one of each maker of the style. */
function inFlight(brief: Brief, counter: Served): number {
  const { flight } = brief;
  const company = companyOf(brief);
  const of = counter
    .filter(isCheese)
    .filter((cheese) => (flight!.kind === 'vertical' ? isOfLine : isOfStyle)(cheese, flight!.of))
    .filter((cheese) => barsOf(cheese, company).length === 0);
  return flight!.kind === 'vertical' ? of.length : new Set(of.map(({ maker, id }) => maker || id)).size;
}

function cheeseKinds(brief: Brief, house: House, people: number, counter: Served): [number, Reason] {
  const { cheeses } = brief.kinds;
  if (cheeses !== null) return [cheeses, reason('kinds-as-asked', { kind: 'cheese', kinds: cheeses })];
  const { low, high, usual: odd } = rowFor(practiceOf(brief).cheeseKinds, people);
  const usual = house.parity === 'odd numbers' ? odd : Math.round((low + high) / 2);
  const { flight, role } = brief;
  const there = flight ? inFlight(brief, counter) : Infinity;
  // Of a line that is not here at all as many are asked for as ever: that nothing fits is said, with the ways out.
  if (flight && there > 0 && there < usual)
    return [there, reason('cheeses-of-a-flight', { kind: flight.kind, of: flight.of, there, usual })];
  const most = mostTasted(brief, 'cheese');
  if (most < usual) return [most, reason('fewer-kinds-for-the-role', { kind: 'cheese', role, most, usual })];
  return [usual, reason('cheeses-by-heads', { people, low, high, usual }, { effect: usual })];
}

function meatKinds(brief: Brief, house: House, people: number, meatLeft: boolean): [number, Reason] {
  const { meats } = brief.kinds;
  if (practiceOf(brief).gramsPerAdult[brief.role].meat.high === 0 && meats === null)
    return [0, reason('no-meat-for-dessert', NONE)];
  if (separatesMeat(brief)) return [0, reason('kosher-board', NONE)];
  if (meats !== null) return [meats, reason('kinds-as-asked', { kind: 'meat', kinds: meats })];
  if (!meatLeft) return [0, reason('no-meat-left', NONE)];
  const row = rowFor(practiceOf(brief).meatKinds, people);
  const odd = house.parity === 'odd numbers';
  const usual = odd ? row.odd : row.usual;
  const most = mostTasted(brief, 'meat');
  if (most < usual)
    return [most, reason('fewer-kinds-for-the-role', { kind: 'meat', role: brief.role, most, usual })];
  return [usual, reason('meats-by-heads', { people, usual, odd }, { effect: usual })];
}

/**
 * Grams per adult of cheese or of meat. The school "per kind" asks 28 g of each kind at the least;
 * the total for the role is the cap and wins.
 */
function perHead(kind: Main['kind'], kinds: number, brief: Brief, house: House): [Grams, Reason] {
  const { role } = brief;
  const { gramsPerAdult, gramsPerKind } = practiceOf(brief);
  const range = gramsPerAdult[role][kind];
  if (kinds === 0) return [grams(0), reason('none-on-this-board', { kind })];
  if (house.amountSchool === 'per head' || range.high === 0) {
    const g = grams(mid(range));
    const [low, high] = [grams(range.low), grams(range.high)];
    return [g, reason('per-head', { kind, role, low, high }, { subject: kind, effect: g })];
  }
  const each = grams(gramsPerKind.low);
  const [wanted, cap] = [grams(kinds * each), grams(range.high)];
  return wanted > cap
    ? [cap, reason('cap-for-the-role', { kinds, each, wanted, cap, role }, { subject: kind, effect: cap })]
    : [wanted, reason('per-kind', { kind, kinds, each }, { subject: kind, effect: wanted })];
}

/** What the limits keep off the board, of a whole counter; worked out again only when the company is another. */
const excludedOn = memoisedBy((counter: Served) => {
  let last: { company: string; excluded: Targets['excluded'] } | null = null;
  return (company: TableGuests): Targets['excluded'] => {
    const key = canonicalText(company);
    if (last?.company !== key) {
      const all = counter.map((good) => ({ goodId: good.id, because: barsOf(good, company) }));
      last = { company: key, excluded: all.filter(({ because }) => because.length > 0) };
    }
    return last.excluded;
  };
});

/** The targets of a brief on a counter. Pure; the goods' order does not matter to the figures. */
export function targetsOf(brief: Brief, counter: Served, house: House): Targets {
  const people = heads(brief);
  const eating = headsThatEat(brief);
  const eaters = eatersOf(brief);
  const boardEaters = boardEatersOf(brief);
  const [nCheese, whyCheese] = cheeseKinds(brief, house, eating, counter);
  const meatLeft = counter.some((good) => isMeat(good) && barsOf(good, companyOf(brief)).length === 0);
  const [nMeat, whyMeat] = meatKinds(brief, house, eating, meatLeft);
  const [gCheese, whyCheeseGrams] = perHead('cheese', nCheese, brief, house);
  const [gMeat, whyMeatGrams] = perHead('meat', nMeat, brief, house);
  const excluded = excludedOn(counter)(companyOf(brief));
  const reasons = [whyCheese, whyMeat, whyCheeseGrams, whyMeatGrams];
  if (eaters !== people)
    reasons.push(reason('children-eat-less', { heads: people, eaters }, { effect: eaters - people }));
  if (boardEaters !== eaters)
    reasons.push(reason('own-plates-feed', { board: boardEaters, eaters }, { effect: boardEaters - eaters }));
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

/** The families of cheese of which the limits leave at least one good on the counter. */
export function familiesLeft(counter: Iterable<Good>, { excluded }: Targets): ReadonlySet<Texture> {
  const barred = new Set(excluded.map(({ goodId }) => goodId));
  const left = new Set<Texture>();
  for (const good of counter) if (isCheese(good) && !barred.has(good.id)) left.add(good.texture);
  return left;
}
