import { interpolate } from '../units/index.js';
import { SENSES, type Drink, type Good, type Main, type Sense, type Texture } from '../counter/index.js';

/** The sensory scales that pick, pair and walk share. All run 0 to 10. Common practice, no source. */

/** How soft in the mouth a family is: 10 flows, 0 breaks. */
export const SOFTNESS: Record<Texture, number> = {
  fresh: 9,
  soft: 8.5,
  bloomy: 8,
  washed: 7,
  'semi-soft': 6,
  blue: 6,
  firm: 4,
  hard: 2.5,
  'very hard': 1,
};

/** Strength from which a good is strong, everywhere: relief comes after it, and a timid table is warned. */
export const STRONG_FROM = 7;
export const isStrong = ({ sense }: Main): boolean => sense.intensity >= STRONG_FROM;

const MEAT_SOFTNESS = { 'whole muscle': 6, coarse: 4, fine: 5, spreadable: 9 } as const;

export const softnessOf = (main: Main): number =>
  main.kind === 'cheese' ? SOFTNESS[main.texture] : MEAT_SOFTNESS[main.build];

/** Felt acidity of a drink by total acidity, g/l as tartaric (scales.csv). */
const ACIDITY_ANCHORS = [
  [3, 0],
  [5, 3],
  [6, 5],
  [7, 6],
  [8, 8],
  [10, 10],
] as const;

/** Felt sweetness by residual sugar, g/l, before acidity takes its share. */
const SUGAR_ANCHORS = [
  [2, 0],
  [12, 1.5],
  [30, 3.5],
  [60, 6],
  [120, 8],
  [200, 10],
] as const;

/** What a drink does in the mouth, 0 to 10; `heat` is the burn of alcohol, from 12 % up. */
export interface DrinkSense {
  readonly sweet: number;
  readonly acid: number;
  readonly tannin: number;
  readonly bubbles: number;
  readonly body: number;
  readonly burn: number;
  readonly spice: number;
  readonly intensity: number;
}

export function drinkSense(drink: Drink): DrinkSense {
  return {
    sweet: interpolate(SUGAR_ANCHORS, drink.residualSugar),
    acid: interpolate(ACIDITY_ANCHORS, drink.totalAcidity),
    tannin: drink.tannin,
    bubbles: drink.bubbles,
    body: drink.body,
    burn: Math.max(0, Math.min(10, drink.abv - 12)),
    spice: drink.spice,
    intensity: drink.sense.intensity,
  };
}

/** Intensity 4 and less, and nothing loud in it: what a strong neighbour hides. */
export const isDelicate = (sense: Sense): boolean =>
  sense.intensity <= 4.2 && sense.funk <= 4 && sense.heat <= 1;

/** Blue and pungent goods divide a table. */
export const isDivisive = (good: Good): boolean =>
  (good.kind === 'cheese' && (good.texture === 'blue' || good.sense.funk >= 7)) ||
  (good.kind === 'meat' && good.sense.heat >= 5);

/** How far two goods lie apart in taste: the root of the sum of squares over all scales; 0: the same. */
export const distanceIn = (a: { readonly sense: Sense }, b: { readonly sense: Sense }): number =>
  Math.hypot(...SENSES.map((scale) => a.sense[scale] - b.sense[scale]));
