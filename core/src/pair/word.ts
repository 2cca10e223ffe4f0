import type { PairWord } from '../brief/index.js';
import type { Company, Host } from './facts.js';
import type { Weights } from './learnt.js';
import { rankBeside, type Match } from './rank.js';

/** Points by which the house's word stands above the model. */
const STANDS: Record<PairWord['says'], number> = { always: 100, own: 50, never: -100 };

const names = (named: string, { id, style }: { readonly id: string; readonly style: string }): boolean =>
  named === id || named === style;

/** What the house says of two goods: by good before by style, later words before earlier ones; null: nothing. */
export function wordOn(words: readonly PairWord[], host: Host, beside: Company): PairWord | null {
  let found: PairWord | null = null;
  let most = -1;
  for (const word of words) {
    if (!names(word.good, host) || !names(word.beside, beside)) continue;
    const exact = Number(word.good === host.id) + Number(word.beside === beside.id);
    if (exact >= most) {
      most = exact;
      found = word;
    }
  }
  return found;
}

/** What the house's word adds when goods are put in order; 0 where it says nothing. */
export const standsBy = (word: PairWord | null): number => (word ? STANDS[word.says] : 0);

/** Company for one good with what the house says of it: its own pairs first, what it never serves last, else the best first. */
export function rankedByHouse<C extends Company>(
  host: Host,
  candidates: readonly C[],
  words: readonly PairWord[],
  weights?: Weights,
): { readonly match: Match<C>; readonly word: PairWord | null }[] {
  const ranked = rankBeside(host, candidates, weights).map((match) => ({
    match,
    word: wordOn(words, host, match.beside),
  }));
  if (words.length === 0) return ranked;
  const points = ({ match, word }: (typeof ranked)[number]) => match.score + standsBy(word);
  return ranked.sort((a, b) => points(b) - points(a));
}

/** Words of the house with one pair said anew; null: nothing is said of it any more. */
export function wordsWith(
  words: readonly PairWord[],
  pair: Pick<PairWord, 'good' | 'beside'>,
  said: Pick<PairWord, 'says' | 'why'> | null,
): PairWord[] {
  const others = words.filter(({ good, beside }) => good !== pair.good || beside !== pair.beside);
  return said ? [...others, { ...pair, ...said }] : others;
}
