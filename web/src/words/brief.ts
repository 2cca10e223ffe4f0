import type { Main, Role } from '@rotula/core';
import { count } from '../ui/format';
import type { WordsOf } from './words';
import { say, word } from '../language/say';

const KINDS: Record<Main['kind'], string> = { cheese: say`cheeses`, meat: say`meats` };

/** The role of the food as it stands in a sentence. */
export const ROLE_WORDS: Record<Role, string> = {
  nibble: say`a nibble before a meal`,
  drinks: say`drinks with no dinner after`,
  'light supper': say`a light supper`,
  meal: say`the meal itself`,
  grazing: say`slow grazing through a long meal`,
  dessert: say`a dessert course`,
  box: say`a box for one`,
};

export const briefWords: WordsOf<
  | 'kinds-as-asked'
  | 'cheeses-by-heads'
  | 'cheeses-of-a-flight'
  | 'fewer-kinds-for-the-role'
  | 'meats-by-heads'
  | 'no-meat-for-dessert'
  | 'kosher-board'
  | 'no-meat-left'
  | 'none-on-this-board'
  | 'per-head'
  | 'per-kind'
  | 'cap-for-the-role'
  | 'children-eat-less'
  | 'own-plates-feed'
> = {
  'kinds-as-asked': ({ kind, kinds }) => say`${count(kinds, kind, KINDS[kind])}, as asked`,
  'cheeses-by-heads': ({ people, low, high, usual }) =>
    low === high
      ? say`${people} people: ${count(usual, 'cheese')}`
      : say`${people} people: ${low} to ${high} cheeses; ${usual} here`,
  'cheeses-of-a-flight': ({ kind, of, there, usual }) =>
    kind === 'vertical'
      ? say`${of} is here at ${count(there, 'age')}: ${there} of the usual ${usual} cheeses`
      : say`${of} is here from ${count(there, 'maker')}: ${there} of the usual ${usual} cheeses`,
  'fewer-kinds-for-the-role': ({ kind, role, most, usual }) =>
    say`${count(most, kind, KINDS[kind])}, not ${usual}, for ${ROLE_WORDS[role]}: on less of each nobody tastes it`,
  'meats-by-heads': ({ people, usual, odd }) =>
    say`${people} people: ${count(usual, 'meat')}${odd ? say`, by the school of odd numbers` : ''}`,
  'no-meat-for-dessert': () => say`a dessert course has no meat`,
  'kosher-board': () => say`meat and dairy do not lie on one board`,
  'no-meat-left': () => say`no meat on this counter suits the limits: a cheese board, not a failure`,
  'none-on-this-board': ({ kind }) => say`no ${word(kind)} on this board`,
  'per-head': ({ kind, role, low, high }, { gramsRange }) =>
    say`${word(kind)} for ${ROLE_WORDS[role]}: ${gramsRange(low, high)} an adult`,
  'per-kind': ({ kind, kinds, each }, { grams }) =>
    say`${kinds} kinds of ${word(kind)} at ${grams(each)} each an adult`,
  'cap-for-the-role': ({ kinds, each, wanted: asked, cap, role }, { grams }) =>
    say`${kinds} kinds at ${grams(each)} would be ${grams(asked)} an adult; ${grams(cap)} for ${ROLE_WORDS[role]} is the cap and wins`,
  'children-eat-less': ({ heads, eaters }) =>
    say`${heads} heads eat as ${eaters} adults: children count half, infants nothing`,
  'own-plates-feed': ({ board, eaters }) =>
    say`the board feeds ${board} of ${eaters}; the others eat from their own plates`,
};
