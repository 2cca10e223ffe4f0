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
  type Texture,
} from '../counter/index.js';
import { NONE, reason, type Reason } from '../units/index.js';
import { RISKS, riskOf, type RiskId, type RiskRowId } from './risks.js';

export const SEVERITIES = ['allergy', 'medical', 'religious', 'diet', 'dislike'] as const;
export type Severity = (typeof SEVERITIES)[number];
/** How far a limit reaches: the whole board, the guest's own plate, or only a mark on the card. */
export const REACHES = ['board', 'own plate', 'card'] as const;
export type Reach = (typeof REACHES)[number];

/** Something that a guest may not have, inside a good or the good itself. */
export type Ingredient =
  | 'pork'
  | 'meat'
  | 'milk'
  | 'meat or fish inside'
  | 'pork casing'
  | 'animal rennet'
  | `${'pork' | 'beef' | 'fish'} gelatine`
  | 'honey'
  | 'blood'
  | 'alcohol';
/** What nobody has said of a good. */
export type NotKnown =
  | 'animal'
  | 'casing'
  | 'gelatine'
  | 'rennet'
  | 'milk'
  | 'honey'
  | 'alcohol'
  | 'what it is'
  | 'whether it is boar';

declare module '../units/reason.js' {
  interface Rules {
    contains: { allergen: AllergenId };
    'may contain': { allergen: AllergenId };
    'allergen not known': { allergen: AllergenId };
    'has in it': { what: Ingredient };
    'not known': { what: NotKnown };
    'has milk of': { animal: Milk };
    'alcohol by volume': { percent: number };
    'no certificate': { of: 'halal' | 'kosher' };
    'rennet without certificate': NoFigures;
    'keeps lactose': { texture: Texture };
    'young for its lactose': NoFigures;
    'not to taste': { limit: string };
    'told to leave': { row: RiskRowId };
  }
}
export type FitReason = Reason<
  | 'contains'
  | 'may contain'
  | 'allergen not known'
  | 'has in it'
  | 'not known'
  | 'has milk of'
  | 'alcohol by volume'
  | 'no certificate'
  | 'rennet without certificate'
  | 'keeps lactose'
  | 'young for its lactose'
  | 'not to taste'
  | 'told to leave'
>;

/** `unknown` never passes; `why` says what speaks against it. */
export type Fit =
  { readonly fits: 'yes'; readonly why: null } | { readonly fits: 'no' | 'unknown'; readonly why: FitReason };
export const YES: Fit = { fits: 'yes', why: null };
const no = (why: FitReason): Fit => ({ fits: 'no', why });
const unknown = (why: FitReason): Fit => ({ fits: 'unknown', why });
const has = (what: Ingredient): Fit => no(reason('has in it', { what }));
const untold = (what: NotKnown): Fit => unknown(reason('not known', { what }));

/** The first `no`, else the first `unknown`, else yes. */
const all = (...fits: Fit[]): Fit =>
  fits.find((f) => f.fits === 'no') ?? fits.find((f) => f.fits === 'unknown') ?? YES;

/** One row a subject that a guest may not or will not eat. */
export interface LimitRule {
  readonly id: string;
  readonly group: 'allergen' | 'milk' | 'diet' | 'at risk' | 'taste';
  readonly severity: Severity;
  readonly reach: Reach;
  readonly test: (good: Good, severity: Severity) => Fit;
  /** The allergens that it is about; none for what is no matter of allergens. */
  readonly allergens: readonly AllergenId[];
}

function allergenTest(ids: readonly AllergenId[]) {
  return (good: Good, severity: Severity): Fit => {
    const strict = severity === 'allergy' || severity === 'medical';
    return all(
      ...ids.map((id): Fit => {
        const state = allergenOf(good, id);
        if (state === 'contains') return no(reason('contains', { allergen: id }));
        if (state === 'may contain' && strict) return no(reason('may contain', { allergen: id }));
        if (state === 'unknown') return unknown(reason('allergen not known', { allergen: id }));
        return YES;
      }),
    );
  };
}

const allergenRule = (id: string, ids: readonly AllergenId[], reach: Reach = 'board'): LimitRule => ({
  id: `allergen:${id}`,
  group: 'allergen',
  severity: 'allergy',
  reach,
  allergens: ids,
  test: allergenTest(ids),
});

const GROUPED: readonly AllergenId[] = ['milk', ...WHEATS];

const milkRule = (animal: Milk): LimitRule => ({
  id: `milk:${animal}`,
  group: 'milk',
  severity: 'dislike',
  reach: 'board',
  allergens: [],
  test: (good) => {
    if (good.kind === 'cheese' && !good.milkKnown) return untold('milk');
    if (good.kind === 'cheese')
      return good.milk.some((m) => m.animal === animal) ? no(reason('has milk of', { animal })) : YES;
    if (animal !== 'cow') return YES;
    // Butter, chocolate and milk powder are cow's unless somebody says otherwise.
    const state = allergenOf(good, 'milk');
    if (state === 'contains') return no(reason('has milk of', { animal }));
    return state === 'unknown' ? untold('milk') : YES;
  },
});

const isMeatGood = (good: Good): good is Meat => good.kind === 'meat';

function noPork(good: Good): Fit {
  const { casing, gelatine } = contentsOf(good);
  return all(
    good.kind === 'meat' && good.animals.some((a) => a.animal === 'pork') ? has('pork') : YES,
    isMeatGood(good) && !good.described ? untold('animal') : YES,
    good.kind === 'meat' && good.animals.some((a) => a.animal === 'game')
      ? untold('whether it is boar')
      : YES,
    casing === 'pork' ? has('pork casing') : YES,
    isMeatGood(good) && casing === 'unknown' ? untold('casing') : YES,
    gelatine === 'pork' ? has('pork gelatine') : YES,
    gelatine === 'unknown' ? untold('gelatine') : YES,
  );
}

function noAlcohol(good: Good): Fit {
  if (good.kind === 'drink')
    return good.abv > 0.5 ? no(reason('alcohol by volume', { percent: good.abv })) : YES;
  const { alcohol } = contentsOf(good);
  return alcohol === 'yes' ? has('alcohol') : alcohol === 'unknown' ? untold('alcohol') : YES;
}

function vegetarian(good: Good): Fit {
  if (good.contents.certificates.includes('vegetarian') || good.contents.certificates.includes('vegan'))
    return YES;
  const { rennet, gelatine, meat } = contentsOf(good);
  return all(
    isMeatGood(good) ? has('meat') : YES,
    meat ? has('meat or fish inside') : YES,
    good.kind === 'cheese' && rennet === 'animal' ? has('animal rennet') : YES,
    good.kind === 'cheese' && rennet === 'unknown' ? untold('rennet') : YES,
    gelatine !== 'none' && gelatine !== 'unknown' ? has(`${gelatine} gelatine`) : YES,
    gelatine === 'unknown' ? untold('gelatine') : YES,
    allergenTest(['fish', 'crustaceans', 'molluscs'])(good, 'diet'),
  );
}

function vegan(good: Good): Fit {
  if (good.contents.certificates.includes('vegan')) return YES;
  return all(
    good.kind === 'cheese' ? has('milk') : YES,
    vegetarian(good),
    allergenTest(['milk', 'eggs'])(good, 'diet'),
    contentsOf(good).honey === 'yes'
      ? has('honey')
      : contentsOf(good).honey === 'unknown'
        ? untold('honey')
        : YES,
  );
}

function halal(good: Good): Fit {
  return all(
    noPork(good),
    noAlcohol(good),
    contentsOf(good).blood === 'yes' ? has('blood') : YES,
    isMeatGood(good) && !good.contents.certificates.includes('halal')
      ? unknown(reason('no certificate', { of: 'halal' }))
      : YES,
    good.kind === 'cheese' &&
      ['animal', 'unknown'].includes(contentsOf(good).rennet) &&
      !good.contents.certificates.includes('halal')
      ? unknown(reason('rennet without certificate', NONE))
      : YES,
  );
}

function kosher(good: Good): Fit {
  if (good.contents.certificates.includes('kosher')) return YES;
  if (good.kind === 'ware') return YES;
  const forbidden = all(noPork(good), allergenTest(['crustaceans', 'molluscs'])(good, 'religious'));
  return forbidden.fits === 'no' ? forbidden : unknown(reason('no certificate', { of: 'kosher' }));
}

/** Lactose falls with ripening: three months in a firm cheese leave next to none. Common practice, no source. */
const LACTOSE_GONE_DAYS = 90;
const SLOW_TO_LOSE = ['fresh', 'soft', 'bloomy'];
function lactose(good: Good): Fit {
  if (good.kind !== 'cheese') return allergenTest(['milk'])(good, 'diet');
  if (!good.described || !good.milkKnown) return untold('what it is');
  if (SLOW_TO_LOSE.includes(good.texture)) return no(reason('keeps lactose', { texture: good.texture }));
  return good.ageDays >= LACTOSE_GONE_DAYS ? YES : unknown(reason('young for its lactose', NONE));
}

const taste = (id: string, dislikes: (good: Good) => boolean): LimitRule => ({
  id: `taste:${id}`,
  group: 'taste',
  severity: 'dislike',
  reach: 'board',
  allergens: [],
  test: (good) => (dislikes(good) ? no(reason('not to taste', { limit: `taste:${id}` })) : YES),
});

const diet = (id: string, severity: Severity, test: (good: Good) => Fit): LimitRule => ({
  id: `diet:${id}`,
  group: 'diet',
  severity,
  reach: 'board',
  allergens: [],
  test,
});

const risk = (id: RiskId): LimitRule => ({
  id: `risk:${id}`,
  group: 'at risk',
  severity: 'medical',
  reach: 'board',
  allergens: [],
  test: (good) => {
    const row = riskOf(id, good);
    if (!row) return YES;
    const why = reason('told to leave', { row: row.id }, { source: row.source });
    return row.sure ? no(why) : unknown(why);
  },
});

const scentOf = (good: Good) => ('sense' in good ? good.sense : null);

/** Every limit that a brief can name. */
export const LIMITS: readonly LimitRule[] = [
  allergenRule('milk', ['milk'], 'own plate'),
  allergenRule('gluten', GLUTEN_CEREALS, 'own plate'),
  allergenRule('wheat', WHEATS, 'own plate'),
  allergenRule('tree nuts', TREE_NUTS),
  ...ALLERGENS.filter((a) => !GROUPED.includes(a.id)).map((a) => allergenRule(a.id, [a.id])),
  ...RISKS.map(risk),
  diet('vegetarian', 'diet', vegetarian),
  diet('vegan', 'diet', vegan),
  diet('no pork', 'religious', noPork),
  diet('halal', 'religious', halal),
  diet('kosher', 'religious', kosher),
  diet('no alcohol', 'religious', noAlcohol),
  diet('lactose', 'diet', lactose),
  ...MILKS.map(milkRule),
  taste('blue', (good) => good.kind === 'cheese' && good.texture === 'blue'),
  taste('pungent', (good) => isMain(good) && good.sense.funk >= 6),
  taste('hot', (good) => (scentOf(good)?.heat ?? 0) >= 4),
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
