import type { Main } from '../counter/index.js';
import type { Brief } from '../brief/index.js';
import { linearAt, reason, reasonKey, memoised, subjectOf, type Reason } from '../units/index.js';
import { axesOf } from './axes.js';
import type { AxisId } from './axisIds.js';
import { bandWorths, bestOnAxis, bestRaw, openWorth, partsOf, type Part } from './parts.js';
import { SAMENESS, type SamenessRule } from './sameness.js';
import { fitsOf, qualityOf, type FitRule } from './terms.js';
import { heldAxes } from './theme.js';

/** The balance measure (docs/rooms/balance.md). Pure; the order of the goods never matters. */

export interface BandFill {
  readonly id: string;
  /** Weight of the axis times the band's share of the wants. */
  readonly worth: number;
  readonly filled: number;
}

export interface AxisScore {
  readonly id: AxisId;
  readonly kind: Main['kind'];
  /** Raw points; they only grow as goods are added. */
  readonly raw: number;
  /** The most raw points that a number of goods could reach. */
  readonly best: number;
  readonly bands: readonly BandFill[];
  /** A theme or a flight holds this axis: it has no weight. */
  readonly held: boolean;
}

export type Remark = Reason<FitRule | SamenessRule>;

export interface Balance {
  /** Raw value R: the sum over the axes. Compare this across counts and prices. */
  readonly raw: number;
  readonly best: number;
  /** 0 to 100: R over the best R for the count, features freely combined. */
  readonly dial: number;
  readonly axes: readonly AxisScore[];
  readonly quality: number;
  readonly fit: number;
  readonly sameness: number;
  readonly rise: number;
  /** 100 times the mean difference between two cheeses, under the contrast school; else null. */
  readonly contrast: number | null;
  /** What the optimiser maximises: the parts below together. */
  readonly value: number;
  /** Signed points of the value by part: axes (or contrast), quality, fit, each sameness, rise. They add up to it. */
  readonly parts: ReadonlyMap<string, number>;
  /** How each good suits this table, and which say the same. */
  readonly remarks: readonly Remark[];
}

export const KINDS = ['cheese', 'meat'] as const;
export type MainKind = (typeof KINDS)[number];
export type Counts = Readonly<Record<MainKind, number>>;

/** The parts for one pair of counts, with what a point of each is worth in the value. */
export interface Ready {
  readonly best: Counts;
  readonly bestTotal: number;
  readonly parts: readonly { readonly part: Part; readonly scale: number }[];
}

/** @param brief with its schools settled (brief/schools.ts) */
export function readyFor(brief: Brief, counts: Counts): Ready {
  const best = {
    cheese: bestRaw('cheese', brief, counts.cheese),
    meat: bestRaw('meat', brief, counts.meat),
  };
  const bestTotal = best.cheese + best.meat;
  const perRaw = bestTotal > 0 ? 100 / bestTotal : 0;
  const contrast = brief.schools.aim === 'contrast';
  const scaleOf = (part: Part): number => {
    if (part.of === 'axis') return contrast && part.kind === 'cheese' ? 0 : perRaw;
    return part.of === 'contrast' && bestTotal > 0 ? best.cheese / bestTotal : 1;
  };
  return {
    best,
    bestTotal,
    parts: KINDS.flatMap((kind) =>
      partsOf(kind, brief, counts[kind]).map((part) => ({ part, scale: scaleOf(part) })),
    ),
  };
}

/** Name of a part in the account of a value: an axis that both kinds have has two names. */
export const partName = ({ id, kind, of }: Part): string =>
  of === 'axis' || of === 'contrast' ? `${kind} ${id}` : id;

/** Sum by id, so that floating-point addition cannot feel the order of the goods. */
const inOrder = <M extends Main>(mains: readonly M[]): M[] =>
  [...mains].sort((a, b) => (a.id < b.id ? -1 : 1));

const worthOf = (worths: readonly number[], fill: number) => linearAt(worths, 0, worths.length - 1, fill);

const total = (reasons: readonly Reason[]) => reasons.reduce((sum, r) => sum + r.effect, 0);

function fillsOf(part: Part, mains: readonly Main[]): Map<string, number> {
  const fills = new Map<string, number>();
  for (const main of mains)
    for (const [band, share] of Object.entries(part.membership(main)))
      fills.set(band, (fills.get(band) ?? 0) + share);
  return fills;
}

function axisScore(part: Part, fills: Map<string, number>, brief: Brief, n: number, raw: number): AxisScore {
  const axis = axesOf(part.kind, brief).find((a) => a.id === part.id)!;
  const worths = bandWorths(axis, brief);
  const ids = worths ? [...worths.keys()] : [...fills.keys()].sort();
  return {
    id: axis.id,
    kind: part.kind,
    raw,
    best: bestOnAxis(axis, brief, n),
    bands: ids.map((id) => ({
      id,
      worth: worths?.get(id) ?? openWorth(axis),
      filled: fills.get(id) ?? 0,
    })),
    held: heldAxes(brief, part.kind).has(axis.id),
  };
}

/** What is remarked of a class of goods that say the same. */
function remarkOf(part: Part, band: string, effect: number, mains: readonly Main[]): Reason<SamenessRule> {
  const row = SAMENESS.find((r) => r.id === part.id)!;
  const inside = mains.filter((main) => part.membership(main)[band]);
  const subject = subjectOf(inside.map((main) => main.id));
  return reason(row.id, { names: inside.map((main) => main.name) }, { subject, effect });
}

/** One remark for each row and set of goods, its cost summed: overlapping windows name the same two goods twice. */
function gathered(remarks: readonly Reason<SamenessRule>[]): Reason<SamenessRule>[] {
  const sums = new Map<string, Reason<SamenessRule>>();
  for (const r of remarks) {
    const key = reasonKey(r);
    sums.set(key, { ...r, effect: r.effect + (sums.get(key)?.effect ?? 0) });
  }
  return [...sums.values()];
}

/** A measure for one brief. It makes the parts ready once for each count, so that many selections are quick to measure. */
export function measurer(brief: Brief): (selection: readonly Main[]) => Balance {
  const ready = memoised((counts: string) => {
    const [cheese, meat] = counts.split(' ').map(Number);
    return readyFor(brief, { cheese: cheese!, meat: meat! });
  });
  return (selection) => {
    const mains = inOrder(selection);
    const ofKind = {
      cheese: mains.filter((m) => m.kind === 'cheese'),
      meat: mains.filter((m) => m.kind === 'meat'),
    };
    const { bestTotal, parts } = ready(`${ofKind.cheese.length} ${ofKind.meat.length}`);
    const account = new Map<string, number>();
    const sums = { axis: 0, sameness: 0, rise: 0, contrast: 0 };
    const axes: AxisScore[] = [];
    const remarks: Reason<SamenessRule>[] = [];
    for (const { part, scale } of parts) {
      const own = ofKind[part.kind];
      const fills = fillsOf(part, own);
      let points = 0;
      const bands = new Set([...part.always, ...fills.keys()]);
      for (const band of bands) {
        const worth = worthOf(part.worths(band), fills.get(band) ?? 0);
        points += worth;
        if (part.of === 'sameness' && worth < 0) remarks.push(remarkOf(part, band, worth, own));
      }
      sums[part.of] += points;
      if (scale !== 0) account.set(partName(part), points * scale);
      if (part.of === 'axis') axes.push(axisScore(part, fills, brief, own.length, points));
    }
    const fits = mains.flatMap((main) => fitsOf(main, brief));
    const quality = total(mains.map((main) => qualityOf(main, brief)));
    const fit = total(fits);
    account.set('quality', quality);
    account.set('fit', fit);
    return {
      raw: sums.axis,
      best: bestTotal,
      dial: bestTotal > 0 ? (100 * sums.axis) / bestTotal : 0,
      axes,
      quality,
      fit,
      sameness: sums.sameness,
      rise: sums.rise,
      contrast: brief.schools.aim === 'contrast' ? sums.contrast : null,
      value: [...account.values()].reduce((a, b) => a + b, 0),
      parts: account,
      remarks: [...fits, ...gathered(remarks)],
    };
  };
}

/** Measure a selection of cheeses and meats for a brief whose schools are settled. An empty selection has dial 0. */
export const measure = (selection: readonly Main[], brief: Brief): Balance => measurer(brief)(selection);
