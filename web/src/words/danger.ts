import { guestWords } from './care';
import { limitLabel } from './labels';
import { alsoSay } from './sentence';
import type { WordsOf } from './words';
import { say } from '../language/say';

/** What may hurt somebody: what it is, and the way out. */
const dangerWords: WordsOf<'guest-undecided' | 'guests-unsure' | 'against-a-limit' | 'avoided-lies-near'> = {
  'avoided-lies-near': ({ one, other, gap }, { mm }) =>
    say`${one} and ${other} were laid ${mm(gap)} apart by hand, and a guest at this board must not eat one of them: a bowl, a divider, another board, or further away`,
  'guest-undecided': ({ who, limits, guests }) =>
    say`${guestWords({ who, limits, guests })}. Nobody has decided how far that reaches.`,
  'guests-unsure': ({ plates }) =>
    say`${plates} plates without a name: one guest’s, or several guests’? Until somebody says, each meets the limits of all.`,
  'against-a-limit': ({ good, because }, _format, tell) =>
    say`${good} is on this board by hand, against ${because
      .map(
        ({ limit, fit }) =>
          `${limit.who ? `${limit.who}: ` : ''}${limitLabel(limit.what)}${fit.why ? ` (${tell(fit.why)})` : ''}`,
      )
      .join('; ')}.`,
};

alsoSay(dangerWords);
