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
const leads =
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
const isMild: Test<Drink> = ({ abv }) => abv < STRONG_ALE;

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
    'pale beer': all<Drink>(no('caramel', 'roast'), isMild, (drink) => !isTart(drink)),
    'amber ale': all<Drink>(scent('caramel'), no('roast'), isMild),
    'dark beer': all<Drink>(scent('roast'), isMild),
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

/** The families of a companion, by its role. Each has the name of the one that is best known; what is of it is told by role and aroma. */
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
    'plain cracker': all(leads('toast'), no('dried fruit', 'herb', 'resin')),
    'seed cracker': leads('nut'),
  },
  preserve: {
    'fig preserve': leads('dried fruit'),
    'quince preserve': all(leads('orchard'), scent('blossom')),
    'orchard preserve': all(leads('orchard'), no('blossom')),
    'cherry preserve': leads('stone fruit'),
    'berry preserve': leads('berry'),
    'citrus preserve': leads('citrus'),
    'tomato preserve': leads('tomato'),
  },
  fruit: {
    'fresh fig': all(leads('berry'), scent('green')),
    berry: all(leads('berry'), no('green')),
    'orchard fruit': leads('orchard'),
    grape: leads('grape'),
    'stone fruit': leads('stone fruit'),
    citrus: leads('citrus'),
    melon: leads('tropical'),
  },
  'dried fruit': {
    'dried apricot or cherry': leads('stone fruit'),
    'date or dried fig': leads('dried fruit'),
    'dried pear': leads('orchard'),
    'candied citrus': leads('citrus'),
  },
  nut: {
    'earthy nut': all(leads('nut'), scent('earth')),
    'sweet nut': all(leads('nut'), scent('caramel')),
    'smoked nut': all(leads('nut'), scent('smoke')),
    'buttery nut': all(leads('nut'), scent('butter')),
    'roast nut': all(leads('nut'), scent('roast')),
    'green nut': all(leads('nut'), scent('green')),
  },
  brine: {
    'onion pickle': scent('allium'),
    caper: scent('mustard'),
    pickle: all(leads('pickle'), no('allium', 'mustard', 'nut', 'earth')),
    'beet pickle': all(leads('pickle'), scent('earth')),
    'pickled nut': scent('nut'),
    olive: all(scent('sea'), no('mustard')),
    'oil-cured vegetable': all(leads('green'), no('sea')),
  },
  mustard: {
    'coarse mustard': scent('pickle'),
    'honey mustard': scent('blossom'),
    'hot mustard': ({ sense }) => sense.heat >= SEARING,
  },
  chutney: {
    'onion chutney': leads('allium'),
    'fruit chutney': leads('orchard', 'tropical', 'stone fruit', 'dried fruit'),
  },
  'savoury spread': { balsamic: all(leads('dried fruit'), scent('pickle')) },
  vegetable: {
    tomato: leads('tomato'),
    radish: leads('mustard'),
    'sweet root': leads('earth'),
    'bitter leaf': ({ sense }) => sense.bitter >= BITTER_LEAF,
    'green vegetable': all<Companion>(leads('green', 'anise'), ({ sense }) => sense.bitter < BITTER_LEAF),
  },
  butter: { butter: any },
  chocolate: { 'dark chocolate': leads('roast'), 'milk chocolate': leads('caramel') },
  oil: { 'green oil': leads('green'), 'citrus oil': leads('citrus'), 'nut oil': leads('nut') },
  dip: { 'cool dip': leads('lactic'), 'bean dip': leads('nut', 'earth'), 'pepper dip': leads('tomato') },
  seasoning: {
    salt: leads('sea'),
    pepper: leads('pepper'),
    'smoked salt': leads('smoke'),
    'seed crumble': leads('nut'),
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
