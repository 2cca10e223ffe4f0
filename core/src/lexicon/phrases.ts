import { type ConceptId, type Words } from './concepts.js';
import { E_NUMBERS } from './eNumbers.js';
import { DE, DE_PARTS } from './words/de.js';
import { EN } from './words/en.js';
import { ES } from './words/es.js';
import { FR } from './words/fr.js';
import { IT } from './words/it.js';

/** The languages' words as they are looked up: phrases by their first word, the longest first. */

export interface Phrase {
  readonly words: readonly string[];
  readonly concepts: readonly ConceptId[];
}

const LANGUAGES: readonly Words[] = [EN, FR, IT, ES, DE];

const entriesOf = (words: Words): (readonly [string, ConceptId])[] =>
  Object.entries(words).flatMap(([concept, phrases]) =>
    phrases.split('|').map((phrase) => [phrase, concept as ConceptId] as const),
  );

function conceptsByPhrase(): Map<string, Set<ConceptId>> {
  const found = new Map<string, Set<ConceptId>>();
  for (const [phrase, concept] of [...LANGUAGES.flatMap(entriesOf), ...E_NUMBERS])
    found.set(phrase, (found.get(phrase) ?? new Set()).add(concept));
  return found;
}

/** Every phrase by its first word, the longest first. One that is in two languages brings what it brings in both. */
export const PHRASES: ReadonlyMap<string, readonly Phrase[]> = (() => {
  const byFirst = new Map<string, Phrase[]>();
  for (const [phrase, concepts] of conceptsByPhrase()) {
    const words = phrase.split(' ');
    // Where a language says that it is nothing, that holds only if no other says what it is.
    const real = [...concepts].filter((id) => id !== 'nothing');
    const entry = { words, concepts: real.length > 0 ? real : [...concepts] };
    byFirst.set(words[0]!, [...(byFirst.get(words[0]!) ?? []), entry]);
  }
  for (const list of byFirst.values()) list.sort((a, b) => b.words.length - a.words.length);
  return byFirst;
})();

/** Parts of German words, the longest first. */
export const PARTS: readonly (readonly [string, ConceptId])[] = entriesOf(DE_PARTS).sort(
  ([a], [b]) => b.length - a.length,
);
