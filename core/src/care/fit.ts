import { allergenOf, type AllergenId, type Good, type Milk, type Texture } from '../counter/index.js';
import { reason, type Reason } from '../units/index.js';
import type { RiskRowId } from './riskRows.js';

/** Whether a good fits a limit, and what in it speaks against it. */

/** How much it matters; the first two are judged strictly. */
export const SEVERITIES = ['allergy', 'medical', 'religious', 'diet', 'dislike'] as const;
export type Severity = (typeof SEVERITIES)[number];

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
  | 'alcohol'
  | 'insect';
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
  | 'whether it is boar'
  | 'of which fat'
  | 'ingredients';

declare module '../units/reason.js' {
  interface Rules {
    contains: { allergen: AllergenId };
    'may-contain': { allergen: AllergenId };
    'allergen-not-known': { allergen: AllergenId };
    'has-in-it': { what: Ingredient };
    'not-known': { what: NotKnown };
    'has-milk-of': { animal: Milk };
    'alcohol-by-volume': { percent: number };
    'no-certificate': { of: 'halal' | 'kosher' };
    'rennet-without-certificate': NoFigures;
    'keeps-lactose': { texture: Texture };
    'young-for-its-lactose': NoFigures;
    'not-to-taste': { limit: string };
    'told-to-leave': { row: RiskRowId };
  }
}
export type FitReason = Reason<
  | 'contains'
  | 'may-contain'
  | 'allergen-not-known'
  | 'has-in-it'
  | 'not-known'
  | 'has-milk-of'
  | 'alcohol-by-volume'
  | 'no-certificate'
  | 'rennet-without-certificate'
  | 'keeps-lactose'
  | 'young-for-its-lactose'
  | 'not-to-taste'
  | 'told-to-leave'
>;

/** `unknown` never passes; `why` says what speaks against it. */
export type Fit =
  { readonly fits: 'yes'; readonly why: null } | { readonly fits: 'no' | 'unknown'; readonly why: FitReason };
export const YES: Fit = { fits: 'yes', why: null };
export const no = (why: FitReason): Fit => ({ fits: 'no', why });
export const unknown = (why: FitReason): Fit => ({ fits: 'unknown', why });
export const has = (what: Ingredient): Fit => no(reason('has-in-it', { what }));
export const notKnown = (what: NotKnown): Fit => unknown(reason('not-known', { what }));

/** The first `no`, else the first `unknown`, else yes. */
export const all = (...fits: Fit[]): Fit =>
  fits.find((f) => f.fits === 'no') ?? fits.find((f) => f.fits === 'unknown') ?? YES;

export function allergenTest(ids: readonly AllergenId[]) {
  return (good: Good, severity: Severity): Fit => {
    const strict = severity === 'allergy' || severity === 'medical';
    return all(
      ...ids.map((id): Fit => {
        const state = allergenOf(good, id);
        if (state === 'contains') return no(reason('contains', { allergen: id }));
        if (state === 'may contain' && strict) return no(reason('may-contain', { allergen: id }));
        if (state === 'unknown') return unknown(reason('allergen-not-known', { allergen: id }));
        return YES;
      }),
    );
  };
}
