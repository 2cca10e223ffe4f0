import type { Main, Role } from '@rotula/core';
import { count } from '../ui/format';
import type { WordsOf } from './words';

const KINDS: Record<Main['kind'], string> = { cheese: 'cheeses', meat: 'meats' };

/** The role of the food as it stands in a sentence. */
export const ROLE_WORDS: Record<Role, string> = {
  nibble: 'a nibble before a meal',
  drinks: 'drinks with no dinner after',
  meal: 'the meal itself',
  dessert: 'a dessert course',
};

export const briefWords: WordsOf<
  | 'kinds as asked'
  | 'cheeses by heads'
  | 'cheeses of a flight'
  | 'meats by heads'
  | 'no meat for dessert'
  | 'kosher board'
  | 'no meat left'
  | 'none on this board'
  | 'per head'
  | 'per kind'
  | 'cap for the role'
  | 'children eat less'
  | 'own plates feed'
> = {
  'kinds as asked': ({ kind, kinds }) => `${count(kinds, kind, KINDS[kind])}, as asked`,
  'cheeses by heads': ({ people, low, high, usual }) =>
    low === high
      ? `${people} people: ${count(usual, 'cheese')}`
      : `${people} people: ${low} to ${high} cheeses; ${usual} here`,
  'cheeses of a flight': ({ kind, of, there, usual }) =>
    kind === 'vertical'
      ? `${of} is here at ${count(there, 'age')}: ${there} of the usual ${usual} cheeses`
      : `${of} is here from ${count(there, 'maker')}: ${there} of the usual ${usual} cheeses`,
  'meats by heads': ({ people, usual, odd }) =>
    `${people} people: ${count(usual, 'meat')}${odd ? ', by the school of odd numbers' : ''}`,
  'no meat for dessert': () => 'a dessert course has no meat',
  'kosher board': () => 'meat and dairy do not lie on one board',
  'no meat left': () => 'no meat on this counter suits the limits: a cheese board, not a failure',
  'none on this board': ({ kind }) => `no ${kind} on this board`,
  'per head': ({ kind, role, low, high }, { gramsRange }) =>
    `${kind} for ${ROLE_WORDS[role]}: ${gramsRange(low, high)} an adult`,
  'per kind': ({ kind, kinds, each }, { grams }) =>
    `${kinds} kinds of ${kind} at ${grams(each)} each an adult`,
  'cap for the role': ({ kinds, each, asked, cap, role }, { grams }) =>
    `${kinds} kinds at ${grams(each)} would be ${grams(asked)} an adult; ${grams(cap)} for ${ROLE_WORDS[role]} is the cap and wins`,
  'children eat less': ({ heads, eaters }) =>
    `${heads} heads eat as ${eaters} adults: children count half, infants nothing`,
  'own plates feed': ({ board, eaters }) =>
    `the board feeds ${board} of ${eaters}; the others eat from their own plates`,
};
