import { allergensOf, isCheese, isMeat, named, type Main } from '../counter/index.js';

/** One good in the order of cutting, and whether knife, board and hands are cleaned before it. */
export interface CuttingStep {
  readonly main: Main;
  readonly station: 'cheese' | 'slicer';
  readonly cleanFirst: boolean;
}

const isBlue = (main: Main): boolean => isCheese(main) && main.texture === 'blue';
/** On the slicer what leaves nuts or pepper behind comes last. */
const leavesBehind = (main: Main): boolean =>
  main.sense.heat >= 3 || allergensOf(main).contains.length > 0 || named(main, 'pepper', 'pistachio', 'nut');

const rank = (main: Main): number => (isMeat(main) ? (leavesBehind(main) ? 1 : 0) : isBlue(main) ? 1 : 0);

/**
 * The order of cutting: mild before strong and blue last at the board, plain before nuts and pepper at the slicer; what is
 * cut after something stronger would taste of it. Knife, board and hands are cleaned at each change; own plates are cut
 * before all of it, with clean tools. Common practice, no source.
 */
export function cuttingOrder(mains: readonly Main[]): CuttingStep[] {
  const sorted = [...mains].sort(
    (a, b) =>
      Number(isMeat(a)) - Number(isMeat(b)) ||
      rank(a) - rank(b) ||
      a.sense.intensity - b.sense.intensity ||
      (a.id < b.id ? -1 : 1),
  );
  return sorted.map((main, i) => ({
    main,
    station: isMeat(main) ? 'slicer' : 'cheese',
    cleanFirst: i > 0,
  }));
}
