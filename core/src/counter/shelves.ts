import { memoisedBy } from '../units/index.js';
import type { Companion, Drink, Good, Main, Ware } from './good.js';
import { isCompanion, isDrink, isMain, isWare } from './kinds.js';

/** Parts of a counter by kind, each by id; worked out once for each counter, since every edit of an order asks for them. */

const inIdOrder = <G extends Good>(goods: G[]): readonly G[] => goods.sort((a, b) => (a.id < b.id ? -1 : 1));

export const mainsOn: (counter: readonly Good[]) => readonly Main[] = memoisedBy((counter: readonly Good[]) =>
  inIdOrder(counter.filter(isMain)),
);
export const companionsOn: (counter: readonly Good[]) => readonly Companion[] = memoisedBy(
  (counter: readonly Good[]) => inIdOrder(counter.filter(isCompanion)),
);
export const drinksOn: (counter: readonly Good[]) => readonly Drink[] = memoisedBy(
  (counter: readonly Good[]) => inIdOrder(counter.filter(isDrink)),
);
export const waresOn: (counter: readonly Good[]) => readonly Ware[] = memoisedBy((counter: readonly Good[]) =>
  inIdOrder(counter.filter(isWare)),
);
