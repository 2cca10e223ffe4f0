import { grams, type Grams } from '../units/index.js';
import type { Cheese, Good, Main } from './good.js';
import type { Form } from './measures.js';
import type { MeatAnimal, Milk } from './words.js';

/** Mid of the range for close-textured cheese and dry-cured meat (practice.csv: 1030-1130 and 1050-1120 kg/m3). */
export const USUAL_DENSITY = 1.08e-3;

type Measure = 'diameter' | 'height' | 'length' | 'width';
interface Solid {
  readonly needs: readonly Measure[];
  readonly volume: (of: Readonly<Record<Measure, number>>) => number;
}

const disc = (diameter: number): number => (Math.PI * diameter * diameter) / 4;
const cylinder = (share: number): Solid => ({
  needs: ['diameter', 'height'],
  volume: ({ diameter, height }) => share * disc(diameter) * height,
});
const ROD: Solid = {
  needs: ['diameter', 'length'],
  volume: ({ diameter, length }) => disc(diameter) * length,
};
const BOX: Solid = {
  needs: ['length', 'width', 'height'],
  volume: ({ length, width, height }) => length * width * height,
};

/** mm3 by shape. A wedge is a sector of a wheel with the measures that follow from its weight, so it has no volume of its own; no more has what is sliced. */
const SOLIDS: Readonly<Record<Form['shape'], Solid | null>> = {
  wheel: cylinder(1),
  drum: cylinder(1),
  tub: cylinder(1),
  'half wheel': cylinder(1 / 2),
  'quarter wheel': cylinder(1 / 4),
  log: ROD,
  'whole sausage': ROD,
  ball: { needs: ['diameter'], volume: ({ diameter }) => (Math.PI * diameter ** 3) / 6 },
  // A frustum whose top is half as wide as its base: V = h/3 (A + a + sqrt(A a)).
  pyramid: {
    needs: ['width', 'height'],
    volume: ({ width: w, height }) => (height / 3) * (w * w + (w * w) / 4 + (w * w) / 2),
  },
  square: BOX,
  block: BOX,
  wedge: null,
  sliced: null,
};

/** Volume of a whole piece in mm3, from its measures; null when a measure it needs is not known. */
export function volumeOf(form: Form): number | null {
  const solid = SOLIDS[form.shape];
  if (!solid || solid.needs.some((measure) => form[measure] === null)) return null;
  return solid.volume(form as Readonly<Record<Measure, number>>);
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
