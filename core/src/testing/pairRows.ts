import { readFileSync } from 'node:fs';
import { isAlcoholic, isCompanion, isDrink, isMeat, type Good } from '../counter/index.js';
import type { Company, Host } from '../pair/facts.js';
import { reference } from './reference.js';

/** Where among the companions of its kind a row wants one: `pairs.csv`. */
export type Expected = 'top' | 'half' | 'not top' | 'bottom';

/** A row of `pairs.csv` on the demo's counter: every good and companion that a monger would call so. */
export interface PairRow {
  readonly style: string;
  readonly companion: string;
  readonly kind: string;
  readonly expected: Expected;
  readonly goods: readonly Host[];
  readonly besides: readonly Company[];
  /** Everything of the companion's kind on the counter. */
  readonly candidates: readonly Company[];
}

/** Which goods are of a companion kind of `pairs.csv`. */
const KINDS: Record<string, (good: Good) => boolean> = {
  drink: (good) => isAlcoholic(good),
  'no-alcohol': (good) => isDrink(good) && !isAlcoholic(good),
  meat: isMeat,
  'savoury spread': (good) =>
    isCompanion(good) && ['savoury spread', 'mustard', 'chutney'].includes(good.role),
  bread: (good) => isCompanion(good) && ['bread', 'cracker'].includes(good.role),
};
const ofKind = (kind: string) => KINDS[kind] ?? ((good: Good) => isCompanion(good) && good.role === kind);

interface Styles {
  readonly goods: Record<string, readonly string[]>;
  readonly companions: Record<string, readonly string[]>;
}

/**
 * Every row of a table of pairs: cheeses, meats and chocolate with companions and drinks, and cheeses with meats.
 * `pairs` is what the weights are fitted to; the others were written down before the model was ever asked of them.
 */
export function pairRows(
  counter: readonly Good[],
  table: 'pairs' | 'pairs-unseen' | 'pairs-unseen-later' | 'pairs-unseen-third' = 'pairs',
): PairRow[] {
  const styles = JSON.parse(readFileSync('core/src/testing/reference/pair-styles.json', 'utf8')) as Styles;
  const good = (id: string) => counter.find((g) => g.id === id)!;
  return reference(table).map((row): PairRow => {
    const kind = row.companion_kind!;
    return {
      style: row.good!,
      companion: row.companion!,
      kind,
      expected: row.expectation as Expected,
      goods: (styles.goods[row.good!] ?? []).map((id) => good(id) as Host),
      besides: (styles.companions[row.companion!] ?? []).map((id) => good(id) as Company),
      candidates: counter.filter(ofKind(kind)) as Company[],
    };
  });
}

/** Does one companion stand where it is wanted, by these scores of its kind? Ties count for it. */
export function holds(expected: Expected, scores: readonly number[], at: number): boolean {
  const above = scores.filter((score) => score > scores[at]! + 1e-9).length;
  const below = scores.filter((score) => score < scores[at]! - 1e-9).length;
  const quarter = Math.ceil(scores.length / 4);
  const half = Math.ceil(scores.length / 2);
  if (expected === 'top') return above < quarter;
  if (expected === 'half') return above < half;
  if (expected === 'not top') return above >= quarter;
  return below < quarter;
}

/** A row holds when it holds on every good and companion that it means. */
export const rowHolds = (
  { expected, goods, besides, candidates }: PairRow,
  score: (host: Host, beside: Company) => number,
): boolean =>
  goods.every((host) => {
    const scores = candidates.map((beside) => score(host, beside));
    return besides.every((beside) => holds(expected, scores, candidates.indexOf(beside)));
  });
