import { grams, type Grams } from '../units/index.js';
import type { Cheese, Good, Main } from './good.js';
import type { Form } from './measures.js';
import type { MeatAnimal, Milk } from './words.js';

/** Mid of the range for close-textured cheese and dry-cured meat (practice.csv: 1030-1130 and 1050-1120 kg/m3). */
const USUAL_DENSITY = 1.08e-3;

/**
 * Volume of a whole piece in mm3, from its measures; null when a measure it needs is not known.
 * A wedge is a sector of a wheel with `diameter` and `height`, told by its weight, so it has no volume of its own.
 */
export function volumeOf(form: Form): number | null {
  const { shape, diameter: d, height: h, length: l, width: w } = form;
  const disc = d === null ? null : (Math.PI * d * d) / 4;
  switch (shape) {
    case 'wheel':
    case 'drum':
    case 'tub':
      return disc !== null && h !== null ? disc * h : null;
    case 'half wheel':
      return disc !== null && h !== null ? (disc * h) / 2 : null;
    case 'quarter wheel':
      return disc !== null && h !== null ? (disc * h) / 4 : null;
    case 'log':
    case 'whole sausage':
      return disc !== null && l !== null ? disc * l : null;
    case 'ball':
      return d !== null ? (Math.PI * d ** 3) / 6 : null;
    case 'pyramid':
      // A frustum whose top is half as wide as its base: V = h/3 (A + a + sqrt(A a)).
      return w !== null && h !== null ? (h / 3) * (w * w + (w * w) / 4 + (w * w) / 2) : null;
    case 'square':
    case 'block':
      return l !== null && w !== null && h !== null ? l * w * h : null;
    case 'wedge':
    case 'sliced':
      return null;
  }
}

/** Grams per mm3 of a whole piece: its weight over its volume, or the usual density where the volume is not known. */
export function densityOf(form: Form): number {
  const volume = volumeOf(form);
  return volume ? form.grams / volume : USUAL_DENSITY;
}

/** The milk with the largest share; the earlier in the alphabet of a tie. */
export const mainMilk = (cheese: Cheese): Milk =>
  [...cheese.milk].sort((a, b) => b.share - a.share || a.animal.localeCompare(b.animal))[0]!.animal;

/** Every animal in a good: milk or meat. */
export const animalsIn = (main: Main): (Milk | MeatAnimal)[] =>
  (main.kind === 'cheese' ? main.milk : main.animals).map((a) => a.animal);

/** Net content of one pack in grams (a ml counts as a gram for what is not a drink); null for weighed goods. */
export function packGrams(good: Good): Grams | null {
  if (good.pack.grams !== null) return good.pack.grams;
  return good.pack.ml !== null ? grams(good.pack.ml) : null;
}
