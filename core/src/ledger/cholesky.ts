/**
 * The factor L of a symmetric positive definite matrix A = L L' (Cholesky; Golub and Van Loan, Matrix Computations, algorithm 4.2.1).
 * @param a rows of the lower half, n x n in one row after the other
 * @throws RangeError where a is not positive definite
 */
export function factorOf(a: Float64Array, n: number): Float64Array {
  const l = new Float64Array(n * n);
  for (let j = 0; j < n; j++)
    for (let i = j; i < n; i++) {
      let sum = a[i * n + j]!;
      for (let k = 0; k < j; k++) sum -= l[i * n + k]! * l[j * n + k]!;
      if (i === j) {
        if (!(sum > 0)) throw new RangeError('the matrix is not positive definite');
        l[j * n + j] = Math.sqrt(sum);
      } else l[i * n + j] = sum / l[j * n + j]!;
    }
  return l;
}

/** x with L L' x = b. */
export function solved(l: Float64Array, n: number, b: Float64Array): Float64Array {
  const x = Float64Array.from(b);
  for (let i = 0; i < n; i++) {
    for (let k = 0; k < i; k++) x[i]! -= l[i * n + k]! * x[k]!;
    x[i]! /= l[i * n + i]!;
  }
  for (let i = n - 1; i >= 0; i--) {
    for (let k = i + 1; k < n; k++) x[i]! -= l[k * n + i]! * x[k]!;
    x[i]! /= l[i * n + i]!;
  }
  return x;
}
