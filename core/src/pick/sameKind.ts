import { barsOf } from '../care/index.js';
import { mainsOn, type Good, type Main } from '../counter/index.js';
import { isAvailable } from './problem.js';
import { type Brief, companyOf } from '../brief/index.js';
import type { Fields } from '../stage/index.js';

const alike = (a: Main, b: Main): boolean =>
  a.kind === 'cheese'
    ? b.kind === 'cheese' && a.texture === b.texture
    : b.kind === 'meat' && a.build === b.build;

/** Goods of a good's family that could stand in its place: not on the board, not left out, within the guests' limits, there. */
export function ofItsKind(
  order: Pick<Fields, 'selection'>,
  { brief, mains }: { readonly brief: Brief; readonly mains: readonly Main[] },
  counter: readonly Good[],
  main: Main,
): Main[] {
  const taken = new Set([...mains.map(({ id }) => id), ...order.selection.leftOut]);
  return mainsOn(counter).filter(
    (good) =>
      !taken.has(good.id) &&
      alike(main, good) &&
      barsOf(good, companyOf(brief)).length === 0 &&
      isAvailable(good, 1, brief.servingAt),
  );
}
