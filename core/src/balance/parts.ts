import { ageOn, mainMilk, type Cheese, type Main } from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { sightOf } from '../sense/index.js';
import { AGES, axesOf, OPEN_WANT, type Axis } from './axes.js';
import { bestFill, fillValue } from './fill.js';
import { SAMENESS } from './sameness.js';
import { heldAxes } from './theme.js';

/**
 * The value of a selection is a sum of parts, and every part is a sum over bands of a concave function of how full the
 * band is. Measure and optimiser read the same parts, so they cannot disagree (docs/rooms/balance.md).
 */
export interface Part {
  readonly id: string;
  readonly kind: Main['kind'];
  readonly of: 'axis' | 'sameness' | 'rise' | 'contrast';
  /** Bands that a good belongs to, and how wholly. */
  readonly membership: (main: Main) => Readonly<Record<string, number>>;
  /** Points of one band at 0, 1, 2 ... n whole goods; linear between, concave. Axis parts are in raw points. */
  readonly worths: (band: string) => readonly number[];
  /** Bands that are judged even when nothing lies in them; all others are worth 0 empty. */
  readonly always: readonly string[];
}

const upTo = (n: number) => Array.from({ length: n + 1 }, (_, count) => count);

/** Worth of each band: the axis' weight shared by its wants. An open axis returns null: each of its bands is worth the same. */
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

/** The best raw value for a count: every axis filled where it is steepest, features freely combined. */
export const bestRaw = (kind: Main['kind'], brief: Brief, n: number): number =>
  axesOf(kind, brief).reduce((sum, axis) => sum + bestOnAxis(axis, brief, n), 0);

function axisParts(kind: Main['kind'], brief: Brief, n: number): Part[] {
  const fills = upTo(n).map(fillValue);
  return axesOf(kind, brief).map((axis) => {
    const worths = bandWorths(axis, brief);
    const known = new Map([...(worths ?? [])].map(([id, worth]) => [id, fills.map((f) => worth * f)]));
    const open = fills.map((f) => openWorth(axis) * f);
    return {
      id: axis.id,
      kind,
      of: 'axis',
      membership: (main) => axis.membership(main, brief),
      worths: (band) => known.get(band) ?? open,
      always: [],
    };
  });
}

function samenessParts(kind: Main['kind'], brief: Brief, n: number): Part[] {
  const held = heldAxes(brief, kind);
  return SAMENESS.filter(
    (row) => row.kind === kind && row.reads.filter((axis) => !held.has(axis)).length >= row.needs,
  ).map((row) => {
    const costs = upTo(n).map((count) => -row.cost(count, n));
    return {
      id: row.id,
      kind,
      of: 'sameness',
      membership: (main) => Object.fromEntries(row.classes(main, held).map((name) => [name, 1])),
      worths: () => costs,
      always: [],
    };
  });
}

/** Whole points of strength at which goods are counted: how many are no stronger than t. */
const THRESHOLDS = [0.5, 1.5, 2.5, 3.5, 4.5, 5.5, 6.5, 7.5, 8.5, 9.5];
/** Points of the dial for one point of strength that one cheese stands off its rung. */
const RISE_WEIGHT = 0.4;
const MILDEST_RUNG = 2;
/** A timid table climbs to 6, an adventurous one to 9. */
const strongestRung = ({ adventurous }: Brief) => 5.5 + 0.7 * adventurous;

/** How wholly a strength lies at or below the step around t: 1 below it, 0 above, shared within. */
export const below = (t: number, strength: number): number => Math.max(0, Math.min(1, t + 0.5 - strength));

/** The even ladder that a selection is held against: n rungs from mild to as strong as this table likes. */
export const ladder = (brief: Brief, n: number): number[] =>
  n < 2 ? [] : upTo(n - 1).map((i) => MILDEST_RUNG + ((strongestRung(brief) - MILDEST_RUNG) * i) / (n - 1));

/**
 * The rise: minus the strength that would have to be moved to make an even ladder (the earth mover's distance between
 * the strengths and the rungs, counted at whole goods). Never above 0; none under three cheeses.
 */
function risePart(brief: Brief, n: number): Part[] {
  if (n < 3 || heldAxes(brief, 'cheese').has('intensity')) return [];
  const rungs = ladder(brief, n);
  const worths = new Map(
    THRESHOLDS.map((t) => {
      const wanted = rungs.reduce((sum, rung) => sum + below(t, rung), 0);
      return [String(t), upTo(n).map((count) => -RISE_WEIGHT * Math.abs(count - wanted))];
    }),
  );
  return [
    {
      id: 'rise',
      kind: 'cheese',
      of: 'rise',
      membership: (main) => {
        const shares = THRESHOLDS.map((t) => [String(t), below(t, main.sense.intensity)] as const);
        return Object.fromEntries(shares.filter(([, share]) => share > 0));
      },
      worths: (band) => worths.get(band)!,
      always: [...worths.keys()],
    },
  ];
}

/** Where a cheese stands on each scale that the contrast school compares, in whole steps from 0. */
interface Contrast {
  readonly axis: string;
  /** `name`: two differ or they do not. `step`: they differ by the steps between them, of `steps` in all. */
  readonly compares: 'name' | 'step';
  readonly steps: number;
  readonly of: (cheese: Cheese, brief: Brief) => string | number;
}

const ageStep = (cheese: Cheese, brief: Brief): number => {
  const log = Math.log(Math.max(1, ageOn(cheese, brief.servingAt)));
  const distance = AGES.map(([, centre]) => Math.abs(centre - log));
  return distance.indexOf(Math.min(...distance));
};

const CONTRASTS: readonly Contrast[] = [
  { axis: 'texture', compares: 'name', steps: 1, of: (c) => c.texture },
  { axis: 'milk', compares: 'name', steps: 1, of: mainMilk },
  { axis: 'intensity', compares: 'step', steps: 10, of: (c) => Math.round(c.sense.intensity) },
  { axis: 'age', compares: 'step', steps: AGES.length - 1, of: ageStep },
  { axis: 'flavour', compares: 'name', steps: 1, of: (c) => c.flavours[0] ?? '' },
  { axis: 'sight', compares: 'name', steps: 1, of: sightOf },
  { axis: 'origin', compares: 'name', steps: 1, of: (c) => c.origin.region || c.origin.country },
];

/** The share of a whole difference between two cheeses, 0 to 1, by the weights of the axes that are not held. */
export function differenceOf(a: Cheese, b: Cheese, brief: Brief): number {
  const axes = axesOf('cheese', brief);
  const weightOf = (id: string) => axes.find((axis) => axis.id === id)!.weight;
  let sum = 0;
  let weights = 0;
  for (const { axis, compares, steps, of } of CONTRASTS) {
    const [x, y] = [of(a, brief), of(b, brief)];
    const apart = compares === 'name' ? Number(x !== y) : Math.abs(Number(x) - Number(y)) / steps;
    sum += weightOf(axis) * apart;
    weights += weightOf(axis);
  }
  return weights > 0 ? sum / weights : 0;
}

/**
 * The second objective, on pairs: 100 times the mean difference between two cheeses of the selection. Pairs that differ
 * in name are all pairs less those in one band; pairs apart in steps are counted at each step, below times above. Both
 * are concave in the counts, so the same optimiser solves them exactly.
 */
function contrastParts(brief: Brief, n: number): Part[] {
  if (n < 2) return [];
  const axes = axesOf('cheese', brief);
  const weightOf = (id: string) => axes.find((axis) => axis.id === id)!.weight;
  const weights = CONTRASTS.reduce((sum, row) => sum + weightOf(row.axis), 0);
  const allPairs = (n * (n - 1)) / 2;
  return CONTRASTS.map(({ axis, compares, steps, of }) => {
    const scale = weights > 0 ? (100 * weightOf(axis)) / weights / allPairs : 0;
    const part = { id: axis, kind: 'cheese', of: 'contrast', always: [] } as const;
    if (compares === 'name') {
      // Each good brings its own share of all pairs; a band takes back the pairs inside it.
      const worths = upTo(n).map((c) => scale * ((c * (n - 1)) / 2 - (c * (c - 1)) / 2));
      return {
        ...part,
        membership: (main: Main) => ({ [`is ${of(main as Cheese, brief)}`]: 1 }),
        worths: () => worths,
      };
    }
    const worths = upTo(n).map((c) => (scale * c * (n - c)) / steps);
    return {
      ...part,
      membership: (main: Main) => {
        const at = Number(of(main as Cheese, brief));
        return Object.fromEntries(Array.from({ length: steps - at }, (_, i) => [`up to ${at + i}`, 1]));
      },
      worths: () => worths,
    };
  });
}

/** The parts of a selection of `n` goods of one kind, for a brief whose schools are settled. */
export function partsOf(kind: Main['kind'], brief: Brief, n: number): Part[] {
  const contrast = kind === 'cheese' && brief.schools.aim === 'contrast';
  return [
    ...axisParts(kind, brief, n),
    ...(contrast
      ? contrastParts(brief, n)
      : [...samenessParts(kind, brief, n), ...(kind === 'cheese' ? risePart(brief, n) : [])]),
  ];
}
