import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import {
  Cheese,
  Companion,
  CounterFile,
  Drink,
  Meat,
  MEAT_ANIMALS,
  MILKS,
  TEXTURES,
  withReading,
  withReadings,
  type Good,
  type Main,
} from '../counter/index.js';

/** Goods for tests, with everything that a test does not care about filled in. */

const SENSE = {
  sweet: 2,
  sour: 2,
  salty: 4,
  bitter: 1,
  umami: 4,
  fat: 6,
  heat: 0,
  smoke: 0,
  funk: 2,
  intensity: 4,
  persistence: 4,
};
const SAFE = {
  allergens: { contains: ['milk'], rest: 'free' },
  contents: {
    rennet: 'microbial',
    casing: 'none',
    gelatine: 'none',
    blood: 'no',
    alcohol: 'no',
    honey: 'no',
  },
};

type Loose = Record<string, unknown>;

export const aCheese = (id: string, more: Loose = {}, sense: Loose = {}): Cheese =>
  withReading(
    Cheese.parse({
      kind: 'cheese',
      id,
      name: id,
      style: 'test cheese',
      origin: { region: 'here', country: '' },
      price: { amount: 2000, per: 'kg' },
      pack: { form: 'cut to order' },
      colours: ['#e9d6a2'],
      sense: { ...SENSE, ...sense },
      flavours: ['milky'],
      texture: 'firm',
      milk: [{ animal: 'cow', share: 1 }],
      treatment: 'pasteurised',
      ageDays: 120,
      rind: { kind: 'none', mm: 0, verdict: 'none' },
      form: { shape: 'wheel', grams: 4000, diameter: 220, height: 100 },
      paste: 'supple',
      ...SAFE,
      ...more,
    }),
  );

export const aMeat = (id: string, more: Loose = {}, sense: Loose = {}): Meat =>
  withReading(
    Meat.parse({
      kind: 'meat',
      id,
      name: id,
      style: 'test meat',
      price: { amount: 3000, per: 'kg' },
      pack: { form: 'sliced to order' },
      colours: ['#a8473e'],
      sense: { ...SENSE, ...sense },
      animals: [{ animal: 'pork', share: 1 }],
      build: 'coarse',
      process: 'fermented',
      calibre: 'medium',
      ageDays: 60,
      form: { shape: 'whole sausage', grams: 800, diameter: 60, length: 250 },
      slice: { mm: 1.5, diameter: 60 },
      ...SAFE,
      allergens: { rest: 'free' },
      ...more,
    }),
  );

export const aCompanion = (id: string, more: Loose = {}, sense: Loose = {}): Companion =>
  withReading(
    Companion.parse({
      kind: 'companion',
      id,
      name: id,
      style: 'test companion',
      price: { amount: 1000, per: 'kg' },
      pack: { form: 'loose' },
      colours: ['#c9c46a'],
      sense: { ...SENSE, fat: 0, salty: 0, funk: 0, ...sense },
      role: 'fruit',
      crunch: 3,
      juice: 5,
      ...SAFE,
      allergens: { rest: 'free' },
      ...more,
    }),
  );

export const aDrink = (id: string, more: Loose = {}): Drink =>
  withReading(
    Drink.parse({
      kind: 'drink',
      id,
      name: id,
      style: 'test wine',
      price: { amount: 1400, per: 'piece' },
      pack: { form: 'bottle', ml: 750 },
      colours: ['#7a2b3a'],
      sense: SENSE,
      type: 'red',
      abv: 12.5,
      residualSugar: 2,
      totalAcidity: 5.5,
      tannin: 4,
      bubbles: 0,
      body: 5,
      ...SAFE,
      allergens: { rest: 'free' },
      ...more,
    }),
  );

/**
 * Cheeses with correlated traits, as on a real counter: fresh is young and mild, cow dominates.
 */
export const cheeses = (min: number, max: number): fc.Arbitrary<Cheese[]> =>
  fc
    .array(
      fc.record({
        texture: fc.constantFrom(...TEXTURES),
        milk: fc.constantFrom('cow', 'cow', 'cow', ...MILKS),
        blend: fc.boolean(),
        jitter: fc.integer({ min: 0, max: 10 }),
        colour: fc.constantFrom('#fbf8ef', '#f4e7be', '#e9d6a2', '#d9933d', '#efc35f'),
        price: fc.integer({ min: 800, max: 5000 }),
        known: fc.constantFrom('safe bet', 'usual', 'usual', 'surprise'),
        flavour: fc.constantFrom('milky', 'nutty', 'earthy', 'caramel', 'sharp'),
        region: fc.constantFrom('fells', 'marsh', 'estuary'),
      }),
      { minLength: min, maxLength: max },
    )
    .map((rows) =>
      rows.map((row, i) => {
        const place = TEXTURES.indexOf(row.texture);
        const second = row.milk === 'cow' ? 'goat' : 'cow';
        const milk =
          row.blend && row.jitter % 4 === 0
            ? [
                { animal: row.milk, share: 0.6 },
                { animal: second, share: 0.4 },
              ]
            : [{ animal: row.milk, share: 1 }];
        return aCheese(
          `c${String(i).padStart(2, '0')}`,
          {
            texture: row.texture,
            milk,
            ageDays: Math.round(6 * 1.9 ** place * (1 + row.jitter / 10)),
            colours: [row.colour],
            price: { amount: row.price, per: 'kg' },
            known: row.known,
            flavours: [row.flavour],
            origin: { region: row.region, country: '' },
          },
          {
            intensity: Math.min(10, 1 + place * 0.8 + row.jitter / 5),
            funk: row.texture === 'washed' ? 6 : 2,
          },
        );
      }),
    );

export const meats = (min: number, max: number): fc.Arbitrary<Meat[]> =>
  fc
    .array(
      fc.record({
        build: fc.constantFrom('whole muscle', 'coarse', 'fine', 'spreadable'),
        animal: fc.constantFrom('pork', 'pork', ...MEAT_ANIMALS),
        calibre: fc.constantFrom('large', 'medium', 'small'),
        heat: fc.constantFrom(0, 0, 3, 6),
        price: fc.integer({ min: 1500, max: 6000 }),
      }),
      { minLength: min, maxLength: max },
    )
    .map((rows) =>
      rows.map(({ build, animal, calibre, heat, price }, i) =>
        aMeat(
          `m${String(i).padStart(2, '0')}`,
          { build, calibre, animals: [{ animal, share: 1 }], price: { amount: price, per: 'kg' } },
          { heat },
        ),
      ),
    );

export const demoCounter = (): Good[] =>
  withReadings(CounterFile.parse(JSON.parse(readFileSync('demo/counter.json', 'utf8'))).goods);

/** Every subset of a given size. */
export function subsets<T>(items: readonly T[], size: number): T[][] {
  if (size === 0) return [[]];
  return items.flatMap((item, i) => subsets(items.slice(i + 1), size - 1).map((rest) => [item, ...rest]));
}

/** Every order of a few things. */
export function permutations<T>(items: readonly T[]): T[][] {
  if (items.length <= 1) return [[...items]];
  return items.flatMap((item, i) =>
    permutations([...items.slice(0, i), ...items.slice(i + 1)]).map((rest) => [item, ...rest]),
  );
}

export const ids = (mains: readonly Main[]): string[] => mains.map((m) => m.id).sort();
