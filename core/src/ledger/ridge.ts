import { factorOf, solved } from './cholesky.js';

/**
 * Least squares drawn to a prior, in which the first `bounded` unknowns may not fall below `least`: minimise |X d - r|^2 / noise^2 + sum (d_k / spread_k)^2.
 * The unknowns are differences from the prior; without rows they are exactly nothing.
 */
export interface Ridge {
  readonly n: number;
  /** X'X / noise^2, with 1 / spread^2 on its diagonal; n x n. */
  readonly matrix: Float64Array;
  /** X'r / noise^2. */
  readonly right: Float64Array;
}

export function emptyRidge(spread: Float64Array): Ridge {
  const n = spread.length;
  const matrix = new Float64Array(n * n);
  for (let k = 0; k < n; k++) matrix[k * n + k] = 1 / (spread[k]! * spread[k]!);
  return { n, matrix, right: new Float64Array(n) };
}

/** Add a row to a ridge in place, or take it away again (`times` -1). */
export function addRow(
  { n, matrix, right }: Ridge,
  row: Float64Array,
  rest: number,
  noise: number,
  times = 1,
): void {
  const by = times / (noise * noise);
  for (let i = 0; i < n; i++) {
    const x = row[i]!;
    if (x === 0) continue;
    right[i]! += by * x * rest;
    for (let j = 0; j <= i; j++) matrix[i * n + j]! += by * x * row[j]!;
  }
}

/** The unknowns without any bound, and how sure each is (its standard deviation). */
export function freeSolution({ n, matrix, right }: Ridge): { d: Float64Array; sure: Float64Array } {
  const l = factorOf(matrix, n);
  const sure = new Float64Array(n);
  const unit = new Float64Array(n);
  for (let k = 0; k < n; k++) {
    unit.fill(0);
    unit[k] = 1;
    sure[k] = Math.sqrt(solved(l, n, unit)[k]!);
  }
  return { d: solved(l, n, right), sure };
}

const NOTHING = 1e-10;

/**
 * The best unknowns of which those that have a bound keep it, by the active-set method of Lawson and Hanson (Solving Least Squares Problems, 1974, chapter
 * 23), with bounds that need not be 0.
 * @param least the bound of each; -Infinity: none
 */
export function boundedSolution({ n, matrix, right }: Ridge, least: Float64Array): Float64Array {
  const held = new Set<number>();
  const d = new Float64Array(n);
  const full = (i: number, j: number) => (i >= j ? matrix[i * n + j]! : matrix[j * n + i]!);
  // Each pass holds one more or lets one go, and the value only falls; more passes than this are never needed in practice.
  for (let pass = 0; pass < 10 * n; pass++) {
    const free = [...Array(n).keys()].filter((k) => !held.has(k));
    const a = new Float64Array(free.length * free.length);
    const b = new Float64Array(free.length);
    free.forEach((i, p) => {
      let sum = right[i]!;
      for (const k of held) sum -= full(i, k) * least[k]!;
      b[p] = sum;
      free.forEach((j, q) => {
        if (q <= p) a[p * free.length + q] = full(i, j);
      });
    });
    const x = free.length > 0 ? solved(factorOf(a, free.length), free.length, b) : b;
    const wanted = Float64Array.from(d);
    free.forEach((k, p) => (wanted[k] = x[p]!));
    for (const k of held) wanted[k] = least[k]!;
    const low = free.filter((k) => wanted[k]! < least[k]! - NOTHING);
    if (low.length > 0) {
      // Go as far as the first bound, and hold it.
      let step = 1;
      for (const k of low) step = Math.min(step, (d[k]! - least[k]!) / (d[k]! - wanted[k]!));
      for (const k of free) d[k]! += step * (wanted[k]! - d[k]!);
      for (const k of low) if (d[k]! <= least[k]! + NOTHING) held.add(k);
      for (const k of held) d[k] = least[k]!;
      continue;
    }
    d.set(wanted);
    // Let go of the one that gains most by rising.
    let best = -1;
    let gain = NOTHING;
    for (const k of held) {
      let slope = right[k]!;
      for (let j = 0; j < n; j++) slope -= full(k, j) * d[j]!;
      if (slope > gain) [best, gain] = [k, slope];
    }
    if (best < 0) return d;
    held.delete(best);
  }
  return d;
}
