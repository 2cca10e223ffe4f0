/** Phrases by their first word, the longest first: how the dictionary and the words of a list are found in a text. */

export interface PhraseHit<T> {
  readonly value: T;
  readonly from: number;
  readonly to: number;
}

interface Entry<T> {
  readonly words: readonly string[];
  readonly value: T;
}

export type PhraseTable<T> = ReadonlyMap<string, readonly Entry<T>[]>;

export function phraseTable<T>(
  entries: Iterable<readonly [words: readonly string[], value: T]>,
): PhraseTable<T> {
  const table = new Map<string, Entry<T>[]>();
  for (const [words, value] of entries) {
    if (words.length === 0) continue;
    const own = table.get(words[0]!);
    if (own) own.push({ words, value });
    else table.set(words[0]!, [{ words, value }]);
  }
  for (const list of table.values()) list.sort((a, b) => b.words.length - a.words.length);
  return table;
}

/** The longest phrase of the table that begins at a word; null: none. */
export function hitAt<T>(table: PhraseTable<T>, words: readonly string[], at: number): PhraseHit<T> | null {
  for (const { words: phrase, value } of table.get(words[at]!) ?? [])
    if (phrase.every((word, i) => words[at + i] === word)) return { value, from: at, to: at + phrase.length };
  return null;
}

/** Every phrase of a text, left to right, none inside another. */
export function hitsIn<T>(table: PhraseTable<T>, words: readonly string[]): PhraseHit<T>[] {
  const hits: PhraseHit<T>[] = [];
  for (let at = 0; at < words.length;) {
    const hit = hitAt(table, words, at);
    if (hit) hits.push(hit);
    at = hit ? hit.to : at + 1;
  }
  return hits;
}
