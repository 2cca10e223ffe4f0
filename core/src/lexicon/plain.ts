/** Text as the lexicon compares it. */

const LIGATURES: Readonly<Record<string, string>> = { œ: 'oe', æ: 'ae', ß: 'ss', ø: 'o', ł: 'l', đ: 'd' };

/** Lower case, without accents: "Œuf" is oeuf, "Käse" is kase, "Süßlupine" is susslupine. */
export const folded = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[œæßøłđ]/g, (letter) => LIGATURES[letter]!)
    .normalize('NFD')
    .replace(/\p{M}+/gu, '');

/** E numbers in any spelling ("E-220", "e 220", "E220a") as one word: e220. */
const withENumbers = (text: string): string =>
  text.replace(/\be[\s.\-–‐-]{0,2}(\d{3,4})(?:\s?\([ivx]+\)|[a-f])?(?![\d])/g, ' e$1 ');

/** What ends what was denied, or what may be in it. */
export const STOP = '.';
export const PAUSE = ',';

/** The words of a text, with its pauses as words of their own. */
export const wordsOf = (text: string): string[] =>
  withENumbers(folded(text))
    .replace(/[;,:()[\]{}/|•·*+&]|\s-\s/g, ` ${PAUSE} `)
    .replace(/\.(?!\d)/g, ` ${STOP} `)
    .replace(/[^a-z0-9,.]+/g, ' ')
    .split(' ')
    .filter(Boolean);
