import type { Reason, Rule } from '@rotula/core';
import type { Format } from '../ui/format';
import { briefWords } from './brief';
import { cautionWords, fitWords } from './care';
import { cutWords } from './cut';
import { adviceWords } from './order';
import { layWords } from './lay';
import { pointWords } from './menu';
import { pairWords } from './pair';
import { hitchWords, pickWords, remarkWords } from './pick';
import { portionWords } from './portion';
import { walkWords } from './walk';
import type { Say, WordsOf } from './words';

/** Every rule of the program has its sentence here; the compiler misses none. */
const WORDS: WordsOf<Rule> = {
  ...briefWords,
  ...cautionWords,
  ...fitWords,
  ...cutWords,
  ...adviceWords,
  ...pairWords,
  ...hitchWords,
  ...pickWords,
  ...remarkWords,
  ...portionWords,
  ...walkWords,
  ...pointWords,
  ...layWords,
};

/** The sentence of a reason, in the person's units, currency and form of dates. */
export function sentence({ rule, figures }: Reason, format: Format): string {
  const words = WORDS[rule] as (figures: unknown, format: Format, say: Say) => string;
  return words(figures, format, (reason) => sentence(reason, format));
}
