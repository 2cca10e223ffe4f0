export { type Bite, bitesFor } from './bites.js';
export { type Fact, factsOf, pointsFor } from './points.js';
export { printedWords, type TastingWord, WORDS, wordsFor } from './words.js';
export type * from './fields.js';
