import { drinkersOf, headsThatEat, type Brief } from '../brief/index.js';
import type { Companion, Drink, Main } from '../counter/index.js';
import type { DessertStep } from './dessert.js';
import type { Pour } from './pours.js';
import type { Walk } from './walk.js';

/** A guided tasting: 5 to 8 minutes a step, 50 ml pours, 200 ml of water a head (docs/trade.md `walk/pace MINUTES_A_STEP`; common practice, no source). */
const MINUTES_A_STEP = 6.5;
/** What clearing the palate takes. House's own figure. */
const MINUTES_OF_RELIEF = 1;
const TASTING_POUR_ML = 50;
const WATER_ML = 200;

interface PacedStep {
  /** Minutes after the start at which it is served. */
  readonly at: number;
  readonly good: Main | Companion | Drink;
  /** The drink that is poured anew with it; null: the glass stays. */
  readonly pours: Pour['drink'] | null;
  readonly cleanse: boolean;
}
export interface Pace {
  readonly steps: readonly PacedStep[];
  readonly minutes: number;
  /** For all who eat, litres. */
  readonly water: number;
  /** Of each drink of the flight, ml for all who drink. */
  readonly poured: readonly { readonly drink: Pour['drink']; readonly ml: number }[];
}

/** A seated tasting by the clock: when each good is served, what is poured with it, and how long it takes. */
export function paceOf(
  walk: Walk,
  desserts: readonly DessertStep[],
  flight: readonly Pour[],
  brief: Brief,
): Pace {
  let minutes = 0;
  const all = [
    ...walk.steps.map(({ main, ...step }) => ({ ...step, good: main })),
    ...desserts.map((step) => ({ ...step, cleanse: false })),
  ];
  const steps = all.map(({ good, number, cleanse }): PacedStep => {
    if (cleanse) minutes += MINUTES_OF_RELIEF;
    const at = Math.round(minutes);
    minutes += MINUTES_A_STEP;
    const pours = flight.find(({ from }) => from === number)?.drink ?? null;
    return { at, good, pours, cleanse };
  });
  return {
    steps,
    minutes: Math.round(minutes),
    water: (WATER_ML * headsThatEat(brief)) / 1000,
    poured: flight.map(({ drink, from, to }) => ({
      drink,
      // One pour for every two steps that it accompanies, and one at the least.
      ml: Math.ceil((to - from + 1) / 2) * TASTING_POUR_ML * drinkersOf(brief),
    })),
  };
}
