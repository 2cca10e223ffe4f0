import type { WishWord } from '@rotula/core';
import { count, type Format } from '../ui/format';
import { ROLE_WORDS } from './brief';
import { limitLabel } from './labels';
import { say, word } from '../language/say';
import { KIND_PLURALS } from './plurals';

type Of = WishWord['of'];
type WishOf<O extends Of> = Extract<WishWord, { of: O }>;
/** A wish as it collides with others, and what letting it go is called on a button. */
interface Words<O extends Of> {
  readonly is: (wish: WishOf<O>) => string;
  readonly out: (wish: WishOf<O>, format: Format) => string;
}

const WISHES: { readonly [O in Of]: Words<O> } = {
  cover: {
    is: (w) => say`the school “${word(w.school)}”`,
    out: (w) => say`without the school “${word(w.school)}”`,
  },
  company: { is: (w) => w.school, out: (w) => say`without ${word(w.school)} being asked for` },
  lock: { is: (w) => say`${w.good} is locked`, out: (w) => say`unlock ${w.good}` },
  'left out': {
    is: (w) => (w.good ? say`${w.good} is left out` : say`${w.goods} goods are left out`),
    out: (w) => (w.good ? say`allow ${w.good} again` : say`allow what was left out again`),
  },
  theme: { is: (w) => say`the theme “${w.is}”`, out: (w) => say`without the theme “${w.is}”` },
  flight: { is: (w) => say`the ${word(w.kind)} of ${w.is}`, out: (w) => say`without the ${word(w.kind)}` },
  limit: {
    is: (w) => say`${w.what.map(limitLabel).join(' · ')}, on the whole board`,
    out: (w) => say`their own plate instead: ${w.what.map(limitLabel).join(' · ')}`,
  },
  role: {
    is: (w) => say`food for ${ROLE_WORDS[w.role]}`,
    out: (w) => say`less to eat: ${ROLE_WORDS[w.lighter]}`,
  },
  budget: {
    is: () => say`the budget`,
    out: (w, { money }) =>
      w.amount === null ? say`a larger budget` : say`a budget of ${money(w.amount)} in all`,
  },
  kinds: {
    is: (w) => say`the number of ${KIND_PLURALS[w.kind]}`,
    out: (w) => {
      if (w.kinds === null) return say`fewer ${KIND_PLURALS[w.kind]}`;
      return w.kinds === 0 ? say`no ${KIND_PLURALS[w.kind]}` : count(w.kinds, w.kind, KIND_PLURALS[w.kind]);
    },
  },
};

export const wishWords = (wish: WishWord): string => (WISHES[wish.of] as Words<Of>).is(wish as never);

/** A way out on its button: everything that is let go. */
export const wayOutWords = (wishes: readonly WishWord[], format: Format): string =>
  format.list(wishes.map((wish) => (WISHES[wish.of] as Words<Of>).out(wish as never, format)));
