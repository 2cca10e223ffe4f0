import { Cheese, Meat, TEXTURES, withReadings, type Main, type Texture } from '../counter/index.js';

/**
 * Large invented counters for benches and checks: the same seed, the same goods. Traits hang together as on a real
 * counter: fresh is young and mild and white, cow dominates, a washed rind is pungent, the aged costs more.
 */

/** mulberry32 (public domain): chance that is the same for the same seed. */
export function chance(seed: number): () => number {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

type Weighted<T> = readonly (readonly [T, number])[];

interface Family {
  readonly days: readonly [number, number];
  readonly strength: readonly [number, number];
  readonly colours: readonly string[];
  readonly flavours: readonly string[];
  readonly salty: number;
  readonly fat: number;
  readonly price: readonly [number, number];
}

const FAMILIES: Record<Texture, Family> = {
  fresh: {
    days: [3, 20],
    strength: [1, 3],
    colours: ['#fbf8ef', '#f4e7be'],
    flavours: ['milky', 'herbal'],
    salty: 3,
    fat: 4,
    price: [1200, 3200],
  },
  soft: {
    days: [10, 40],
    strength: [1.5, 4],
    colours: ['#fbf8ef', '#f4e7be'],
    flavours: ['milky', 'buttery'],
    salty: 3.5,
    fat: 6,
    price: [1600, 3600],
  },
  bloomy: {
    days: [20, 60],
    strength: [2.5, 5],
    colours: ['#f4e7be', '#fbf8ef'],
    flavours: ['buttery', 'earthy'],
    salty: 4,
    fat: 7,
    price: [1600, 4200],
  },
  washed: {
    days: [30, 120],
    strength: [4.5, 8],
    colours: ['#e9d6a2', '#d9933d'],
    flavours: ['earthy', 'sharp'],
    salty: 5,
    fat: 6.5,
    price: [2000, 4400],
  },
  'semi-soft': {
    days: [40, 150],
    strength: [2.5, 5.5],
    colours: ['#e9d6a2', '#efc35f'],
    flavours: ['buttery', 'nutty'],
    salty: 4,
    fat: 6,
    price: [1400, 3000],
  },
  firm: {
    days: [90, 360],
    strength: [3, 7],
    colours: ['#e9d6a2', '#efc35f'],
    flavours: ['nutty', 'fruity'],
    salty: 5,
    fat: 6,
    price: [1600, 3800],
  },
  hard: {
    days: [180, 1100],
    strength: [5, 8.5],
    colours: ['#efc35f', '#d9933d'],
    flavours: ['nutty', 'caramel', 'sharp'],
    salty: 6,
    fat: 6,
    price: [2200, 5200],
  },
  'very hard': {
    days: [360, 1500],
    strength: [5.5, 8.5],
    colours: ['#efc35f', '#e9d6a2'],
    flavours: ['caramel', 'nutty'],
    salty: 7,
    fat: 5,
    price: [2400, 6000],
  },
  blue: {
    days: [60, 240],
    strength: [5, 9.5],
    colours: ['#f4e7be', '#fbf8ef'],
    flavours: ['sharp', 'spicy'],
    salty: 7,
    fat: 7,
    price: [1800, 4600],
  },
};

const TEXTURE_SHARES: Weighted<Texture> = TEXTURES.map((t) => [
  t,
  t === 'firm' || t === 'hard' ? 5 : t === 'very hard' ? 1 : 2.5,
]);
const MILK_SHARES: Weighted<string> = [
  ['cow', 13],
  ['sheep', 4],
  ['goat', 4],
  ['buffalo', 0.6],
];
const KNOWN: Weighted<string> = [
  ['safe bet', 2],
  ['usual', 7],
  ['surprise', 2],
];
const BUILDS: Weighted<string> = [
  ['whole muscle', 4],
  ['coarse', 5],
  ['fine', 2],
  ['spreadable', 1],
];
const ANIMALS: Weighted<string> = [
  ['pork', 12],
  ['beef', 3],
  ['poultry', 2],
  ['game', 2],
  ['fish', 1],
];
const VERDICTS: Weighted<string | null> = [
  [null, 6],
  ['ready', 5],
  ['at its peak', 4],
  ['going', 1.5],
  ['young', 1],
];

/** The shop's day on which the lots of these counters were tasted. */
const TASTED_ON = '2026-11-23';

/** `cheeses` cheeses and `meats` meats; the ids sort in the order in which they are made. */
export function seededMains(seed: number, cheeses: number, meats: number): Main[] {
  const next = chance(seed);
  const between = ([low, high]: readonly [number, number], digits = 0) =>
    Math.round((low + (high - low) * next()) * 10 ** digits) / 10 ** digits;
  const of = <T>(all: readonly T[]): T => all[Math.floor(next() * all.length)]!;
  const weighted = <T>(all: Weighted<T>): T => {
    let at = next() * all.reduce((sum, [, w]) => sum + w, 0);
    return all.find(([, w]) => (at -= w) < 0)?.[0] ?? all[0]![0];
  };
  const sense = (more: Record<string, number>) => ({
    sweet: between([1, 4]),
    sour: between([1, 4]),
    salty: 4,
    bitter: 1,
    umami: between([2, 7]),
    fat: 6,
    heat: 0,
    smoke: 0,
    funk: 2,
    intensity: 4,
    persistence: 4,
    ...more,
  });
  const lots = (id: string) => {
    const says = weighted(VERDICTS);
    return [
      {
        id: `${id}-1`,
        grams: 9000,
        receivedOn: '2026-11-18',
        verdict: says && { says, taster: 'Ines', on: TASTED_ON },
      },
    ];
  };
  const safe = {
    contents: {
      rennet: 'microbial',
      casing: 'none',
      gelatine: 'none',
      blood: 'no',
      alcohol: 'no',
      honey: 'no',
    },
  };
  const pad = (i: number) => String(i).padStart(5, '0');
  const cheese = (i: number): Main => {
    const texture = weighted(TEXTURE_SHARES);
    const family = FAMILIES[texture];
    const age = next();
    const animal = weighted(MILK_SHARES);
    const blend = next() < 0.08 ? (animal === 'cow' ? 'sheep' : 'cow') : null;
    // Within a family the older is the stronger and the dearer.
    const along = (range: readonly [number, number]) =>
      range[0] + (range[1] - range[0]) * Math.min(1, Math.max(0, age + (next() - 0.5) * 0.5));
    return Cheese.parse({
      kind: 'cheese',
      id: `c${pad(i)}`,
      name: `Cheese ${i}`,
      style: `${texture} ${animal}`,
      maker: `Maker ${Math.floor(next() * 60)}`,
      origin: { region: `Region ${Math.floor(next() * 14)}`, country: 'the Coast' },
      price: { amount: Math.round(along(family.price)), per: 'kg' },
      pack: { form: 'cut to order' },
      colours: [of(family.colours)],
      flavours: [of(family.flavours)],
      sense: sense({
        salty: Math.round(family.salty + (next() - 0.5) * 2),
        fat: family.fat,
        intensity: Math.round(along(family.strength) * 2) / 2,
        funk: texture === 'washed' ? between([5, 8]) : 2,
      }),
      allergens: { contains: ['milk'], rest: 'free' },
      ...safe,
      lots: lots(`c${i}`),
      texture,
      milk: blend
        ? [
            { animal, share: 0.7 },
            { animal: blend, share: 0.3 },
          ]
        : [{ animal, share: 1 }],
      treatment: next() < 0.3 ? 'raw' : 'pasteurised',
      ageDays: Math.round(family.days[0] * (family.days[1] / family.days[0]) ** age),
      rind: { kind: 'none', mm: 0, verdict: 'none' },
      form: { shape: 'wheel', grams: 4000, diameter: 220, height: 100 },
      look: { veins: texture === 'blue' ? 2 : 0, ashLine: next() < 0.03 },
      paste: 'supple',
      known: weighted(KNOWN),
    });
  };
  const meat = (i: number): Main => {
    const build = weighted(BUILDS);
    const calibre =
      build === 'whole muscle'
        ? weighted([
            ['large', 3],
            ['medium', 1],
          ])
        : weighted([
            ['medium', 3],
            ['small', 2],
            ['large', 1],
          ]);
    return Meat.parse({
      kind: 'meat',
      id: `m${pad(i)}`,
      name: `Meat ${i}`,
      style: build,
      maker: `Maker ${Math.floor(next() * 60)}`,
      origin: { region: `Region ${Math.floor(next() * 14)}`, country: 'the Coast' },
      price: { amount: between([2000, 7000]), per: 'kg' },
      pack: { form: 'sliced to order' },
      colours: ['#a8473e'],
      sense: sense({
        heat: next() < 0.25 ? between([3, 7]) : 0,
        smoke: next() < 0.25 ? between([3, 6]) : 0,
        intensity: between([3, 8], 1),
      }),
      allergens: { rest: 'free' },
      ...safe,
      contents: { ...safe.contents, ingredients: ['salt'] },
      lots: lots(`m${i}`),
      animals: [{ animal: weighted(ANIMALS), share: 1 }],
      build,
      calibre,
      process: 'fermented',
      ageDays: between([30, 500]),
      form: { shape: 'whole sausage', grams: 800, diameter: 60, length: 250 },
      slice: { mm: 1.5, diameter: 60 },
      known: weighted(KNOWN),
    });
  };
  return withReadings([
    ...Array.from({ length: cheeses }, (_, i) => cheese(i)),
    ...Array.from({ length: meats }, (_, i) => meat(i)),
  ]);
}
