import { besidePerAdult, BESIDE_OF } from './beside.js';
import type { Brief } from '../brief/index.js';
import type { Companion, CompanionRole } from '../counter/index.js';
import { grams, type Grams } from '../units/index.js';

/**
 * Sugar and starch, g per 100 g, of goods without a known composition. Generic foods of the USDA National Nutrient Database (Standard
 * Reference), from memory, rounded.
 */
const USUAL: Record<CompanionRole, number> = {
  honey: 82,
  preserve: 65,
  'savoury spread': 15,
  mustard: 8,
  chutney: 40,
  dip: 12,
  oil: 0,
  fruit: 13,
  'dried fruit': 65,
  nut: 15,
  brine: 4,
  vegetable: 5,
  bread: 50,
  cracker: 68,
  chocolate: 46,
  butter: 0,
  seasoning: 0,
  garnish: 0,
};

/** Sugar and starch that one adult's share of these companions holds, in all and of it in bread; grams, estimated where unknown. */
export function carbohydratePerAdult(
  companions: readonly Companion[],
  brief: Brief,
): { readonly all: Grams; readonly bread: Grams } {
  const held = companions.map((companion) => {
    const what = BESIDE_OF[companion.role];
    const sharing = companions.filter(({ role }) => BESIDE_OF[role] === what).length;
    const per100 = companion.composition?.carbohydrate ?? USUAL[companion.role];
    return { what, g: (besidePerAdult(brief, what) / sharing) * (per100 / 100) };
  });
  const sum = (of: typeof held) => grams(Math.round(of.reduce((total, { g }) => total + g, 0)));
  return { all: sum(held), bread: sum(held.filter(({ what }) => what === 'bread')) };
}
