import type { BoardRuleId, Fact, LookRuleId, PairRuleId, PlaceRuleId, Reason, Rule } from '@rotula/core';
import type { Format } from '../ui/format';
import { briefWords } from './brief';
import { cautionWords, fitWords } from './care';
import { clockWords } from './clock';
import { cutWords } from './cut';
import { adviceWords } from './order';
import { CUSTOM_WORDS } from './customs';
import { pairWords } from './pair';
import { hitchWords, pickWords, remarkWords } from './pick';
import { portionWords } from './portion';
import { walkWords } from './walk';
import type { Say, WordsOf } from './words';

type DangerRule = 'guest-undecided' | 'guests-unsure' | 'against-a-limit' | 'avoided-lies-near';

/** Rules that only one screen says: their sentences come with it (words/menu.ts, words/lay.ts). */
export type LateRule =
  DangerRule | 'no-room-apart' | Fact | PairRuleId | PlaceRuleId | BoardRuleId | LookRuleId;

/** Every other rule of the program has its sentence here; the compiler misses none. */
const WORDS: WordsOf<Exclude<Rule, LateRule>> = {
  ...briefWords,
  ...cautionWords,
  ...fitWords,
  ...cutWords,
  ...adviceWords,
  ...pairWords,
  ...CUSTOM_WORDS,
  ...hitchWords,
  ...pickWords,
  ...remarkWords,
  ...portionWords,
  ...walkWords,
  ...clockWords,
};

const late: Partial<WordsOf<LateRule>> = {};
/** Told once by the words of a screen, when they are loaded. */
export const alsoSay = (words: Partial<WordsOf<LateRule>>): void => void Object.assign(late, words);

/** The sentence of a reason, in the person's units, currency and form of dates. */
export function sentence({ rule, figures }: Reason, format: Format): string {
  const words = (WORDS[rule as keyof typeof WORDS] ?? late[rule as LateRule]) as (
    figures: unknown,
    format: Format,
    say: Say,
  ) => string;
  return words(figures, format, (reason) => sentence(reason, format));
}
