import { capital, count } from '../ui/format';
import type { WordsOf } from './words';
import { say, word } from '../language/say';

const PLURAL = { cheese: say`cheeses`, meat: say`meats` } as const;

/** Advice: what and how; it never scolds. */
export const adviceWords: WordsOf<
  | 'number of kinds'
  | 'over budget'
  | 'short of stock'
  | 'no safe bet'
  | 'one milk'
  | 'strength jumps'
  | 'meat without its cheese'
  | 'low carb'
  | 'clash by hand'
  | 'nothing touches'
  | 'travels'
  | 'salt block'
  | 'left the counter'
  | 'not on the counter'
> = {
  'number of kinds': ({ kind, have, asked }) =>
    say`${capital(count(have, kind, PLURAL[kind]))}; the brief asks for ${asked}.`,
  'over budget': ({ over }, { money }) =>
    say`Over the budget by ${money(over)}. A cheaper swap, a lighter role or less by hand bring it back.`,
  'short of stock': ({ good, onHand, short }, { grams }) =>
    say`${good}: only ${grams(onHand)} on the counter, ${grams(short)} short.`,
  'no safe bet': () => say`No safe bet: one good that everybody knows helps a shy guest to start.`,
  'one milk': ({ animal, cheeses, of, instead }) =>
    say`${cheeses} of ${of} cheeses are ${word(animal)}’s milk, and nobody asked for that${instead ? say`: ${instead} would bring another` : say`; the counter has no other that may be offered`}.`,
  'strength jumps': ({ from, to, points, between }) =>
    say`A jump of ${points} from ${from} to ${to}${between ? say`: ${between} lies between` : say`, and nothing on the counter lies between`}.`,
  'meat without its cheese': ({ meat, instead }) =>
    say`No cheese on this board suits ${meat}${instead ? say`: ${instead} has one` : say`, and no other meat that may be offered has one`}.`,
  'clash by hand': ({ good, beside, why, instead }, { list }, tell) =>
    say`${beside} beside ${good}: ${tell(why)}. ${instead.length > 0 ? say`${list(instead)} would sit better, or serve it after and water between.` : say`Serve it after, and water between.`}`,
  'low carb': ({ guests, instead }, { list }) => {
    const who = say`${guests} ${guests === 1 ? say`guest eats` : say`guests eat`} few carbohydrates`;
    const offer =
      instead.length > 0
        ? say`offer ${list(instead)} in place of bread`
        : say`nothing on the counter that the limits allow stands in for bread`;
    return say`${who}: count the sugar in jam and fruit, and ${offer}.`;
  },
  'nothing touches': () =>
    say`Somebody dislikes food that touches: keep air between the kinds, or lay them their own plate.`,
  travels: ({ minutes }, format) =>
    say`The board travels ${format.minutes(minutes)}: no overhang, no tall piles, rolling things inside; the time counts on the clock.`,
  'salt block': () => say`A salt block salts what touches it: nothing salty or wet straight on it.`,
  'left the counter': ({ good }) =>
    say`${good} has left the counter; the order keeps it as it was. Swap it, or make sure that it can be had.`,
  'not on the counter': ({ id }) => say`${id} is not on this counter: pick again or swap it.`,
};
