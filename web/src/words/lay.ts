import type { BuildLine, BuildStep, PairRuleId, PlaceRuleId } from '@rotula/core';
import { alsoSay } from './sentence';
import type { WordsOf } from './words';
import { say } from '../language/say';

/** Where a thing lies, and what a careful eye would mend. */
const layWords: WordsOf<PairRuleId | PlaceRuleId> = {
  overlaps: ({ one, other }) => say`${one} and ${other} lie on each other`,
  'strong beside delicate': ({ one, other, gap }, { mm }) =>
    say`${one} and ${other} are only ${mm(gap)} apart: one smells, the other is delicate. A bell, or further away`,
  'wet beside crisp': ({ one, other }) => say`${one} beside ${other}: what is wet softens what is crisp`,
  'juice on pale': ({ one, other }) => say`the juice of one would stain the other: ${one}, ${other}`,
  'apart from its company': ({ one, other, gap }, { mm }) =>
    say`${one} and ${other} belong together and lie ${mm(gap)} apart`,
  'soft beside soft': ({ one, other }) => say`${one} beside ${other}: soft cheeses run into each other`,
  'anchors crowd': ({ one, other }) => say`${one} and ${other} crowd; cheeses far apart draw the eye round`,
  'one colour': ({ one, other }) => say`${one} and ${other} are of one colour, side by side`,
  'over the rim': ({ good }) => say`${good} hangs over the rim`,
  'rolls near the rim': ({ good }) => say`${good} rolls, and lies near the rim`,
  'bowl at the rim': ({ good }) => say`the bowl of ${good} stands too near the rim`,
  'against the walk': ({ good }) => say`${good} is off the clockwise walk`,
  'out of reach': ({ good }) => say`${good} is too far from a guest’s hand`,
};

alsoSay(layWords);

export const BUILD_WORDS: Readonly<Record<BuildStep, string>> = {
  vessels: say`Vessels`,
  cheeses: say`Cheeses`,
  meats: say`Meats`,
  'fruit and vegetables': say`Fruit and vegetables`,
  'bread and crackers': say`Bread and crackers`,
  'the rest': say`Nuts and what rolls`,
};

/** Where a thing lies, by landmarks that hands can follow. */
export function whereWords({ hour, atRim, against }: BuildLine): string {
  const at =
    hour === null
      ? say`in the middle`
      : say`at ${hour} o’clock, ${atRim ? say`near the rim` : say`half way in`}`;
  return against ? say`${at}, against ${against}` : at;
}
