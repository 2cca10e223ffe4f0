import type { Drink, Good } from './good.js';
import type { Composition } from './measures.js';
import type { Texture } from './words.js';

/**
 * Firmness by moisture on a fat-free basis, % = water / (100 - fat) x 100. The bands overlap by design.
 * Source: CODEX STAN 283-1978, General Standard for Cheese, section 7.
 */
const FIRMNESS = [
  { name: 'extra hard', holds: (mffb: number) => mffb < 51 },
  { name: 'hard', holds: (mffb: number) => mffb >= 49 && mffb <= 56 },
  { name: 'firm/semi-hard', holds: (mffb: number) => mffb >= 54 && mffb <= 69 },
  { name: 'soft', holds: (mffb: number) => mffb > 67 },
] as const;
export type Firmness = (typeof FIRMNESS)[number]['name'];

/** Fat class by fat in dry matter, % = fat / (100 - water) x 100. Source: CODEX STAN 283-1978. */
const FAT_CLASSES = [
  { name: 'high fat', from: 60 },
  { name: 'full fat', from: 45 },
  { name: 'medium fat', from: 25 },
  { name: 'partially skimmed', from: 10 },
  { name: 'skim', from: -Infinity },
] as const;
export type FatClass = (typeof FAT_CLASSES)[number]['name'];

/** Moisture on a fat-free basis, per cent. @throws RangeError for pure fat */
export function moistureOnFatFreeBasis({ water, fat }: Pick<Composition, 'water' | 'fat'>): number {
  if (fat >= 100) throw new RangeError(`fat ${fat} g per 100 g leaves nothing to hold water`);
  return (100 * water) / (100 - fat);
}

/** Fat in dry matter, per cent. @throws RangeError for pure water */
export function fatInDryMatter({ water, fat }: Pick<Composition, 'water' | 'fat'>): number {
  if (water >= 100) throw new RangeError(`water ${water} g per 100 g leaves no dry matter`);
  return (100 * fat) / (100 - water);
}

/** Every published firmness that the moisture permits, driest first; one or two of them. */
export function firmnessOf(composition: Pick<Composition, 'water' | 'fat'>): Firmness[] {
  const mffb = moistureOnFatFreeBasis(composition);
  return FIRMNESS.filter((band) => band.holds(mffb)).map((band) => band.name);
}

export function fatClassOf(composition: Pick<Composition, 'water' | 'fat'>): FatClass {
  const fdm = fatInDryMatter(composition);
  return FAT_CLASSES.find((band) => fdm >= band.from)!.name;
}

/** Which published firmness each texture family may show; common practice. Whey cheese is outside the standard. */
export const ACCEPTED_FIRMNESS: Record<Texture, readonly Firmness[]> = {
  fresh: ['soft'],
  soft: ['soft', 'firm/semi-hard'],
  bloomy: ['soft', 'firm/semi-hard'],
  washed: ['soft', 'firm/semi-hard'],
  'semi-soft': ['firm/semi-hard', 'soft'],
  firm: ['firm/semi-hard', 'hard'],
  hard: ['hard', 'firm/semi-hard', 'extra hard'],
  'very hard': ['extra hard'],
  blue: ['firm/semi-hard', 'soft', 'hard'],
};

/** How far outside the accepted bands a family may lie before it is pointed out, points of MFFB (common practice). */
const TOLERANCE_MFFB = 2;

const BOUNDS: Record<Firmness, readonly [from: number, to: number]> = {
  'extra hard': [-Infinity, 51],
  hard: [49, 56],
  'firm/semi-hard': [54, 69],
  soft: [67, Infinity],
};

/** Family and published firmness side by side. */
export interface FamilyCheck {
  readonly mffb: number;
  readonly firmness: readonly Firmness[];
  readonly fatClass: FatClass;
  /** Points of MFFB outside what its family may show; 0 inside. */
  readonly outside: number;
  /** Further outside than the tolerance: pointed out, never changed. */
  readonly unusual: boolean;
}

/** Does the composition of a cheese go with its family? Null where the composition is not known. */
export function familyCheck(texture: Texture, composition: Composition | null): FamilyCheck | null {
  if (!composition || composition.fat >= 100 || composition.water >= 100) return null;
  const mffb = moistureOnFatFreeBasis(composition);
  const outside = Math.min(
    ...ACCEPTED_FIRMNESS[texture].map((name) => {
      const [from, to] = BOUNDS[name];
      return Math.max(0, from - mffb, mffb - to);
    }),
  );
  return {
    mffb,
    firmness: firmnessOf(composition),
    fatClass: fatClassOf(composition),
    outside,
    unusual: outside > TOLERANCE_MFFB,
  };
}

const SPARKLING = [
  { word: 'brut nature', holds: (sugar: number) => sugar < 3 },
  { word: 'extra brut', holds: (sugar: number) => sugar <= 6 },
  { word: 'brut', holds: (sugar: number) => sugar < 12 },
  { word: 'extra dry', holds: (sugar: number) => sugar >= 12 && sugar <= 17 },
  { word: 'dry (sec)', holds: (sugar: number) => sugar >= 17 && sugar <= 32 },
  { word: 'medium dry (demi-sec)', holds: (sugar: number) => sugar >= 32 && sugar <= 50 },
  { word: 'sweet (doux)', holds: (sugar: number) => sugar > 50 },
] as const;

/**
 * The words that a wine's label may use for its sweetness; they overlap, so this is the set of permitted ones.
 * `brut nature` also needs that no sugar was added, which is not known here.
 * Source: Commission Delegated Regulation (EU) 2019/33, Annex III, parts A and B.
 *
 * @param sugar residual sugar, g/l
 * @param acidity total acidity, g/l as tartaric; decides only for still wines
 */
export function sweetnessWords(kind: 'sparkling' | 'still', sugar: number, acidity: number): string[] {
  if (kind === 'sparkling') {
    return SPARKLING.filter((band) => band.holds(sugar)).map((band) => band.word);
  }
  const dry = sugar <= 4 || (sugar <= 9 && acidity >= sugar - 2);
  const mediumDry = sugar > 4 && (sugar <= 12 || (sugar <= 18 && acidity >= sugar - 10));
  const words: string[] = [];
  if (dry) words.push('dry');
  if (mediumDry) words.push('medium dry');
  if (sugar > 12 && sugar <= 45 && !mediumDry) words.push('medium sweet');
  if (sugar >= 45) words.push('sweet');
  return words;
}

/** Per cent by volume up to which a drink is without alcohol. The strict of the usual bounds: the EU has it declared from 1.2 %. */
const ALCOHOL_FREE_ABV = 0.5;
export const isAlcoholic = (good: Good): good is Drink =>
  good.kind === 'drink' && good.abv > ALCOHOL_FREE_ABV;
