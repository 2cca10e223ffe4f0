import type { Companion } from '../../counter/index.js';
import type { LateSchool } from '../../brief/index.js';
import { cleanserFor, EXACT_UP_TO, lateness, walkFor, type Walk } from '../../walk/index.js';
import { hiddenNeighbours } from '../../pair/index.js';
import { reason, type Reason } from '../../units/index.js';
import { stage } from './row.js';

declare module './row.js' {
  interface Parts {
    walk: WalkPart;
  }
}

declare module '../../units/reason.js' {
  interface Rules {
    'hidden by its neighbour': { good: string; by: string };
    'after what comes last': { good: string; after: string };
    'too much is left over': { good: string; after: string };
    'no exact order': { goods: number; most: number };
  }
}

export interface WalkPart {
  readonly walk: Walk;
  /** What clears the palate between strong steps; null: water. */
  readonly cleanser: Companion | null;
}

/** In an order by hand: what follows something that should come after it. */
const afterTheLast = ({ steps }: Walk, school: LateSchool): Reason[] =>
  steps.slice(1).flatMap(({ main }, i) => {
    const before = steps[i]!.main;
    return lateness(before, school) > lateness(main, school)
      ? [reason('after what comes last', { good: main.name, after: before.name }, { subject: main.id })]
      : [];
  });

/** Where nothing that clears the palate is enough. */
const leftOver = ({ steps }: Walk): Reason[] =>
  steps
    .slice(1)
    .flatMap(({ main, tooMuch }, i) =>
      tooMuch
        ? [
            reason(
              'too much is left over',
              { good: main.name, after: steps[i]!.main.name },
              { subject: main.id },
            ),
          ]
        : [],
    );

export const walkStage = stage({
  id: 'walk',
  place: 6,
  reads: ['brief', 'pick', 'pair'],
  fields: ['walk'],
  tidy: (order, left) => ({ ...order, walk: order.walk?.filter((id) => !left.has(id)) ?? null }),
  derive: (
    { order, house, counter, stands },
    { brief: { brief }, pick: { mains }, pair: { beside } },
  ): WalkPart => {
    const cleanser = cleanserFor(beside, stands ? counter.filter(stands) : counter, brief);
    return { walk: walkFor(mains, order.walk, cleanser, house.lateSchool), cleanser };
  },
  advise: ({ walk: { walk } }, { house }) => [
    ...afterTheLast(walk, house.lateSchool),
    ...leftOver(walk),
    ...(walk.steps.length > EXACT_UP_TO
      ? [reason('no exact order', { goods: walk.steps.length, most: EXACT_UP_TO })]
      : []),
    ...hiddenNeighbours(walk.steps.map(({ main }) => main)).map(({ hidden, by }) =>
      reason(
        'hidden by its neighbour',
        { good: hidden.name, by: by.name },
        { subject: `${hidden.id} ${by.id}` },
      ),
    ),
  ],
  summary: ({ walk }) => ({ goods: walk ?? [], words: [] }),
});
