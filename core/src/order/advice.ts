import { mayOffer, suitsEveryone } from '../care/index.js';
import { outOfSeason, type Brief, type Targets } from '../brief/index.js';
import { isCompanion, type Companion, type Good, type Main } from '../counter/index.js';
import type { Balance } from '../pick/index.js';
import type { Portions } from '../portion/index.js';
import type { OrderBody } from './order.js';
import type { SnapshotChange } from './snapshot.js';

/** A check that may be waved through. It says what and how; it never scolds. */
export interface Advice {
  readonly id: string;
  readonly says: string;
  readonly waved: boolean;
}

interface Facts {
  readonly targets: Targets;
  readonly mains: readonly Main[];
  readonly missing: readonly string[];
  readonly balance: Balance;
  readonly portions: Portions;
  /** Companions of the board. */
  readonly beside: readonly Good[];
  readonly counter: readonly Good[];
  readonly changed: readonly SnapshotChange[];
}

/** Of vegetables and nuts without much sugar so many are named. */
const LOW_CARB_NAMED = 3;

/** What stands in for bread where few carbohydrates are eaten: on the board first; only what the limits allow. */
function lowCarbGoods(brief: Brief, { beside, counter }: Facts): Companion[] {
  const company = { ...brief.guests, limits: brief.limits };
  const fits = (good: Good): good is Companion =>
    isCompanion(good) &&
    ['vegetable', 'nut'].includes(good.role) &&
    good.sense.sweet <= 3 &&
    mayOffer(good, company) &&
    suitsEveryone(good, brief.limits) &&
    !(brief.season && outOfSeason(good, brief.servingAt));
  const onBoard = beside.filter(fits);
  const others = counter.filter(fits).filter((good) => !onBoard.includes(good));
  others.sort((a, b) => a.sense.sweet - b.sense.sweet || (a.id < b.id ? -1 : 1));
  return [...onBoard, ...others].slice(0, LOW_CARB_NAMED);
}

function lowCarbWords(brief: Brief, facts: Facts): string {
  const who = `${brief.lowCarb} ${brief.lowCarb === 1 ? 'guest eats' : 'guests eat'} few carbohydrates`;
  const names = lowCarbGoods(brief, facts).map((good) => good.name);
  const offer =
    names.length > 0
      ? `offer ${names.join(', ')} in place of bread`
      : 'nothing on the counter that the limits allow stands in for bread';
  return `${who}: count the sugar in jam and fruit, and ${offer}.`;
}

type Check = (
  order: OrderBody,
  facts: Facts,
) => { id: string; says: string } | { id: string; says: string }[] | null;

const count = (mains: readonly Main[], kind: Main['kind']) => mains.filter((m) => m.kind === kind).length;

const CHECKS: readonly Check[] = [
  (order, { targets, mains }) => {
    if (order.selection.goods === null) return null;
    const have = count(mains, 'cheese');
    return have === targets.cheeses.kinds
      ? null
      : { id: 'cheese count', says: `${have} cheeses; the brief asks for ${targets.cheeses.kinds}.` };
  },
  (order, { targets, mains }) => {
    if (order.selection.goods === null) return null;
    const have = count(mains, 'meat');
    return have === targets.meats.kinds
      ? null
      : { id: 'meat count', says: `${have} meats; the brief asks for ${targets.meats.kinds}.` };
  },
  (_, { portions }) =>
    portions.remaining !== null && portions.remaining < 0
      ? {
          id: 'over budget',
          says: 'Over the budget. A cheaper swap, a lighter role or fewer grams by hand bring it back.',
        }
      : null,
  (_, { portions }) =>
    portions.mains
      .flatMap((portion) => portion.reasons.filter((r) => r.rule === 'stock').map((r) => ({ portion, r })))
      .map(({ portion, r }) => ({
        id: `stock ${portion.good.id}`,
        says: `${portion.good.name}: ${r.says}.`,
      })),
  (_, { mains }) =>
    mains.length > 0 && !mains.some((m) => m.known === 'safe bet')
      ? { id: 'safe bet', says: 'No safe bet: one good that everybody knows helps a shy guest to start.' }
      : null,
  (_, { balance }) =>
    balance.remarks
      .filter((r) => r.effect <= -1)
      .map((r) => ({ id: `alike ${r.says}`.slice(0, 120), says: `${r.says}.` })),
  (order, facts) =>
    order.brief.lowCarb > 0 ? { id: 'low carb', says: lowCarbWords(order.brief, facts) } : null,
  (order) =>
    order.brief.apart > 0
      ? {
          id: 'apart',
          says: 'Somebody dislikes food that touches: keep air between the kinds, or lay them their own plate.',
        }
      : null,
  (order) =>
    order.brief.travelMinutes > 0
      ? {
          id: 'travel',
          says: `The board travels ${order.brief.travelMinutes} minutes: no overhang, no tall piles, rolling things inside; the minutes count on the clock.`,
        }
      : null,
  (order) =>
    order.brief.surface === 'salt block'
      ? { id: 'salt block', says: 'A salt block salts what touches it: nothing salty or wet straight on it.' }
      : null,
  (_, { changed }) =>
    changed
      .filter(({ field }) => field === 'gone')
      .map(({ goodId, name }) => ({
        id: `gone ${goodId}`,
        says: `${name} has left the counter; the order keeps it as it was. Swap it, or make sure that it can be had.`,
      })),
  (_, { missing }) =>
    missing.map((id) => ({
      id: `missing ${id}`,
      says: `${id} is not on this counter: pick again or swap it.`,
    })),
];

export function adviceFor(order: OrderBody, facts: Facts): Advice[] {
  return CHECKS.flatMap((check) => check(order, facts) ?? []).map((a) => ({
    ...a,
    waved: order.waved.includes(a.id),
  }));
}
