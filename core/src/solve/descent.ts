import type { Lagrangian, Multipliers } from './lagrangian.js';

/** After this many steps without a better bound the step is halved. */
const PATIENCE = 6;
const BEND = 1.5;
const LEAST_STEP = 0.005;
const LEAST_NORM = 1e-12;

/**
 * Moves the multipliers of a Lagrangian towards its least bound, by subgradient steps as long as the distance to the target
 * asks (Polyak 1969), bent forward where one would turn back on the last (Camerini, Fratta and Maffioli 1975).
 */
export class Descent {
  readonly now: Multipliers;
  /** The least bound so far, and where it was found. */
  best = Infinity;
  bestAt: Multipliers;
  private theta = 1;
  private since = 0;
  private first = true;
  private readonly way: Float64Array;
  private readonly priceWay: Float64Array;

  constructor(
    private readonly dual: Lagrangian,
    from: Multipliers,
  ) {
    this.now = { slopes: Float64Array.from(from.slopes), prices: Float64Array.from(from.prices) };
    this.bestAt = from;
    this.way = new Float64Array(from.slopes.length);
    this.priceWay = new Float64Array(from.prices.length);
  }

  /** Take note of the bound at the present multipliers; true when none was less. */
  note(bound: number): boolean {
    if (bound < this.best - 1e-9) {
      this.best = bound;
      this.bestAt = {
        slopes: Float64Array.from(this.now.slopes),
        prices: Float64Array.from(this.now.prices),
      };
      this.since = 0;
      return true;
    }
    if (++this.since >= PATIENCE) {
      this.theta /= 2;
      this.since = 0;
    }
    return false;
  }

  /** One step on from a bound, towards `target`; false when there is no way to go, or it is too short to matter. */
  step(bound: number, target: number): boolean {
    if (this.theta < LEAST_STEP) return false;
    const norm = this.bendWay();
    if (norm < LEAST_NORM) return false;
    const distance = Math.max(1e-6, bound - (Number.isFinite(target) ? target : bound - 1));
    const length = (this.theta * distance) / norm;
    const { slopes, prices } = this.now;
    const { active, actives } = this.dual;
    for (let a = 0; a < actives; a++) slopes[active[a]!]! -= length * this.way[active[a]!]!;
    for (let r = 0; r < prices.length; r++) prices[r] = Math.max(0, prices[r]! - length * this.priceWay[r]!);
    return true;
  }

  /** Bends the way into the gradient of the last bound; its squared length. */
  private bendWay(): number {
    const { way, priceWay } = this;
    const { gradient, priceGradient, active, actives } = this.dual;
    const { prices } = this.now;
    let along = 0;
    let size = 0;
    for (let a = 0; a < actives; a++) {
      const b = active[a]!;
      along += gradient[b]! * way[b]!;
      size += way[b]! ** 2;
    }
    for (let r = 0; r < prices.length; r++) {
      along += priceGradient[r]! * priceWay[r]!;
      size += priceWay[r]! ** 2;
    }
    const bend = !this.first && along < 0 ? (-BEND * along) / size : 0;
    this.first = false;
    let norm = 0;
    for (let a = 0; a < actives; a++) {
      const b = active[a]!;
      way[b] = gradient[b]! + bend * way[b]!;
      norm += way[b]! ** 2;
    }
    for (let r = 0; r < prices.length; r++) {
      priceWay[r] = prices[r]! > 0 || priceGradient[r]! < 0 ? priceGradient[r]! + bend * priceWay[r]! : 0;
      norm += priceWay[r]! ** 2;
    }
    return norm;
  }
}
