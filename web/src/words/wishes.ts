import type { WishWord } from '@rotula/core';
import { count, type Format } from '../ui/format';
import { ROLE_WORDS } from './brief';
import { limitLabel } from './labels';

type Of = WishWord['of'];
type WishOf<O extends Of> = Extract<WishWord, { of: O }>;
/** A wish as it collides with others, and what letting it go is called on a button. */
interface Words<O extends Of> {
  readonly is: (wish: WishOf<O>) => string;
  readonly out: (wish: WishOf<O>, format: Format) => string;
}

const PLURAL = { cheese: 'cheeses', meat: 'meats' } as const;

const WISHES: { readonly [O in Of]: Words<O> } = {
  cover: { is: (w) => `the school “${w.school}”`, out: (w) => `without the school “${w.school}”` },
  company: { is: (w) => w.school, out: (w) => `without ${w.school} being asked for` },
  lock: { is: (w) => `${w.good} is locked`, out: (w) => `unlock ${w.good}` },
  'left out': {
    is: (w) => (w.good ? `${w.good} is left out` : `${w.goods} goods are left out`),
    out: (w) => (w.good ? `allow ${w.good} again` : 'allow what was left out again'),
  },
  theme: { is: (w) => `the theme “${w.is}”`, out: (w) => `without the theme “${w.is}”` },
  flight: { is: (w) => `the ${w.kind} of ${w.is}`, out: (w) => `without the ${w.kind}` },
  limit: {
    is: (w) => `${limitLabel(w.what)}, on the whole board`,
    out: (w) => `their own plate instead: ${limitLabel(w.what)}`,
  },
  role: {
    is: (w) => `food for ${ROLE_WORDS[w.role]}`,
    out: (w) => `less to eat: ${ROLE_WORDS[w.lighter]}`,
  },
  budget: {
    is: () => 'the budget',
    out: (w, { money }) => (w.amount === null ? 'a larger budget' : `a budget of ${money(w.amount)} in all`),
  },
  kinds: {
    is: (w) => `the number of ${PLURAL[w.kind]}`,
    out: (w) => {
      if (w.kinds === null) return `fewer ${PLURAL[w.kind]}`;
      return w.kinds === 0 ? `no ${PLURAL[w.kind]}` : count(w.kinds, w.kind, PLURAL[w.kind]);
    },
  },
};

export const wishWords = (wish: WishWord): string => (WISHES[wish.of] as Words<Of>).is(wish as never);

/** A way out on its button: everything that is let go. */
export const wayOutWords = (wishes: readonly WishWord[], format: Format): string =>
  wishes.map((wish) => (WISHES[wish.of] as Words<Of>).out(wish as never, format)).join(' and ');
