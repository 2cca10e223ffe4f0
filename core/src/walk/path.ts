import type { Walk } from './walk.js';
import type { DessertStep } from './dessert.js';

/** Where a step stands on the board as it is walked: clockwise, beginning at the guest's left hand. */
export interface PathStop {
  readonly number: number;
  readonly goodId: string;
  /** Clockwise from the top, in degrees; the middle of its place. */
  readonly degrees: number;
  /** The palate is cleared on the way to it. */
  readonly cleanse: boolean;
}

/** The guest stands at the bottom: the walk begins at the lower left and goes round over the top, as the hand of a clock does. */
const BEGINS = 200;
/** What stays free between the last and the first, where the guest stands. */
const FREE = 40;

/** The path over the board: each step has the same room along the rim, clockwise (common practice, no source). */
export function pathOf({ steps }: Walk, desserts: readonly DessertStep[]): PathStop[] {
  const stops = [
    ...steps.map(({ number, main, cleanse }) => ({ number, goodId: main.id, cleanse })),
    ...desserts.map(({ number, good }) => ({ number, goodId: good.id, cleanse: false })),
  ];
  const room = (360 - FREE) / Math.max(1, stops.length);
  return stops.map((stop, i) => ({ ...stop, degrees: (BEGINS + (i + 0.5) * room) % 360 }));
}
