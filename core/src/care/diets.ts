import { contentsOf, isAlcoholic, type Good, type Meat } from '../counter/index.js';
import { NONE, reason } from '../units/index.js';
import { all, allergenTest, has, no, notKnown, unknown, YES, type Fit } from './fit.js';

/** What each diet leaves out. An unknown never passes. Common practice, no source, but where a line says so. */

const isMeatGood = (good: Good): good is Meat => good.kind === 'meat';

export function noPork(good: Good): Fit {
  const { casing, gelatine } = contentsOf(good);
  return all(
    good.kind === 'meat' && good.animals.some((a) => a.animal === 'pork') ? has('pork') : YES,
    isMeatGood(good) && !good.described ? notKnown('animal') : YES,
    good.kind === 'meat' && good.animals.some((a) => a.animal === 'game')
      ? notKnown('whether it is boar')
      : YES,
    casing === 'pork' ? has('pork casing') : YES,
    isMeatGood(good) && casing === 'unknown' ? notKnown('casing') : YES,
    gelatine === 'pork' ? has('pork gelatine') : YES,
    gelatine === 'unknown' ? notKnown('gelatine') : YES,
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
    return YES;
  const { rennet, gelatine, meat } = contentsOf(good);
  return all(
    isMeatGood(good) ? has('meat') : YES,
    meat ? has('meat or fish inside') : YES,
    good.kind === 'cheese' && rennet === 'animal' ? has('animal rennet') : YES,
    good.kind === 'cheese' && rennet === 'unknown' ? notKnown('rennet') : YES,
    gelatine !== 'none' && gelatine !== 'unknown' ? has(`${gelatine} gelatine`) : YES,
    gelatine === 'unknown' ? notKnown('gelatine') : YES,
    allergenTest(['fish', 'crustaceans', 'molluscs'])(good, 'diet'),
  );
}

export function vegan(good: Good): Fit {
  if (good.contents.certificates.includes('vegan')) return YES;
  return all(
    good.kind === 'cheese' ? has('milk') : YES,
    vegetarian(good),
    allergenTest(['milk', 'eggs'])(good, 'diet'),
    contentsOf(good).honey === 'yes'
      ? has('honey')
      : contentsOf(good).honey === 'unknown'
        ? notKnown('honey')
        : YES,
  );
}

export function halal(good: Good): Fit {
  return all(
    noPork(good),
    noAlcohol(good),
    contentsOf(good).blood === 'yes' ? has('blood') : YES,
    isMeatGood(good) && !good.contents.certificates.includes('halal')
      ? unknown(reason('no-certificate', { of: 'halal' }))
      : YES,
    good.kind === 'cheese' &&
      ['animal', 'unknown'].includes(contentsOf(good).rennet) &&
      !good.contents.certificates.includes('halal')
      ? unknown(reason('rennet-without-certificate', NONE))
      : YES,
  );
}

export function kosher(good: Good): Fit {
  if (good.contents.certificates.includes('kosher')) return YES;
  if (good.kind === 'ware') return YES;
  const forbidden = all(noPork(good), allergenTest(['crustaceans', 'molluscs'])(good, 'religious'));
  return forbidden.fits === 'no' ? forbidden : unknown(reason('no-certificate', { of: 'kosher' }));
}

/** Lactose falls with ripening: three months in a firm cheese leave next to none. Common practice, no source. */
const LACTOSE_GONE_DAYS = 90;
const SLOW_TO_LOSE = ['fresh', 'soft', 'bloomy'];
export function lactose(good: Good): Fit {
  if (good.kind !== 'cheese') return allergenTest(['milk'])(good, 'diet');
  if (!good.described || !good.milkKnown) return notKnown('what it is');
  if (SLOW_TO_LOSE.includes(good.texture)) return no(reason('keeps-lactose', { texture: good.texture }));
  return good.ageDays >= LACTOSE_GONE_DAYS ? YES : unknown(reason('young-for-its-lactose', NONE));
}
