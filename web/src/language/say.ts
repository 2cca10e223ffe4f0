/**
 * What is said on screens and papers passes through here, once, as a pattern: the English sentence with its figures as {0}, {1}.
 * A language is a way to say patterns; English says them as they are written.
 */
export interface Language {
  readonly id: string;
  readonly pattern: (english: string) => string;
}

const ENGLISH: Language = { id: 'en', pattern: (english) => english };

/** Not a language: it marks what is said, so that a test finds what is not (e2e/src/language.test.ts). */
const STAND_IN: Language = { id: 'stand-in', pattern: (english) => `⟦${english}⟧` };

const LANGUAGES: readonly Language[] = [ENGLISH, STAND_IN];

/** Where the browser keeps which language is spoken; it is read once, when the page is loaded. */
const KEY = 'rotula.language';

/** A worker has no storage: its language is the name that it is given. */
function chosenLanguage(): string | null {
  if (typeof localStorage === 'undefined') return (globalThis as { name?: string }).name ?? null;
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
}
const language = LANGUAGES.find(({ id }) => id === chosenLanguage()) ?? ENGLISH;

/** The language that is spoken here, for the name of a worker. */
export const spoken: string = language.id;

type Figure = string | number;

/** A bare number as it is read: what sums of fractions leave behind (3.5999999999999996) reaches no sentence. */
const written = (figure: Figure): string =>
  typeof figure === 'number' ? String(Math.round(figure * 100) / 100) : figure;

/** Says a sentence, heading or label: say`only ${grams} on the counter`. */
export function say(strings: TemplateStringsArray, ...figures: readonly Figure[]): string {
  if (language === ENGLISH) return String.raw({ raw: strings }, ...figures.map(written));
  const english = strings.reduce((text, part, i) => `${text}{${i - 1}}${part}`);
  return language.pattern(english).replace(/\{(\d+)\}/g, (_, i: string) => written(figures[Number(i)]!));
}

/** Says a word of a table: the value of a choice that is called what it is ("washed", "own plate"). */
export const word = (value: string): string => (value === '' ? '' : language.pattern(value));
