import type { LaySchools } from './schools.js';
import { withinOneTurn } from './geometry.js';
import type { Layout } from './layout.js';
import type { Laying } from './fields.js';
import { baseOf } from './thing.js';

/**
 * What hands do with a laid board: each move gives what the order then holds of its laying. A move of one thing pins all others of
 * its board where they lie; other boards stay as they are.
 */

type Pins = Laying['pins'];
/** mm from the middle of the board, degrees. */
export interface Place {
  readonly x: number;
  readonly y: number;
  readonly turn: number;
}
type Lying = Pick<Layout, 'placed'>;

/** Every thing of the board pinned where it lies. */
const asItLies = ({ pins }: Laying, { placed }: Lying): Pins => ({
  ...pins,
  ...Object.fromEntries(
    placed.map(({ id, x, y, turn }) => [id, { x, y, turn, hand: pins[id]?.hand ?? false }]),
  ),
});

const without = (pins: Pins, id: string): Pins => {
  const { [id]: _gone, ...rest } = pins;
  return rest;
};

/** Only what a person put somewhere. */
const byHand = ({ pins }: Laying): Pins =>
  Object.fromEntries(Object.entries(pins).filter(([, { hand }]) => hand));

/** In or out of a list. */
const listed = (list: readonly string[], id: string, isIn: boolean): string[] => [
  ...list.filter((one) => one !== id),
  ...(isIn ? [id] : []),
];

/** One thing is put somewhere and pinned. The turn is kept within one turn, however far it was turned. */
export const putThing = (laying: Laying, lies: Lying, id: string, { x, y, turn }: Place): Laying => ({
  ...laying,
  pins: { ...asItLies(laying, lies), [id]: { x, y, turn: withinOneTurn(turn), hand: true } },
});

/** Two change places, each with its own turn, and both are pinned. Nothing changes when one of them lies on another board. */
export function swapThings(laying: Laying, lies: Lying, one: string, other: string): Laying {
  const [a, b] = [one, other].map((id) => lies.placed.find((place) => place.id === id));
  if (!a || !b) return laying;
  return {
    ...laying,
    pins: {
      ...asItLies(laying, lies),
      [one]: { x: b.x, y: b.y, turn: withinOneTurn(a.turn), hand: true },
      [other]: { x: a.x, y: a.y, turn: withinOneTurn(b.turn), hand: true },
    },
  };
}

/** One thing finds its own place again; the others stay. */
export const letGo = (laying: Laying, lies: Lying, id: string): Laying => ({
  ...laying,
  pins: without(asItLies(laying, lies), id),
});

/** To another of the boards, where it finds its own place. */
export const sendTo = (laying: Laying, lies: Lying, id: string, board: string): Laying => ({
  ...letGo(laying, lies, id),
  sent: { ...laying.sent, [baseOf({ id })]: board },
});

/** Puts a good under its bell or takes the bell off. Pins that no person set are dropped, so the rest is laid again. */
export const coverThing = (laying: Laying, id: string, under: boolean): Laying => ({
  ...laying,
  bells: listed(laying.bells, baseOf({ id }), under),
  pins: byHand(laying),
});

/** Puts a divider round a good or takes it away. Pins that no person set are dropped, so the rest is laid again. */
export const divideThing = (laying: Laying, id: string, behind: boolean): Laying => ({
  ...laying,
  dividers: listed(laying.dividers, baseOf({ id }), behind),
  pins: byHand(laying),
});

/** Is everything of the board pinned where it lies? */
export const isKept = ({ pins }: Laying, { placed }: Lying): boolean => placed.every(({ id }) => pins[id]);

/** It is good as it lies: another guest or gram moves nothing that lies there. */
export const keepLayout = (laying: Laying, lies: Lying, choice: string): Laying => ({
  ...laying,
  pins: asItLies(laying, lies),
  choice,
});

/** Only what a person put somewhere stays; the rest is laid anew, by another seed. */
export const layAnew = (laying: Laying): Laying => ({
  ...laying,
  pins: byHand(laying),
  seed: laying.seed + 1,
});

/** The same by another school. */
export const bySchool = (laying: Laying, part: Partial<LaySchools>): Laying => ({
  ...laying,
  pins: byHand(laying),
  schools: { ...laying.schools, ...part },
});
