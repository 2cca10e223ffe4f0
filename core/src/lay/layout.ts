import { withinOneTurn } from './geometry.js';
import { grow, type Gap, type Patch } from './grow.js';
import { watchOne, type Violation } from './rules/index.js';
import { worth } from './judgement.js';
import type { LayQuestion, Pin } from './question.js';
import { arrange } from './solve.js';

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
  return {
    placed: placed.map(({ thing, x, y, turn }) => ({ id: thing.id, x, y, turn: withinOneTurn(turn) })),
    patches,
    violations,
    score,
    covered,
    gap,
  };
}
