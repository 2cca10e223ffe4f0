import type { BasisField } from '@rotula/core';
import { say } from '../language/say';

/** What a field that may be a guess is called. */
const BASIS_WORDS: Record<BasisField, string> = {
  animal: say`milk or animal`,
  making: say`what it is`,
  age: say`age`,
  treatment: say`treatment of the milk`,
  rind: say`rind`,
  shape: say`shape and size`,
  price: say`price`,
  pack: say`pack`,
};
export const basisWords = (fields: readonly BasisField[]): string =>
  fields.map((field) => BASIS_WORDS[field]).join(', ');
