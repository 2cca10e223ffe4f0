import { capital, count } from '../ui/format';
import type { WordsOf } from './words';
import { say, word } from '../language/say';
import { ageWords } from './labels';
import { KIND_PLURALS } from './plurals';

/** Advice: what and how; it never scolds. */
export const adviceWords: WordsOf<
  | 'number-of-kinds'
  | 'over-budget'
  | 'short-of-stock'
  | 'no-safe-bet'
  | 'one-milk'
  | 'strength-jumps'
  | 'meat-without-its-cheese'
  | 'low-carb'
  | 'clash-by-hand'
  | 'not-served'
  | 'house-never-serves'
  | 'hidden-by-its-neighbour'
  | 'after-what-comes-last'
  | 'too-much-is-left-over'
  | 'no-exact-order'
  | 'too-much-for-the-board'
  | 'board-looks-bare'
  | 'not-on-what-was-asked'
  | 'bread-apart'
  | 'between-the-boards'
  | 'kept-board-breaks'
  | 'no-board'
  | 'too-tall-to-carry'
  | 'wet-on-salt'
  | 'garnish-kept-off'
  | 'laid-in-a-dim-room'
  | 'in-the-shops-words'
  | 'too-little-to-clear-the-palate'
  | 'nothing-touches'
  | 'travels'
  | 'salt-block'
  | 'left-the-counter'
  | 'not-on-the-counter'
  | 'lot-replaced'
> = {
  'lot-replaced': ({ good, was, is }) =>
    say`${good} of ${ageWords(was)} is sold out; ${ageWords(is)} in its place: taste and price differ. Will that do?`,
  'number-of-kinds': ({ kind, have, wanted: asked }) =>
    say`${capital(count(have, kind, KIND_PLURALS[kind]))}; the brief asks for ${asked}.`,
  'over-budget': ({ over }, { money }) =>
    say`Over the budget by ${money(over)}. A cheaper swap, a lighter role or less by hand bring it back.`,
  'short-of-stock': ({ good, onHand, short }, { grams }) =>
    say`${good}: only ${grams(onHand)} on the counter, ${grams(short)} short.`,
  'no-safe-bet': () => say`No safe bet: one good that everybody knows helps a shy guest to start.`,
  'one-milk': ({ animal, cheeses, of, instead }) =>
    say`${cheeses} of ${of} cheeses are ${word(animal)}’s milk, and nobody asked for that${instead ? say`: ${instead} would bring another` : say`; the counter has no other that may be offered`}.`,
  'strength-jumps': ({ from, to, points, between }) =>
    say`A jump of ${points} from ${from} to ${to}${between ? say`: ${between} lies between` : say`, and nothing on the counter lies between`}.`,
  'meat-without-its-cheese': ({ meat, instead }) =>
    say`No cheese on this board suits ${meat}${instead ? say`: ${instead} has one` : say`, and no other meat that may be offered has one`}.`,
  'clash-by-hand': ({ good, beside, why, instead, elsewhere, cleanser }, { list }, tell) => {
    const clash = say`${beside} beside ${good}: ${tell(why)}.`;
    const better = instead.length > 0 ? ' ' + say`${list(instead)} would sit better.` : '';
    const place = elsewhere ? ' ' + say`It suits ${elsewhere} best.` : '';
    return (
      clash +
      better +
      place +
      ' ' +
      say`Or serve it after, with ${cleanser ? say`${cleanser} and water` : say`water`} between.`
    );
  },
  'not-served': ({ good, slot }) =>
    say`Nothing on the counter suits ${good} as its ${word(slot)}: leave the place empty, or let it be plain.`,
  'house-never-serves': ({ good, beside, why }) =>
    say`The house never serves ${beside} with ${good}${why ? say`: ${why}` : ''}. It stands because it was chosen by hand.`,
  'after-what-comes-last': ({ good, after }) =>
    say`${good} comes after ${after}: little of it will be tasted. Serve it before, or leave it so.`,
  'too-much-is-left-over': ({ good, after }) =>
    say`${after} is still there when ${good} comes, whatever clears the palate: taste it later, or wait.`,
  'no-exact-order': ({ goods, most }) =>
    say`${goods} goods are too many for one exact order (${most} are the most): they rise by strength. Two boards, each with its own order, would be tasted better.`,
  'too-little-to-clear-the-palate': ({ good, needs: asks, has }, { grams }) =>
    say`Clearing the palate alone asks for ${grams(asks)} of ${good}; ${grams(has)} lies on the board. Set more of it by hand, or fetch some to hand round.`,
  'too-much-for-the-board': ({ board, full }) =>
    say`${board} would be ${full} % full: it does not fit. A dish of its own beside it, a second board, or more into the refill.`,
  'board-looks-bare': ({ board, full, low, filler, grams: more, price }, { grams, money }) =>
    say`${board} is ${full} % full and would look bare under ${low} %: ${grams(more)} of ${filler} more fills it for ${money(price)}; a smaller board costs nothing.`,
  'not-on-what-was-asked': ({ asked, board }) =>
    say`The brief asks for ${word(asked)}: nothing of the kind that the shop has takes all of it so well, so it lies on ${board}.`,
  'bread-apart': () =>
    say`Bread and crackers stand at a station of their own: they stay dry, and the board is less crowded.`,
  'between-the-boards': ({ good, boards }) =>
    say`${good} is baked and not cut before: its dish stands between the ${boards} boards, where everyone reaches it.`,
  'kept-board-breaks': ({ board, broken }) =>
    say`${board} was kept as it lies, and breaks ${broken === 1 ? say`one rule` : say`${broken} rules`} that must hold: Lay names what and mends it, or lays the rest anew.`,
  'no-board': () =>
    say`Neither shop nor customer has a board whose measures are known: write one down, or lay it on the bare table.`,
  'too-tall-to-carry': ({ good, height }, { mm }) =>
    say`${good} stands ${mm(height)} high and would topple on the way: lay it flat, or set it up at the table.`,
  'wet-on-salt': ({ good }) => say`${good} is wet and would melt the salt block: a bowl, or another board.`,
  'garnish-kept-off': ({ good }) =>
    say`${good} was asked for as garnish, and a guest must not have it, or it is poisonous or not known: it is kept off the board.`,
  'laid-in-a-dim-room': () =>
    say`In a dim room cards are larger and light colours lie at the rim; candles stand away from dry herbs and sleeves.`,
  'in-the-shops-words': ({ text }) => text,
  'hidden-by-its-neighbour': ({ good, by }) =>
    say`${by} stands next to ${good} and hides it: taste them apart, with water between.`,
  'low-carb': ({ guests, instead, each, bread }, { list, grams }) => {
    const who = say`${guests} ${guests === 1 ? say`guest eats` : say`guests eat`} few carbohydrates`;
    const offer =
      instead.length > 0
        ? say`offer ${list(instead)} in place of bread`
        : say`nothing on the counter that the limits allow stands in for bread`;
    return say`${who}: a guest’s share of what stands beside holds about ${grams(each)} of sugar and starch, ${grams(bread)} of it in bread; ${offer}.`;
  },
  'nothing-touches': () =>
    say`Somebody dislikes food that touches: keep air between the kinds, or lay them their own plate.`,
  travels: ({ minutes }, format) =>
    say`The board travels ${format.minutes(minutes)}: no overhang, no tall piles, rolling things inside; the time counts on the clock.`,
  'salt-block': () => say`A salt block salts what touches it: nothing salty or wet straight on it.`,
  'left-the-counter': ({ good }) =>
    say`${good} has left the counter; the order keeps it as it was. Swap it, or make sure that it can be had.`,
  'not-on-the-counter': ({ id }) => say`${id} is not on this counter: pick again or swap it.`,
};
