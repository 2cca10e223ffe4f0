import type { Loss } from '@rotula/core';
import type { WordsOf } from './words';

const LOSS: Record<Loss, string> = {
  rind: 'of rind and trim come off',
  cutting: 'lost in cutting',
  casing: 'of casing and ends come off',
  slicing: 'lost in slicing',
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
  'by hand': () => 'set by hand',
  'divides people': () => 'half a share: it divides people',
  'well known': () => 'a little more: everybody knows it',
  'rind and trim': ({ off, loss }, { grams }) => `${grams(off)} ${LOSS[loss]}`,
  'whole packs': ({ left }, { grams }) => `sold whole, about ${grams(left)} left over`,
  stock: ({ onHand, short }, { grams }) => `only ${grams(onHand)} on the counter, ${grams(short)} short`,
  'for the table': ({ what, sharedBy }) =>
    sharedBy > 1 ? `${what} for the table, shared by ${sharedBy}` : `${what} for the table`,
  'from the board, cut first': () => 'from the board, cut first',
  'as the board': () => 'as the board, for this guest',
  'for this guest': () => 'for this guest',
  'in place of': () => 'in place of what this guest does not eat',
};
