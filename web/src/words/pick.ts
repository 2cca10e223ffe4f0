import type {
  Age,
  AxisId,
  AxisWord,
  Feature,
  FeltFirmness,
  FitRule,
  Hitch,
  Oddity,
  SamenessRule,
  Verdict,
} from '@rotula/core';
import { listed } from '../ui/format';
import { ageWord, limitLabel } from './labels';
import type { WordsOf } from './words';
import { say, word } from '../language/say';
import { KIND_PLURALS } from './plurals';

const FIRMNESS: Record<FeltFirmness, string> = {
  soft: say`soft paste`,
  springy: say`springy paste`,
  firm: say`firm paste`,
  hard: say`hard paste`,
};

/** What a good is on an axis, as a monger would say it; most axes have words of their own. */
const ON_AXIS: Partial<Record<AxisId, (is: AxisWord) => string>> = {
  firmness: (is) => FIRMNESS[is as FeltFirmness],
  intensity: (is) => say`strength ${String(is)}`,
  age: (is) => ageWord(is as Age),
  flavour: (is) => listed(is as readonly string[]) || say`plain`,
  animal: (is) => listed(is as readonly string[]),
  origin: (is) => String(is) || say`origin not known`,
  calibre: (is) => say`${String(is)} format`,
};
const onAxis = (axis: AxisId, is: AxisWord): string => (ON_AXIS[axis] ?? String)(is);

/** The same as one of several: "the only fresh one", "another one of 9 days". */
const ONE: Partial<Record<AxisId, (word: string) => string>> = {
  firmness: (word) => say`one of ${word}`,
  intensity: (word) => say`one of ${word}`,
  age: (word) => say`one of ${word}`,
  origin: (word) => say`one from ${word}`,
  company: (word) => word,
};
const oneOnAxis = (axis: AxisId, is: AxisWord): string => {
  const word = onAxis(axis, is);
  return ONE[axis]?.(word) ?? say`${word} one`;
};

const VERDICT = (is: Verdict) => (is === 'going' ? say`going, so it must move` : is);

const stepsWords = (steps: number): string => (steps === 1 ? say`one step` : say`${steps} steps`);

const FEATURES: Record<Feature['of'], (is: string) => string> = {
  milk: (is) => say`${is}’s milk`,
  animal: (is) => is,
  family: (is) => say`a ${is} one`,
  build: (is) => say`${is} meat`,
  surprise: () => say`a surprise`,
};
const featureWords = ({ of, is }: Feature): string => FEATURES[of](is);

const ODD: Record<Oddity['of'], (is: string) => string> = {
  milk: (is) => say`${is}’s milk`,
  animal: (is) => is,
  family: (is) => say`a ${is} one`,
  rind: (is) => say`${is} rind`,
  sight: (is) => say`${is} to the eye`,
  smoke: (is) => is,
  heat: (is) => is,
  inside: (is) => say`${is} in it`,
  making: (is) => is,
};
const oddWords = ({ of, is }: Oddity): string => ODD[of](is);

/** How each good suits the table, and which goods say the same. */
export const remarkWords: WordsOf<FitRule | SamenessRule | 'more-of-the-same'> = {
  'timid-and-pungent': ({ good }) => say`${good}: pungent for a timid table`,
  'timid-and-strong': ({ good }) => say`${good}: strong for a timid table`,
  'timid-and-familiar': ({ good }) => say`${good}: a known name, for a timid table`,
  'hot-meat': ({ good }) => say`${good}: hot enough to flatten the cheese`,
  adventurous: ({ good }) => say`${good}: an odd one, for an adventurous table`,
  'sweet-tooth': ({ good }) => say`${good}: sweet or fruity, for a sweet tooth`,
  'savoury-table': ({ good }) => say`${good}: sweet, for a table that likes it savoury`,
  'hard-to-see': ({ good }) => say`${good}: shows itself in a dim room`,
  'heat-of-the-day': ({ good }) => say`${good}: runs in the heat`,
  'in-season': ({ good }) => say`${good}: at its best at this time of year`,
  'two-alike': ({ names }, { list }) => say`${list(names)} are much alike`,
  'meats-alike': ({ names }, { list }) => say`${list(names)} are much alike`,
  pale: ({ names }, { list }) =>
    say`${list(names)} are all pale: something gold, orange, veined or dark would show`,
  'strong-with-no-relief': ({ names, relief }, { list }) =>
    say`${list(names)} are all strong: ${relief ? say`${relief} would give relief` : say`a gentle one would give relief`}`,
  'salty-with-no-relief': ({ names, relief }, { list }) =>
    say`${list(names)} are all salty: ${relief ? say`${relief} would give relief` : say`a sweet, milky one would give relief`}`,
  'rich-with-no-relief': ({ names, relief }, { list }) =>
    say`${list(names)} are all rich: ${relief ? say`${relief} would give relief` : say`a fresh or a lean hard one would give relief`}`,
  'more-of-the-same': ({ better }) => (better ? say`less of the same than its rival` : say`more of the same`),
};

export const pickWords: WordsOf<
  | 'to-be-bought-in'
  | 'not-tasted'
  | 'tasted'
  | 'carried'
  | 'brings'
  | 'suits-the-table'
  | 'even-rise'
  | 'proven-best'
  | 'best-so-far'
  | 'knee'
  | 'the-surprise'
> = {
  'to-be-bought-in': () => say`to be bought in by then`,
  'not-tasted': () => say`not tasted`,
  tasted: ({ is, taster, on }, { shortDay }) => say`${VERDICT(is)}, tasted ${shortDay(on)} by ${taster}`,
  carried: ({ is, was, taster, on }, { shortDay }) =>
    say`${VERDICT(is)} on the day (${word(was)} when ${taster} tasted it, ${shortDay(on)})`,
  brings: ({ axis, is, alone, better, rival }) => {
    const here = `${alone ? say`the only` : say`another`} ${oneOnAxis(axis, is)}`;
    if (!rival) return here;
    const other = onAxis(axis, rival.is);
    return better
      ? say`${here}; its best rival is ${other}`
      : say`${here}; ${rival.name} would bring ${other}`;
  },
  'suits-the-table': ({ better, rival }) =>
    say`suits this table ${better ? say`better` : say`less`} than ${rival ?? 'nothing'}`,
  'even-rise': ({ better }) => say`a ${better ? say`more` : say`less`} even rise from mild to strong`,
  'proven-best': ({ steps }) => say`best of every selection on this counter, proven in ${stepsWords(steps)}`,
  'best-so-far': ({ steps, gap, value }) =>
    say`best found in ${stepsWords(steps)}; at most ${gap.toFixed(1)} of ${value.toFixed(0)} points could still be won`,
  'the-surprise': ({ good, odd }, { list }) => say`${good} is the surprise: ${list(odd.map(oddWords))}`,
  knee: ({ features, names }, { list }) => list(features.length > 0 ? features.map(featureWords) : names),
};

export const hitchWords: WordsOf<Hitch['rule']> = {
  'lock-not-on-the-counter': ({ id }) => say`${id} is locked but is not on the counter.`,
  'lock-against-a-limit': ({ good, because }, _format, tell) => {
    const why = because.map(({ limit, fit }) => `${limitLabel(limit.what)}: ${fit.why ? tell(fit.why) : ''}`);
    return say`${good} is locked, but a guest’s limit comes first (${why.join('; ')}). It was left out.`;
  },
  'lock-off-the-theme': ({ good }) => say`${good} is locked, so it stays, though it is off the theme.`,
  'more-locks-than-kinds': ({ kind, locked, kinds }) =>
    say`${locked} ${KIND_PLURALS[kind]} are locked and ${kinds} asked for: all ${locked} were kept.`,
  'school-needs-more-kinds': ({ cheeses, school, places }) =>
    say`${cheeses} cheeses cannot fill the ${places.length} places of “${word(school)}” (${places.join(', ')}): each fills one of them.`,
  'nothing-fits': () => say`Nothing on this counter keeps every wish at once.`,
  'nothing-found-in-time': () =>
    say`Nothing was found within the step limit. Take locks off or raise the budget.`,
};
