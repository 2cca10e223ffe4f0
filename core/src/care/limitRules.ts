import { z } from 'zod';
import {
  ALLERGENS,
  allergenOf,
  contentsOf,
  GLUTEN_CEREALS,
  isMain,
  MILKS,
  TREE_NUTS,
  WHEATS,
  type AllergenId,
  type Good,
  type Meat,
  type Milk,
} from '../counter/index.js';
import { RISKS, riskOf, type RiskId } from './risks.js';

export const SEVERITIES = ['allergy', 'medical', 'religious', 'diet', 'dislike'] as const;
export type Severity = (typeof SEVERITIES)[number];
/** How far a limit reaches: the whole board, the guest's own plate, or only a mark on the card. */
export const REACHES = ['board', 'own plate', 'card'] as const;
export type Reach = (typeof REACHES)[number];

/** `unknown` never passes. */
export interface Fit {
  readonly fits: 'yes' | 'no' | 'unknown';
  readonly says: string;
}
export const YES: Fit = { fits: 'yes', says: '' };
const no = (says: string): Fit => ({ fits: 'no', says });
const unknown = (says: string): Fit => ({ fits: 'unknown', says });

/** The first `no`, else the first `unknown`, else yes. */
const all = (...fits: Fit[]): Fit =>
  fits.find((f) => f.fits === 'no') ?? fits.find((f) => f.fits === 'unknown') ?? YES;

/** One row a subject that a guest may not or will not eat. */
export interface LimitRule {
  readonly id: string;
  readonly label: string;
  readonly group: 'allergen' | 'milk' | 'diet' | 'at risk' | 'taste';
  readonly severity: Severity;
  readonly reach: Reach;
  readonly test: (good: Good, severity: Severity) => Fit;
  /** The allergens that it is about; none for what is no matter of allergens. */
  readonly allergens: readonly AllergenId[];
  readonly note?: string;
}

function allergenTest(ids: readonly AllergenId[]) {
  return (good: Good, severity: Severity): Fit => {
    const strict = severity === 'allergy' || severity === 'medical';
    return all(
      ...ids.map((id): Fit => {
        const state = allergenOf(good, id);
        if (state === 'contains') return no(`contains ${id}`);
        if (state === 'may contain' && strict) return no(`may contain ${id}`);
        if (state === 'unknown') return unknown(`${id} is not known`);
        return YES;
      }),
    );
  };
}

const allergenRule = (
  id: string,
  label: string,
  ids: readonly AllergenId[],
  reach: Reach = 'board',
): LimitRule => ({
  id: `allergen:${id}`,
  label,
  group: 'allergen',
  severity: 'allergy',
  reach,
  allergens: ids,
  test: allergenTest(ids),
});

const GROUPED: readonly AllergenId[] = ['milk', ...WHEATS];

const milkRule = (animal: Milk): LimitRule => ({
  id: `milk:${animal}`,
  label: `no ${animal}'s milk (a taste, not an allergy)`,
  group: 'milk',
  severity: 'dislike',
  reach: 'board',
  allergens: [],
  note: "Never the route for a milk allergy: goat's, sheep's and buffalo's milk usually cross-react.",
  test: (good) => {
    if (good.kind === 'cheese' && !good.milkKnown) return unknown('the milk is not known');
    if (good.kind === 'cheese')
      return good.milk.some((m) => m.animal === animal) ? no(`has ${animal}'s milk in it`) : YES;
    if (animal !== 'cow') return YES;
    // Butter, chocolate and milk powder are cow's unless somebody says otherwise.
    const state = allergenOf(good, 'milk');
    if (state === 'contains') return no("contains cow's milk");
    return state === 'unknown' ? unknown('milk is not known') : YES;
  },
});

const isMeatGood = (good: Good): good is Meat => good.kind === 'meat';

function noPork(good: Good): Fit {
  const { casing, gelatine } = contentsOf(good);
  return all(
    good.kind === 'meat' && good.animals.some((a) => a.animal === 'pork') ? no('is pork') : YES,
    isMeatGood(good) && !good.described ? unknown('the animal is not known') : YES,
    good.kind === 'meat' && good.animals.some((a) => a.animal === 'game')
      ? unknown('game may be wild boar')
      : YES,
    casing === 'pork' ? no('pork casing') : YES,
    isMeatGood(good) && casing === 'unknown' ? unknown('the casing is not known') : YES,
    gelatine === 'pork' ? no('pork gelatine') : YES,
    gelatine === 'unknown' ? unknown('gelatine is not known') : YES,
  );
}

function noAlcohol(good: Good): Fit {
  if (good.kind === 'drink') return good.abv > 0.5 ? no(`${good.abv} % alcohol`) : YES;
  const { alcohol } = contentsOf(good);
  return alcohol === 'yes'
    ? no('alcohol in it')
    : alcohol === 'unknown'
      ? unknown('alcohol is not known')
      : YES;
}

function vegetarian(good: Good): Fit {
  if (good.contents.certificates.includes('vegetarian') || good.contents.certificates.includes('vegan'))
    return YES;
  const { rennet, gelatine, meat } = contentsOf(good);
  return all(
    isMeatGood(good) ? no('is meat') : YES,
    meat ? no('meat or fish inside') : YES,
    good.kind === 'cheese' && rennet === 'animal' ? no('animal rennet') : YES,
    good.kind === 'cheese' && rennet === 'unknown' ? unknown('the rennet is not known') : YES,
    gelatine !== 'none' && gelatine !== 'unknown' ? no(`${gelatine} gelatine`) : YES,
    gelatine === 'unknown' ? unknown('gelatine is not known') : YES,
    allergenTest(['fish', 'crustaceans', 'molluscs'])(good, 'diet'),
  );
}

function vegan(good: Good): Fit {
  if (good.contents.certificates.includes('vegan')) return YES;
  return all(
    good.kind === 'cheese' ? no('is milk') : YES,
    vegetarian(good),
    allergenTest(['milk', 'eggs'])(good, 'diet'),
    contentsOf(good).honey === 'yes'
      ? no('honey')
      : contentsOf(good).honey === 'unknown'
        ? unknown('honey is not known')
        : YES,
  );
}

function halal(good: Good): Fit {
  return all(
    noPork(good),
    noAlcohol(good),
    contentsOf(good).blood === 'yes' ? no('blood') : YES,
    isMeatGood(good) && !good.contents.certificates.includes('halal') ? unknown('no halal certificate') : YES,
    good.kind === 'cheese' &&
      ['animal', 'unknown'].includes(contentsOf(good).rennet) &&
      !good.contents.certificates.includes('halal')
      ? unknown('rennet without a halal certificate')
      : YES,
  );
}

function kosher(good: Good): Fit {
  if (good.contents.certificates.includes('kosher')) return YES;
  if (good.kind === 'ware') return YES;
  const forbidden = all(noPork(good), allergenTest(['crustaceans', 'molluscs'])(good, 'religious'));
  return forbidden.fits === 'no' ? forbidden : unknown('no kosher certificate');
}

/** Lactose falls with ripening: three months in a firm cheese leave next to none. Common practice, no source. */
const LACTOSE_GONE_DAYS = 90;
const SLOW_TO_LOSE = ['fresh', 'soft', 'bloomy'];
function lactose(good: Good): Fit {
  if (good.kind !== 'cheese') return allergenTest(['milk'])(good, 'diet');
  if (!good.described || !good.milkKnown) return unknown('what it is has not been settled yet');
  if (SLOW_TO_LOSE.includes(good.texture)) return no(`${good.texture} cheese keeps lactose`);
  return good.ageDays >= LACTOSE_GONE_DAYS ? YES : unknown('too young to be sure of the lactose');
}

const taste = (id: string, label: string, dislikes: (good: Good) => boolean): LimitRule => ({
  id: `taste:${id}`,
  label,
  group: 'taste',
  severity: 'dislike',
  reach: 'board',
  allergens: [],
  test: (good) => (dislikes(good) ? no(label) : YES),
});

const diet = (id: string, label: string, severity: Severity, test: (good: Good) => Fit): LimitRule => ({
  id: `diet:${id}`,
  label,
  group: 'diet',
  severity,
  reach: 'board',
  allergens: [],
  test,
});

const risk = (id: RiskId): LimitRule => ({
  id: `risk:${id}`,
  label: RISKS[id].label,
  group: 'at risk',
  severity: 'medical',
  reach: 'board',
  allergens: [],
  test: (good) => {
    const row = riskOf(id, good);
    return row ? (row.sure ? no(row.says) : unknown(row.says)) : YES;
  },
});

const scentOf = (good: Good) => ('sense' in good ? good.sense : null);

/** Every limit that a brief can name. */
export const LIMITS: readonly LimitRule[] = [
  {
    ...allergenRule('milk', 'milk allergy: no milk of any animal', ['milk'], 'own plate'),
    note: 'Every cheese and butter is out for this guest, and meat with milk powder.',
  },
  allergenRule('gluten', 'gluten (all cereals)', GLUTEN_CEREALS, 'own plate'),
  allergenRule('wheat', 'wheat, spelt and kamut', WHEATS, 'own plate'),
  allergenRule('tree nuts', 'tree nuts, all of them', TREE_NUTS),
  ...ALLERGENS.filter((a) => !GROUPED.includes(a.id)).map((a) => allergenRule(a.id, a.label, [a.id])),
  ...(Object.keys(RISKS) as RiskId[]).map(risk),
  diet('vegetarian', 'vegetarian', 'diet', vegetarian),
  diet('vegan', 'vegan', 'diet', vegan),
  diet('no pork', 'no pork', 'religious', noPork),
  diet('halal', 'halal', 'religious', halal),
  diet('kosher', 'kosher', 'religious', kosher),
  diet('no alcohol', 'no alcohol', 'religious', noAlcohol),
  diet('lactose', 'lactose (by ripening, not by animal)', 'diet', lactose),
  ...MILKS.map(milkRule),
  taste('blue', 'no blue cheese', (good) => good.kind === 'cheese' && good.texture === 'blue'),
  taste('pungent', 'nothing pungent', (good) => isMain(good) && good.sense.funk >= 6),
  taste('hot', 'nothing hot', (good) => (scentOf(good)?.heat ?? 0) >= 4),
];

const BY_ID = new Map(LIMITS.map((rule) => [rule.id, rule]));
export const LimitId = z
  .string()
  .refine((id) => BY_ID.has(id), 'no such limit is known; see the list of limits');

/** @throws RangeError for an id that is not in the table */
export function limitRule(id: string): LimitRule {
  const rule = BY_ID.get(id);
  if (!rule) throw new RangeError(`no limit is called ${id}`);
  return rule;
}
