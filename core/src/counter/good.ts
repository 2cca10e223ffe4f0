import { z } from 'zod';
import { Days, Grams, lineText, Millimetres, Money } from '../units/index.js';
import { AllergenStatement } from './allergenStatement.js';
import { BASES, BASIS_FIELDS } from './basis.js';
import { nothingSaid } from './nothingSaid.js';
import type { WithReading } from './reading.js';
import { Colour, Length, Name, Scale, Text } from './fields.js';
import { Lot, Trial } from './lot.js';
import { Composition, Form, Piece, smallestMeasure } from './measures.js';
import { trimOf } from './rind.js';
import {
  PACK_FORMS,
  SENSES,
  RENNETS,
  CASINGS,
  GELATINES,
  PRESENCES,
  CERTIFICATES,
  TREATMENTS,
  EYES,
  PASTES,
  KNOWN,
  BUILDS,
  CALIBRES,
  WARE_MATERIALS,
  WARE_USES,
  PRICED_PER,
  PROCESSES,
  TEXTURES,
  MILKS,
  MEAT_ANIMALS,
  FLAVOURS,
  AROMAS,
  RINDS,
  RIND_VERDICTS,
} from './words.js';

/** The open format of the counter (docs/formats.md). */

export const GoodId = z
  .string()
  .regex(/^[a-z0-9][a-z0-9-]{0,63}$/, 'an id has lower-case letters, digits and dashes');
export type GoodId = z.infer<typeof GoodId>;

/** How a good tastes, 0 to 10 on the anchors of docs/formats.md. */
export const Sense = z.object(
  Object.fromEntries(SENSES.map((sense) => [sense, Scale])) as Record<(typeof SENSES)[number], typeof Scale>,
);
export type Sense = z.infer<typeof Sense>;

/** `amount` is in the smallest unit of the house's currency. */
const Price = z.object({
  amount: Money.refine((n) => n >= 0, 'a price is nothing or more'),
  per: z.enum(PRICED_PER),
});
export type Price = z.infer<typeof Price>;

/** How it is bought. Weighed goods are cut to order; all others come by the pack, in grams or ml. */
const Pack = z.object({
  form: z.enum(PACK_FORMS),
  grams: Grams.nullable().default(null),
  ml: z.number().positive().max(1e5).nullable().default(null),
  pieces: z.number().int().positive().max(1e4).nullable().default(null),
});

const present = z.enum(PRESENCES);

/** Hidden contents, from which diets follow. Unknown never passes. */
export const Contents = z.object({
  rennet: z.enum(RENNETS).default('unknown'),
  casing: z.enum(CASINGS).default('unknown'),
  gelatine: z.enum(GELATINES).default('unknown'),
  blood: present.default('unknown'),
  alcohol: present.default('unknown'),
  honey: present.default('unknown'),
  certificates: z.array(z.enum(CERTIFICATES)).default([]),
  ingredients: z.array(Name).max(60).default([]),
});
export type Contents = z.infer<typeof Contents>;

const Common = z.object({
  id: GoodId,
  name: Name,
  style: Name,
  maker: lineText(120).default(''),
  origin: z
    .object({ region: lineText(120).default(''), country: lineText(120).default('') })
    .default({ region: '', country: '' }),
  adjectives: z.array(Name).max(8).default([]),
  note: Text.default(''),
  /** What the customer pays. */
  price: Price,
  /** What the shop pays for as much; null: unknown, the house's margin stands in. */
  supplierPrice: Money.refine((n) => n >= 0, 'a price is nothing or more')
    .nullable()
    .default(null),
  pack: Pack,
  colours: z.array(Colour).min(1).max(6),
  sense: Sense,
  /** Scales that nobody has tasted: `sense` holds what its kind, salting, age and composition lead to expect. */
  estimated: z.array(z.enum(SENSES)).default([]),
  /** How strong what is so called usually is, at an age in days, for the estimate; null: as its family. */
  usual: z.object({ intensity: Scale, ageDays: Days }).nullable().default(null),
  flavours: z.array(z.enum(FLAVOURS)).max(4).default([]),
  /** What it smells and tastes of, most distinctive first; none: unknown. */
  aromas: z.array(z.enum(AROMAS)).max(4).default([]),
  allergens: AllergenStatement.default(nothingSaid()),
  contents: Contents.default(Contents.parse({})),
  lots: z
    .array(Lot)
    .max(50)
    .refine((all) => new Set(all.map((lot) => lot.id)).size === all.length, 'each lot has an id of its own')
    .default([]),
  /** The shop's or supplier's own number, by which price lists name it. */
  code: lineText(60).default(''),
  trial: Trial.nullable().default(null),
  /** What nobody said: told by the name, typical, or a place holder. Nothing passes on it. */
  from: z.partialRecord(z.enum(BASIS_FIELDS), z.enum(BASES)).default({}),
});

const shares = <T extends readonly [string, ...string[]]>(animals: T) =>
  z
    .array(z.object({ animal: z.enum(animals), share: z.number().positive().max(1) }))
    .min(1)
    .refine(
      (all) => Math.abs(all.reduce((sum, a) => sum + a.share, 0) - 1) < 1e-6,
      'the shares of the animals must add up to 1',
    )
    .refine((all) => new Set(all.map((a) => a.animal)).size === all.length, 'each animal is named once');

export const Cheese = Common.extend({
  kind: z.literal('cheese'),
  /** One cheese at several ages is one line of its maker; the same word on each. Empty: a line of its own. */
  line: lineText(120).default(''),
  /** The style of the trade that several makers make, such as "cheddar style". Empty: unknown. */
  tradeStyle: lineText(120).default(''),
  texture: z.enum(TEXTURES),
  milk: shares(MILKS),
  treatment: z.enum(TREATMENTS).default('unknown'),
  ageDays: Days.describe(
    'the usual age when it is sold; a lot with a making date is aged to the serving day',
  ),
  composition: Composition.nullable().default(null),
  rind: z.object({ kind: z.enum(RINDS), mm: Millimetres, verdict: z.enum(RIND_VERDICTS) }),
  form: Form,
  look: z
    .object({
      eyes: z.enum(EYES).default('none'),
      veins: z.number().min(0).max(3).default(0),
      ashLine: z.boolean().default(false),
      crystals: z.boolean().default(false),
      curd: z.boolean().default(false),
    })
    .default({ eyes: 'none', veins: 0, ashLine: false, crystals: false, curd: false }),
  paste: z.enum(PASTES),
  known: z.enum(KNOWN).default('usual'),
}).refine((cheese) => 2 * trimOf(cheese.rind) < smallestMeasure(cheese.form), {
  path: ['rind', 'mm'],
  message: 'with this rind cut off nothing is left of the piece',
});
export type Cheese = z.infer<typeof Cheese> & WithReading;

export const Meat = Common.extend({
  kind: z.literal('meat'),
  animals: shares(MEAT_ANIMALS),
  build: z.enum(BUILDS),
  process: z.enum(PROCESSES),
  calibre: z.enum(CALIBRES),
  ageDays: Days,
  form: Form,
  slice: z.object({ mm: Length, diameter: Length }),
  composition: Composition.nullable().default(null),
  casingEaten: z.boolean().default(false),
  known: z.enum(KNOWN).default('usual'),
});
export type Meat = z.infer<typeof Meat> & WithReading;

export const COMPANION_ROLES = [
  'honey',
  'preserve',
  'savoury spread',
  'mustard',
  'chutney',
  'dip',
  'oil',
  'fruit',
  'dried fruit',
  'nut',
  'brine',
  'vegetable',
  'bread',
  'cracker',
  'chocolate',
  'butter',
  'seasoning',
  'garnish',
] as const;
export type CompanionRole = (typeof COMPANION_ROLES)[number];

export const Companion = Common.extend({
  kind: z.literal('companion'),
  role: z.enum(COMPANION_ROLES),
  crunch: Scale,
  juice: Scale,
  /** Herbs, seeds, spice or scent that a delicate neighbour cannot stand up to. */
  scented: Scale.default(0),
  rolls: z.boolean().default(false),
  composition: Composition.nullable().default(null),
  /** One of it as it lies: a grape, a slice, a cracker; what is null goes by its role. */
  piece: Piece.default(Piece.parse({})),
  /** Of what is bought, the share that is eaten; null: by the table of yields. */
  edibleShare: z.number().positive().max(1).nullable().default(null),
  /** What a jar holds without its liquid; null: as its weight says. */
  drainedGrams: Grams.nullable().default(null),
});
export type Companion = z.infer<typeof Companion> & WithReading;

export const DRINK_TYPES = [
  'sparkling',
  'white',
  'rosé',
  'red',
  'sweet',
  'fortified',
  'beer',
  'cider',
  'no-alcohol',
  'tea',
] as const;

export const Drink = Common.extend({
  kind: z.literal('drink'),
  type: z.enum(DRINK_TYPES),
  abv: z.number().min(0).max(60),
  residualSugar: z.number().min(0).max(400).describe('g/l'),
  totalAcidity: z.number().min(0).max(20).describe('g/l as tartaric'),
  tannin: Scale,
  bubbles: Scale,
  body: Scale,
  spice: Scale.default(0),
});
export type Drink = z.infer<typeof Drink> & WithReading;

export const Ware = Common.omit({ sense: true, estimated: true, usual: true, aromas: true }).extend({
  kind: z.literal('ware'),
  use: z.enum(WARE_USES),
  length: Millimetres.nullable().default(null),
  width: Millimetres.nullable().default(null),
  diameter: Millimetres.nullable().default(null),
  height: Millimetres.nullable().default(null),
  /** How high its rim stands; 0: none. */
  rim: Millimetres.nullable().default(null),
  /** What a vessel holds, full. */
  ml: z.number().positive().max(1e5).nullable().default(null),
  material: z.enum(WARE_MATERIALS).default('unknown'),
  heatproof: z.boolean().default(false),
});
export type Ware = z.infer<typeof Ware> & WithReading;

export const Good = z.discriminatedUnion('kind', [Cheese, Meat, Companion, Drink, Ware]);
export type Good = z.infer<typeof Good> & WithReading;
/** What is eaten as itself and tasted in order: the cheeses and the meats. */
export type Main = Cheese | Meat;

/** A large wholesaler's list; the counter stays usable at that. */
export const MOST_GOODS = 25_000;

export const Counter = z
  .array(Good)
  .max(MOST_GOODS)
  .superRefine((goods, ctx) => {
    const seen = new Set<string>();
    goods.forEach((good, i) => {
      if (seen.has(good.id))
        ctx.addIssue({ code: 'custom', path: [i, 'id'], message: `the id ${good.id} stands twice` });
      seen.add(good.id);
    });
  });
export type Counter = z.infer<typeof Counter>;
