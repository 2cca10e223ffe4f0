import type { Mark, Marks } from '@rotula/core';
import { capital, type Format } from '../ui/format';
import { RISK_WORDS } from './care';
import { allergenLabel, limitLabel } from './labels';
import { sentence } from './sentence';
import { say } from '../language/say';

/** For whom a good is not, of guests at risk. */
const NOT_FOR: Readonly<Record<string, string>> = {
  'risk:pregnant': say`not for pregnant guests`,
  'risk:frail': say`not for frail guests`,
  'risk:immunity': say`not with weakened immunity`,
  'risk:maoi': say`not with MAO-inhibitor medicine`,
  'risk:histamine': say`not with histamine intolerance`,
  'risk:kidney': say`not with kidney disease`,
  'diet:vegetarian': say`not vegetarian`,
  'diet:vegan': say`not vegan`,
  'diet:halal': say`not halal`,
  'diet:kosher': say`not kosher`,
};
/** What is in a good, of what guests leave alone. */
const HAS: Readonly<Record<string, string>> = {
  'diet:no pork': say`pork`,
  'diet:no alcohol': say`alcohol in it`,
  'diet:lactose': say`lactose`,
  'taste:blue': say`blue cheese`,
  'taste:pungent': say`pungent`,
  'taste:hot': say`hot`,
};

/** Why it is not for somebody, where the word alone does not say so. */
function markWords({ what, fit }: Mark, format: Format): string {
  const why = sentence(fit.why, format);
  if (fit.why.rule === 'contains') return say`${allergenLabel(fit.why.figures.allergen)} in it`;
  // What may be in it by name, and the milk of a taste: "may contain hazelnut", "has goat’s milk in it".
  if (what.startsWith('allergen:') || what.startsWith('milk:')) return why;
  const notFor = NOT_FOR[what];
  if (notFor) return fit.fits === 'no' ? `${notFor} (${why})` : say`perhaps ${notFor} (${why})`;
  const has = HAS[what] ?? limitLabel(what);
  return fit.fits === 'no' ? has : say`perhaps ${has} (${why})`;
}

/** For whom at this table a good is not, in words, the gravest first; empty: for nobody in particular. */
export const marksWords = (marks: Marks, format: Format): string[] =>
  [
    ...(marks.notForInfants ? [say`honey: not for infants under 12 months`] : []),
    ...(marks.notForSmall ? [say`not for children under 5`] : []),
    ...marks.limits.map((mark) => markWords(mark, format)),
  ].map(capital);

/** The line for elders and the frail, who choose for themselves; empty: there is none. */
export const eldersWords = ({ elders }: Marks): string =>
  elders ? say`Elders and the frail are usually told to leave ${RISK_WORDS[elders]} alone.` : '';
