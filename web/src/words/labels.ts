import {
  ageIn,
  ALLERGENS,
  MILKS,
  type Age,
  type AllergenId,
  type AxisId,
  type LensId,
  type Limit,
  type Milk,
  type Outside,
  type RiskId,
} from '@rotula/core';
import { count } from '../ui/format';

const ALLERGEN_LABELS: Partial<Record<AllergenId, string>> = {
  kamut: 'kamut (khorasan)',
  'brazil nut': 'Brazil nut',
};
/** Most allergens are called by the word of the table. */
export const allergenLabel = (id: AllergenId): string => ALLERGEN_LABELS[id] ?? id;

const RISK_LABELS: Record<RiskId, string> = {
  pregnant: 'pregnant guest',
  frail: 'older or frail guest',
  immunity: 'weakened immunity',
  young: 'child under 5 or infant',
  maoi: 'MAO-inhibitor medicine',
  kidney: 'kidney disease',
};

const keyed = (prefix: string, labels: Readonly<Record<string, string>>): [string, string][] =>
  Object.entries(labels).map(([id, label]) => [`${prefix}:${id}`, label]);

const LIMIT_LABELS: ReadonlyMap<string, string> = new Map([
  ...ALLERGENS.map(({ id }): [string, string] => [`allergen:${id}`, allergenLabel(id)]),
  ...keyed('allergen', {
    milk: 'milk allergy: no milk of any animal',
    gluten: 'gluten (all cereals)',
    wheat: 'wheat, spelt and kamut',
    'tree nuts': 'tree nuts, all of them',
  }),
  ...keyed('risk', RISK_LABELS),
  ...keyed('diet', { lactose: 'lactose (by ripening, not by animal)' }),
  ...MILKS.map((animal: Milk): [string, string] => [
    `milk:${animal}`,
    `no ${animal}’s milk (a taste, not an allergy)`,
  ]),
  ...keyed('taste', { blue: 'no blue cheese', pungent: 'nothing pungent', hot: 'nothing hot' }),
]);

/** A limit by the id of its row ("diet:vegan"); diets are mostly called by the word of the table. */
export const limitLabel = (what: string): string => LIMIT_LABELS.get(what) ?? what.replace(/^\w+:/, '');

/** What has to be known beside the limit itself. */
export const LIMIT_NOTES: Readonly<Record<string, string>> = {
  'allergen:milk': 'Every cheese and butter is out for this guest, and meat with milk powder.',
  ...Object.fromEntries(
    MILKS.map((animal) => [
      `milk:${animal}`,
      'Never the route for a milk allergy: goat’s, sheep’s and buffalo’s milk usually cross-react.',
    ]),
  ),
};

/** An own plate: whose, and every limit that it meets. */
export function plateLabel({
  who,
  limits,
}: {
  readonly who: string;
  readonly limits: readonly Limit[];
}): string {
  const label = limits.map((limit) => limitLabel(limit.what)).join(' · ');
  return who ? `${who}: ${label}` : label;
}

export const AXIS_LABELS: Record<AxisId, string> = {
  texture: 'texture',
  firmness: 'soft to hard',
  milk: 'milk',
  intensity: 'strength',
  age: 'age',
  flavour: 'flavour',
  sight: 'sight',
  origin: 'origin',
  company: 'safe bet and surprise',
  build: 'whole or minced',
  animal: 'animal',
  calibre: 'format',
  heat: 'heat',
  smoke: 'smoke',
};

export const LENS_LABELS: Record<LensId, string> = {
  tastes: 'Five tastes',
  families: 'Companions by family',
  elements: 'Elements',
  mouthfeels: 'Mouthfeels',
  bite: 'One bite',
};

/** What the guest does with the rind, wrapping or casing. */
export const OUTSIDE_LABELS: Record<Outside, string> = {
  none: 'no rind',
  eaten: 'rind is eaten',
  'guest decides': 'rind: as you like',
  'cut off': 'rind is not eaten',
  decoration: 'wrapping is not eaten',
  'casing eaten': 'casing is eaten',
};

export const ageWord = ({ n, unit }: Age): string => count(n, unit);

/** Days as a monger says them: 9 days, 6 weeks, 7 months, 3 years. */
export const ageWords = (days: number): string => ageWord(ageIn(days));
