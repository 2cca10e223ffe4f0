import { linearAt } from '../units/index.js';
import type { Instance } from './instance.js';

/**
 * The last few goods of a selection by trying them, best first. What a good adds never grows as others join it (every
 * worth is concave), so the largest single gains bound any set: the search turns back as soon as they cannot beat the
 * floor (Nemhauser, Wolsey and Fisher 1978). What the purse cannot pay is passed over. Far quicker than bounding once only two or three places are left.
 */
export function enumerator(instance: Instance) {
  const { kindOf, own, cost, purse, start, feat, share, worth, most, bands, base, want } = instance;
  const fill = new Float64Array(bands);
  const now = new Float64Array(bands);
  const chosen: number[] = [];
  const left: [number, number] = [0, 0];
  let spent = 0;
  const row = most + 1;

  const at = (b: number, x: number) => linearAt(worth, b * row, most, x);
  const gainOf = (i: number): number => {
    let sum = own[i]!;
    for (let p = start[i]!, end = start[i + 1]!; p < end; p++) {
      const b = feat[p]!;
      sum += at(b, fill[b]! + share[p]!) - now[b]!;
    }
    return sum;
  };
  const put = (i: number, sign: 1 | -1) => {
    for (let p = start[i]!, end = start[i + 1]!; p < end; p++) {
      const b = feat[p]!;
      const x = fill[b]! + sign * share[p]!;
      // A band emptied again may hold a crumb of rounding.
      fill[b] = Math.abs(x - Math.round(x)) < 1e-9 ? Math.round(x) : x;
      now[b] = at(b, fill[b]!);
    }
    left[kindOf[i]!]! -= sign;
    spent += sign * cost[i]!;
    if (sign === 1) chosen.push(i);
    else chosen.pop();
  };

  function grow(value: number, open: readonly number[], floor: () => number, offer: (set: number[]) => void) {
    const k = left[0] + left[1];
    if (k === 0) {
      if (value > floor()) offer([...chosen]);
      return;
    }
    const items: number[] = [];
    const gains: number[] = [];
    for (const i of open) {
      if (left[kindOf[i]!]! === 0 || spent + cost[i]! > purse) continue;
      const gain = gainOf(i);
      let p = items.length;
      while (p > 0 && (gains[p - 1]! < gain || (gains[p - 1] === gain && items[p - 1]! > i))) {
        items[p] = items[p - 1]!;
        gains[p] = gains[p - 1]!;
        p--;
      }
      items[p] = i;
      gains[p] = gain;
    }
    for (let a = 0; a + k <= items.length; a++) {
      let top = value;
      for (let b = a; b < a + k; b++) top += gains[b]!;
      if (top <= floor()) return;
      const i = items[a]!;
      if (left[kindOf[i]!]! === 0) continue;
      put(i, 1);
      if (k === 1) {
        if (value + gains[a]! > floor()) offer([...chosen]);
      } else grow(value + gains[a]!, items.slice(a + 1), floor, offer);
      put(i, -1);
    }
  }

  /** Offer every full set with `first` and open items whose value is above the floor; the floor may rise on the way. */
  return (
    first: readonly number[],
    open: ArrayLike<number>,
    floor: () => number,
    offer: (set: number[]) => void,
  ): void => {
    fill.fill(0);
    for (let b = 0; b < bands; b++) now[b] = worth[b * row]!;
    left[0] = want[0];
    left[1] = want[1];
    spent = 0;
    let value = base;
    for (const i of first) {
      value += gainOf(i);
      put(i, 1);
    }
    if (left[0] >= 0 && left[1] >= 0) grow(value, Array.from(open), floor, offer);
    chosen.length = 0;
  };
}
