import {
  BUILDS,
  CALIBRES,
  CASINGS,
  CERTIFICATES,
  COMPANION_ROLES,
  DRINK_TYPES,
  EYES,
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
  WARE_USES,
  type Good,
  type GoodKind,
} from '@rotula/core';

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
    title: 'Name and origin',
    kinds: ALL,
    fields: [
      text('name', 'Name'),
      text('style', 'Style'),
      text('maker', 'Maker'),
      text('code', 'Supplier’s number'),
      text('origin.region', 'Region'),
      text('origin.country', 'Country'),
      { path: 'adjectives', label: 'Adjectives, for the card', is: 'words' },
      { path: 'note', label: 'Note', is: 'long' },
    ],
  },
  {
    title: 'Price and pack',
    kinds: ALL,
    fields: [
      { path: 'price.amount', label: 'Price', is: 'money' },
      one('price.per', 'per', PRICED_PER),
      one('pack.form', 'Sold', PACK_FORMS),
      { path: 'pack.grams', label: 'Weight of a pack', is: 'grams', optional: true },
      { path: 'pack.ml', label: 'Volume of a pack, ml', is: 'number', optional: true },
    ],
  },
  {
    title: 'What it is',
    kinds: ['cheese'],
    hint: 'Blends count under each animal; any share of cow is cow to those who avoid it.',
    fields: [
      text('line', 'Line: one cheese at several ages'),
      text('tradeStyle', 'Style of the trade, which others make too'),
      { path: 'milk', label: 'Milk', is: 'shares', of: MILKS },
      { path: 'milkKnown', label: 'The milk is known', is: 'yes/no' },
      { path: 'described', label: 'Family, age and making are as they stand here', is: 'yes/no' },
      one('treatment', 'Milk is', TREATMENTS),
      one('texture', 'Family', TEXTURES),
      { path: 'ageDays', label: 'Usual age, days', is: 'days' },
      one('known', 'At the table', KNOWN),
      one('paste', 'Paste', PASTES),
      one('rind.kind', 'Rind', RINDS),
      { path: 'rind.mm', label: 'Rind thickness', is: 'mm' },
      one('rind.verdict', 'Rind is', RIND_VERDICTS),
    ],
  },
  {
    title: 'What it is',
    kinds: ['meat'],
    fields: [
      { path: 'animals', label: 'Animal', is: 'shares', of: MEAT_ANIMALS },
      { path: 'described', label: 'Animal, age and making are as they stand here', is: 'yes/no' },
      one('build', 'Build', BUILDS),
      one('process', 'Process', PROCESSES),
      one('calibre', 'Format', CALIBRES),
      { path: 'ageDays', label: 'Usual age, days', is: 'days' },
      one('known', 'At the table', KNOWN),
      { path: 'slice.mm', label: 'Slice, thickness', is: 'mm' },
      { path: 'slice.diameter', label: 'Slice, across', is: 'mm' },
      { path: 'casingEaten', label: 'Casing is eaten', is: 'yes/no' },
    ],
  },
  {
    title: 'What it is',
    kinds: ['companion'],
    fields: [
      one('role', 'Role', COMPANION_ROLES),
      scale('crunch', 'Crunch'),
      scale('juice', 'Juice'),
      scale('scented', 'Scent, herbs, spice'),
      { path: 'rolls', label: 'Rolls on the board', is: 'yes/no' },
    ],
  },
  {
    title: 'What it is',
    kinds: ['drink'],
    fields: [
      one('type', 'Kind', DRINK_TYPES),
      { path: 'abv', label: 'Alcohol, %', is: 'number' },
      { path: 'residualSugar', label: 'Sugar, g/l', is: 'number' },
      { path: 'totalAcidity', label: 'Acidity, g/l', is: 'number' },
      scale('tannin', 'Tannin'),
      scale('bubbles', 'Bubbles'),
      scale('body', 'Body'),
      scale('spice', 'Spice'),
    ],
  },
  {
    title: 'What it is',
    kinds: ['ware'],
    fields: [
      one('use', 'Use', WARE_USES),
      measure('length', 'Length'),
      measure('width', 'Width'),
      measure('diameter', 'Across'),
    ],
  },
  {
    title: 'How it tastes',
    kinds: EDIBLE,
    hint: '0 to 10. A lot that was tasted shifts strength and funk by itself; here stands the good when it is ready.',
    fields: [
      scale('sense.intensity', 'Strength'),
      scale('sense.persistence', 'Lingers'),
      scale('sense.sweet', 'Sweet'),
      scale('sense.sour', 'Sour'),
      scale('sense.salty', 'Salty'),
      scale('sense.bitter', 'Bitter'),
      scale('sense.umami', 'Umami'),
      scale('sense.fat', 'Fat'),
      scale('sense.funk', 'Funk'),
      scale('sense.heat', 'Heat'),
      scale('sense.smoke', 'Smoke'),
      { path: 'flavours', label: 'Flavours, four at most', is: 'many', of: FLAVOURS },
    ],
  },
  {
    title: 'What is inside',
    kinds: EDIBLE,
    hint: 'Ingredients give allergens and diets away by themselves, and only ever make them stricter. Unknown never passes.',
    fields: [
      { path: 'contents.ingredients', label: 'Ingredients', is: 'words' },
      one('contents.rennet', 'Rennet', RENNETS),
      one('contents.casing', 'Casing', CASINGS),
      one('contents.gelatine', 'Gelatine', GELATINES),
      one('contents.blood', 'Blood', PRESENCES),
      one('contents.alcohol', 'Alcohol', PRESENCES),
      one('contents.honey', 'Honey', PRESENCES),
      { path: 'contents.certificates', label: 'Certificates', is: 'many', of: CERTIFICATES },
    ],
  },
  {
    title: 'The whole piece',
    kinds: MAINS,
    fields: [
      one('form.shape', 'Shape', SHAPES),
      { path: 'form.grams', label: 'Weight', is: 'grams' },
      measure('form.diameter', 'Across'),
      measure('form.height', 'Height'),
      measure('form.length', 'Length'),
      measure('form.width', 'Width'),
    ],
  },
  {
    title: 'Composition',
    kinds: ['cheese'],
    hint: 'In per cent of the weight. With water and fat the published firmness is worked out beside the family.',
    fields: [
      { path: 'composition.water', label: 'Water', is: 'number', optional: true },
      { path: 'composition.fat', label: 'Fat', is: 'number', optional: true },
      { path: 'composition.protein', label: 'Protein', is: 'number', optional: true },
    ],
  },
  {
    title: 'How it looks',
    kinds: ['cheese'],
    fields: [
      one('look.eyes', 'Eyes', EYES),
      { path: 'look.veins', label: 'Veins, 0 to 3', is: 'number' },
      { path: 'look.ashLine', label: 'Ash line', is: 'yes/no' },
      { path: 'look.crystals', label: 'Crystals', is: 'yes/no' },
      { path: 'look.curd', label: 'Curd shows', is: 'yes/no' },
    ],
  },
];

export const TRIAL_SECTION: Section = {
  title: 'Trial piece',
  kinds: MAINS,
  hint: 'Not proposed for an order until it is decided to buy it.',
  fields: [
    { path: 'trial.paid', label: 'Paid for the end', is: 'money' },
    { path: 'trial.grams', label: 'Weight of the end', is: 'grams' },
    text('trial.looks', 'How it looks'),
    text('trial.smell', 'How it smells'),
    one('trial.decision', 'Decision', TRIAL_DECISIONS),
  ],
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
