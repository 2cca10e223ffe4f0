import { isCheese, isMeat, type Cheese, type Main, type Meat } from '../counter/index.js';
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

function scoreAxis(axis: Axis, kind: Main['kind'], mains: readonly Main[], brief: Brief): AxisScore {
  const worths = bandWorths(axis, brief);
  const filled = new Map<string, number>();
  for (const main of mains)
    for (const [band, share] of Object.entries(axis.membership(main, brief)))
      filled.set(band, (filled.get(band) ?? 0) + share);
  const ids = worths ? [...worths.keys()] : [...filled.keys()].sort();
  const bands = ids.map((id) => ({
    id,
    worth: worths?.get(id) ?? openWorth(axis),
    filled: filled.get(id) ?? 0,
  }));
  const raw = bands.reduce((sum, band) => sum + band.worth * fillValue(band.filled), 0);
  return { id: axis.id, label: axis.label, kind, raw, best: bestOnAxis(axis, brief, mains.length), bands };
}

/** Sum by id, so that floating-point addition cannot feel the order of the goods. */
const inOrder = <M extends Main>(mains: readonly M[]): M[] =>
  [...mains].sort((a, b) => (a.id < b.id ? -1 : 1));

/** Measure a selection of cheeses and meats for a brief. An empty selection has dial 0. */
export function measure(selection: readonly Main[], brief: Brief): Balance {
  const mains = inOrder(selection);
  const cheeses: Cheese[] = mains.filter(isCheese);
  const meats: Meat[] = mains.filter(isMeat);
  const axes = [
    ...axesOf('cheese').map((axis) => scoreAxis(axis, 'cheese', cheeses, brief)),
    ...axesOf('meat').map((axis) => scoreAxis(axis, 'meat', meats, brief)),
  ];
  const raw = axes.reduce((sum, axis) => sum + axis.raw, 0);
  const best = axes.reduce((sum, axis) => sum + axis.best, 0);
  const dial = best > 0 ? (100 * raw) / best : 0;
  const qualities = mains.map(qualityOf);
  const fits = mains.flatMap((main) => fitsOf(main, brief));
  const alike = mains.flatMap((a, i) => mains.slice(i + 1).flatMap((b) => samenessOf(a, b)));
  const total = (reasons: readonly Reason[]) => reasons.reduce((sum, r) => sum + r.effect, 0);
  const quality = total(qualities);
  const fit = total(fits);
  const sameness = total(alike);
  const rise = riseOf(cheeses.map((cheese) => cheese.sense.intensity));
  return {
    raw,
    best,
    dial,
    axes,
    quality,
    fit,
    sameness,
    rise,
    value: dial + quality + fit + sameness + rise,
    remarks: [...fits, ...alike],
  };
}
