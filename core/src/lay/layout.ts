import { grow, type Gap, type Patch } from './grow.js';
import type { Told } from './rules/index.js';
import { arrange, type LayQuestion, type Pin } from './solve.js';

/** A board as it is laid: where everything lies, what its rules say, and how full it is. */
export interface Layout {
  readonly placed: readonly ({ readonly id: string } & Pin)[];
  readonly patches: readonly Patch[];
  readonly told: readonly Told[];
  readonly score: number;
  /** Share of the board that is covered. */
  readonly covered: number;
  /** Where it is emptiest. */
  readonly gap: Gap;
}

/** What a layout says of itself with things where they are now: nothing is searched, and loose things are not grown. */
export function judge(
  question: LayQuestion,
  places: readonly ({ readonly id: string } & Pin)[],
): { readonly told: readonly Told[]; readonly score: number } {
  const pins = Object.fromEntries(places.map(({ id, x, y, turn }) => [id, { x, y, turn }]));
  const { told, score } = arrange({ ...question, pins, steps: 0 });
  return { told, score };
}

/** Lay a board: whole things and vessels are placed, loose things grown between them. The same question gives the same board. */
export function layOut(question: LayQuestion, onStep?: (share: number) => void): Layout {
  const { placed, told, score, ground } = arrange(question, onStep);
  const { patches, covered, gap } = grow(placed, ground, question.seed);
  return {
    placed: placed.map(({ thing, x, y, turn }) => ({ id: thing.id, x, y, turn })),
    patches,
    told,
    score,
    covered,
    gap,
  };
}
