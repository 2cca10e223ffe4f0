import { ALLERGENS, type AllergenId } from './allergens.js';
import { conceptOf, type ConceptId, type Fact } from './concepts.js';
import { PARTS, PHRASES } from './phrases.js';
import { PAUSE, STOP, wordsOf } from './plain.js';

/** What the words of a text bring: read in five languages at once, since nobody says in which a label is written. */

export interface Found {
  readonly concept: ConceptId;
  /** As it was found: "wheat flour". */
  readonly word: string;
  /** "May contain", "traces of". */
  readonly may: boolean;
}

/** Words that deny the food that stands next to them: "without milk or eggs". */
const DENIES = new Set(
  'no non not without zero sans exempt senza privo privi priva sin libre ohne kein keine keinen frei'.split(
    ' ',
  ),
);
/** After "free" these make a denial of what follows: "free from", "free of". */
const FROM = new Set(['from', 'of']);
/** Small words between a denial and its food. */
const BETWEEN = new Set(
  'from of any added de d di da del dei von an zugesetzte zugesetzten zugesetzter la le l il lo el los las'.split(
    ' ',
  ),
);
/** What carries a denial on to the next food. */
const CARRIES_ON = new Set('and or nor et ou ni e o y u und oder noch'.split(' '));
/** Phrases after which all is only perhaps there, to the end of the sentence. */
const PERHAPS =
  /^(?:(?:may|might|could) (?:also )?(?:contain|have)|traces?|peut contenir|peuvent contenir|puo contenere|tracce|puede contener|puede tener|trazas|kann (?:auch )?(?:spuren|enthalten)|spuren|(?:made|produced|packed|processed) in an? (?:factory|facility|site))\b/;

/** A word and the forms that it may be the plural of. */
const formsOf = (word: string): string[] => {
  const forms = [word];
  if (word.length > 3 && word.endsWith('ies')) forms.push(`${word.slice(0, -3)}y`);
  if (word.length > 3 && word.endsWith('es')) forms.push(word.slice(0, -2));
  if (word.length > 3 && /[sx]$/.test(word)) forms.push(word.slice(0, -1));
  return forms;
};

const sameWord = (said: string, meant: string): boolean =>
  said === meant || (formsOf(said).includes(meant) && meant.length > 2);

interface Hit {
  readonly concepts: readonly ConceptId[];
  readonly from: number;
  readonly to: number;
}

/** The longest phrase that begins at a word; null: none. */
function phraseAt(words: readonly string[], at: number): Hit | null {
  let best: Hit | null = null;
  for (const form of formsOf(words[at]!))
    for (const { words: phrase, concepts } of PHRASES.get(form) ?? []) {
      if (best && phrase.length <= best.to - best.from) break;
      if (
        phrase.every((word, i) => i === 0 || (words[at + i] !== undefined && sameWord(words[at + i]!, word)))
      )
        best = { concepts, from: at, to: at + phrase.length };
    }
  return best;
}

/** A part inside a word must be as long as this, or stand at its beginning or end. */
const INSIDE = 5;

const CEREALS: readonly ConceptId[] = ['rye', 'barley', 'oats', 'spelt', 'kamut', 'nothing'];
/** Wheat that is only wheat where nobody says otherwise. */
const isCereal = (id: ConceptId): boolean => conceptOf(id).ofCereal === true;

/** What a German word is put together of; what a longer part covers is not looked at again. */
function partsOf(word: string): ConceptId[] {
  if (word.length < 5 || /\d/.test(word)) return [];
  let rest = word;
  const found: ConceptId[] = [];
  for (const [part, concept] of PARTS) {
    const at = rest.indexOf(part);
    if (at < 0) continue;
    const isEdge = at === 0 || at + part.length === rest.length;
    if (!isEdge && part.length < INSIDE) continue;
    found.push(concept);
    rest = `${rest.slice(0, at)}#${rest.slice(at + part.length)}`;
  }
  // A flour that says of which cereal it is, is of that one.
  return found.some((id) => CEREALS.includes(id)) ? found.filter((id) => !isCereal(id)) : found;
}

/** Every hit of a text in its order, with what is denied of it left out. */
function hitsOf(words: readonly string[]): Hit[] {
  const hits: Hit[] = [];
  for (let at = 0; at < words.length;) {
    const hit = phraseAt(words, at);
    const parts = hit ? [] : partsOf(words[at]!);
    if (hit) hits.push(hit);
    else if (parts.length > 0) hits.push({ concepts: parts, from: at, to: at + 1 });
    at = hit ? hit.to : at + 1;
  }
  return hits;
}

/** Is this "free" said of what stands before it? Not in "free from", "free of", "free range". */
const freesBefore = (words: readonly string[], at: number): boolean =>
  words[at] === 'frei' ||
  (words[at] === 'free' && words[at + 1] !== 'range' && !FROM.has(words[at + 1] ?? ''));

/** Is a hit denied by what stands before it? Small words, and foods that are denied too, may stand between. */
function deniedBefore(words: readonly string[], hits: readonly Hit[]): ReadonlySet<Hit> {
  const denied = new Set<Hit>();
  for (const hit of hits) {
    let at = hit.from - 1;
    while (at > 0 && BETWEEN.has(words[at]!) && !(words[at - 1] === 'free' && FROM.has(words[at]!))) at--;
    const isFreeFrom = FROM.has(words[at] ?? '') && words[at - 1] === 'free';
    const carried =
      CARRIES_ON.has(words[at] ?? '') && hits.some((other) => other.to === at && denied.has(other));
    if (DENIES.has(words[at] ?? '') || isFreeFrom || carried) denied.add(hit);
  }
  return denied;
}

/** Places of words that are only perhaps there. */
function perhapsPlaces(words: readonly string[]): ReadonlySet<number> {
  const places = new Set<number>();
  let isPerhaps = false;
  words.forEach((word, at) => {
    if (word === STOP) isPerhaps = false;
    isPerhaps ||= PERHAPS.test(words.slice(at, at + 6).join(' '));
    if (isPerhaps) places.add(at);
  });
  return places;
}

/** The number of pauses before each word: what is of one number stands together. */
const segmentOf = (words: readonly string[], at: number): number =>
  words.slice(0, at).filter((word) => word === PAUSE || word === STOP).length;

/**
 * What the words of one ingredient, name or style bring. A denial cancels its own hit and never makes free.
 * @returns each concept with the word that brought it, in the order of the text
 */
export function readText(text: string): Found[] {
  const words = wordsOf(text);
  const hits = hitsOf(words);
  const before = deniedBefore(words, hits);
  const perhaps = perhapsPlaces(words);
  const isDenied = (hit: Hit) =>
    before.has(hit) || freesBefore(words, hit.to) || /.frei(e[rsmn]?)?$/.test(words[hit.from]!);
  // "Gluten-free flour": where it stands, flour and bread are of another cereal.
  const glutenFree = new Set(
    hits
      .filter((hit) => hit.concepts.some((id) => id === 'gluten' || id === 'wheat') && isDenied(hit))
      .map(({ from }) => segmentOf(words, from)),
  );
  return hits.flatMap((hit) => {
    if (isDenied(hit)) return [];
    const word = words.slice(hit.from, hit.to).join(' ');
    const ofOther = glutenFree.has(segmentOf(words, hit.from));
    return hit.concepts
      .filter((concept) => concept !== 'nothing' && !(ofOther && isCereal(concept)))
      .map((concept) => ({ concept, word, may: perhaps.has(hit.from) }));
  });
}

/** What was read, as allergens and facts, each with the word that brought it. */
export interface Brought {
  readonly contains: readonly { readonly id: AllergenId; readonly word: string }[];
  readonly may: readonly { readonly id: AllergenId; readonly word: string }[];
  readonly facts: readonly { readonly fact: Fact; readonly word: string }[];
  readonly mayFacts: readonly { readonly fact: Fact; readonly word: string }[];
}

/** What several texts bring together; the stricter word of each allergen and fact, in the order of the tables. */
export function readTexts(texts: readonly string[]): Brought {
  const [contains, may] = [new Map<AllergenId, string>(), new Map<AllergenId, string>()];
  const [facts, mayFacts] = [new Map<Fact, string>(), new Map<Fact, string>()];
  const put = <K>(map: Map<K, string>, key: K, word: string) => map.has(key) || map.set(key, word);
  for (const found of texts.flatMap(readText)) {
    const {
      contains: sure = [],
      may: often = [],
      facts: is = [],
      mayFacts: perhaps = [],
    } = conceptOf(found.concept);
    for (const id of sure) put(found.may ? may : contains, id, found.word);
    for (const id of often) put(may, id, found.word);
    for (const fact of is) put(found.may ? mayFacts : facts, fact, found.word);
    for (const fact of perhaps) put(mayFacts, fact, found.word);
  }
  for (const id of contains.keys()) may.delete(id);
  for (const fact of facts.keys()) mayFacts.delete(fact);
  const rows = (map: Map<AllergenId, string>) =>
    ALLERGENS.flatMap(({ id }) => (map.has(id) ? [{ id, word: map.get(id)! }] : []));
  return {
    contains: rows(contains),
    may: rows(may),
    facts: [...facts].map(([fact, word]) => ({ fact, word })),
    mayFacts: [...mayFacts].map(([fact, word]) => ({ fact, word })),
  };
}
