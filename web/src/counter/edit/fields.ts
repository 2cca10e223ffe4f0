import {
  BUILDS,
  CALIBRES,
  CASINGS,
  CERTIFICATES,
  COMPANION_ROLES,
  DRINK_TYPES,
  EYES,
  AROMAS,
  FLAVOURS,
  GELATINES,
  KNOWN,
  MEAT_ANIMALS,
  MILKS,
  PACK_FORMS,
  PASTES,
  PRESENCES,
  PRICED_PER,
  PROCESSES,
  RENNETS,
  RINDS,
  RIND_VERDICTS,
  SHAPES,
  TEXTURES,
  TREATMENTS,
  TRIAL_DECISIONS,
  WARE_MATERIALS,
  WARE_USES,
  type Good,
  type GoodKind,
} from '@rotula/core';
import { say } from '../../language/say';

/** The fields of a good as the editor shows them: one row each, by section. A path names the field of the open format. */
export type Field =
  | { readonly path: string; readonly label: string; readonly is: 'text' | 'long' | 'words' | 'yes/no' }
  | {
      readonly path: string;
      readonly label: string;
      readonly is: 'money' | 'grams' | 'mm' | 'number' | 'days';
      readonly optional?: boolean;
    }
  | { readonly path: string; readonly label: string; readonly is: 'scale' }
  | {
      readonly path: string;
      readonly label: string;
      readonly is: 'one' | 'many';
      readonly of: readonly string[];
    }
  | { readonly path: string; readonly label: string; readonly is: 'shares'; readonly of: readonly string[] };

export interface Section {
  readonly title: string;
  readonly kinds: readonly GoodKind[];
  readonly hint?: string;
  readonly fields: readonly Field[];
}

const ALL: readonly GoodKind[] = ['cheese', 'meat', 'companion', 'drink', 'ware'];
const MAINS: readonly GoodKind[] = ['cheese', 'meat'];
const EDIBLE: readonly GoodKind[] = ['cheese', 'meat', 'companion', 'drink'];

const text = (path: string, label: string): Field => ({ path, label, is: 'text' });
const one = (path: string, label: string, of: readonly string[]): Field => ({ path, label, is: 'one', of });
const measure = (path: string, label: string): Field => ({ path, label, is: 'mm', optional: true });
const scale = (path: string, label: string): Field => ({ path, label, is: 'scale' });

export const SECTIONS: readonly Section[] = [
  {
    title: say`Name and origin`,
    kinds: ALL,
    fields: [
      text('name', say`Name`),
      text('style', say`Style`),
      text('maker', say`Maker`),
      text('code', say`Supplier’s number`),
      text('origin.region', say`Region`),
      text('origin.country', say`Country`),
      { path: 'adjectives', label: say`Adjectives, for the card`, is: 'words' },
      { path: 'note', label: say`Note`, is: 'long' },
    ],
  },
  {
    title: say`Price and pack`,
    kinds: ALL,
    fields: [
      { path: 'price.amount', label: say`Price`, is: 'money' },
      one('price.per', say`per`, PRICED_PER),
      one('pack.form', say`Sold`, PACK_FORMS),
      { path: 'pack.grams', label: say`Weight of a pack`, is: 'grams', optional: true },
      { path: 'pack.ml', label: say`Volume of a pack, ml`, is: 'number', optional: true },
      { path: 'supplierPrice', label: say`The supplier’s price for as much`, is: 'money', optional: true },
    ],
  },
  {
    title: say`What it is`,
    kinds: ['cheese'],
    hint: say`Blends count under each animal; any share of cow is cow to those who avoid it.`,
    fields: [
      text('line', say`Line: one cheese at several ages`),
      text('tradeStyle', say`Style of the trade, which others make too`),
      { path: 'milk', label: say`Milk`, is: 'shares', of: MILKS },
      one('treatment', say`Milk is`, TREATMENTS),
      one('texture', say`Family`, TEXTURES),
      { path: 'ageDays', label: say`Usual age, days`, is: 'days' },
      one('known', say`At the table`, KNOWN),
      one('paste', say`Paste`, PASTES),
      one('rind.kind', say`Rind`, RINDS),
      { path: 'rind.mm', label: say`Rind thickness`, is: 'mm' },
      one('rind.verdict', say`Rind is`, RIND_VERDICTS),
    ],
  },
  {
    title: say`What it is`,
    kinds: ['meat'],
    fields: [
      { path: 'animals', label: say`Animal`, is: 'shares', of: MEAT_ANIMALS },
      one('build', say`Build`, BUILDS),
      one('process', say`Process`, PROCESSES),
      one('calibre', say`Format`, CALIBRES),
      { path: 'ageDays', label: say`Usual age, days`, is: 'days' },
      one('known', say`At the table`, KNOWN),
      { path: 'slice.mm', label: say`Slice, thickness`, is: 'mm' },
      { path: 'slice.diameter', label: say`Slice, across`, is: 'mm' },
      { path: 'casingEaten', label: say`Casing is eaten`, is: 'yes/no' },
    ],
  },
  {
    title: say`What it is`,
    kinds: ['companion'],
    fields: [
      one('role', say`Role`, COMPANION_ROLES),
      scale('crunch', say`Crunch`),
      scale('juice', say`Juice`),
      scale('scented', say`Scent, herbs, spice`),
      { path: 'rolls', label: say`Rolls on the board`, is: 'yes/no' },
    ],
  },
  {
    title: say`What it is`,
    kinds: ['drink'],
    fields: [
      one('type', say`Kind`, DRINK_TYPES),
      { path: 'abv', label: say`Alcohol, %`, is: 'number' },
      { path: 'residualSugar', label: say`Sugar, g/l`, is: 'number' },
      { path: 'totalAcidity', label: say`Acidity, g/l`, is: 'number' },
      scale('tannin', say`Tannin`),
      scale('bubbles', say`Bubbles`),
      scale('body', say`Body`),
      scale('spice', say`Spice`),
    ],
  },
  {
    title: say`What it is`,
    kinds: ['ware'],
    fields: [
      one('use', say`Use`, WARE_USES),
      measure('length', say`Length`),
      measure('width', say`Width`),
      measure('diameter', say`Across`),
      measure('height', say`Height`),
      measure('rim', say`Rim`),
      { path: 'ml', label: say`Holds, ml`, is: 'number', optional: true },
      one('material', say`Made of`, WARE_MATERIALS),
      { path: 'heatproof', label: say`Bears a hot dish`, is: 'yes/no' },
    ],
  },
  {
    title: say`One of it, and what is eaten`,
    kinds: ['companion'],
    hint: say`A grape, a slice, a cracker. What is not told goes by the role, and by the table of yields.`,
    fields: [
      { path: 'piece.grams', label: say`Weight of one`, is: 'grams', optional: true },
      measure('piece.diameter', say`Across`),
      measure('piece.length', say`Length`),
      measure('piece.width', say`Width`),
      measure('piece.height', say`Height`),
      { path: 'edibleShare', label: say`Share that is eaten, 0 to 1`, is: 'number', optional: true },
      { path: 'drainedGrams', label: say`Weight without its liquid`, is: 'grams', optional: true },
    ],
  },
  {
    title: say`How it tastes`,
    kinds: EDIBLE,
    hint: say`0 to 10. A lot that was tasted shifts strength and funk by itself; here stands the good when it is ready.`,
    fields: [
      scale('sense.intensity', say`Strength`),
      scale('sense.persistence', say`Lingers`),
      scale('sense.sweet', say`Sweet`),
      scale('sense.sour', say`Sour`),
      scale('sense.salty', say`Salty`),
      scale('sense.bitter', say`Bitter`),
      scale('sense.umami', say`Umami`),
      scale('sense.fat', say`Fat`),
      scale('sense.funk', say`Funk`),
      scale('sense.heat', say`Heat`),
      scale('sense.smoke', say`Smoke`),
      { path: 'flavours', label: say`Flavours, four at most`, is: 'many', of: FLAVOURS },
      { path: 'aromas', label: say`Aromas, four at most, the most telling first`, is: 'many', of: AROMAS },
    ],
  },
  {
    title: say`What is inside`,
    kinds: EDIBLE,
    hint: say`Ingredients give allergens and diets away by themselves, and only ever make them stricter. Unknown never passes.`,
    fields: [
      { path: 'contents.ingredients', label: say`Ingredients`, is: 'words' },
      one('contents.rennet', say`Rennet`, RENNETS),
      one('contents.casing', say`Casing`, CASINGS),
      one('contents.gelatine', say`Gelatine`, GELATINES),
      one('contents.blood', say`Blood`, PRESENCES),
      one('contents.alcohol', say`Alcohol`, PRESENCES),
      one('contents.honey', say`Honey`, PRESENCES),
      { path: 'contents.certificates', label: say`Certificates`, is: 'many', of: CERTIFICATES },
    ],
  },
  {
    title: say`The whole piece`,
    kinds: MAINS,
    fields: [
      one('form.shape', say`Shape`, SHAPES),
      { path: 'form.grams', label: say`Weight`, is: 'grams' },
      measure('form.diameter', say`Across`),
      measure('form.height', say`Height`),
      measure('form.length', say`Length`),
      measure('form.width', say`Width`),
    ],
  },
  {
    title: say`Composition`,
    kinds: ['cheese', 'meat', 'companion'],
    hint: say`In per cent of the weight. With water and fat the published firmness is worked out beside the family.`,
    fields: [
      { path: 'composition.water', label: say`Water`, is: 'number', optional: true },
      { path: 'composition.fat', label: say`Fat`, is: 'number', optional: true },
      { path: 'composition.protein', label: say`Protein`, is: 'number', optional: true },
    ],
  },
  {
    title: say`How it looks`,
    kinds: ['cheese'],
    fields: [
      one('look.eyes', say`Eyes`, EYES),
      { path: 'look.veins', label: say`Veins, 0 to 3`, is: 'number' },
      { path: 'look.ashLine', label: say`Ash line`, is: 'yes/no' },
      { path: 'look.crystals', label: say`Crystals`, is: 'yes/no' },
      { path: 'look.curd', label: say`Curd shows`, is: 'yes/no' },
    ],
  },
];

export const TRIAL_SECTION: Section = {
  title: say`Trial piece`,
  kinds: MAINS,
  hint: say`Not proposed for an order until it is decided to buy it.`,
  fields: [
    { path: 'trial.paid', label: say`Paid for the end`, is: 'money' },
    { path: 'trial.grams', label: say`Weight of the end`, is: 'grams' },
    text('trial.looks', say`How it looks`),
    text('trial.smell', say`How it smells`),
    one('trial.decision', say`Decision`, TRIAL_DECISIONS),
  ],
};

/** Fields that are not edited by hand, or on a part of the page of their own. */
const OTHERS: Readonly<Record<string, string>> = {
  kind: say`Kind of good`,
  id: say`Id`,
  lots: say`Lots`,
  colours: say`Colours`,
  estimated: say`Scales not tasted yet`,
  from: say`Not stated yet`,
  'usual.intensity': say`Usual strength`,
  'usual.ageDays': say`At an age of, days`,
  'pack.pieces': say`Pieces in a pack`,
  'allergens.contains': say`Contains`,
  'allergens.mayContain': say`May contain`,
  'allergens.free': say`Free of`,
  'allergens.unknown': say`Allergens not known`,
  'allergens.rest': say`All other allergens`,
  'composition.carbohydrate': say`Carbohydrate`,
  'composition.ash': say`Ash`,
};

type Tree = { readonly [key: string]: unknown };

export const valueAt = (good: Good, path: string): unknown =>
  path.split('.').reduce<unknown>((now, key) => (now as Tree | null)?.[key], good);

/** A copy of a good with one field changed; a part that was not there is made. */
export function withValue(good: Good, path: string, value: unknown): unknown {
  const put = (tree: Tree, keys: readonly string[]): Tree => {
    const [key, ...rest] = keys as [string, ...string[]];
    return { ...tree, [key]: rest.length === 0 ? value : put((tree[key] ?? {}) as Tree, rest) };
  };
  return put(good as unknown as Tree, path.split('.'));
}

/** What a field of the open format is called here: its label, with its section where two have one label; its path where the editor has none. */
export const fieldLabel: (path: string) => string = (() => {
  const all = [...SECTIONS, TRIAL_SECTION].flatMap(({ title, fields }) =>
    fields.map(({ path, label }) => ({ path, label, title })),
  );
  const isAmbiguous = (path: string, label: string) =>
    all.some((other) => other.label === label && other.path !== path);
  const labels = new Map(
    all.map(({ path, label, title }) => [
      path,
      isAmbiguous(path, label) ? `${title}: ${label.toLowerCase()}` : label,
    ]),
  );
  return (path) => labels.get(path) ?? OTHERS[path] ?? path;
})();
