import { onClock, type ClockPlace } from './clock.js';
import type { Layout } from './layout.js';
import type { Thing } from './thing.js';

export type BuildStep =
  | 'vessels'
  | 'cheeses'
  | 'meats'
  | 'fruit and vegetables'
  | 'bread and crackers'
  | 'the rest'
  | 'garnish'
  | 'knives';

/** In which order a board is built: three schools. What a school leaves out comes after, as in the first. */
export const BUILD_SCHOOLS = {
  'anchors first': [
    'vessels',
    'cheeses',
    'meats',
    'fruit and vegetables',
    'bread and crackers',
    'the rest',
    'knives',
    'garnish',
  ],
  'crackers early': [
    'cheeses',
    'vessels',
    'bread and crackers',
    'meats',
    'fruit and vegetables',
    'the rest',
    'knives',
    'garnish',
  ],
  'meats first': [
    'meats',
    'vessels',
    'cheeses',
    'fruit and vegetables',
    'bread and crackers',
    'the rest',
    'knives',
    'garnish',
  ],
} as const satisfies Record<string, readonly BuildStep[]>;
export type BuildSchool = keyof typeof BUILD_SCHOOLS;

/** One thing to lay, by landmarks: at which hour of the clock, at the rim or inside, and against what. */
export interface BuildLine extends ClockPlace {
  readonly step: BuildStep;
  readonly thing: Thing;
  /** The nearest thing that lies there already, by name. */
  readonly against: string | null;
}

/** With which step of building a thing is laid. */
export const stepOf = ({ lies, traits }: Thing): BuildStep => {
  if (lies === 'vessel') return 'vessels';
  if (traits.kind === 'tool') return 'knives';
  if (traits.kind === 'garnish') return 'garnish';
  if (traits.kind === 'cheese') return 'cheeses';
  if (traits.kind === 'meat') return 'meats';
  if (traits.carrier) return 'bread and crackers';
  return traits.rolls ? 'the rest' : 'fruit and vegetables';
};

/** Two things nearer than this lie against each other, mm between middles. */
const NEAR = 190;

/** What to lay, one after the other, so that somebody else can build the board by hand. */
export function buildOf(
  layout: Layout,
  things: readonly Thing[],
  half: { readonly x: number; readonly y: number },
  school: BuildSchool = 'anchors first',
): BuildLine[] {
  const at = new Map(layout.placed.map((place) => [place.id, place]));
  const lines: BuildLine[] = [];
  const laid: Thing[] = [];
  for (const step of BUILD_SCHOOLS[school])
    for (const thing of things.filter((one) => stepOf(one) === step)) {
      const place = at.get(thing.id);
      if (!place) continue;
      const near = laid
        .map((other) => {
          const there = at.get(other.id)!;
          return { other, far: Math.hypot(there.x - place.x, there.y - place.y) };
        })
        .sort((a, b) => a.far - b.far)[0];
      lines.push({
        step,
        thing,
        ...onClock(place, half),
        against: near && near.far < NEAR ? near.other.name : null,
      });
      laid.push(thing);
    }
  return lines;
}
