import type { Main } from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { axesOf } from './axes.js';
import { bandWorths, openWorth } from './measure.js';
import { fitsOf, qualityOf, samenessOf } from './terms.js';

/**
 * A pool of goods of one kind as columns of numbers, for the optimiser's inner loop. It says the same as measure();
 * a test holds the two together.
 */
export interface Compiled {
  readonly mains: readonly Main[];
  /** Worth in points of the dial of each band, axis after axis. */
  readonly worth: Float64Array;
  /** First band of each axis, and one past the last. */
  readonly axisStart: readonly number[];
  /** For each good the bands it belongs to and its shares in them. */
  readonly bandsOf: readonly Int32Array[];
  readonly sharesOf: readonly Float64Array[];
  /** Quality and fit of each good, points. */
  readonly own: Float64Array;
  /** Sameness of two goods, points, 0 or less: row-major. */
  readonly alike: Float64Array;
  readonly intensity: Float64Array;
}

/** @param pointsPerRaw points of the dial for one raw point: 100 / best raw value of the whole selection */
export function compile(
  mains: readonly Main[],
  kind: Main['kind'],
  brief: Brief,
  pointsPerRaw: number,
): Compiled {
  const worth: number[] = [];
  const axisStart = [0];
  const memberships: Map<number, number>[] = mains.map(() => new Map());
  for (const axis of axesOf(kind)) {
    const known = bandWorths(axis, brief);
    const index = new Map<string, number>();
    const bandIndex = (id: string): number => {
      let i = index.get(id);
      if (i === undefined) {
        i = worth.push((known?.get(id) ?? openWorth(axis)) * pointsPerRaw) - 1;
        index.set(id, i);
      }
      return i;
    };
    if (known) for (const id of known.keys()) bandIndex(id);
    mains.forEach((main, g) => {
      for (const [band, share] of Object.entries(axis.membership(main, brief)))
        memberships[g]!.set(bandIndex(band), share);
    });
    axisStart.push(worth.length);
  }
  const n = mains.length;
  const alike = new Float64Array(n * n);
  for (let a = 0; a < n; a++)
    for (let b = a + 1; b < n; b++) {
      const effect = samenessOf(mains[a]!, mains[b]!).reduce((sum, r) => sum + r.effect, 0);
      alike[a * n + b] = effect;
      alike[b * n + a] = effect;
    }
  return {
    mains,
    worth: Float64Array.from(worth),
    axisStart,
    bandsOf: memberships.map((m) => Int32Array.from(m.keys())),
    sharesOf: memberships.map((m) => Float64Array.from(m.values())),
    own: Float64Array.from(mains, (main) =>
      [qualityOf(main), ...fitsOf(main, brief)].reduce((sum, r) => sum + r.effect, 0),
    ),
    alike,
    intensity: Float64Array.from(mains, (main) => main.sense.intensity),
  };
}
