import type { WordsOf } from './words';
import { say } from '../language/say';

export const walkWords: WordsOf<
  | 'falls-back'
  | 'lingers'
  | 'leap'
  | 'salt-before-sweet'
  | 'the-same-mouthfeel'
  | 'the-same-animal'
  | 'strong-was-before'
  | 'heat-stays'
  | 'starts-mild'
  | 'mildest-there-is'
  | 'rises'
  | 'much-the-same-strength'
> = {
  'falls-back': ({ from, to }) => say`${to} is milder than ${from} before it`,
  lingers: ({ from, to }) => say`${from} lingers over ${to}`,
  leap: ({ from, to }) => say`a leap from ${from} to ${to}`,
  'salt-before-sweet': ({ from, to }) => say`the salt of ${from} covers what is sweet in ${to}`,
  'the-same-mouthfeel': ({ from }) => say`much the same in the mouth as ${from}`,
  'the-same-animal': ({ from }) => say`the same animal as ${from}`,
  'strong-was-before': ({ to }) => say`something stronger came before ${to}`,
  'heat-stays': ({ from, to }) => say`the heat of ${from} covers ${to}`,
  'starts-mild': () => say`mild, so it starts the walk`,
  'mildest-there-is': () => say`the mildest there is starts the walk`,
  rises: ({ from, to }) => say`up from ${from} to ${to}`,
  'much-the-same-strength': ({ from }) => say`beside ${from}, much the same strength`,
};
