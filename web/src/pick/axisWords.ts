import {
  ageOn,
  isCheese,
  isMeat,
  isPale,
  originsOf,
  SOFTNESS,
  type Cheese,
  type Main,
  type Origins,
} from '@rotula/core';
import { count, inWords } from '../ui/format';
import type { Sector } from '../wheel/wheelLayout';
import { ageWords } from '../words';
import { say, word } from '../language/say';

/** One remark for an axis of balance, as the sketch on a slate would have it. */
export function axisWords(
  axis: string,
  mains: readonly Main[],
  sectors: readonly Sector[],
  on: string,
  home: string,
): string {
  const cheeses = mains.filter(isCheese);
  const meats = mains.filter(isMeat);
  const distinct = (words: readonly string[]) => new Set(words).size;
  const wanted = sectors.filter((s) => s.wanted).map((s) => s.texture);
  const ages = mains.length > 0 ? cheeses.map((c) => ageOn(c, on)).sort((a, b) => a - b) : [];
  const strengths = cheeses.map((c) => c.sense.intensity).sort((a, b) => a - b);
  const pale = cheeses.filter(isPale).length;
  switch (axis) {
    case 'texture':
      return wanted.length > 0
        ? say`${word(wanted[0]!)}${wanted.length > 1 ? say` and ${wanted.length - 1} more` : ''} missing`
        : say`${inWords(distinct(cheeses.map((c) => c.texture)))} of nine families`;
    case 'firmness':
      return firmnessWords(cheeses);
    case 'milk': {
      const animals = distinct(cheeses.flatMap((c) => c.milk.map((m) => m.animal)));
      return animals === 1 ? say`one animal` : say`${inWords(animals)} animals`;
    }
    case 'age':
      return ages.length > 1 ? say`${ageWords(ages[0]!)} to ${ageWords(ages.at(-1)!)}` : '';
    case 'intensity':
      return strengths.join(' · ');
    case 'sight':
      return pale > 1 ? say`${inWords(pale)} pale pastes` : say`colours differ`;
    case 'flavour':
      return say`${inWords(distinct(cheeses.flatMap((c) => c.flavours)))} flavours`;
    case 'origin':
      return originWords(originsOf(cheeses, home));
    case 'company':
      return cheeses.some((c) => c.known === 'safe bet')
        ? cheeses.some((c) => c.known === 'surprise')
          ? say`both there`
          : say`no surprise`
        : say`no safe bet`;
    case 'build':
      return [...new Set(meats.map((m) => m.build))].join(', ');
    case 'animal':
      return [...new Set(meats.flatMap((m) => m.animals.map((a) => a.animal)))].join(', ');
    default:
      return '';
  }
}

/** Regions, and how much is of the home ground and how much travelled. */
function originWords({ regions, countries, home, atHome, travelled }: Origins): string {
  const where = count(regions, 'region');
  if (countries.length === 0) return where;
  return travelled === 0 ? say`${where}, all ${home}` : say`${where}, ${atHome} home, ${travelled} travelled`;
}

/** What lacks between soft and hard. */
function firmnessWords(cheeses: readonly Cheese[]): string {
  const softness = cheeses.map((c) => SOFTNESS[c.texture]);
  if (softness.length === 0) return '';
  if (!softness.some((s) => s < 5)) return say`nothing firm`;
  if (!softness.some((s) => s >= 7)) return say`nothing soft`;
  return softness.some((s) => s < 3) ? say`hard and soft` : say`firm and soft`;
}
