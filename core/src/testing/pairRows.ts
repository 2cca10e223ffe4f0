import { readFileSync } from 'node:fs';
import { isCompanion, isDrink, isMain, type Good, type Main } from '../counter/index.js';
import { ALCOHOL_FREE_ABV, type Beside } from '../pair/slots.js';
import { reference } from './reference.js';

/** Where among the companions of its kind a row wants one: `pairs.csv`. */
export type Expected = 'top' | 'half' | 'not top' | 'bottom';

/** A row of `pairs.csv` on the demo's counter: every good and companion that a monger would call so. */
export interface PairRow {
  readonly style: string;
  readonly companion: string;
  readonly kind: string;
  readonly expected: Expected;
  readonly goods: readonly Main[];
  readonly besides: readonly Beside[];
  /** Everything of the companion's kind on the counter. */
  readonly candidates: readonly Beside[];
}

/** Which goods are of a companion kind of `pairs.csv`. */
const KINDS: Record<string, (good: Good) => boolean> = {
  drink: (good) => isDrink(good) && good.abv > ALCOHOL_FREE_ABV,
  'no-alcohol': (good) => isDrink(good) && good.abv <= ALCOHOL_FREE_ABV,
  'savoury spread': (good) =>
    isCompanion(good) && ['savoury spread', 'mustard', 'chutney'].includes(good.role),
  bread: (good) => isCompanion(good) && ['bread', 'cracker'].includes(good.role),
};
const ofKind = (kind: string) => KINDS[kind] ?? ((good: Good) => isCompanion(good) && good.role === kind);

interface Styles {
  readonly goods: Record<string, readonly string[]>;
  readonly companions: Record<string, readonly string[]>;
}

/** Every row of a cheese or meat with a companion or drink. Meats beside cheeses and chocolate with drinks are another model's. */
export function pairRows(counter: readonly Good[]): PairRow[] {
  const styles = JSON.parse(readFileSync('core/src/testing/reference/pair-styles.json', 'utf8')) as Styles;
  const good = (id: string) => counter.find((g) => g.id === id)!;
  return reference('pairs')
    .filter((row) => row.kind !== 'chocolate' && row.companion_kind !== 'meat')
    .map((row): PairRow => {
      const kind = row.companion_kind!;
      return {
        style: row.good!,
        companion: row.companion!,
        kind,
        expected: row.expectation as Expected,
        goods: (styles.goods[row.good!] ?? []).map(good).filter(isMain),
        besides: (styles.companions[row.companion!] ?? []).map((id) => good(id) as Beside),
        candidates: counter.filter(ofKind(kind)) as Beside[],
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
