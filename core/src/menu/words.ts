import { animalsIn, type Aroma, type Main, type Meat, type Texture } from '../counter/index.js';
import { isStrong } from '../sense/index.js';
import { memoisedBy } from '../units/index.js';

/**
 * The three words that describe a good on menu and cards: the last taster's own first, then those of the good's page, then what the model
 * proposes. No two goods of a menu have the same three.
 */

/** Words that the model proposes, by what is tasted; `score` is how much, the highest is taken. House's own figures. */
const TASTES: readonly { readonly word: string; readonly score: (main: Main) => number }[] = [
  { word: 'salty', score: ({ sense }) => sense.salty - 6 },
  { word: 'sweet', score: ({ sense }) => sense.sweet - 3.5 },
  { word: 'tangy', score: ({ sense }) => sense.sour - 4 },
  { word: 'savoury', score: ({ sense }) => sense.umami - 6 },
  { word: 'rich', score: ({ sense }) => sense.fat - 7 },
  { word: 'lean', score: (main) => (main.kind === 'meat' ? 3.5 - main.sense.fat : 0) },
  { word: 'spicy', score: ({ sense }) => 1.5 * (sense.heat - 2) },
  { word: 'smoky', score: ({ sense }) => 1.5 * (sense.smoke - 2) },
  { word: 'pungent', score: ({ sense }) => sense.funk - 5.5 },
  { word: 'bitter-edged', score: ({ sense }) => sense.bitter - 3 },
  { word: 'bold', score: (main) => (isStrong(main) ? main.sense.intensity - 6.5 : 0) },
  { word: 'gentle', score: ({ sense }) => 3.5 - sense.intensity },
  { word: 'long', score: ({ sense }) => sense.persistence - 6 },
  { word: 'crystalline', score: (main) => (main.kind === 'cheese' && main.look.crystals ? 2 : 0) },
];

/** Aromas that a taste says already. */
const SAID: readonly Aroma[] = ['smoke'];

const MOUTH: Record<Texture, string> = {
  fresh: 'moist',
  soft: 'soft',
  bloomy: 'creamy',
  washed: 'silky',
  'semi-soft': 'supple',
  firm: 'firm',
  hard: 'dense',
  'very hard': 'brittle',
  blue: 'melting',
};
const BITE: Record<Meat['build'], string> = {
  'whole muscle': 'tender',
  coarse: 'chewy',
  fine: 'smooth',
  spreadable: 'spreadable',
};

/** What the model would say of a good, aromas by the names of their families, the most distinctive first; enough to distinguish many goods. */
export function modelWords(main: Main): string[] {
  const aromas = main.aromas
    .filter((aroma) => !SAID.includes(aroma))
    .map((aroma, i) => ({ word: aroma as string, tells: 2.2 - 0.4 * i }));
  const mouth = { word: main.kind === 'cheese' ? MOUTH[main.texture] : BITE[main.build], tells: 1.4 };
  const tastes = TASTES.map(({ word, score }) => ({ word, tells: score(main) })).filter(
    ({ tells }) => tells > 0,
  );
  const plain = [...animalsIn(main), 'mild', 'round', 'clean'].map((word, i) => ({ word, tells: -i }));
  return distinct(
    [...tastes, ...aromas, mouth, ...plain].sort((a, b) => b.tells - a.tells).map(({ word }) => word),
  );
}

function distinct(words: readonly string[]): string[] {
  const seen = new Set<string>();
  return words.filter((word) => {
    const key = word.toLowerCase();
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}

/** Who says a word: a person for this order, the last taster, the good's page, or the model. */
export interface TastingWord {
  readonly text: string;
  readonly from: 'hand' | 'taster' | 'page' | 'model';
}

/** The words of whoever tasted it last; none where nobody wrote any. */
function lastTasted({ lots }: Main): readonly string[] {
  const [last] = lots
    .flatMap(({ verdict }) => (verdict && verdict.words.length > 0 ? [verdict] : []))
    .sort((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : 0));
  return last?.words ?? [];
}

/** Words that describe a good, and among how many of the first they are chosen. */
export const WORDS = 3;
const WORDS_AMONG = 12;

const wordsKey = (words: readonly { readonly text: string }[]): string =>
  words
    .map(({ text }) => text.toLowerCase())
    .sort()
    .join('|');

const candidatesOf = memoisedBy((main: Main): readonly TastingWord[] => {
  const all: TastingWord[] = [
    ...lastTasted(main).map((text): TastingWord => ({ text, from: 'taster' })),
    ...main.adjectives.map((text): TastingWord => ({ text, from: 'page' })),
    ...modelWords(main).map((text): TastingWord => ({ text, from: 'model' })),
  ];
  const kept = distinct(all.map(({ text }) => text));
  return kept.map((text) => all.find((word) => word.text === text)!).slice(0, WORDS_AMONG);
});

/** Every three of a number, those first that leave the first words as they are. */
const THREES: readonly (readonly [number, number, number])[] = Array.from({ length: WORDS_AMONG }, (_, c) =>
  Array.from({ length: c }, (__, b) => Array.from({ length: b }, (___, a) => [a, b, c] as const)).flat(),
)
  .flat()
  .sort((x, y) => x[2] - y[2] || x[1] - y[1] || x[0] - y[0]);

/**
 * Three words for each good of a menu, no two with the same three: what a person set stands; then goods with three words of their own, in the
 * order of the menu; then the others.
 */
export function wordsFor(
  mains: readonly Main[],
  byHand: Readonly<Record<string, readonly string[] | null | undefined>>,
): ReadonlyMap<string, readonly TastingWord[]> {
  const chosen = new Map<string, readonly TastingWord[]>();
  const taken = new Set<string>();
  const set = (id: string, words: readonly TastingWord[]) => {
    chosen.set(id, words);
    taken.add(wordsKey(words));
  };
  for (const { id } of mains) {
    const own = byHand[id];
    if (own && own.length > 0)
      set(
        id,
        own.map((text) => ({ text, from: 'hand' })),
      );
  }
  const open = mains.filter(({ id }) => !chosen.has(id)).map((main) => ({ main, words: candidatesOf(main) }));
  const isOwn = ({ words }: (typeof open)[number]) =>
    words.slice(0, WORDS).every(({ from }) => from !== 'model');
  for (const { main, words } of [...open.filter(isOwn), ...open.filter((entry) => !isOwn(entry))]) {
    const three = (at: readonly number[]) => at.map((i) => words[i]!);
    const free = THREES.find((at) => at[2] < words.length && !taken.has(wordsKey(three(at))));
    set(main.id, free ? three(free) : words.slice(0, WORDS));
  }
  return chosen;
}

/** What may be printed of a good's words: all but what only the model proposes. */
export const printedWords = (words: readonly TastingWord[] | undefined): string[] =>
  (words ?? []).flatMap(({ text, from }) => (from === 'model' ? [] : [text]));
