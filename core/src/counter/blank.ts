import { isSaid, type BasisField } from './basis.js';
import { memoised } from '../units/index.js';
import { reestimated } from './estimate.js';
import { Good } from './good.js';
import { SENSES, type GoodKind } from './words.js';

/** What a new good starts from: the commonest of its kind, with everything that is not known left unknown. */

/** Until it is estimated (estimate.ts). */
const SENSE = Object.fromEntries(SENSES.map((scale) => [scale, 0]));

const BLANKS: Record<GoodKind, Record<string, unknown>> = {
  cheese: {
    sense: SENSE,
    price: { amount: 0, per: 'kg' },
    pack: { form: 'cut to order' },
    colours: ['#e9d6a2'],
    texture: 'firm',
    milk: [{ animal: 'cow', share: 1 }],
    ageDays: 120,
    rind: { kind: 'natural', mm: 3, verdict: 'cut off' },
    form: { shape: 'wheel', grams: 4000, diameter: 240, height: 90 },
    paste: 'supple',
  },
  meat: {
    sense: SENSE,
    price: { amount: 0, per: 'kg' },
    pack: { form: 'sliced to order' },
    colours: ['#a8473e'],
    animals: [{ animal: 'pork', share: 1 }],
    build: 'coarse',
    process: 'fermented',
    calibre: 'medium',
    ageDays: 60,
    form: { shape: 'whole sausage', grams: 800, diameter: 60, length: 250 },
    slice: { mm: 1.5, diameter: 60 },
  },
  companion: {
    sense: SENSE,
    price: { amount: 0, per: 'pack' },
    pack: { form: 'jar', grams: 250 },
    colours: ['#c9782b'],
    role: 'preserve',
    crunch: 0,
    juice: 3,
  },
  drink: {
    sense: SENSE,
    price: { amount: 0, per: 'piece' },
    pack: { form: 'bottle', ml: 750 },
    colours: ['#e7dc9a'],
    type: 'white',
    abv: 12.5,
    residualSugar: 3,
    totalAcidity: 6,
    tannin: 0,
    bubbles: 0,
    body: 4,
  },
  ware: {
    price: { amount: 0, per: 'piece' },
    pack: { form: 'piece' },
    colours: ['#8a6b4a'],
    use: 'board',
    length: 430,
    width: 280,
  },
};

/** Fields of a new good that hold only place holders until somebody states them. */
const NOT_KNOWN: Record<GoodKind, readonly BasisField[]> = {
  cheese: ['animal', 'making', 'age', 'rind', 'shape', 'price'],
  meat: ['animal', 'making', 'age', 'shape', 'price'],
  companion: ['making', 'price', 'pack'],
  drink: ['making', 'price', 'pack'],
  ware: ['making', 'shape', 'price'],
};

/** The blank of a kind with every default filled in, parsed once: lists make thousands of goods. */
const filledIn = memoised((kind: GoodKind): Good => {
  const estimated = kind === 'ware' ? undefined : [...SENSES];
  const from = Object.fromEntries(NOT_KNOWN[kind].map((field) => [field, 'not known']));
  return reestimated(Good.parse({ kind, id: 'x', name: 'x', style: 'x', estimated, from, ...BLANKS[kind] }));
});

const copied = (value: unknown): unknown =>
  Array.isArray(value) ? [...value] : value && typeof value === 'object' ? { ...value } : value;

/** A new good of a kind before its name is checked, to be built on: its parts are its own. */
export const blankOf = (kind: GoodKind, name: string, id: string, style: string): Good => ({
  ...(Object.fromEntries(
    Object.entries(filledIn(kind)).map(([key, value]) => [key, copied(value)]),
  ) as unknown as Good),
  id,
  name,
  style,
});

/** A new good of a kind, under an id that is not taken. @throws ZodError where name or style is none */
export const blankGood = (kind: GoodKind, name: string, id: string, style: string): Good =>
  Good.parse(blankOf(kind, name, id, style));

/** An id like the one that was wanted, with a number behind it where it is taken. */
export function freeId(wanted: string, taken: (id: string) => boolean): string {
  const base = wanted || 'good';
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`;
    if (!taken(id)) return id;
  }
}

/**
 * Money at risk: what the small end cost against what a whole piece would, in the smallest unit of money; `whole` is null
 * where price or size is a guess. Null for a good that is no trial.
 */
export function moneyAtRisk(good: Good): { paid: number; whole: number | null } | null {
  if (!good.trial) return null;
  // Of a place holder nothing can be reckoned.
  if (!isSaid(good, 'price') || !isSaid(good, 'shape')) return { paid: good.trial.paid, whole: null };
  const grams = good.kind === 'cheese' || good.kind === 'meat' ? good.form.grams : null;
  const whole =
    good.price.per === 'kg' && grams !== null
      ? Math.round((good.price.amount * grams) / 1000)
      : good.price.amount;
  return { paid: good.trial.paid, whole };
}
