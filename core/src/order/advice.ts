import type { Targets } from '../brief/index.js';
import type { Main } from '../counter/index.js';
import type { Balance } from '../pick/index.js';
import type { Portions } from '../portion/index.js';
import type { OrderBody } from './order.js';

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
  (order) =>
    order.brief.lowCarb > 0
      ? {
          id: 'low carb',
          says: `${order.brief.lowCarb} ${order.brief.lowCarb === 1 ? 'guest eats' : 'guests eat'} few carbohydrates: count the sugar in jam and fruit, and offer leaf, cucumber and nuts in place of bread.`,
        }
      : null,
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
