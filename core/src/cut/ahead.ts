import type { Cheese, Main } from '../counter/index.js';
import { isBaked, type Cut } from './cut.js';
import { SOFT_FAMILIES } from './traits.js';

/** What of a good is cut before guests come, what stays whole with its guide cut, and what is held back in the cold. g. */
export interface Ahead {
  readonly now: number;
  readonly nowPieces: number;
  readonly whole: number;
  /** Slices or wedges taken off what stays whole, so that nobody fears to be the first. */
  readonly guideCuts: number;
  readonly held: number;
}

/** Soft paste dries and runs: one wedge is out. Hard: half. Else what the first half hour takes. Common practice, no source. */
const FIRST_HALF_HOUR = 1 - 2 ** -0.5;
const HARD_NOW = 0.5;
const HARD = ['hard', 'very hard'];
const GUIDE_CUTS = 2;
/** What lies loose: nothing of it can stand whole beside. */
const NEVER_WHOLE: readonly Cut['styleId'][] = ['spooned', 'pearls'];
/** What guests spoon, break or crumble for themselves: no cut shows them the way. */
const UNGUIDED: readonly Cut['styleId'][] = [
  'lid off',
  'rough chunks',
  'nuggets',
  'broken',
  'crumbled blue',
  'spread blue',
];

function nowShare(main: Main, { whole, styleId }: Cut, piece: number, first: number): number {
  if (main.kind === 'meat' || NEVER_WHOLE.includes(styleId)) return 1;
  if (whole) return first > 0 ? Math.min(1, piece / first) : 0;
  if (SOFT_FAMILIES.includes((main as Cheese).texture))
    return main.form.shape === 'log' || main.form.shape === 'ball' ? 1 : FIRST_HALF_HOUR;
  return HARD.includes((main as Cheese).texture) ? HARD_NOW : FIRST_HALF_HOUR;
}

/**
 * A cut over the clock: of the first wave what is cut ahead, the rest of it whole with its guide cut; the later waves in the
 * cold.
 * @param all the house cuts everything ahead
 */
export function aheadOf(main: Main, cut: Cut, firstWave: number, all: boolean): Ahead {
  // It goes to the oven as one, and onto the table as one.
  if (isBaked(cut)) return { now: cut.net, nowPieces: 0, whole: 0, guideCuts: 0, held: 0 };
  // A whole piece goes out as one.
  const first = cut.whole ? cut.net : cut.net * firstWave;
  const share = all && !cut.whole ? 1 : nowShare(main, cut, cut.pieceGrams, first);
  const now = first * share;
  const whole = first - now;
  return {
    now,
    nowPieces:
      cut.pieceGrams > 0 ? Math.min(cut.pieces, Math.max(0, Math.ceil(now / cut.pieceGrams - 1e-9))) : 0,
    whole,
    guideCuts: whole > cut.pieceGrams && !UNGUIDED.includes(cut.styleId) ? GUIDE_CUTS : 0,
    held: cut.net - first,
  };
}
