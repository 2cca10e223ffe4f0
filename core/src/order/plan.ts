import {
  cautionsFor,
  exclusionsOf,
  fitsLimit,
  limitRule,
  type Caution,
  type Exclusion,
  type Limit,
} from '../care/index.js';
import { drinkersOf, settled, targetsOf, type Brief, type House, type Targets } from '../brief/index.js';
import {
  goodsById,
  isCompanion,
  isMain,
  servedOn,
  withLots,
  type Companion,
  type Good,
  type Main,
} from '../counter/index.js';
import { cutsFor, type Cut } from '../cut/index.js';
import { pairsFor, type Pairs } from '../pair/index.js';
import { measure, type Balance } from '../pick/index.js';
import { portionsFor, type Portions } from '../portion/index.js';
import { walkFor, type Walk } from '../walk/index.js';
import { adviceFor, type Advice } from './advice.js';
import { briefFingerprint } from './fingerprint.js';
import type { OrderBody } from './order.js';

/** A plate for a guest whose limit does not clear the board: what of it they may eat, and what to add for them. */
export interface OwnPlate {
  readonly limit: Limit;
  readonly label: string;
  readonly fromBoard: readonly Good[];
  readonly instead: readonly Good[];
}

/** Everything that follows from an order, a counter and a house. */
export interface Plan {
  readonly servingAt: string;
  /** With every school settled: the order's own, else the house's. */
  readonly brief: Brief;
  readonly targets: Targets;
  /** Cheeses and meats of the board, without those that are barred. */
  readonly mains: readonly Main[];
  /** Picked goods that a guest's limit keeps off the board. */
  readonly barred: readonly { readonly good: Main; readonly because: readonly Exclusion[] }[];
  /** Picked goods that are not on this counter. */
  readonly missing: readonly string[];
  readonly balance: Balance;
  readonly pairs: Pairs;
  readonly cuts: readonly Cut[];
  readonly portions: Portions;
  readonly walk: Walk;
  readonly cautions: readonly Caution[];
  readonly ownPlates: readonly OwnPlate[];
  /** Companions that were added by hand. */
  readonly extras: readonly Companion[];
  readonly advice: readonly Advice[];
  /** The brief changed since the selection was last proposed. */
  readonly briefChanged: boolean;
}

/** How many goods are proposed instead, for a plate of its own. */
const INSTEAD = 3;

function ownPlate(
  limit: Limit,
  onBoard: readonly Good[],
  counter: readonly Good[],
  everyone: readonly Limit[],
): OwnPlate {
  const suits = (good: Good) => fitsLimit(good, limit).fits === 'yes';
  const free = counter.filter(
    (good) =>
      (isMain(good) || good.kind === 'companion') &&
      suits(good) &&
      !onBoard.includes(good) &&
      exclusionsOf(good, everyone).length === 0,
  );
  const rank = (good: Good) =>
    isMain(good) ? 0 : good.kind === 'companion' && ['bread', 'cracker'].includes(good.role) ? 1 : 2;
  free.sort((a, b) => rank(a) - rank(b) || (a.id < b.id ? -1 : 1));
  return {
    limit,
    label: limitRule(limit.what).label,
    fromBoard: onBoard.filter((good) => good.kind !== 'drink' && suits(good)),
    instead: free.slice(0, INSTEAD),
  };
}

/** Derive the whole plan. Pure and quick; it never searches, and asking twice gives the same plan. */
export function plan(order: OrderBody, onCounter: readonly Good[], house: House): Plan {
  const { selection } = order;
  const brief = settled(order.brief, house);
  const counter = servedOn(withLots(onCounter, selection.lots), brief.servingAt);
  const goods = goodsById(counter);
  const targets = targetsOf(brief, counter, house);
  const picked = selection.goods ?? [];
  const known = picked.flatMap((id) => {
    const good = goods.get(id);
    return good && isMain(good) ? [good] : [];
  });
  const missing = picked.filter((id) => !known.some((good) => good.id === id));
  const checked = known.map((good) => ({ good, because: exclusionsOf(good, brief.limits) }));
  const mains = checked.filter(({ because }) => because.length === 0).map(({ good }) => good);
  const barred = checked.filter(({ because }) => because.length > 0);
  const balance = measure(mains, brief);
  const pairs = pairsFor(mains, counter, brief, order.pairs);
  const extras = order.extras.flatMap((id) => {
    const good = goods.get(id);
    const fits = good && isCompanion(good) && exclusionsOf(good, brief.limits).length === 0;
    return fits && !pairs.set.some((entry) => entry.beside.id === id) ? [good] : [];
  });
  const beside = [...pairs.set.map((entry) => entry.beside), ...extras];
  const portions = portionsFor(mains, beside, brief, targets, order.portions);
  const net = new Map(portions.mains.map((portion) => [portion.good.id, portion.net]));
  const cuts = cutsFor(mains, net, order.cuts);
  const walk = walkFor(mains, order.walk);
  const onBoard = [...mains, ...beside];
  const table = {
    infants: brief.guests.infants,
    under5: brief.guests.under5,
    drinkers: drinkersOf(brief),
    limits: brief.limits,
    hot: brief.setting === 'outdoors, hot',
  };
  const derived = { targets, mains, barred, missing, balance, pairs, cuts, portions, walk };
  return {
    servingAt: brief.servingAt,
    brief,
    ...derived,
    cautions: cautionsFor(table, onBoard),
    ownPlates: brief.limits
      .filter((limit) => limit.reach === 'own plate')
      .map((limit) => ownPlate(limit, onBoard, counter, brief.limits)),
    extras,
    advice: adviceFor(order, derived),
    briefChanged: selection.goods !== null && selection.briefFingerprint !== briefFingerprint(order.brief),
  };
}
