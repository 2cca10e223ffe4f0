import { tellName, type Told } from '../lexicon/tell.js';
import type { BasisField, Marks } from './basis.js';
import { blankOf } from './blank.js';
import { reestimated } from './estimate.js';
import { Good } from './good.js';
import { USUAL_DENSITY, volumeOf } from './shapeOf.js';
import type { GoodKind, Shape } from './words.js';

/**
 * A new good from its name alone: what the dictionary tells of it, each field with where it comes from. Only servers, workers, tests and
 * what is loaded late use it: it brings the dictionary. Money is never guessed.
 */

type Tree = Record<string, unknown>;
/** Length of a block, by its width. Common practice, no source. */
const BLOCK_LENGTH = 1.5;
/** Width of a pyramid's base, by its height. Common practice, no source. */
const PYRAMID_BASE = 1.1;

/** The measures of a piece of a weight and a height or thickness (mm), by its shape; they hold its volume. */
function formOf(shape: Shape, kg: number, cm: number): Tree {
  const [grams, mm] = [kg * 1000, cm * 10];
  const volume = grams / USUAL_DENSITY;
  const across = Math.round(Math.sqrt((4 * volume) / (Math.PI * mm)));
  const form = { shape, grams };
  switch (shape) {
    case 'log':
    case 'whole sausage':
      return {
        ...form,
        diameter: mm,
        length: across === 0 ? 1 : Math.round((4 * volume) / (Math.PI * mm * mm)),
      };
    case 'ball':
      return { ...form, diameter: Math.round(Math.cbrt((6 * volume) / Math.PI)) };
    case 'square': {
      const side = Math.round(Math.sqrt(volume / mm));
      return { ...form, length: side, width: side, height: mm };
    }
    case 'block': {
      const width = Math.round(Math.sqrt(volume / mm / BLOCK_LENGTH));
      return { ...form, length: Math.round(width * BLOCK_LENGTH), width, height: mm };
    }
    case 'pyramid': {
      const unit = volumeOf({
        shape,
        grams: 1,
        diameter: null,
        length: null,
        width: PYRAMID_BASE,
        height: 1,
      } as never)!;
      const height = Math.cbrt(volume / unit);
      return { ...form, width: Math.round(height * PYRAMID_BASE), height: Math.round(height) };
    }
    case 'sliced':
      return { ...form };
    default:
      return { ...form, diameter: across, height: mm };
  }
}

/** A thin rind is none to cut off. */
const RIND_MM: Readonly<Record<string, readonly [mm: number, verdict: string]>> = {
  none: [0, 'none'],
  bloomy: [1, 'eaten'],
  washed: [1, 'guest decides'],
  natural: [3, 'cut off'],
  rubbed: [2, 'cut off'],
  cloth: [3, 'cut off'],
  wax: [2, 'cut off'],
  'plastic coat': [1, 'cut off'],
  ash: [1, 'eaten'],
  leaf: [1, 'decoration'],
  bark: [2, 'decoration'],
};
/** The rind of what is small is eaten. Common practice, no source. */
const SMALL_KG = 0.4;
const PASTE: Readonly<Record<string, string>> = {
  fresh: 'wet',
  soft: 'creamy',
  bloomy: 'creamy',
  washed: 'supple',
  'semi-soft': 'supple',
  firm: 'supple',
  hard: 'crumbly',
  'very hard': 'brittle',
  blue: 'crumbly',
};
const COLOUR: Readonly<Record<string, string>> = {
  fresh: '#faf6e8',
  soft: '#f6f0dc',
  bloomy: '#f5ecce',
  washed: '#eecf95',
  'semi-soft': '#efdca4',
  firm: '#ecd594',
  hard: '#e6c57c',
  'very hard': '#dfba72',
  blue: '#efe8cf',
  honey: '#d99a2b',
  nut: '#a87545',
  bread: '#c79a5b',
  cracker: '#d9b77a',
  chocolate: '#4a2c1c',
  brine: '#7f8f3a',
  mustard: '#c9a227',
  red: '#7a1f2b',
  rosé: '#e7a79a',
};

function cheeseFields({ values }: Told): Tree {
  const { family, shape, kg, cm } = values as Record<string, string> & Record<string, number>;
  const [mm, verdict] = RIND_MM[String(values.rind)] ?? RIND_MM.natural!;
  const isSmall = Number(kg ?? 1) < SMALL_KG && values.rind === 'natural';
  return {
    ...(family !== undefined && {
      texture: family,
      paste: PASTE[family],
      colours: [COLOUR[family] ?? '#e9d6a2'],
    }),
    ...(values.treatment !== undefined && { treatment: values.treatment }),
    ...(values.rind !== undefined && {
      rind: { kind: values.rind, mm: isSmall ? 1 : mm, verdict: isSmall ? 'eaten' : verdict },
    }),
    ...(shape !== undefined && { form: formOf(shape as Shape, Number(kg), Number(cm)) }),
    ...(family === 'blue' && { look: { veins: 2 } }),
  };
}

const meatFields = ({ values }: Told): Tree => ({
  ...(values.family !== undefined && { process: values.family }),
  ...(values.build !== undefined && { build: values.build }),
  ...(values.calibre !== undefined && { calibre: values.calibre }),
  ...(values.shape !== undefined && {
    form: formOf(values.shape as Shape, Number(values.kg), Number(values.cm)),
  }),
  ...(values.sliceMm !== undefined && { slice: { mm: values.sliceMm, diameter: Number(values.cm) * 10 } }),
});

const PACKS: Readonly<Record<string, string>> = {
  jar: 'jar',
  loose: 'loose',
  pack: 'pre-packed',
  block: 'piece',
};
const companionFields = ({ values }: Told): Tree => ({
  ...(values.family !== undefined && {
    role: values.family,
    colours: [COLOUR[String(values.family)] ?? '#c9782b'],
  }),
  ...(values.crunch !== undefined && { crunch: values.crunch, juice: values.juice }),
  ...(values.pack !== undefined && {
    pack: { form: PACKS[String(values.pack)] ?? 'piece', grams: values.grams },
  }),
});

const drinkFields = ({ values: { family, ...figures } }: Told): Tree =>
  family ? { type: family, ...figures, colours: [COLOUR[String(family)] ?? '#e7dc9a'] } : {};

const wareFields = ({ values: { family, ...figures } }: Told): Tree =>
  family ? { use: family, ...figures } : {};

const FIELDS: Readonly<Record<GoodKind, (told: Told) => Tree>> = {
  cheese: cheeseFields,
  meat: meatFields,
  companion: companionFields,
  drink: drinkFields,
  ware: wareFields,
};

/** Which value of the dictionary stands behind each mark. */
const BEHIND: Partial<Record<BasisField, string>> = {
  animal: 'animal',
  making: 'family',
  age: 'ageDays',
  treatment: 'treatment',
  rind: 'rind',
  shape: 'shape',
  pack: 'pack',
};

function marksOf(kind: GoodKind, told: Told, blank: Marks): Marks {
  const from: Marks = { ...blank };
  for (const [field, value] of Object.entries(BEHIND) as [BasisField, string][]) {
    const by = told.by[value];
    if (by) from[field] = by;
  }
  if (kind === 'ware' && told.values.family) from.shape = 'typical';
  return from;
}

/**
 * What a new good starts from by its name, with whatever words stand beside it; not checked yet: whoever lays more over it checks the whole.
 * @param style as somebody called it; '' for the name of the dictionary
 * @param beside what else is written of it: "raw sheep's milk", "blue"; read with the name, not kept
 * @returns the blank of its kind where the name tells nothing
 */
export function seedFromName(kind: GoodKind, name: string, id: string, style: string, beside = ''): Good {
  const told = tellName([name, style, beside].filter(Boolean).join(', '), kind);
  const blank = blankOf(kind, name, id, style || told?.style || `a ${kind}`);
  if (!told) return blank;
  const { values } = told;
  const animals = told.animals.map((animal) => ({ animal, share: 1 / told.animals.length }));
  return {
    ...blank,
    ...FIELDS[kind](told),
    ...(animals.length > 0 && (kind === 'cheese' ? { milk: animals } : kind === 'meat' ? { animals } : {})),
    ...(values.ageDays !== undefined && { ageDays: values.ageDays }),
    ...(kind !== 'ware' &&
      values.strength !== undefined && {
        usual: { intensity: values.strength, ageDays: Number(values.usualAge ?? values.ageDays ?? 0) },
      }),
    allergens: { ...blank.allergens, contains: told.contains },
    from: marksOf(kind, told, blank.from),
  } as Good;
}

/** A new good by its name. @throws ZodError where name or style is none */
export const goodFromName = (kind: GoodKind, name: string, id: string, style: string): Good =>
  reestimated(Good.parse(seedFromName(kind, name, id, style)));
