import { interpolate } from '../units/index.js';
import type { Cheese, Companion, CompanionRole, Drink, Good, Main, Meat, Sense } from './good.js';
import type { SENSES, Texture } from './words.js';

/**
 * What nobody has tasted: the scales that a good's kind, making, age and composition lead to expect. The base of each kind stands on the anchors of
 * the scales (docs/formats.md); common practice, no source.
 */

const NOTHING: Sense = {
  sweet: 0,
  sour: 0,
  salty: 0,
  bitter: 0,
  umami: 0,
  fat: 0,
  heat: 0,
  smoke: 0,
  funk: 0,
  intensity: 0,
  persistence: 0,
};

/** A family at its usual age, days. */
const CHEESES: Record<Texture, { readonly age: number; readonly sense: Partial<Sense> }> = {
  fresh: {
    age: 10,
    sense: { sweet: 2, sour: 3, salty: 3, umami: 2, fat: 5, funk: 0.5, intensity: 2, persistence: 2 },
  },
  soft: {
    age: 25,
    sense: {
      sweet: 2.5,
      sour: 3,
      salty: 4,
      bitter: 0.5,
      umami: 3,
      fat: 7,
      funk: 2,
      intensity: 3.5,
      persistence: 3.5,
    },
  },
  bloomy: {
    age: 35,
    sense: {
      sweet: 2,
      sour: 2.5,
      salty: 4,
      bitter: 1,
      umami: 3.5,
      fat: 7,
      funk: 3.5,
      intensity: 4,
      persistence: 4,
    },
  },
  washed: {
    age: 60,
    sense: {
      sweet: 2,
      sour: 2,
      salty: 5,
      bitter: 1.5,
      umami: 5,
      fat: 6.5,
      funk: 6,
      intensity: 6,
      persistence: 6,
    },
  },
  'semi-soft': {
    age: 70,
    sense: {
      sweet: 2.5,
      sour: 2,
      salty: 4,
      bitter: 1,
      umami: 3.5,
      fat: 6,
      funk: 1.5,
      intensity: 4,
      persistence: 4,
    },
  },
  firm: {
    age: 150,
    sense: {
      sweet: 2.5,
      sour: 2.5,
      salty: 4.5,
      bitter: 1,
      umami: 4.5,
      fat: 6,
      funk: 1.5,
      intensity: 5,
      persistence: 4.5,
    },
  },
  hard: {
    age: 420,
    sense: {
      sweet: 3,
      sour: 2.5,
      salty: 5.5,
      bitter: 1,
      umami: 6,
      fat: 6,
      funk: 2,
      intensity: 6,
      persistence: 6,
    },
  },
  'very hard': {
    age: 750,
    sense: {
      sweet: 3,
      sour: 3,
      salty: 6,
      bitter: 1,
      umami: 7.5,
      fat: 5.5,
      funk: 2.5,
      intensity: 7.5,
      persistence: 7.5,
    },
  },
  blue: {
    age: 100,
    sense: {
      sweet: 2,
      sour: 3,
      salty: 6,
      bitter: 2.5,
      umami: 5,
      fat: 7,
      funk: 5,
      intensity: 7.5,
      persistence: 8,
    },
  },
};

/**
 * What every doubling of the age adds where a cheese dries and breaks down as it lies: water goes, salt and savour stay. From the anchors: a firm
 * sheep of half a year 5 in strength, a cheddar of three years 7.
 */
const DOUBLED: Partial<Sense> = { salty: 0.3, umami: 0.6, intensity: 0.8, persistence: 0.8, bitter: 0.15 };
const DRIES: readonly Texture[] = ['semi-soft', 'firm', 'hard', 'very hard', 'blue'];
/** Beyond so many doublings nothing is told. */
const MOST_DOUBLINGS = 3;

const MEATS: Record<Meat['process'], Partial<Sense>> = {
  'air-dried': {
    sweet: 2,
    sour: 1,
    salty: 7,
    bitter: 0.5,
    umami: 6,
    fat: 4,
    funk: 2,
    intensity: 5.5,
    persistence: 5,
  },
  fermented: {
    sweet: 1,
    sour: 3,
    salty: 6,
    bitter: 1,
    umami: 5,
    fat: 6,
    heat: 1,
    funk: 3,
    intensity: 5,
    persistence: 5,
  },
  cooked: { sweet: 2.5, sour: 0.5, salty: 5, umami: 4, fat: 5, funk: 0.5, intensity: 3, persistence: 2.5 },
  'hot-smoked': {
    sweet: 2,
    sour: 1,
    salty: 5,
    umami: 5,
    fat: 5,
    smoke: 5,
    funk: 1,
    intensity: 5,
    persistence: 4,
  },
  'cold-smoked': {
    sweet: 2,
    sour: 1,
    salty: 6,
    umami: 5,
    fat: 6,
    smoke: 4,
    funk: 1.5,
    intensity: 5,
    persistence: 5,
  },
  'raw spreadable': {
    sweet: 1,
    sour: 3,
    salty: 6,
    bitter: 1,
    umami: 6,
    fat: 8,
    heat: 3,
    funk: 3.5,
    intensity: 7,
    persistence: 6,
  },
  pate: {
    sweet: 2,
    sour: 1,
    salty: 5,
    bitter: 1,
    umami: 6,
    fat: 7,
    heat: 0.5,
    funk: 3,
    intensity: 5,
    persistence: 5,
  },
};

const COMPANIONS: Record<CompanionRole, Partial<Sense>> = {
  honey: { sweet: 10, sour: 1, intensity: 4.5, persistence: 4 },
  preserve: { sweet: 8, sour: 3, intensity: 4.5, persistence: 4 },
  'savoury spread': { sweet: 3, sour: 3, salty: 5, umami: 4, fat: 4, intensity: 5.5, persistence: 5 },
  mustard: { sweet: 2, sour: 5, salty: 4, bitter: 2, heat: 4, intensity: 6, persistence: 4 },
  chutney: { sweet: 6, sour: 5, salty: 1, umami: 1, heat: 1, intensity: 5, persistence: 4 },
  dip: { sweet: 1, sour: 2.5, salty: 4, umami: 2, fat: 5, intensity: 4, persistence: 3 },
  oil: { bitter: 2, heat: 0.5, fat: 10, intensity: 4, persistence: 4 },
  fruit: { sweet: 6, sour: 3, intensity: 3, persistence: 1.5 },
  'dried fruit': { sweet: 7.5, sour: 2, intensity: 4, persistence: 3 },
  nut: { sweet: 2, salty: 1.5, bitter: 1, umami: 1.5, fat: 6, intensity: 3.5, persistence: 3 },
  brine: { sweet: 1.5, sour: 5, salty: 5, bitter: 1, umami: 1, fat: 1, intensity: 5, persistence: 3 },
  vegetable: { sweet: 2, sour: 0.5, bitter: 0.5, intensity: 2.5, persistence: 1 },
  bread: { sweet: 2, sour: 1, salty: 2, umami: 1, fat: 1, intensity: 2.5, persistence: 2 },
  cracker: { sweet: 1, salty: 2, umami: 1, fat: 2, intensity: 2, persistence: 1.5 },
  chocolate: { sweet: 5, bitter: 5, fat: 7, intensity: 6, persistence: 6 },
  butter: { sweet: 1, sour: 1, salty: 2, umami: 1, fat: 10, intensity: 3, persistence: 3 },
  seasoning: { salty: 7, intensity: 5, persistence: 3 },
  garnish: { bitter: 1, intensity: 3, persistence: 2 },
};

/** Felt richness by fat, g per 100 g: mozzarella 4, cheddar 6, triple cream 8, butter 10. */
const RICHNESS = [
  [0, 0],
  [18, 4],
  [33, 6],
  [42, 8],
  [82, 10],
] as const;

const clamp = (x: number): number => Math.max(0, Math.min(10, Math.round(x * 10) / 10));
const clamped = (sense: Sense): Sense =>
  Object.fromEntries(Object.entries(sense).map(([scale, x]) => [scale, clamp(x)])) as Sense;

/** What age adds to a cheese beyond the age that its scales stand for; nothing where the paste does not dry. */
export function agedSense(texture: Texture, sense: Sense, usual: number, age: number): Sense {
  if (!DRIES.includes(texture) || usual <= 0 || age <= 0 || usual === age) return sense;
  const doublings = Math.max(-MOST_DOUBLINGS, Math.min(MOST_DOUBLINGS, Math.log2(age / usual)));
  const next = { ...sense };
  for (const [scale, each] of Object.entries(DOUBLED) as [keyof Sense, number][])
    next[scale] = sense[scale] + each * doublings;
  return clamped(next);
}

const fatOf = (usual: number, composition: Main['composition']): number =>
  composition ? interpolate(RICHNESS, composition.fat) : usual;

function ofCheese({ texture, ageDays, composition, milk }: Cheese): Sense {
  const { age, sense } = CHEESES[texture];
  const share = (animal: 'goat' | 'sheep') => milk.find((m) => m.animal === animal)?.share ?? 0;
  const base = { ...NOTHING, ...sense };
  return agedSense(
    texture,
    clamped({
      ...base,
      // Goat's milk tastes sharper, sheep's richer (common practice, no source).
      sour: base.sour + share('goat'),
      fat: fatOf(base.fat + 0.5 * share('sheep'), composition),
    }),
    age,
    ageDays,
  );
}

const ofMeat = ({ process, composition }: Meat): Sense => {
  const base = { ...NOTHING, ...MEATS[process] };
  return clamped({ ...base, fat: fatOf(base.fat, composition) });
};

const ofCompanion = ({ role, composition }: Companion): Sense => {
  const base = { ...NOTHING, ...COMPANIONS[role] };
  return clamped({ ...base, fat: fatOf(base.fat, composition) });
};

/** Of a drink most is measured; what is left is how loud it is: by body, sweetness, tannin and alcohol. */
function ofDrink({ body, residualSugar, totalAcidity, tannin, abv }: Drink): Sense {
  const loud = 1.5 + 0.5 * body + 0.2 * tannin + residualSugar / 60 + Math.max(0, abv - 12) / 4;
  return clamped({
    ...NOTHING,
    sweet: residualSugar / 15,
    sour: Math.max(0, 2 * (totalAcidity - 4)),
    bitter: tannin / 2,
    intensity: loud,
    persistence: loud,
  });
}

/** The scales that a good's kind, making, age and composition lead to expect, each 0 to 10. */
export function estimatedSense(good: Exclude<Good, { kind: 'ware' }>): Sense {
  switch (good.kind) {
    case 'cheese':
      return ofCheese(good);
    case 'meat':
      return ofMeat(good);
    case 'companion':
      return ofCompanion(good);
    case 'drink':
      return ofDrink(good);
  }
}

/** A good whose untasted scales are those that are to be expected of it as it is now; what was tasted stays. */
export function reestimated<G extends Good>(good: G): G {
  if (good.kind === 'ware' || good.estimated.length === 0) return good;
  const expected = estimatedSense(good);
  const sense = { ...good.sense };
  for (const scale of good.estimated) sense[scale] = expected[scale];
  return { ...good, sense };
}

/** A good of which somebody has told a scale: it is no estimate any more. */
export const tastedScale = <G extends Good>(good: G, scale: (typeof SENSES)[number]): G =>
  good.kind === 'ware' ? good : { ...good, estimated: good.estimated.filter((other) => other !== scale) };
