import { isCheese, type Main } from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { axesOf, OPEN_WANT, type Axis } from './axes.js';
import { bestFill, fillValue } from './fill.js';
import { fitsOf, qualityOf, riseOf, samenessOf } from './terms.js';
import type { Reason } from '../units/index.js';

/** The balance measure (docs/balance.md). Pure; the order of the goods never matters. */

export interface BandFill {
  readonly id: string;
  /** Weight of the axis times the band's share of the wants. */
  readonly worth: number;
  readonly filled: number;
}

export interface AxisScore {
  readonly id: string;
  readonly label: string;
  readonly kind: Main['kind'];
  /** Raw points; they only grow as goods are added. */
  readonly raw: number;
  /** The most raw points that so many goods could reach. */
  readonly best: number;
  readonly bands: readonly BandFill[];
}

export interface Balance {
  /** Raw value R: the sum over the axes. Compare this across counts. */
  readonly raw: number;
  readonly best: number;
  /** 0 to 100: R over the best R for the count, features freely combined. */
  readonly dial: number;
  readonly axes: readonly AxisScore[];
  readonly quality: number;
  readonly fit: number;
  readonly sameness: number;
  readonly rise: number;
  /** What the optimiser maximises: dial and the signed terms together. */
  readonly value: number;
  readonly remarks: readonly Reason[];
}

/** Worth of each band: the axis' weight shared by its wants. An open axis returns null; each of its bands is worth the same. */
export function bandWorths(axis: Axis, brief: Brief): ReadonlyMap<string, number> | null {
  if (!axis.bands) return null;
  const bands = axis.bands(brief);
  const sum = bands.reduce((total, band) => total + band.want, 0);
  return new Map(bands.map((band) => [band.id, (axis.weight * band.want) / sum]));
}

export const openWorth = (axis: Axis): number => axis.weight * OPEN_WANT;

/** The most raw points on one axis for n goods, whatever else they are. */
export function bestOnAxis(axis: Axis, brief: Brief, n: number): number {
  const worths = bandWorths(axis, brief);
  return worths ? bestFill([...worths.values()], n) : openWorth(axis) * n;
}

export function bestRaw(kind: Main['kind'], brief: Brief, n: number): number {
  return axesOf(kind).reduce((sum, axis) => sum + bestOnAxis(axis, brief, n), 0);
}

/** What the measure reads of one good. */
interface Features {
  /** For each axis of its kind the bands it belongs to. */
  readonly memberships: readonly (readonly [band: string, share: number])[][];
  readonly quality: Reason;
  readonly fits: readonly Reason[];
}

/** An axis made ready for one brief. */
interface ReadyAxis {
  readonly axis: Axis;
  readonly worths: ReadonlyMap<string, number> | null;
  /** The most raw points for n goods. */
  readonly best: (n: number) => number;
}

function readyAxis(axis: Axis, brief: Brief): ReadyAxis {
  const best = remembered((n: number) => bestOnAxis(axis, brief, n));
  return { axis, worths: bandWorths(axis, brief), best };
}

/** A function that works each answer out once. */
function remembered<K, V>(work: (key: K) => V): (key: K) => V {
  const known = new Map<K, V>();
  return (key) => {
    const found = known.get(key);
    if (found !== undefined) return found;
    const value = work(key);
    known.set(key, value);
    return value;
  };
}

function scoreAxis(
  { axis, worths, best }: ReadyAxis,
  kind: Main['kind'],
  memberships: readonly (readonly (readonly [string, number])[])[],
): AxisScore {
  const filled = new Map<string, number>();
  for (const bands of memberships)
    for (const [band, share] of bands) filled.set(band, (filled.get(band) ?? 0) + share);
  const ids = worths ? [...worths.keys()] : [...filled.keys()].sort();
  const bands = ids.map((id) => ({
    id,
    worth: worths?.get(id) ?? openWorth(axis),
    filled: filled.get(id) ?? 0,
  }));
  const raw = bands.reduce((sum, band) => sum + band.worth * fillValue(band.filled), 0);
  return {
    id: axis.id,
    label: axis.label,
    kind,
    raw,
    best: best(memberships.length),
    bands,
  };
}

/** Sum by id, so that floating-point addition cannot feel the order of the goods. */
const inOrder = <M extends Main>(mains: readonly M[]): M[] =>
  [...mains].sort((a, b) => (a.id < b.id ? -1 : 1));

const KINDS = ['cheese', 'meat'] as const;
const total = (reasons: readonly Reason[]) => reasons.reduce((sum, r) => sum + r.effect, 0);

/**
 * A measure for one brief. It reads each good once and remembers what it read, so that measuring many selections of
 * the same goods (every swap for every place) stays quick.
 */
export function measurer(brief: Brief): (selection: readonly Main[]) => Balance {
  const ready = {
    cheese: axesOf('cheese').map((axis) => readyAxis(axis, brief)),
    meat: axesOf('meat').map((axis) => readyAxis(axis, brief)),
  };
  const featuresOf = remembered((main: Main): Features => ({
    memberships: ready[main.kind].map(({ axis }) => Object.entries(axis.membership(main, brief))),
    quality: qualityOf(main),
    fits: fitsOf(main, brief),
  }));
  const samenessWith = remembered((a: Main) => remembered((b: Main) => samenessOf(a, b)));
  return (selection) => {
    const mains = inOrder(selection);
    const features = mains.map(featuresOf);
    const axes = KINDS.flatMap((kind) => {
      const own = features.filter((_, i) => mains[i]!.kind === kind);
      return ready[kind].map((axis, a) =>
        scoreAxis(
          axis,
          kind,
          own.map((f) => f.memberships[a]!),
        ),
      );
    });
    const raw = axes.reduce((sum, axis) => sum + axis.raw, 0);
    const best = axes.reduce((sum, axis) => sum + axis.best, 0);
    const dial = best > 0 ? (100 * raw) / best : 0;
    const fits = features.flatMap((f) => f.fits);
    const alike = mains.flatMap((a, i) => mains.slice(i + 1).flatMap((b) => samenessWith(a)(b)));
    const quality = total(features.map((f) => f.quality));
    const fit = total(fits);
    const sameness = total(alike);
    const rise = riseOf(mains.filter(isCheese).map((cheese) => cheese.sense.intensity));
    const value = dial + quality + fit + sameness + rise;
    return { raw, best, dial, axes, quality, fit, sameness, rise, value, remarks: [...fits, ...alike] };
  };
}

/** Measure a selection of cheeses and meats for a brief. An empty selection has dial 0. */
export const measure = (selection: readonly Main[], brief: Brief): Balance => measurer(brief)(selection);
