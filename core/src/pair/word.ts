import type { PairWord } from '../brief/index.js';
import type { Company, Host } from './facts.js';

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
