import { mayOffer } from '../care/index.js';
import { type Brief, companyOf } from '../brief/index.js';
import {
  companionsOn,
  isCompanion,
  isDrink,
  type Companion,
  type Drink,
  type Good,
  type Served,
} from '../counter/index.js';
import { drinkSense } from '../sense/index.js';
import { memoisedBy } from '../units/index.js';

/** A step of its own after all else: chocolate, a sweet companion or a sweet wine, never a cheese or meat. */
export interface DessertStep {
  readonly number: number;
  readonly good: Companion | Drink;
}

/** From so sweet on a companion or wine ends a tasting. House's own figures. */
const SWEET_COMPANION = 6;
const SWEET_DRINK = 5;
const ROLES: readonly Companion['role'][] = ['chocolate', 'honey', 'preserve', 'dried fruit', 'fruit'];

/** May a good be a step of the dessert? Bread, what is sharp and what is dry may not. */
export const endsTasting = (good: Good): good is Companion | Drink =>
  isCompanion(good)
    ? good.role === 'chocolate' || (ROLES.includes(good.role) && good.sense.sweet >= SWEET_COMPANION)
    : isDrink(good) && drinkSense(good).sweet >= SWEET_DRINK;

const sweetnessOf = (good: Companion | Drink): number =>
  isDrink(good) ? drinkSense(good).sweet : good.sense.sweet;

/** The dessert of a walk: what was asked for and may be, the lighter and less sweet before the sweeter, chocolate last. */
export function dessertSteps(desserts: readonly Good[], after: number): DessertStep[] {
  const place = (good: Companion | Drink) => (isCompanion(good) && good.role === 'chocolate' ? 100 : 0);
  return desserts
    .filter(endsTasting)
    .sort(
      (a, b) =>
        place(a) + sweetnessOf(a) + a.sense.intensity - (place(b) + sweetnessOf(b) + b.sense.intensity) ||
        (a.id < b.id ? -1 : 1),
    )
    .map((good, i) => ({ number: after + i + 1, good }));
}

const isChocolate = (good: Good): good is Companion => isCompanion(good) && good.role === 'chocolate';
/** The bitterest first. */
const chocolatesOn = memoisedBy((counter: Served) =>
  companionsOn(counter)
    .filter(isChocolate)
    .sort((a, b) => b.sense.bitter - a.sense.bitter || (a.id < b.id ? -1 : 1)),
);

/** What could end this walk: of what stands on the board all that may, and the best chocolate of the counter where the board has none. */
export function dessertsFor(beside: readonly Good[], counter: Served, brief: Brief): (Companion | Drink)[] {
  const onBoard = beside.filter(endsTasting);
  if (onBoard.some(isChocolate)) return onBoard;
  const company = companyOf(brief);
  const chocolate = chocolatesOn(counter).find((good) => mayOffer(good, company));
  return chocolate ? [...onBoard, chocolate] : onBoard;
}
