import { isMain, type Main, type Served } from '../counter/index.js';

/** Where a board comes from: the countries, and how much is of the home ground and how much travelled. */
export interface Origins {
  readonly regions: number;
  /** Countries with how many goods of the board, the most first; what is not known is left out. */
  readonly countries: readonly { readonly country: string; readonly goods: number }[];
  /** The home ground: the country that most goods of the counter come from; empty when no country is known. */
  readonly home: string;
  readonly atHome: number;
  readonly travelled: number;
}

function counted(words: readonly string[]): { country: string; goods: number }[] {
  const counts = new Map<string, number>();
  for (const word of words.filter(Boolean)) counts.set(word, (counts.get(word) ?? 0) + 1);
  return [...counts]
    .map(([country, goods]) => ({ country, goods }))
    .sort((a, b) => b.goods - a.goods || a.country.localeCompare(b.country));
}

/** Home ground: where most of this counter is from. */
export const homeOf = (counter: Served): string =>
  counted(counter.filter(isMain).map(({ origin }) => origin.country))[0]?.country ?? '';

export function originsOf(mains: readonly Main[], home: string): Origins {
  const countries = counted(mains.map(({ origin }) => origin.country));
  const known = countries.reduce((sum, { goods }) => sum + goods, 0);
  const atHome = countries.find(({ country }) => country === home)?.goods ?? 0;
  return {
    regions: new Set(mains.map(({ origin }) => origin.region).filter(Boolean)).size,
    countries,
    home,
    atHome,
    travelled: known - atHome,
  };
}
