import { memoisedBy } from '../units/index.js';
import {
  ALLERGENS,
  allergenState,
  type AllergenId,
  type AllergenState,
  type Brought,
  type Fact,
} from '../lexicon/index.js';
import { type AllergenStatement } from './allergenStatement.js';
import type { Contents, Good } from './good.js';
import { readingOf } from './reading.js';

/**
 * What is in a good: the stricter of what is declared and of what its words say. A word among the ingredients means that it is in it;
 * a word of the name or style that nobody knows until somebody says; nothing is free because a word is missing.
 */

/** What was found inside a good, and by which word. */
export interface Inside {
  readonly contains: readonly { readonly id: AllergenId; readonly word: string }[];
  readonly may: readonly { readonly id: AllergenId; readonly word: string }[];
  /** Said by name or style alone, of which the statement says nothing by name. */
  readonly named: readonly { readonly id: AllergenId; readonly word: string }[];
  /** Its words were read as they stand now. */
  readonly isRead: boolean;
}

const NOTHING: Brought = { contains: [], may: [], facts: [], mayFacts: [] };

/** Did somebody say of this very allergen what it is, and not only of all that are not named? */
const isSaid = ({ contains, mayContain, free, unknown }: AllergenStatement, id: AllergenId): boolean =>
  [contains, mayContain, free, unknown].some((list) => list.includes(id));

/** Allergens that follow from the kind of good and its words: every cheese and butter is milk. */
export const insideOf = memoisedBy(lookedInside);

function lookedInside(good: Good): Inside {
  const reading = readingOf(good);
  const { contains: read, may } = reading?.inside ?? NOTHING;
  const contains = [...read];
  const isMilk = good.kind === 'cheese' || (good.kind === 'companion' && good.role === 'butter');
  const isOf = (id: AllergenId, word: string) =>
    contains.some((one) => one.id === id) || contains.unshift({ id, word });
  if (isMilk) isOf('milk', good.kind === 'cheese' ? 'cheese' : 'butter');
  if (good.kind === 'meat' && good.animals.some((a) => a.animal === 'fish')) isOf('fish', 'fish');
  const { contains: called, may: calledMay } = reading?.named ?? NOTHING;
  const open = ({ id }: { readonly id: AllergenId }) =>
    !isSaid(good.allergens, id) && !contains.some((one) => one.id === id);
  const named = [...called, ...calledMay].filter(
    (one, i, all) => open(one) && all.findIndex(({ id }) => id === one.id) === i,
  );
  return {
    contains,
    may: may.filter(({ id }) => !contains.some((one) => one.id === id)),
    named,
    isRead: reading !== null,
  };
}

/** The state of one allergen in a good: what is declared, or the stricter word that is read. */
export function allergenOf(good: Good, id: AllergenId, inside = insideOf(good)): AllergenState {
  const declared = allergenState(good.allergens, id);
  if (declared === 'contains' || inside.contains.some((one) => one.id === id)) return 'contains';
  if (declared !== 'free') return declared;
  if (inside.may.some((one) => one.id === id)) return 'may contain';
  if (inside.named.some((one) => one.id === id)) return 'unknown';
  return inside.isRead || isSaid(good.allergens, id) ? 'free' : 'unknown';
}

/** All allergens of a good sorted by state, in the order of the table. */
export function allergensOf(good: Good): Record<AllergenState, AllergenId[]> {
  const out: Record<AllergenState, AllergenId[]> = { contains: [], 'may contain': [], free: [], unknown: [] };
  const inside = insideOf(good);
  for (const { id } of ALLERGENS) out[allergenOf(good, id, inside)].push(id);
  return out;
}

/** Declared free, and yet the ingredients say otherwise: to be asked and put right. */
export const contradictions = (
  { allergens }: { allergens: AllergenStatement },
  inside: Inside,
): AllergenId[] =>
  inside.contains.map(({ id }) => id).filter((id) => allergenState(allergens, id) === 'free');

/** An allergen that a good's name or ingredients point to, while its statement says less. */
export interface Difference {
  readonly id: AllergenId;
  /** The word that says it. */
  readonly word: string;
  /** Where the word was found: an ingredient means that the good contains the allergen; a name or style means that it is unknown. */
  readonly from: 'ingredients' | 'name';
}

/** Every such difference of a good whose words were read, in the order of the words. */
export function differencesOf(good: Good): Difference[] {
  const inside = insideOf(good);
  const wrong = contradictions(good, inside);
  return [
    ...inside.contains
      .filter(({ id }) => wrong.includes(id))
      .map(({ id, word }): Difference => ({ id, word, from: 'ingredients' })),
    ...inside.named.map(({ id, word }): Difference => ({ id, word, from: 'name' })),
  ];
}

/** Is a fact so? `unknown` where it is often so, or where only the name says it and nobody wrote its ingredients down. */
export type FactState = 'yes' | 'unknown' | 'no';

export function factState(good: Good, fact: Fact): FactState {
  const reading = readingOf(good);
  if (!reading) return good.kind === 'ware' ? 'no' : 'unknown';
  const says = (list: Brought['facts']) => list.some((one) => one.fact === fact);
  const { inside, named } = reading;
  if (says(inside.facts)) return 'yes';
  if (says(inside.mayFacts)) return 'unknown';
  const isWritten = good.contents.ingredients.length > 0;
  return !isWritten && (says(named.facts) || says(named.mayFacts)) ? 'unknown' : 'no';
}

/** Contents with what the words give away: a word found makes a fact, never unmakes one. */
export const contentsOf = memoisedBy(factsOf);

const GELATINES = [
  ['gelatine', 'pork'],
  ['beef gelatine', 'beef'],
  ['fish gelatine', 'fish'],
] as const;

function factsOf(good: Good): Contents & { readonly meat: FactState } {
  const { contents } = good;
  const presence = (declared: Contents['alcohol'], fact: Fact): Contents['alcohol'] => {
    const read = readingOf(good) ? factState(good, fact) : 'no';
    return read === 'no' || declared === 'yes' ? declared : read;
  };
  const gelatine = GELATINES.find(([fact]) => factState(good, fact) === 'yes' && readingOf(good))?.[1];
  return {
    ...contents,
    alcohol: presence(contents.alcohol, 'alcohol'),
    honey: presence(contents.honey, 'honey'),
    blood: presence(contents.blood, 'blood'),
    rennet: factState(good, 'animal rennet') === 'yes' ? 'animal' : contents.rennet,
    gelatine: gelatine && ['none', 'unknown'].includes(contents.gelatine) ? gelatine : contents.gelatine,
    meat: factState(good, 'meat'),
  };
}
