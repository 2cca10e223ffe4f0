import type { Companion, Good } from './good.js';
import type { Composition } from './measures.js';
import { isCheese, isCompanion, isMeat } from './kinds.js';

/** What a good is made of, g per 100 g, and whether that is only what its style usually is. */
export interface KnownComposition {
  readonly water: number;
  readonly fat: number;
  readonly protein: number;
  readonly carbohydrate: number;
  readonly ash: number;
  readonly estimated: boolean;
}

type Row = readonly [water: number, fat: number, protein: number, carbohydrate: number, ash: number];

/** USDA National Nutrient Database (Standard Reference), from memory: generic goods of each family, build and role. */
const CHEESE_COMPOSITIONS: Record<string, Row> = {
  fresh: [60, 21, 15, 2, 2],
  soft: [54, 25, 17.5, 0.8, 2.7],
  bloomy: [50, 26, 20.3, 0.5, 3.2],
  washed: [45.5, 28.2, 22, 1, 3.3],
  'semi-soft': [43, 28.5, 23.5, 1.5, 3.5],
  firm: [37.6, 31.5, 25.5, 1.8, 3.6],
  hard: [33.5, 32.4, 29.5, 0.8, 3.8],
  'very hard': [29.5, 26.2, 34.8, 3.3, 6.2],
  blue: [42.4, 28.7, 21.4, 2.3, 5.1],
};
const MEAT_COMPOSITIONS: Record<string, Row> = {
  'air-dried': [50, 13, 29, 0.5, 7],
  fermented: [36, 34, 23, 1.5, 5],
  cooked: [66, 12, 17, 1.5, 3.5],
  'hot-smoked': [67, 8, 21, 0.5, 3.5],
  'cold-smoked': [68, 7, 21, 0.2, 3.8],
  'raw spreadable': [42, 38, 15, 1.5, 3.5],
  pate: [54, 28, 13, 2.5, 2.5],
};
const COMPANION_COMPOSITIONS: Partial<Record<Companion['role'], Row>> = {
  honey: [17, 0, 0.3, 82, 0.2],
  preserve: [31, 0, 0.4, 68, 0.3],
  mustard: [81, 4, 4, 6, 4],
  chutney: [45, 0.5, 1, 51, 2],
  dip: [66, 17, 5, 10, 2],
  fruit: [84, 0.3, 0.7, 14.6, 0.4],
  'dried fruit': [30, 0.5, 2.5, 65, 2],
  nut: [4, 58, 18, 17, 3],
  brine: [88, 4, 1, 3, 4],
  vegetable: [93, 0.2, 1, 5, 0.7],
  bread: [37, 3, 9, 49, 2],
  cracker: [4, 11, 9, 73, 3],
  chocolate: [1.5, 42, 7.8, 46, 2.3],
  butter: [16, 81, 0.9, 0.1, 2],
};
const ELSE: Row = [80, 1, 2, 16, 1];

function usual(good: Good): Row {
  if (isCheese(good)) return CHEESE_COMPOSITIONS[good.texture]!;
  if (isMeat(good)) return MEAT_COMPOSITIONS[good.process]!;
  return (isCompanion(good) && COMPANION_COMPOSITIONS[good.role]) || ELSE;
}

/** As entered, what is missing filled in by its style, to a hundred; marked where any of it is estimated. */
export function compositionOf(good: Good): KnownComposition {
  const entered: Composition | null = 'composition' in good ? good.composition : null;
  const [water, fat, protein, carbohydrate, ash] = usual(good);
  if (!entered) return { water, fat, protein, carbohydrate, ash, estimated: true };
  const rest = Math.max(0, 100 - entered.water - entered.fat);
  const known = { protein: entered.protein, carbohydrate: entered.carbohydrate, ash: entered.ash };
  const missing = Object.values(known).some((part) => part === null);
  const given = Object.values(known).reduce<number>((sum, part) => sum + (part ?? 0), 0);
  const open = [
    known.protein === null ? protein : 0,
    known.carbohydrate === null ? carbohydrate : 0,
    known.ash === null ? ash : 0,
  ];
  const usualRest = open.reduce((a, b) => a + b, 0);
  const share = usualRest > 0 ? Math.max(0, rest - given) / usualRest : 0;
  return {
    water: entered.water,
    fat: entered.fat,
    protein: known.protein ?? protein * share,
    carbohydrate: known.carbohydrate ?? carbohydrate * share,
    ash: known.ash ?? ash * share,
    estimated: missing,
  };
}
