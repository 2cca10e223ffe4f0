import { densityOf, trimOf, type Cheese, type Good, type Meat } from '../counter/index.js';
import { yieldOf } from './yields.js';

/** What stays on knife, wire and paper. Common practice, no source. */
const CUT_LOSS = 0.02;
/** A peeled casing and its ends. Common practice, no source. */
const CASING_LOSS = 0.04;

const within = (size: number | null, trim: number): number =>
  size === null ? 1 : Math.max(0, size - 2 * trim) / size;

/**
 * Share of a cheese's weight inside its trimmed rind, 0 to 1, by the geometry of the whole piece:
 * a sector of a wheel has the same share of rind as the wheel. Missing measures count as untrimmed.
 */
export function edibleByRind(cheese: Cheese): number {
  const t = trimOf(cheese.rind);
  if (t === 0) return 1;
  const { shape, diameter, height, length, width } = cheese.form;
  switch (shape) {
    case 'wheel':
    case 'half wheel':
    case 'quarter wheel':
    case 'wedge':
    case 'drum':
    case 'tub':
      return within(diameter, t) ** 2 * within(height, t);
    case 'log':
    case 'whole sausage':
      return within(diameter, t) ** 2 * within(length, t);
    case 'ball':
      return within(diameter, t) ** 3;
    default:
      return within(length, t) * within(width, t) * within(height, t);
  }
}

/** Shares of a meat's weight that are lost: the casing of what is bought, then what stays on the slicer of the rest. */
export const meatLosses = ({ contents, casingEaten }: Meat): { casing: number; slicing: number } => ({
  casing: contents.casing === 'none' || casingEaten ? 0 : CASING_LOSS,
  slicing: CUT_LOSS,
});

const edibleMeat = (meat: Meat): number => {
  const { casing, slicing } = meatLosses(meat);
  return (1 - casing) * (1 - slicing);
};

/** Grams eaten for each gram bought, 0 to 1: rind or casing off, peel, stones and brine, and the loss in cutting. */
export function edibleShare(good: Good): number {
  if (good.kind === 'cheese') return edibleByRind(good) * (1 - CUT_LOSS);
  if (good.kind === 'meat') return edibleMeat(good);
  if (good.kind === 'companion') return yieldOf(good)?.share ?? 1;
  return 1;
}

/** Weight of one slice of a meat as it is cut, g; null for what is spread. */
export const sliceGramsOf = ({ build, slice, form }: Meat): number | null =>
  build === 'spreadable' ? null : (Math.PI / 4) * slice.diameter ** 2 * slice.mm * densityOf(form);
