import type { Aroma, Companion, Drink, Meat } from '../../counter/index.js';
import { drinkSense } from '../../sense/index.js';
import { familiesOf, MEAT_FAMILIES, type MeatFamily } from './families.js';

/** Felt sweetness from which a wine is a sweet one; body and spice of a red; alcohol of a strong one, in % of volume. */
const SWEET = 4;
const LIGHT_BODY = 5;
const SPICED = 5;
const STRONG_RED = 15;
const STRONG_ALE = 7;
const TART = 4.5;
/** Heat of a mustard that clears the nose; bitterness of a leaf that is eaten for it. */
const SEARING = 6;
const BITTER_LEAF = 3;

interface Scented {
  readonly aromas: readonly Aroma[];
}
type Test<G> = (good: G) => boolean;

const any = (): boolean => true;
const anAromaLeads =
  (...aromas: readonly Aroma[]): Test<Scented> =>
  ({ aromas: [lead] }) =>
    lead !== undefined && aromas.includes(lead);
const scent =
  (...aromas: readonly Aroma[]): Test<Scented> =>
  (good) =>
    aromas.some((aroma) => good.aromas.includes(aroma));
const no =
  (...aromas: readonly Aroma[]): Test<Scented> =>
  (good) =>
    !aromas.some((aroma) => good.aromas.includes(aroma));
const all =
  <G>(...tests: readonly Test<G>[]): Test<G> =>
  (good) =>
    tests.every((test) => test(good));

const isSweet: Test<Drink> = (drink) => drinkSense(drink).sweet >= SWEET;
const isDry: Test<Drink> = (drink) => !isSweet(drink);
const isTart: Test<Drink> = (drink) => drinkSense(drink).acid >= TART;
const isStrongAle: Test<Drink> = ({ abv }) => abv >= STRONG_ALE;
const isMildAle: Test<Drink> = ({ abv }) => abv < STRONG_ALE;

/** The families of a drink, by its type. */
const DRINKS = {
  sparkling: { sparkling: any },
  white: {
    'crisp white': no('nut', 'butter', 'resin', 'blossom'),
    'scented white': all(scent('blossom'), no('nut', 'butter', 'resin')),
    'rich white': all(scent('butter', 'resin'), no('nut')),
    'nutty white': scent('nut'),
  },
  rosé: { rosé: any },
  red: {
    'light red': ({ body }) => body < LIGHT_BODY,
    'full red': ({ body }) => body >= LIGHT_BODY,
    'spiced red': ({ spice }) => spice >= SPICED,
    'strong red': ({ abv }) => abv >= STRONG_RED,
  },
  sweet: { 'sweet wine': any },
  fortified: { 'sweet fortified': isSweet, 'dry fortified': isDry },
  beer: {
    'pale beer': all<Drink>(no('caramel', 'roast'), isMildAle, (drink) => !isTart(drink)),
    'amber ale': all<Drink>(scent('caramel'), no('roast'), isMildAle),
    'dark beer': all<Drink>(scent('roast'), isMildAle),
    'strong ale': isStrongAle,
  },
  cider: { cider: isDry, 'sweet wine': isSweet },
  'no-alcohol': {
    'orchard juice': all<Drink>(scent('orchard'), isSweet),
    'tart spritz': scent('grape', 'pickle'),
    'flower spritz': scent('blossom'),
    'spice brew': scent('spice'),
    'hop brew': scent('toast', 'resin'),
  },
  tea: { 'smoked tea': scent('smoke') },
} satisfies Partial<Record<Drink['type'], Record<string, Test<Drink>>>>;

/** What a bread and a cracker have in common. */
const CARRIERS = {
  'dark bread': scent('earth'),
  'fruit bread': scent('dried fruit'),
  'herb bread': scent('herb', 'resin'),
} satisfies Record<string, Test<Companion>>;

/** The families of a companion, by its role. Each has the name of the one that is best known; membership goes by role and aroma. */
const COMPANIONS = {
  honey: {
    'mild honey': all(scent('blossom'), no('herb', 'caramel', 'earth', 'pepper')),
    'scented honey': all(scent('blossom'), scent('herb', 'caramel', 'earth')),
    'dark honey': no('blossom', 'pepper'),
    'hot honey': scent('pepper'),
  },
  bread: {
    ...CARRIERS,
    'plain bread': no('earth', 'nut', 'dried fruit', 'herb', 'resin'),
    'nut bread': scent('nut'),
  },
  cracker: {
    ...CARRIERS,
    'plain cracker': all(anAromaLeads('toast'), no('dried fruit', 'herb', 'resin')),
    'seed cracker': anAromaLeads('nut'),
  },
  preserve: {
    'fig preserve': anAromaLeads('dried fruit'),
    'quince preserve': all(anAromaLeads('orchard'), scent('blossom')),
    'orchard preserve': all(anAromaLeads('orchard'), no('blossom')),
    'cherry preserve': anAromaLeads('stone fruit'),
    'berry preserve': anAromaLeads('berry'),
    'citrus preserve': anAromaLeads('citrus'),
    'tomato preserve': anAromaLeads('tomato'),
  },
  fruit: {
    'fresh fig': all(anAromaLeads('berry'), scent('green')),
    berry: all(anAromaLeads('berry'), no('green')),
    'orchard fruit': anAromaLeads('orchard'),
    grape: anAromaLeads('grape'),
    'stone fruit': anAromaLeads('stone fruit'),
    citrus: anAromaLeads('citrus'),
    melon: anAromaLeads('tropical'),
  },
  'dried fruit': {
    'dried apricot or cherry': anAromaLeads('stone fruit'),
    'date or dried fig': anAromaLeads('dried fruit'),
    'dried pear': anAromaLeads('orchard'),
    'candied citrus': anAromaLeads('citrus'),
  },
  nut: {
    'earthy nut': all(anAromaLeads('nut'), scent('earth')),
    'sweet nut': all(anAromaLeads('nut'), scent('caramel')),
    'smoked nut': all(anAromaLeads('nut'), scent('smoke')),
    'buttery nut': all(anAromaLeads('nut'), scent('butter')),
    'roast nut': all(anAromaLeads('nut'), scent('roast')),
    'green nut': all(anAromaLeads('nut'), scent('green')),
  },
  brine: {
    'onion pickle': scent('allium'),
    caper: scent('mustard'),
    pickle: all(anAromaLeads('pickle'), no('allium', 'mustard', 'nut', 'earth')),
    'beet pickle': all(anAromaLeads('pickle'), scent('earth')),
    'pickled nut': scent('nut'),
    olive: all(scent('sea'), no('mustard')),
    'oil-cured vegetable': all(anAromaLeads('green'), no('sea')),
  },
  mustard: {
    'coarse mustard': scent('pickle'),
    'honey mustard': scent('blossom'),
    'hot mustard': ({ sense }) => sense.heat >= SEARING,
  },
  chutney: {
    'onion chutney': anAromaLeads('allium'),
    'fruit chutney': anAromaLeads('orchard', 'tropical', 'stone fruit', 'dried fruit'),
  },
  'savoury spread': { balsamic: all(anAromaLeads('dried fruit'), scent('pickle')) },
  vegetable: {
    tomato: anAromaLeads('tomato'),
    radish: anAromaLeads('mustard'),
    'sweet root': anAromaLeads('earth'),
    'bitter leaf': ({ sense }) => sense.bitter >= BITTER_LEAF,
    'green vegetable': all<Companion>(
      anAromaLeads('green', 'anise'),
      ({ sense }) => sense.bitter < BITTER_LEAF,
    ),
  },
  butter: { butter: any },
  chocolate: { 'dark chocolate': anAromaLeads('roast'), 'milk chocolate': anAromaLeads('caramel') },
  oil: {
    'green oil': anAromaLeads('green'),
    'citrus oil': anAromaLeads('citrus'),
    'nut oil': anAromaLeads('nut'),
  },
  dip: {
    'cool dip': anAromaLeads('lactic'),
    'bean dip': anAromaLeads('nut', 'earth'),
    'pepper dip': anAromaLeads('tomato'),
  },
  seasoning: {
    salt: anAromaLeads('sea'),
    pepper: anAromaLeads('pepper'),
    'smoked salt': anAromaLeads('smoke'),
    'seed crumble': anAromaLeads('nut'),
  },
} satisfies Partial<Record<Companion['role'], Record<string, Test<Companion>>>>;

type KeyOfEach<T> = T extends unknown ? keyof T : never;
/** A meat beside a cheese goes by its own families. */
type MeatCompany = `meat, ${MeatFamily}` | 'meat, smoky';
/** What stands beside a good, by the family that a custom speaks of. */
export type CompanyFamily =
  | KeyOfEach<(typeof DRINKS)[keyof typeof DRINKS]>
  | KeyOfEach<(typeof COMPANIONS)[keyof typeof COMPANIONS]>
  | MeatCompany;

/** The tests by type or role as lists, so that a good is put only to its own. */
const listed = <G>(table: Readonly<Record<string, Readonly<Record<string, Test<G>>>>>) =>
  new Map(
    Object.entries(table).map(([of, tests]) => [of, Object.entries(tests) as [CompanyFamily, Test<G>][]]),
  );
const OF_DRINKS = listed<Drink>(DRINKS);
const OF_COMPANIONS = listed<Companion>(COMPANIONS);

function among<G>(tests: readonly [CompanyFamily, Test<G>][] | undefined, good: G): CompanyFamily[] {
  const families: CompanyFamily[] = [];
  for (const [family, test] of tests ?? []) if (test(good)) families.push(family);
  return families;
}

/** The families of what stands beside: of most things one, of some two, of what is like nothing else none. */
export function companyFamiliesOf(company: Companion | Drink | Meat): CompanyFamily[] {
  if (company.kind === 'drink') return among(OF_DRINKS.get(company.type), company);
  if (company.kind === 'companion') return among(OF_COMPANIONS.get(company.role), company);
  const families = familiesOf(company);
  return [
    ...MEAT_FAMILIES.filter((family) => families.includes(family)).map(
      (family) => `meat, ${family}` as const,
    ),
    // Fish is smoked as a matter of course: its custom is its own.
    ...(scent('smoke')(company) && !families.includes('fish') ? (['meat, smoky'] as const) : []),
  ];
}
