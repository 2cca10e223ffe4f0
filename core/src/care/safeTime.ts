import { isMain, type Good } from '../counter/index.js';
import { celsius, minutes, type Celsius, type Minutes } from '../units/index.js';
import { limitRule } from './limitRules.js';
import type { PersonLimit } from './persons.js';

/** How long food may stand out, and how long above a temperature of the air. */
export interface TimeOut {
  readonly most: Minutes;
  readonly above: Celsius;
  readonly mostAbove: Minutes;
}
/** Source: USDA FSIS consumer advice: two hours, one above 90 °F. */
export const TIME_OUT: TimeOut = { most: minutes(120), above: celsius(32), mostAbove: minutes(60) };

/** Written procedures under which a shop may serve food out of the cold. */
export const PROCEDURES = [
  'two-hour advice',
  'time as control',
  'time as control, cool room',
  'display',
] as const;
export type Procedure = (typeof PROCEDURES)[number];

/** How long food may stand out before it is eaten or thrown away, by which rule. */
export interface SafeTime {
  readonly id: Procedure | 'own limit';
  /** ISO 3166-1 code whose own rule it is; empty: advice that holds anywhere. */
  readonly country: string;
  readonly most: Minutes;
  /** Out in air above 32 degrees. */
  readonly mostInHeat: Minutes;
  /** It holds only where the air never passes this; null: it says nothing of the air. */
  readonly airAtMost: Celsius | null;
  readonly source: string;
  /** From memory rather than from a table at hand. */
  readonly fromMemory: boolean;
}

/** Reference table of times and temperatures. Local codes and licensed practice decide; the strict side is the default. */
export const SAFE_TIMES: readonly SafeTime[] = [
  {
    id: 'two-hour advice',
    country: '',
    most: TIME_OUT.most,
    mostInHeat: TIME_OUT.mostAbove,
    airAtMost: null,
    source: 'USDA FSIS consumer advice',
    fromMemory: false,
  },
  {
    id: 'time as control',
    country: 'US',
    most: minutes(240),
    mostInHeat: TIME_OUT.mostAbove,
    airAtMost: null,
    source: 'FDA Food Code 3-501.19(B)',
    fromMemory: false,
  },
  {
    id: 'time as control, cool room',
    country: 'US',
    most: minutes(360),
    mostInHeat: TIME_OUT.mostAbove,
    airAtMost: celsius(21),
    source: 'FDA Food Code 3-501.19(C)',
    fromMemory: false,
  },
  {
    id: 'display',
    country: 'GB',
    most: minutes(240),
    mostInHeat: TIME_OUT.mostAbove,
    airAtMost: null,
    source: 'Food Safety and Hygiene (England) Regulations 2013, schedule 4',
    fromMemory: true,
  },
];

/** Which rule a country has where the house has named no written procedure: a written one is never supposed. */
const BY_COUNTRY: Readonly<Record<string, Procedure>> = { GB: 'display' };
const ruleOf = (id: Procedure): SafeTime => SAFE_TIMES.find((row) => row.id === id)!;

/** Kinds of goods for which a house may enter a limit of its own at once. */
export const LIMIT_CLASSES = ['hard low-moisture cheese', 'dry-cured whole muscle'] as const;
export type LimitClass = (typeof LIMIT_CLASSES)[number];
const IN_CLASS: Record<LimitClass, (good: Good) => boolean> = {
  'hard low-moisture cheese': (good) =>
    good.kind === 'cheese' && (good.texture === 'hard' || good.texture === 'very hard'),
  'dry-cured whole muscle': (good) =>
    good.kind === 'meat' && good.build === 'whole muscle' && good.process === 'air-dried',
};

/** What a house entered for a good or a class, with its ground (the maker's water activity and pH, a licence). */
export interface OwnLimit {
  /** A good's id, or a class. */
  readonly what: string;
  readonly minutes: number;
  readonly ground: string;
  readonly source: string;
}

/** What decides how long a table's food may stand out. */
export interface Safety {
  readonly country: string;
  /** Under which the house works; null: as its country says. */
  readonly procedure: Procedure | null;
  /** The customer keeps the table: nobody's written procedure runs there. */
  readonly atHome: boolean;
  /** Guests at risk sit at it. */
  readonly atRisk: boolean;
  /** The warmest air that the food stands in. */
  readonly air: Celsius;
  readonly own: readonly OwnLimit[];
}

/** Guests for whom the strict side counts: those at risk, and small children. */
export const hasGuestsAtRisk = (limits: readonly PersonLimit[], under5: number): boolean =>
  under5 > 0 || limits.some(({ what }) => limitRule(what).group === 'at risk');

/** How long the food of a table may stand out, and by whose rule, whatever it is made of. */
export function safeTimeAt(safety: Safety): { readonly most: Minutes; readonly rule: SafeTime } {
  const advice = ruleOf('two-hour advice');
  if (safety.air > TIME_OUT.above) return { most: TIME_OUT.mostAbove, rule: advice };
  if (safety.atHome || safety.atRisk) return { most: advice.most, rule: advice };
  const wanted = ruleOf(safety.procedure ?? BY_COUNTRY[safety.country] ?? 'two-hour advice');
  const rule =
    wanted.airAtMost !== null && safety.air > wanted.airAtMost ? ruleOf('time as control') : wanted;
  return { most: rule.most, rule };
}

/**
 * How long this good may stand out, and by whose rule. The program derives no longer time from what a good is made of, and a
 * cut cheese counts as cut: only what the house entered lengthens it, never in the heat, at home or for guests at risk.
 */
export function safeTimeOf(good: Good, safety: Safety): { readonly most: Minutes; readonly rule: SafeTime } {
  const { most, rule } = safeTimeAt(safety);
  const strict = safety.air > TIME_OUT.above || safety.atHome || safety.atRisk;
  const own = isMain(good) && !strict ? ownLimitOf(good, safety.own) : null;
  return own
    ? {
        most: minutes(own.minutes),
        rule: {
          ...rule,
          id: 'own limit',
          country: safety.country,
          most: minutes(own.minutes),
          source: own.source,
          fromMemory: false,
        },
      }
    : { most, rule };
}

/** By good before by class. */
const ownLimitOf = (good: Good, own: readonly OwnLimit[]): OwnLimit | undefined =>
  own.find(({ what }) => what === good.id) ??
  own.find(({ what }) => LIMIT_CLASSES.some((name) => name === what && IN_CLASS[name](good)));
