/** Symmetric matrices of which only a band beside the diagonal is not nought, row by row, the diagonal last. */
export class Band {
  readonly rows: Float64Array;
  constructor(
    readonly size: number,
    readonly width: number,
  ) {
    this.rows = new Float64Array(size * (width + 1));
  }

  add(i: number, j: number, value: number): void {
    const [row, column] = i >= j ? [i, j] : [j, i];
    this.rows[row * (this.width + 1) + this.width - row + column]! += value;
  }

  /** a this + b other. */
  mixed(a: number, other: Band, b: number): Band {
    const out = new Band(this.size, this.width);
    for (let i = 0; i < out.rows.length; i++) out.rows[i] = a * this.rows[i]! + b * other.rows[i]!;
    return out;
  }

  times(x: Float64Array): Float64Array {
    const { size, width, rows } = this;
    const out = new Float64Array(size);
    for (let i = 0; i < size; i++) {
      const at = i * (width + 1) + width - i;
      for (let j = Math.max(0, i - width); j < i; j++) {
        const value = rows[at + j]!;
        out[i]! += value * x[j]!;
        out[j]! += value * x[i]!;
      }
      out[i]! += rows[at + i]! * x[i]!;
    }
    return out;
  }

  /** A solver of this x = b, for a positive definite matrix (Cholesky within the band, Golub and Van Loan 4.3). */
  solver(): (b: Float64Array) => Float64Array {
    const { size, width } = this;
    const l = Float64Array.from(this.rows);
    const at = (i: number) => i * (width + 1) + width - i;
    for (let i = 0; i < size; i++)
      for (let j = Math.max(0, i - width); j <= i; j++) {
        let sum = l[at(i) + j]!;
        for (let k = Math.max(0, i - width, j - width); k < j; k++) sum -= l[at(i) + k]! * l[at(j) + k]!;
        l[at(i) + j] = i === j ? Math.sqrt(sum) : sum / l[at(j) + j]!;
      }
    return (b) => {
      const x = Float64Array.from(b);
      for (let i = 0; i < size; i++) {
        for (let k = Math.max(0, i - width); k < i; k++) x[i]! -= l[at(i) + k]! * x[k]!;
        x[i]! /= l[at(i) + i]!;
      }
      for (let i = size - 1; i >= 0; i--) {
        x[i]! /= l[at(i) + i]!;
        for (let k = Math.max(0, i - width); k < i; k++) x[k]! -= l[at(i) + k]! * x[i]!;
      }
      return x;
    };
  }
}
