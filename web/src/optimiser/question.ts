import { briefFingerprint, type Counted, type House, type OrderBody, type PickQuestion } from '@rotula/core';

/** Changes when the answer of the optimiser could: brief, wishes, schools of the house, the counter. */
export function questionKey({ brief, selection }: OrderBody, house: House, counter: Counted): string {
  const wishes = [...selection.locked, '|', ...selection.leftOut].join(' ');
  return [briefFingerprint(brief), wishes, houseKey(house), stampOf(counter)].join(' ');
}

/** The question of a search over the counter, with the order's own wishes. */
export const pickQuestion = (
  { brief, selection }: OrderBody,
  counter: Counted,
  house: House,
  nodeLimit: number,
): PickQuestion => ({ brief, wishes: selection, counter, house, nodeLimit });

/** What of a house the optimiser feels: its schools, its country (for the seasons) and its own figures. */
export const houseKey = ({ amountSchool, parity, cover, aim, company, country, practice }: House): string =>
  JSON.stringify([amountSchool, parity, cover, aim, company, country, practice]);

/** A counter that was changed (a price, a verdict, a lot) is another array: number them, so that a key can distinguish them. */
const stamps = new WeakMap<Counted, number>();
let last = 0;
export function stampOf(counter: Counted): number {
  const known = stamps.get(counter) ?? ++last;
  stamps.set(counter, known);
  return known;
}
