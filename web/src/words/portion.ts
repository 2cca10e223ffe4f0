import type { Loss, Waste } from '@rotula/core';
import { count } from '../ui/format';
import { ROLE_WORDS } from './brief';
import type { WordsOf } from './words';
import { say, word } from '../language/say';

const LOSS: Record<Loss, string> = {
  rind: say`of rind and trim come off`,
  cutting: say`lost in cutting`,
  casing: say`of casing and ends come off`,
  slicing: say`lost in slicing`,
};

const WASTE: Record<Waste, string> = {
  'peel and core': say`of peel and core`,
  stones: say`of stones`,
  stems: say`of stems`,
  ends: say`of ends and peel`,
  brine: say`of brine that is poured off`,
  'own figure': say`that nobody eats, by your own figure`,
};

export const portionWords: WordsOf<
  | 'by-hand'
  | 'divides-people'
  | 'well-known'
  | 'rich'
  | 'no-use-in-this-role'
  | 'not-for-everyone'
  | 'rind-and-trim'
  | 'whole-packs'
  | 'least-cut'
  | 'rest-of-the-wheel'
  | 'too-few-waves'
  | 'peel-and-stones'
  | 'stock'
  | 'for-the-table'
  | 'from-the-board-cut-first'
  | 'as-the-board'
  | 'for-this-guest'
  | 'in-place-of'
> = {
  'by-hand': () => say`set by hand`,
  'divides-people': () => say`half a share: it divides people`,
  rich: () => say`a little less: it is rich`,
  'no-use-in-this-role': ({ what, role }) =>
    say`no ${word(what)} at ${ROLE_WORDS[role]}: set the grams if you want it`,
  'not-for-everyone': ({ what, heads }) => say`none of the ${word(what)} suits ${count(heads, 'guest')}`,
  'well-known': () => say`a little more: everybody knows it`,
  'rind-and-trim': ({ off, loss }, { grams }) => `${grams(off)} ${LOSS[loss]}`,
  'too-few-waves': ({ count: waves, safe, party }, { minutes }) =>
    say`${count(waves, 'wave')} for ${minutes(party)}: food stands out ${minutes(safe)} at the most, so hold more back`,
  'rest-of-the-wheel': ({ left }, { grams }) =>
    say`about ${grams(left)} more: what would stay of the wheel is too thin to sell`,
  'least-cut': ({ left }, { grams }) => say`nobody cuts less at the counter: about ${grams(left)} left over`,
  'peel-and-stones': ({ off, waste }, { grams }) => say`${grams(off)} ${WASTE[waste]}`,
  'whole-packs': ({ left }, { grams }) => say`sold whole, about ${grams(left)} left over`,
  stock: ({ onHand, short }, { grams }) => say`only ${grams(onHand)} on the counter, ${grams(short)} short`,
  'for-the-table': ({ what, sharedBy }) =>
    sharedBy > 1 ? say`${word(what)} for the table, shared by ${sharedBy}` : say`${word(what)} for the table`,
  'from-the-board-cut-first': () => say`from the board, cut first`,
  'as-the-board': () => say`as the board, for this guest`,
  'for-this-guest': () => say`for this guest`,
  'in-place-of': () => say`in place of what this guest does not eat`,
};
