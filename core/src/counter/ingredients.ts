import { memoisedBy } from '../units/index.js';
import { ALLERGENS, allergenState, type AllergenId, type AllergenState } from './allergens.js';
import { type AllergenStatement } from './allergenStatement.js';
import type { Contents, Good } from './good.js';

/**
 * What hides inside: from the words of an ingredient list follow allergens and facts that diets ask for. A word that is
 * found only ever makes a good stricter; nothing is free because a word is missing. Common practice, no source, for the
 * words; the allergens are those of Regulation (EU) 1169/2011 Annex II.
 */
interface IngredientRow {
  /** Whole words, lower case. */
  readonly words: readonly string[];
  readonly allergens?: readonly AllergenId[];
  readonly may?: readonly AllergenId[];
  readonly facts?: Partial<Pick<Contents, 'alcohol' | 'honey' | 'blood'>> & {
    rennet?: 'animal';
    gelatine?: 'pork';
    meat?: true;
  };
}

const INGREDIENTS: readonly IngredientRow[] = [
  {
    words: [
      'milk',
      'milk powder',
      'whey',
      'whey powder',
      'lactose',
      'cream',
      'butter',
      'buttermilk',
      'casein',
      'caseinate',
      'curd',
    ],
    allergens: ['milk'],
  },
  { words: ['egg', 'eggs', 'egg white', 'lysozyme'], allergens: ['eggs'] },
  {
    words: ['wheat', 'wheat flour', 'flour', 'breadcrumbs', 'semolina', 'couscous', 'bulgur', 'malted wheat'],
    allergens: ['wheat'],
  },
  { words: ['spelt'], allergens: ['spelt'] },
  { words: ['rye', 'rye flour'], allergens: ['rye'] },
  { words: ['barley', 'malt', 'malt extract', 'barley malt', 'beer', 'ale', 'stout'], allergens: ['barley'] },
  { words: ['yeast extract'], may: ['barley', 'wheat'] },
  { words: ['oats', 'oatmeal', 'oat flour'], allergens: ['oats'] },
  {
    words: ['soy', 'soya', 'soybean', 'soybeans', 'soy lecithin', 'soya lecithin', 'tofu'],
    allergens: ['soybeans'],
  },
  { words: ['lecithin'], may: ['soybeans'] },
  { words: ['peanut', 'peanuts'], allergens: ['peanuts'] },
  { words: ['almond', 'almonds', 'marzipan'], allergens: ['almond'] },
  { words: ['hazelnut', 'hazelnuts', 'gianduja'], allergens: ['hazelnut'] },
  { words: ['walnut', 'walnuts'], allergens: ['walnut'] },
  { words: ['cashew', 'cashews'], allergens: ['cashew'] },
  { words: ['pecan', 'pecans'], allergens: ['pecan'] },
  { words: ['brazil nut', 'brazil nuts'], allergens: ['brazil nut'] },
  { words: ['pistachio', 'pistachios'], allergens: ['pistachio'] },
  { words: ['macadamia', 'macadamias'], allergens: ['macadamia'] },
  { words: ['celery', 'celeriac', 'celery salt'], allergens: ['celery'] },
  { words: ['mustard', 'mustard seed', 'mustard seeds', 'mustard powder'], allergens: ['mustard'] },
  { words: ['sesame', 'sesame seed', 'sesame seeds', 'tahini'], allergens: ['sesame'] },
  {
    words: ['sulphite', 'sulphites', 'sulphur dioxide', 'metabisulphite', 'e220', 'e223', 'e224'],
    allergens: ['sulphites'],
  },
  { words: ['lupin', 'lupin flour'], allergens: ['lupin'] },
  {
    words: ['anchovy', 'anchovies', 'fish', 'salmon', 'trout', 'tuna', 'fish sauce'],
    allergens: ['fish'],
    facts: { meat: true },
  },
  {
    words: ['shrimp', 'prawn', 'prawns', 'crab', 'lobster'],
    allergens: ['crustaceans'],
    facts: { meat: true },
  },
  {
    words: ['mussel', 'mussels', 'oyster', 'oysters', 'squid', 'cuttlefish ink', 'squid ink'],
    allergens: ['molluscs'],
    facts: { meat: true },
  },
  {
    words: [
      'wine',
      'red wine',
      'white wine',
      'port',
      'sherry',
      'brandy',
      'grape spirit',
      'marc',
      'cider',
      'rum',
      'whisky',
      'spirit',
      'liqueur',
    ],
    may: ['sulphites'],
    facts: { alcohol: 'yes' },
  },
  { words: ['beer', 'ale', 'stout'], facts: { alcohol: 'yes' } },
  { words: ['honey', 'honeycomb'], facts: { honey: 'yes' } },
  { words: ['blood', 'pig blood', 'pork blood'], facts: { blood: 'yes', meat: true } },
  { words: ['animal rennet', 'calf rennet', 'lamb rennet', 'kid rennet'], facts: { rennet: 'animal' } },
  { words: ['gelatine', 'gelatin', 'pork gelatine'], facts: { gelatine: 'pork', meat: true } },
  {
    words: ['pork', 'lard', 'bacon', 'ham', 'beef', 'tallow', 'suet', 'chicken', 'duck'],
    facts: { meat: true },
  },
];

/** Ingredients as words: lower case, signs and shares taken away. */
const plain = (text: string): string =>
  ` ${text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()} `;

/** A milk that is no milk of an animal, a butter that is none, a flour that has no wheat. */
const NOT_MEANT =
  /(coconut|oat|almond|rice|soy|soya) (milk|cream)|(cocoa|peanut|almond|shea) butter|(rice|maize|corn|chickpea|almond|oat|rye|lupin) flour|cream of tartar|nutmeg/g;

type Found = readonly { readonly row: IngredientRow; readonly word: string }[];

/** Goods are never changed in place, so what was read of one is remembered: limits, papers and cautions all ask for it. */
const rowsFor = memoisedBy(lookedUp);

function lookedUp(ingredients: readonly string[]): Found {
  return ingredients.flatMap((text) => {
    const whole = plain(text);
    const said = whole.replace(NOT_MEANT, (all) => all.replace(/ (milk|cream|butter|flour)$/, ' x'));
    return INGREDIENTS.flatMap((row) => {
      const word = row.words.find((w) => said.includes(` ${w} `));
      return word ? [{ row, word }] : [];
    });
  });
}

/** What was found inside a good, and by which word. */
export interface Inside {
  readonly contains: readonly { id: AllergenId; word: string }[];
  readonly may: readonly { id: AllergenId; word: string }[];
}

/** Allergens that follow from the kind of good and its ingredients: every cheese and butter is milk. */
export const insideOf = memoisedBy(lookedInside);

function lookedInside(good: Good): Inside {
  const found = rowsFor(good.contents.ingredients);
  const contains = found.flatMap(({ row, word }) => (row.allergens ?? []).map((id) => ({ id, word })));
  const isMilk = good.kind === 'cheese' || (good.kind === 'companion' && good.role === 'butter');
  if (isMilk && !contains.some(({ id }) => id === 'milk'))
    contains.unshift({ id: 'milk', word: good.kind === 'cheese' ? 'cheese' : 'butter' });
  if (
    good.kind === 'meat' &&
    good.animals.some((a) => a.animal === 'fish') &&
    !contains.some(({ id }) => id === 'fish')
  )
    contains.unshift({ id: 'fish', word: 'fish' });
  const may = found.flatMap(({ row, word }) => (row.may ?? []).map((id) => ({ id, word })));
  return { contains, may: may.filter(({ id }) => !contains.some((c) => c.id === id)) };
}

/** The state of one allergen in a good: what is declared, or the stricter word that its ingredients say. */
export function allergenOf(good: Good, id: AllergenId, inside = insideOf(good)): AllergenState {
  const declared = allergenState(good.allergens, id);
  if (declared === 'contains' || inside.contains.some((c) => c.id === id)) return 'contains';
  if (declared === 'free' && inside.may.some((m) => m.id === id)) return 'may contain';
  return declared;
}

/** All allergens of a good sorted by state, in the order of the table. */
export function allergensOf(good: Good): Record<AllergenState, AllergenId[]> {
  const out: Record<AllergenState, AllergenId[]> = { contains: [], 'may contain': [], free: [], unknown: [] };
  const inside = insideOf(good);
  for (const { id } of ALLERGENS) out[allergenOf(good, id, inside)].push(id);
  return out;
}

/** Declared free, and yet the ingredients say otherwise: to be asked and put right. */
export const contradictions = (
  { allergens }: { allergens: AllergenStatement },
  inside: Inside,
): AllergenId[] =>
  inside.contains.map(({ id }) => id).filter((id) => allergenState(allergens, id) === 'free');

/** Contents with what the ingredients give away: a word found makes a fact, never unmakes one. */
export const contentsOf = memoisedBy(factsOf);

function factsOf(good: Good): Contents & { readonly meat: boolean } {
  const facts = rowsFor(good.contents.ingredients).map(({ row }) => row.facts ?? {});
  const some = (test: (f: NonNullable<IngredientRow['facts']>) => boolean) => facts.some(test);
  const { contents } = good;
  return {
    ...contents,
    alcohol: some((f) => f.alcohol === 'yes') ? 'yes' : contents.alcohol,
    honey: some((f) => f.honey === 'yes') ? 'yes' : contents.honey,
    blood: some((f) => f.blood === 'yes') ? 'yes' : contents.blood,
    rennet: some((f) => f.rennet === 'animal') ? 'animal' : contents.rennet,
    gelatine:
      some((f) => f.gelatine === 'pork') && ['none', 'unknown'].includes(contents.gelatine)
        ? 'pork'
        : contents.gelatine,
    meat: some((f) => f.meat === true),
  };
}
