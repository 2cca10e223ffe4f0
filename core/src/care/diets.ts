import {
  contentsOf,
  factState,
  isAlcoholic,
  isDescribed,
  isSaid,
  type Good,
  type Meat,
} from '../counter/index.js';
import type { Fact } from '../lexicon/index.js';
import { NONE, reason } from '../units/index.js';
import {
  all,
  allergenTest,
  has,
  no,
  notKnown,
  unknown,
  YES,
  type Fit,
  type Ingredient,
  type NotKnown,
} from './fit.js';

/** What each diet leaves out. An unknown never passes. Common practice, no source, but where a line says so. */

const isMeatGood = (good: Good): good is Meat => good.kind === 'meat';

/** What is one thing by nature: nobody writes a list of its ingredients. */
const PLAIN_ROLES = ['fruit', 'vegetable', 'nut', 'honey', 'garnish'];
/** Made of several things, and nobody wrote down of which: a sausage, a chutney, a cracker. */
const isUnwritten = (good: Good): boolean =>
  good.contents.ingredients.length === 0 &&
  ((good.kind === 'companion' && !PLAIN_ROLES.includes(good.role)) ||
    (good.kind === 'meat' && good.build !== 'whole muscle'));

/** No by a fact that is sure, unknown by one that may be. */
function without(good: Good, fact: Fact, what: Ingredient, unsure: NotKnown): Fit {
  const state = factState(good, fact);
  return state === 'yes' ? has(what) : state === 'unknown' ? notKnown(unsure) : YES;
}

export function noPork(good: Good): Fit {
  const { casing, gelatine } = contentsOf(good);
  return all(
    good.kind === 'meat' && good.animals.some((a) => a.animal === 'pork') ? has('pork') : YES,
    isMeatGood(good) && !isDescribed(good) ? notKnown('animal') : YES,
    good.kind === 'meat' && good.animals.some((a) => a.animal === 'game')
      ? notKnown('whether it is boar')
      : YES,
    casing === 'pork' ? has('pork casing') : YES,
    isMeatGood(good) && casing === 'unknown' ? notKnown('casing') : YES,
    gelatine === 'pork' ? has('pork gelatine') : YES,
    gelatine === 'unknown' ? notKnown('gelatine') : YES,
    without(good, 'pork', 'pork', 'animal'),
    factState(good, 'animal fat') === 'unknown' ? notKnown('of which fat') : YES,
    isUnwritten(good) ? notKnown('ingredients') : YES,
  );
}

export function noAlcohol(good: Good): Fit {
  if (good.kind === 'drink')
    return isAlcoholic(good) ? no(reason('alcohol-by-volume', { percent: good.abv })) : YES;
  const { alcohol } = contentsOf(good);
  return alcohol === 'yes' ? has('alcohol') : alcohol === 'unknown' ? notKnown('alcohol') : YES;
}

export function vegetarian(good: Good): Fit {
  if (good.contents.certificates.includes('vegetarian') || good.contents.certificates.includes('vegan'))
    return factState(good, 'meat') === 'yes' ? has('meat or fish inside') : YES;
  const { rennet, gelatine } = contentsOf(good);
  return all(
    isMeatGood(good) ? has('meat') : YES,
    without(good, 'meat', 'meat or fish inside', 'ingredients'),
    without(good, 'animal fat', 'meat or fish inside', 'of which fat'),
    without(good, 'insect', 'insect', 'ingredients'),
    good.kind === 'cheese' && rennet === 'animal' ? has('animal rennet') : YES,
    good.kind === 'cheese' && rennet === 'unknown' ? notKnown('rennet') : YES,
    gelatine !== 'none' && gelatine !== 'unknown' ? has(`${gelatine} gelatine`) : YES,
    gelatine === 'unknown' ? notKnown('gelatine') : YES,
    allergenTest(['fish', 'crustaceans', 'molluscs'])(good, 'diet'),
    isUnwritten(good) ? notKnown('ingredients') : YES,
  );
}

export function vegan(good: Good): Fit {
  const { honey } = contentsOf(good);
  const read = all(
    good.kind === 'cheese' ? has('milk') : YES,
    allergenTest(['milk', 'eggs'])(good, 'diet'),
    honey === 'yes' ? has('honey') : honey === 'unknown' ? notKnown('honey') : YES,
  );
  if (good.contents.certificates.includes('vegan') && read.fits !== 'no') return vegetarian(good);
  return all(read, vegetarian(good));
}

/** Meat of any animal inside something else: a spread with duck fat, a jam with beef. */
const OF_ANIMALS: readonly Fact[] = ['meat', 'beef', 'lamb', 'poultry', 'game', 'animal fat'];

export function halal(good: Good): Fit {
  const certified = good.contents.certificates.includes('halal');
  const isOfAnimals = OF_ANIMALS.some((fact) => factState(good, fact) === 'yes');
  return all(
    noPork(good),
    noAlcohol(good),
    contentsOf(good).blood === 'yes' ? has('blood') : YES,
    (isMeatGood(good) || isOfAnimals) && !certified
      ? unknown(reason('no-certificate', { of: 'halal' }))
      : YES,
    good.kind === 'cheese' && ['animal', 'unknown'].includes(contentsOf(good).rennet) && !certified
      ? unknown(reason('rennet-without-certificate', NONE))
      : YES,
  );
}

export function kosher(good: Good): Fit {
  if (good.contents.certificates.includes('kosher')) return YES;
  if (good.kind === 'ware') return YES;
  const forbidden = all(
    noPork(good),
    contentsOf(good).blood === 'yes' ? has('blood') : YES,
    allergenTest(['crustaceans', 'molluscs'])(good, 'religious'),
  );
  return forbidden.fits === 'no' ? forbidden : unknown(reason('no-certificate', { of: 'kosher' }));
}

/** Lactose falls with ripening: three months in a firm cheese leave next to none. Common practice, no source. */
const LACTOSE_GONE_DAYS = 90;
const SLOW_TO_LOSE = ['fresh', 'soft', 'bloomy'];
export function lactose(good: Good): Fit {
  if (good.kind !== 'cheese') return allergenTest(['milk'])(good, 'diet');
  if (!isDescribed(good) || !isSaid(good, 'animal')) return notKnown('what it is');
  if (SLOW_TO_LOSE.includes(good.texture)) return no(reason('keeps-lactose', { texture: good.texture }));
  return good.ageDays >= LACTOSE_GONE_DAYS ? YES : unknown(reason('young-for-its-lactose', NONE));
}
