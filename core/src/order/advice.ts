import { mayOffer, suitsEveryone } from '../care/index.js';
import { isTimid, outOfSeason, type Brief, type Targets } from '../brief/index.js';
import {
  isCheese,
  isCompanion,
  isMeat,
  mainMilk,
  MILKS,
  type Companion,
  type Good,
  type Main,
  type Milk,
} from '../counter/index.js';
import { cheeseFor } from '../pair/index.js';
import { isSameness, type Balance } from '../balance/index.js';
import { bestOffer, bridgeFor, otherMilkFor, reliefFor } from '../pick/index.js';
import type { Portions } from '../portion/index.js';
import {
  minutes,
  money,
  NONE,
  reason,
  reasonKey,
  subjectOf,
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
    'one milk': { animal: Milk; cheeses: number; of: number; instead: string | null };
    'strength jumps': { from: string; to: string; points: number; between: string | null };
    'meat without its cheese': { meat: string; instead: string | null };
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
  /** Settled. */
  readonly brief: Brief;
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
    !(brief.season && outOfSeason(good, brief));
  const onBoard = beside.filter(fits);
  const others = counter.filter(fits).filter((good) => !onBoard.includes(good));
  others.sort((a, b) => a.sense.sweet - b.sense.sweet || (a.id < b.id ? -1 : 1));
  return [...onBoard, ...others].slice(0, LOW_CARB_NAMED);
}

/** So large a share of the cheeses is one milk's board, and so few cheeses are no sign of anything. */
const ONE_MILK = { share: 0.75, cheeses: 3 };

/** One milk on most of the board, where nobody asked for it: no theme, no flight, and no table that wants cow's milk. */
function milkAdvice({ mains, brief, counter }: Facts): Reason[] {
  const cheeses = mains.filter(isCheese);
  if (brief.theme || brief.flight || cheeses.length < ONE_MILK.cheeses) return [];
  const [most] = MILKS.map((animal) => ({
    animal,
    share: cheeses.reduce((sum, { milk }) => sum + (milk.find((m) => m.animal === animal)?.share ?? 0), 0),
    cheeses: cheeses.filter((cheese) => mainMilk(cheese) === animal).length,
  })).sort((a, b) => b.share - a.share);
  const { animal, share, cheeses: ofIt } = most!;
  if (share / cheeses.length < ONE_MILK.share || (animal === 'cow' && isTimid(brief))) return [];
  const instead = otherMilkFor(animal, counter, mains, brief)?.name ?? null;
  return [reason('one milk', { animal, cheeses: ofIt, of: cheeses.length, instead }, { subject: animal })];
}

/** From a gap of so many points on the next cheese comes as a shock. */
const JUMP = 3;

/** Cheeses in order of strength with nothing between two that lie far apart. */
function jumpAdvice({ mains, brief, counter }: Facts): Reason[] {
  if (brief.flight) return [];
  const rising = mains
    .filter(isCheese)
    .sort((a, b) => a.sense.intensity - b.sense.intensity || (a.id < b.id ? -1 : 1));
  return rising.slice(1).flatMap((to, i) => {
    const from = rising[i]!;
    const [low, high] = [from.sense.intensity, to.sense.intensity];
    if (high - low < JUMP) return [];
    const between = bridgeFor([low, high], counter, mains, brief)?.name ?? null;
    const figures = { from: from.name, to: to.name, points: high - low, between };
    return [reason('strength jumps', figures, { subject: subjectOf([from.id, to.id]) })];
  });
}

/** Every meat wants a cheese of the board that suits it, else a meat that has one. */
function meatAdvice({ mains, brief, counter }: Facts): Reason[] {
  const cheeses = mains.filter(isCheese);
  if (cheeses.length === 0) return [];
  return mains.filter(isMeat).flatMap((meat) => {
    if (cheeseFor(meat, cheeses)) return [];
    const suits = (main: Main) => isMeat(main) && cheeseFor(main, cheeses) !== null;
    const instead = bestOffer(counter, mains, brief, suits)?.name ?? null;
    return [reason('meat without its cheese', { meat: meat.name, instead }, { subject: meat.id })];
  });
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
  (_, facts) =>
    facts.balance.remarks.flatMap((remark): Reason[] => {
      if (!isSameness(remark.rule)) return remark.effect <= -HEARD_FROM.fit ? [remark] : [];
      if (remark.effect > -HEARD_FROM.alike) return [];
      const { names } = remark.figures as { names: readonly string[] };
      const relief = reliefFor(remark.rule, facts.counter, facts.mains, facts.brief)?.name ?? null;
      const { subject, effect, source } = remark;
      return [reason(remark.rule, { names, relief }, { subject, effect, source })];
    }),
  (_, facts) => milkAdvice(facts),
  (_, facts) => jumpAdvice(facts),
  (_, facts) => meatAdvice(facts),
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
