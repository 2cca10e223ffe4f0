import type { Loss } from '@rotula/core';
import type { WordsOf } from './words';
import { say, word } from '../language/say';

const LOSS: Record<Loss, string> = {
  rind: say`of rind and trim come off`,
  cutting: say`lost in cutting`,
  casing: say`of casing and ends come off`,
  slicing: say`lost in slicing`,
};

export const portionWords: WordsOf<
  | 'by hand'
  | 'divides people'
  | 'well known'
  | 'rind and trim'
  | 'whole packs'
  | 'stock'
  | 'for the table'
  | 'from the board, cut first'
  | 'as the board'
  | 'for this guest'
  | 'in place of'
> = {
  'by hand': () => say`set by hand`,
  'divides people': () => say`half a share: it divides people`,
  'well known': () => say`a little more: everybody knows it`,
  'rind and trim': ({ off, loss }, { grams }) => `${grams(off)} ${LOSS[loss]}`,
  'whole packs': ({ left }, { grams }) => say`sold whole, about ${grams(left)} left over`,
  stock: ({ onHand, short }, { grams }) => say`only ${grams(onHand)} on the counter, ${grams(short)} short`,
  'for the table': ({ what, sharedBy }) =>
    sharedBy > 1 ? say`${word(what)} for the table, shared by ${sharedBy}` : say`${word(what)} for the table`,
  'from the board, cut first': () => say`from the board, cut first`,
  'as the board': () => say`as the board, for this guest`,
  'for this guest': () => say`for this guest`,
  'in place of': () => say`in place of what this guest does not eat`,
};
