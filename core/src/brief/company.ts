import { limitsOf, suitsEveryone, type TableGuests, type Limit } from '../care/index.js';
import type { Good } from '../counter/index.js';
import { memoisedBy } from '../units/index.js';
import type { Brief } from './brief.js';

/** The guests of a brief as the gate needs them (care/gate.ts): limits, infants, small children, country, what is steamed. */
export const companyOf = memoisedBy(({ persons, guests, country = '', steamed }: Brief): TableGuests => ({
  limits: limitsOf(persons),
  infants: guests.infants,
  under5: guests.under5,
  country,
  steamed,
}));

/** Every limit of every guest of a brief. */
export const briefLimits = (brief: Brief): readonly Limit[] => limitsOf(brief.persons);

/** Would it surely suit everyone who comes? */
export const suitsAll = (good: Good, brief: Brief): boolean => suitsEveryone(good, companyOf(brief));
