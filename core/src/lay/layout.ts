import { withinOneTurn } from './geometry.js';
import { grow, type Gap, type Patch } from './grow.js';
import { reason } from '../units/index.js';
import { isSuited, liesOpenlyAvoided, watchOne, type Placed, type Violation } from './rules/index.js';
import { worth } from './judgement.js';
import type { LayQuestion, Pin } from './question.js';
import { arrange } from './solve.js';

declare module '../units/reason.js' {
  interface Rules {
    /** Per cent of it that found no room apart from what some guests must not eat. */
    'no-room-apart': { good: string; short: number };
  }
}

/** A board as it is laid: where everything lies, what its rules say, and how full it is. */
export interface Layout {
  readonly placed: readonly ({ readonly id: string } & Pin)[];
  readonly patches: readonly Patch[];
  readonly violations: readonly Violation[];
  readonly score: number;
  /** Share of the board that is covered. */
  readonly covered: number;
  /** Where it is emptiest. */
  readonly gap: Gap;
}

/** A thing in the hand: what its rules would say of it at a place, and by how much the score would change. */
export function holding(
  question: LayQuestion,
  places: readonly ({ readonly id: string } & Pin)[],
  id: string,
): (x: number, y: number) => { readonly violations: readonly Violation[]; readonly change: number } {
  const pins = Object.fromEntries(places.map((place) => [place.id, place]));
  const { placed, ground } = arrange({ ...question, pins, steps: 0 });
  const i = placed.findIndex(({ thing }) => thing.id === id);
  const one = placed[i];
  if (!one) return () => ({ violations: [], change: 0 });
  const { x: fromX, y: fromY, discs } = one;
  const watched = watchOne(placed, i, ground);
  const before = watched.cost();
  return (x, y) => {
    [one.x, one.y] = [x, y];
    one.discs = discs.map((disc) => ({ x: disc.x + x - fromX, y: disc.y + y - fromY, r: disc.r }));
    return { violations: watched.violations(), change: worth(watched.cost() - before, placed.length) };
  };
}

/** Lay a board: whole things and vessels are placed, loose things grown between them. The same question gives the same board. */
export function layOut(question: LayQuestion, onStep?: (share: number) => void): Layout {
  const { placed, violations, score, ground } = arrange(question, onStep);
  const { patches, covered, gap } = grow(placed, ground, question.seed);
  const isPatch = (id: string) => patches.some((patch) => patch.id === id);
  return {
    placed: placed.map(({ thing, x, y, turn }) => ({ id: thing.id, x, y, turn: withinOneTurn(turn) })),
    patches,
    violations: [
      ...noRoomApart(placed, patches),
      // Of a patch the disc said it, before it was grown clear of what it must not touch.
      ...violations.filter(
        ({ reason: { rule, subject } }) =>
          rule !== 'avoided-beside-suited' || !subject!.split(' ').some(isPatch),
      ),
    ],
    score,
    covered,
    gap,
  };
}

/** From this share of it on without room a patch is said to have none. House's own figure. */
const SHORT_FROM = 0.1;

/** What found no room so far from what a guest must not eat, or from what they may: it asks for a bowl, a divider or another board. */
function noRoomApart(placed: readonly Placed[], patches: readonly Patch[]): Violation[] {
  const things = placed.map(({ thing }) => thing);
  if (!things.some(liesOpenlyAvoided) || !things.some(isSuited)) return [];
  return patches.flatMap(({ id, short }): Violation[] => {
    const thing = things.find((one) => one.id === id);
    if (!thing || short < SHORT_FROM) return [];
    const figures = { good: thing.name, short: Math.round(100 * short) };
    return [{ hard: true, reason: reason('no-room-apart', figures, { subject: id, effect: -short }) }];
  });
}
