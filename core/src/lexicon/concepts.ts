import { TREE_NUTS, type AllergenId } from './allergens.js';

/** What a word of food brings, apart from the language it is said in. */

/** What diets and guests at risk ask for, beside the allergens. */
export type Fact =
  | 'pork'
  | 'beef'
  | 'lamb'
  | 'poultry'
  | 'game'
  | 'meat'
  | 'animal fat'
  | 'alcohol'
  | 'spirit'
  | 'gelatine'
  | 'beef gelatine'
  | 'fish gelatine'
  | 'animal rennet'
  | 'blood'
  | 'honey'
  | 'raw egg'
  | 'insect'
  | 'fermented'
  | 'sprouts'
  | 'raw fish'
  | 'blue cheese';

/** A concept: what is sure in it, and what is often in it. */
export interface Concept {
  readonly contains?: readonly AllergenId[];
  readonly may?: readonly AllergenId[];
  readonly facts?: readonly Fact[];
  readonly mayFacts?: readonly Fact[];
  /** Of wheat unless it is called gluten-free: flour, bread, pasta. */
  readonly ofCereal?: true;
}

const allergen = (...contains: readonly AllergenId[]): Concept => ({ contains });
const meat = (...facts: readonly Fact[]): Concept => ({ facts: ['meat', ...facts] });

/**
 * Every concept of the lexicon. Allergens: Regulation (EU) 1169/2011 Annex II; what a dish or additive usually holds: common practice, no
 * source, and on the strict side.
 */
const CONCEPTS = {
  /** Said, and nothing that anybody asks for: coconut milk, butter beans, nutmeg. */
  nothing: {},
  milk: allergen('milk'),
  'blue cheese': { contains: ['milk'], facts: ['blue cheese'] },
  'milk perhaps': { may: ['milk'] },
  eggs: allergen('eggs'),
  'eggs perhaps': { may: ['eggs'] },
  'raw egg': { contains: ['eggs'], facts: ['raw egg'] },
  mayonnaise: { contains: ['eggs'], may: ['mustard'], facts: ['raw egg'] },
  custard: { may: ['milk', 'eggs', 'wheat'] },
  wheat: allergen('wheat'),
  'of cereal': { contains: ['wheat'], ofCereal: true },
  'cereal perhaps': { may: ['wheat', 'barley'], ofCereal: true },
  gluten: { contains: ['wheat'], may: ['rye', 'barley'] },
  spelt: allergen('spelt'),
  kamut: allergen('kamut'),
  rye: allergen('rye'),
  barley: allergen('barley'),
  oats: allergen('oats'),
  beer: { contains: ['barley'], may: ['wheat'], facts: ['alcohol'] },
  crustaceans: allergen('crustaceans'),
  fish: allergen('fish'),
  'smoked fish': { contains: ['fish'], facts: ['raw fish'] },
  surimi: { contains: ['fish'], may: ['crustaceans', 'eggs', 'wheat', 'soybeans'] },
  'fish sauce': { contains: ['fish'], facts: ['fermented'] },
  worcester: { contains: ['fish', 'barley'], facts: ['fermented'] },
  caesar: { contains: ['eggs', 'milk', 'fish'], may: ['mustard'], facts: ['raw egg'] },
  peanuts: allergen('peanuts'),
  satay: { contains: ['peanuts'], may: ['soybeans', 'wheat'] },
  soybeans: allergen('soybeans'),
  'soy sauce': { contains: ['soybeans', 'wheat'], facts: ['fermented'] },
  miso: { contains: ['soybeans'], may: ['barley', 'wheat'], facts: ['fermented'] },
  lecithin: { may: ['soybeans', 'eggs'] },
  'vegetable protein': { may: ['soybeans', 'wheat'] },
  almond: allergen('almond'),
  nougat: { contains: ['almond'], may: ['hazelnut', 'pistachio', 'eggs', 'milk'], mayFacts: ['honey'] },
  hazelnut: allergen('hazelnut'),
  gianduja: { contains: ['hazelnut'], may: ['milk', 'soybeans'] },
  praline: { may: ['hazelnut', 'almond', 'milk', 'pecan'] },
  walnut: allergen('walnut'),
  cashew: allergen('cashew'),
  pecan: allergen('pecan'),
  'brazil nut': allergen('brazil nut'),
  pistachio: allergen('pistachio'),
  macadamia: allergen('macadamia'),
  /** Nuts of which nobody says which. */
  nuts: { may: TREE_NUTS },
  'nuts and peanuts': { may: [...TREE_NUTS, 'peanuts'] },
  pesto: { contains: ['milk'], may: ['cashew', 'walnut', 'almond'] },
  muesli: { contains: ['oats'], may: ['wheat', 'barley', 'rye', 'hazelnut', 'almond'] },
  celery: allergen('celery'),
  stock: { may: ['celery', 'wheat', 'milk'], mayFacts: ['meat'] },
  mustard: allergen('mustard'),
  curry: { may: ['mustard', 'celery'] },
  sesame: allergen('sesame'),
  dukkah: { contains: ['sesame'], may: ['hazelnut', 'almond', 'pistachio'] },
  sulphites: allergen('sulphites'),
  lupin: allergen('lupin'),
  molluscs: allergen('molluscs'),
  'oyster sauce': { contains: ['molluscs'], may: ['soybeans', 'wheat'] },
  seafood: { may: ['fish', 'crustaceans', 'molluscs'] },
  wine: { may: ['sulphites'], facts: ['alcohol'] },
  spirit: { facts: ['alcohol', 'spirit'] },
  liqueur: { facts: ['alcohol', 'spirit'] },
  'nut liqueur': { may: ['almond', 'hazelnut', 'walnut'], facts: ['alcohol', 'spirit'] },
  'egg liqueur': { contains: ['eggs'], may: ['milk'], facts: ['alcohol', 'spirit', 'raw egg'] },
  'cream liqueur': { contains: ['milk'], facts: ['alcohol', 'spirit'] },
  alcohol: { facts: ['alcohol'] },
  pork: meat('pork'),
  'pork perhaps': { facts: ['meat'], mayFacts: ['pork'] },
  'pork fat': { facts: ['pork', 'meat', 'animal fat'] },
  'lard or butter': { may: ['milk'], mayFacts: ['pork', 'animal fat'] },
  'blood sausage': { facts: ['meat', 'pork', 'blood'], may: ['oats', 'barley', 'wheat'] },
  beef: meat('beef'),
  'beef fat': { facts: ['beef', 'meat', 'animal fat'] },
  lamb: meat('lamb'),
  poultry: meat('poultry'),
  'poultry fat': { facts: ['poultry', 'meat', 'animal fat'] },
  game: meat('game'),
  boar: meat('game', 'pork'),
  meat: meat(),
  'animal fat': { facts: ['animal fat', 'meat'], mayFacts: ['pork'] },
  /** Additives made of fats of animals or of plants: nobody says which. */
  'fat perhaps': { mayFacts: ['animal fat', 'pork', 'meat'] },
  gelatine: { facts: ['gelatine', 'meat'] },
  'beef gelatine': { facts: ['beef gelatine', 'beef', 'meat'] },
  'fish gelatine': { contains: ['fish'], facts: ['fish gelatine', 'meat'] },
  'gelatine perhaps': { mayFacts: ['gelatine', 'meat'] },
  'animal rennet': { facts: ['animal rennet'] },
  blood: { facts: ['blood', 'meat'] },
  honey: { facts: ['honey'] },
  'honey perhaps': { mayFacts: ['honey'] },
  insect: { facts: ['insect'] },
  fermented: { facts: ['fermented'] },
  sprouts: { facts: ['sprouts'] },
} as const satisfies Record<string, Concept>;

export type ConceptId = keyof typeof CONCEPTS;
export const conceptOf = (id: ConceptId): Concept => CONCEPTS[id];

/** The words of a language: for each concept whole words and phrases, divided by bars, lower case, without accents. */
export type Words = Readonly<Partial<Record<ConceptId, string>>>;
