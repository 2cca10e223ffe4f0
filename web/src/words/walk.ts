import type { WordsOf } from './words';

export const walkWords: WordsOf<
  | 'falls back'
  | 'lingers'
  | 'leap'
  | 'blue late'
  | 'heat stays'
  | 'starts mild'
  | 'mildest there is'
  | 'rises'
  | 'much the same strength'
> = {
  'falls back': ({ from, to }) => `${to} is milder than ${from} before it`,
  lingers: ({ from, to }) => `${from} lingers over ${to}`,
  leap: ({ from, to }) => `a leap from ${from} to ${to}`,
  'blue late': ({ to }) => `blue before ${to} dulls the tongue`,
  'heat stays': ({ from, to }) => `the heat of ${from} covers ${to}`,
  'starts mild': () => 'mild, so it starts the walk',
  'mildest there is': () => 'the mildest there is starts the walk',
  rises: ({ from, to }) => `up from ${from} to ${to}`,
  'much the same strength': ({ from }) => `beside ${from}, much the same strength`,
};
