import { mayOffer, suitsEveryone } from '../care/index.js';
import { outOfSeason, type Brief, type Targets } from '../brief/index.js';
import { isCompanion, type Companion, type Good, type Main } from '../counter/index.js';
import { isSameness, type Balance } from '../pick/index.js';
import type { Portions } from '../portion/index.js';
import {
  minutes,
  money,
  NONE,
  reason,
  reasonKey,
  type Grams,
  type Minutes,
  type Money,
  type Reason,
} from '../units/index.js';
import type { OrderBody } from './order.js';
import type { SnapshotChange } from './snapshot.js';

declare module '../units/reason.js' {
  interface Rules {
    'number of kinds': { kind: Main['kind']; have: number; asked: number };
    'over budget': { over: Money };
    'short of stock': { good: string; onHand: Grams; short: Grams };
    'no safe bet': NoFigures;
    'low carb': { guests: number; instead: readonly string[] };
    'nothing touches': NoFigures;
    travels: { minutes: Minutes };
    'salt block': NoFigures;
    'left the counter': { good: string };
    'not on the counter': { id: string };
  }
}

/** A check that may be left. It says what and how; it never scolds. What was left goes by rule and subject. */
export type Advice = Reason & { readonly left: boolean };

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

type Check = (order: OrderBody, facts: Facts) => readonly Reason[];

/** A good that suits this table badly, or goods that say the same, weigh so much at the least before it is said. */
const HEARD_FROM = { fit: 0.75, alike: 1 };

const CHECKS: readonly Check[] = [
  ({ selection }, { targets, mains }) =>
    selection.goods === null
      ? []
      : (['cheese', 'meat'] as const).flatMap((kind) => {
          const have = mains.filter((m) => m.kind === kind).length;
          const asked = (kind === 'cheese' ? targets.cheeses : targets.meats).kinds;
          return have === asked ? [] : [reason('number of kinds', { kind, have, asked }, { subject: kind })];
        }),
  (_, { portions: { remaining } }) =>
    remaining !== null && remaining < 0 ? [reason('over budget', { over: money(-remaining) })] : [],
  (_, { portions }) =>
    portions.mains.flatMap(({ good, reasons }) =>
      reasons
        .filter((r) => r.rule === 'stock')
        .map(({ figures, subject }) =>
          reason('short of stock', { good: good.name, ...figures }, { subject }),
        ),
    ),
  (_, { mains }) =>
    mains.length > 0 && !mains.some((m) => m.known === 'safe bet') ? [reason('no safe bet', NONE)] : [],
  (_, { balance }) =>
    balance.remarks.filter(({ rule, effect }) =>
      isSameness(rule) ? effect <= -HEARD_FROM.alike : effect <= -HEARD_FROM.fit,
    ),
  ({ brief }, facts) => {
    if (brief.lowCarb === 0) return [];
    const instead = lowCarbGoods(brief, facts).map((good) => good.name);
    return [reason('low carb', { guests: brief.lowCarb, instead })];
  },
  ({ brief }) => (brief.apart > 0 ? [reason('nothing touches', NONE)] : []),
  ({ brief }) =>
    brief.travelMinutes > 0 ? [reason('travels', { minutes: minutes(brief.travelMinutes) })] : [],
  ({ brief }) => (brief.surface === 'salt block' ? [reason('salt block', NONE)] : []),
  (_, { changed }) =>
    changed
      .filter(({ field }) => field === 'gone')
      .map(({ goodId, name }) => reason('left the counter', { good: name }, { subject: goodId })),
  (_, { missing }) => missing.map((id) => reason('not on the counter', { id }, { subject: id })),
];

export function adviceFor(order: OrderBody, facts: Facts): Advice[] {
  const left = new Set(order.adviceLeft.map(reasonKey));
  return CHECKS.flatMap((check) => check(order, facts)).map((a) => ({ ...a, left: left.has(reasonKey(a)) }));
}
