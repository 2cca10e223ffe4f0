import { isDrink, type Companion, type Drink } from '../counter/index.js';
import type { LateSchool } from '../brief/index.js';
import { cleanserFor, reliefOf, type Cleansing } from './cleanser.js';
import { dessertsFor, dessertSteps, type DessertStep } from './dessert.js';
import { EXACT_UP_TO } from './order.js';
import { flightOf, type Pour } from './pours.js';
import { lateness } from './cost.js';
import { walkFor, type Walk } from './walk.js';
import { hiddenNeighbours } from '../pair/index.js';
import { reason, type Grams, type Reason } from '../units/index.js';
import { walkRow } from './row.js';
import { stage } from '../stage/index.js';

declare module '../stage/stage.js' {
  interface Parts {
    walk: WalkPart;
  }
}

declare module '../units/reason.js' {
  interface Rules {
    'hidden-by-its-neighbour': { good: string; by: string };
    'after-what-comes-last': { good: string; after: string };
    'too-much-is-left-over': { good: string; after: string };
    'no-exact-order': { goods: number; most: number };
    'too-little-to-clear-the-palate': { good: string; needs: Grams; has: Grams };
  }
}

export interface WalkPart {
  readonly walk: Walk;
  /** What clears the palate between strong steps; null: water. */
  readonly cleanser: Companion | null;
  /** How much of it the walk asks for; null: none, or water. */
  readonly relief: Cleansing | null;
  /** Steps of their own after all else, and what could be one. */
  readonly desserts: readonly DessertStep[];
  readonly dessertChoices: readonly (Companion | Drink)[];
  /** The board's drinks in step with the food. */
  readonly flight: readonly Pour[];
}

/** In an order by hand: what follows something that should come after it. */
const afterTheLast = ({ steps }: Walk, school: LateSchool): Reason[] =>
  steps.slice(1).flatMap(({ main }, i) => {
    const before = steps[i]!.main;
    return lateness(before, school) > lateness(main, school)
      ? [reason('after-what-comes-last', { good: main.name, after: before.name }, { subject: main.id })]
      : [];
  });

/** Where nothing that clears the palate is enough. */
const notCleared = ({ steps }: Walk): Reason[] =>
  steps
    .slice(1)
    .flatMap(({ main, tooMuch }, i) =>
      tooMuch
        ? [
            reason(
              'too-much-is-left-over',
              { good: main.name, after: steps[i]!.main.name },
              { subject: main.id },
            ),
          ]
        : [],
    );

/** On the board lies less of it than the walk alone asks for. */
const tooLittle = (
  relief: Cleansing | null,
  companions: readonly { readonly good: { readonly id: string }; readonly net: Grams }[],
): Reason[] => {
  const lies = relief && companions.find(({ good }) => good.id === relief.good.id);
  return relief && lies && lies.net < relief.net
    ? [
        reason(
          'too-little-to-clear-the-palate',
          { good: relief.good.name, needs: relief.net, has: lies.net },
          { subject: relief.good.id },
        ),
      ]
    : [];
};

export const walkStage = stage(walkRow, {
  derive: (
    { order, house, counter, goods, stands },
    { brief: { brief }, pick: { mains }, pair: { beside, pairs } },
  ): WalkPart => {
    const offered = stands ? counter.filter(stands) : counter;
    const cleanser = cleanserFor(beside, offered, brief);
    const walk = walkFor(mains, order.walk, cleanser, house.lateSchool, order.walkPins);
    const choices = dessertsFor(beside, offered, brief);
    const chosen = order.desserts.flatMap((id) => {
      const good = goods.get(id);
      return good && beside.some((other) => other.id === id) ? [good] : [];
    });
    return {
      walk,
      cleanser,
      relief: reliefOf(cleanser, walk.steps, brief),
      desserts: dessertSteps(chosen, walk.steps.length),
      dessertChoices: choices,
      flight: flightOf(
        walk.steps.map(({ main }) => main),
        pairs.set.flatMap(({ slot, beside: poured }) =>
          slot === 'drink' && isDrink(poured) ? [poured] : [],
        ),
        pairs.weights,
      ),
    };
  },
  advise: ({ walk: { walk, relief }, portion: { portions } }, { house }) => [
    ...tooLittle(relief, portions.companions),
    ...afterTheLast(walk, house.lateSchool),
    ...notCleared(walk),
    ...(walk.steps.length > EXACT_UP_TO
      ? [reason('no-exact-order', { goods: walk.steps.length, most: EXACT_UP_TO })]
      : []),
    ...hiddenNeighbours(walk.steps.map(({ main }) => main)).map(({ hidden, by }) =>
      reason(
        'hidden-by-its-neighbour',
        { good: hidden.name, by: by.name },
        { subject: `${hidden.id} ${by.id}` },
      ),
    ),
  ],
  // What clears the palate and lies on no board is proposed: counted, and not in the sum.
  lines: ({ walk: { relief }, portion: { portions } }) =>
    relief && !portions.companions.some(({ good }) => good.id === relief.good.id)
      ? [
          {
            subject: relief.good.id,
            good: relief.good,
            for: 'suggested' as const,
            amount: relief.bought,
            price: null,
            cost: null,
          },
        ]
      : [],
});
