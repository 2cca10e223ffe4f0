import {
  ALLERGENS,
  allergenOf,
  GLUTEN_CEREALS,
  isMain,
  isSaid,
  MILKS,
  TREE_NUTS,
  WHEATS,
  type AllergenId,
  type Good,
  type Milk,
} from '../counter/index.js';
import { reason } from '../units/index.js';
import { halal, kosher, lactose, noAlcohol, noPork, vegan, vegetarian } from './diets.js';
import { allergenTest, no, unknown, notKnown, YES, type Fit, type Severity } from './fit.js';
import { RISKS, type RiskId } from './riskRows.js';
import { riskOf } from './risks.js';

/** One row a subject that a guest may not or will not eat. */
export interface LimitRule {
  readonly id: string;
  readonly group: 'allergen' | 'milk' | 'diet' | 'at risk' | 'taste';
  readonly severity: Severity;
  readonly test: (good: Good, severity: Severity, steamedIn: string) => Fit;
  /** The allergens that it is about; none for what is no matter of allergens. */
  readonly allergens: readonly AllergenId[];
}

const allergenRule = (id: string, ids: readonly AllergenId[]): LimitRule => ({
  id: `allergen:${id}`,
  group: 'allergen',
  severity: 'allergy',
  allergens: ids,
  test: allergenTest(ids),
});

const GROUPED: readonly AllergenId[] = ['milk', ...WHEATS];

const milkRule = (animal: Milk): LimitRule => ({
  id: `milk:${animal}`,
  group: 'milk',
  severity: 'dislike',
  allergens: [],
  test: (good) => {
    if (good.kind === 'cheese' && !isSaid(good, 'animal')) return notKnown('milk');
    if (good.kind === 'cheese')
      return good.milk.some((m) => m.animal === animal) ? no(reason('has-milk-of', { animal })) : YES;
    if (animal !== 'cow') return YES;
    // Butter, chocolate and milk powder are cow's unless somebody says otherwise.
    const state = allergenOf(good, 'milk');
    if (state === 'contains') return no(reason('has-milk-of', { animal }));
    return state === 'unknown' ? notKnown('milk') : YES;
  },
});

const taste = (id: string, dislikes: (good: Good) => boolean): LimitRule => ({
  id: `taste:${id}`,
  group: 'taste',
  severity: 'dislike',
  allergens: [],
  test: (good) => (dislikes(good) ? no(reason('not-to-taste', { limit: `taste:${id}` })) : YES),
});

const diet = (id: string, severity: Severity, test: (good: Good) => Fit): LimitRule => ({
  id: `diet:${id}`,
  group: 'diet',
  severity,
  allergens: [],
  test,
});

const risk = (id: RiskId): LimitRule => ({
  id: `risk:${id}`,
  group: 'at risk',
  severity: 'medical',
  allergens: [],
  test: (good, _severity, steamedIn) => {
    const row = riskOf(id, good, steamedIn);
    if (!row) return YES;
    const why = reason('told-to-leave', { row: row.id }, { source: row.source });
    return row.sure ? no(why) : unknown(why);
  },
});

const scentOf = (good: Good) => ('sense' in good ? good.sense : null);

/** Every limit that a brief can name. */
export const LIMITS: readonly LimitRule[] = [
  allergenRule('milk', ['milk']),
  allergenRule('gluten', GLUTEN_CEREALS),
  allergenRule('wheat', WHEATS),
  allergenRule('tree nuts', TREE_NUTS),
  ...ALLERGENS.filter((a) => !GROUPED.includes(a.id)).map((a) => allergenRule(a.id, [a.id])),
  ...RISKS.filter((id) => id !== 'young').map(risk),
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
/** Is this the id of a limit of the table? */
export const isLimitId = (id: string): boolean => BY_ID.has(id);

/** @throws RangeError for an id that is not in the table */
export function limitRule(id: string): LimitRule {
  const rule = BY_ID.get(id);
  if (!rule) throw new RangeError(`no limit is called ${id}`);
  return rule;
}
