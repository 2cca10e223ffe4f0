import type { Brought } from '../lexicon/index.js';
import { hashOf, memoisedBy } from '../units/index.js';

/**
 * What the words of a good say, as it was read with the lexicon (readGoods.ts): by the server, once for each good, so that a page needs
 * no lexicon. It comes with the good and is never stored nor taken from a client.
 */
export interface Reading {
  /** Mark of what was read: another text was not read yet. */
  readonly of: string;
  /** By the ingredients, and what a rind was washed or rolled in: it is in it. */
  readonly inside: Brought;
  /** By name and style: not known until somebody says. */
  readonly named: Brought;
}
export interface WithReading {
  readonly read?: Reading;
}

interface Worded {
  readonly name: string;
  readonly style: string;
  readonly contents: { readonly ingredients: readonly string[] };
}

/** The mark of the words of a good. */
export const wordsMark = memoisedBy(({ name, style, contents }: Worded): string =>
  hashOf([name, style, ...contents.ingredients].join('\n')),
);

/** A good as it is stored: what was read comes with it, and is never kept. */
export const asStored = <G extends WithReading>(good: G): G => {
  if (!good.read) return good;
  const { read: _, ...stored } = good;
  return stored as G;
};

/** A good read as another one of the same words was. */
export const readAs = <G extends Worded & WithReading>(
  good: G,
  other: (Worded & WithReading) | undefined,
): G => (!readingOf(good) && other?.read?.of === wordsMark(good) ? { ...good, read: other.read } : good);

const together = (a: Brought, b: Brought): Brought => ({
  contains: [...a.contains, ...b.contains],
  may: [...a.may, ...b.may],
  facts: [...a.facts, ...b.facts],
  mayFacts: [...a.mayFacts, ...b.mayFacts],
});

/** A good that is put together of two, read as both were; unread where one of them is. */
export function readAsBoth<G extends Worded & WithReading>(
  good: G,
  a: Worded & WithReading,
  b: Worded & WithReading,
): G {
  const [one, other] = [readingOf(a), readingOf(b)];
  if (!one || !other) return good;
  const read: Reading = {
    of: wordsMark(good),
    inside: together(one.inside, other.inside),
    named: together(one.named, other.named),
  };
  return { ...good, read };
}

/** How a good was read; null: as it stands now it was not read yet, and then nothing in it is known to be free. */
export const readingOf = (good: Worded & WithReading): Reading | null =>
  good.read?.of === wordsMark(good) ? good.read : null;
