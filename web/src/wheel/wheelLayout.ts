import { ageOn, MILKS, TEXTURES, type AxisScore, type Cheese, type Milk, type Texture } from '@rotula/core';
import { polar, type Point } from './polar';

/** Where everything stands on the balance wheel: angle is texture, distance from the hub is intensity. */

export const SIZE = 600;
export const CENTRE = SIZE / 2;
export const HUB = 34;
export const FIELD = 218;
export const LABELS = 227;
export const RIM = { inner: 252, outer: 268, label: 275 };
export const TOKEN = 31;
const SECTOR = 360 / TEXTURES.length;

export interface Sector {
  readonly texture: (typeof TEXTURES)[number];
  readonly from: number;
  readonly to: number;
  readonly filled: number;
  readonly wanted: boolean;
}

/** Who is served a grating cheese is not told that a hard one is missing. */
const STANDS_FOR: Partial<Record<Texture, Texture>> = { hard: 'very hard' };

/**
 * The nine families. One is wanted when it is empty and more worth than a family that the selection has, or when a
 * place is spent on a second of some family while this one of the most wanted stands empty; never one that the table
 * may not have, nor one that another stands for.
 * @param families those that some allowed cheese of the counter could fill
 */
export function sectorsOf(axes: readonly AxisScore[], families: ReadonlySet<Texture>): Sector[] {
  const bands = axes.find((axis) => axis.id === 'texture')!.bands;
  const filled = bands.filter((band) => band.filled > 0);
  const has = (id: Texture | undefined) => filled.some((band) => band.id === id);
  const empty = bands.filter(
    (band) => band.filled === 0 && families.has(band.id as Texture) && !has(STANDS_FOR[band.id as Texture]),
  );
  const doubled = filled.some((band) => band.filled > 1);
  const least = Math.min(...filled.map((band) => band.worth));
  const most = Math.max(...empty.map((band) => band.worth));
  return TEXTURES.map((texture, i) => {
    const band = bands.find((b) => b.id === texture)!;
    const wanted =
      filled.length > 0 &&
      empty.includes(band) &&
      (band.worth > least + 1e-9 || (doubled && band.worth >= most - 1e-9));
    return { texture, from: (i - 0.5) * SECTOR, to: (i + 0.5) * SECTOR, filled: band.filled, wanted };
  });
}

export interface Token {
  readonly cheese: Cheese;
  readonly point: Point;
  /** Share of the ring that its age fills, on a log scale from a day to ten years. */
  readonly age: number;
}

const radiusOf = (cheese: Cheese) => HUB + ((FIELD - TOKEN - HUB) * cheese.sense.intensity) / 10 + TOKEN / 2;
const TEN_YEARS = Math.log(3650);

/** Tokens stay this far inside the edges of their sector, degrees. */
const EDGE = 4;

/**
 * A place for each cheese. Those of one family whose strengths are so near that they would hide each other stand
 * side by side, as far apart as their sector has room for.
 */
export function tokensOf(cheeses: readonly Cheese[], on: string): Token[] {
  return cheeses.map((cheese) => {
    const radius = radiusOf(cheese);
    const crowd = cheeses.filter(
      (c) => c.texture === cheese.texture && Math.abs(radiusOf(c) - radius) < 2 * TOKEN,
    );
    const apart = 2 * (180 / Math.PI) * Math.asin(Math.min(1, (TOKEN + 2) / radius));
    const room = (SECTOR - 2 * EDGE) / Math.max(1, crowd.length - 1);
    const offset = (crowd.indexOf(cheese) - (crowd.length - 1) / 2) * Math.min(apart, room);
    return {
      cheese,
      point: polar(CENTRE, radius, TEXTURES.indexOf(cheese.texture) * SECTOR + offset),
      age: Math.min(1, Math.log(Math.max(1, ageOn(cheese, on))) / TEN_YEARS),
    };
  });
}

export interface MilkArc {
  readonly milk: Milk;
  readonly share: number;
  readonly from: number;
  readonly to: number;
}

const GAP = 3;

/** The rim: each milk's share of the cheeses, in the order of the table. */
export function milkArcs(cheeses: readonly Cheese[]): MilkArc[] {
  const share = (milk: Milk) =>
    cheeses.reduce((sum, c) => sum + (c.milk.find((m) => m.animal === milk)?.share ?? 0), 0);
  const present = MILKS.map((milk) => ({ milk, share: share(milk) })).filter((m) => m.share > 0);
  const total = present.reduce((sum, m) => sum + m.share, 0);
  let at = 0;
  return present.map(({ milk, share: s }) => {
    const from = at;
    at += (360 * s) / total;
    return { milk, share: s, from: from + GAP / 2, to: Math.min(at - GAP / 2, from + 359.9) };
  });
}
