import { over, type Placed } from './placed.js';

/** A blade comes down beside what it cuts: a knife's width of room on one side at the least, mm (docs/trade.md `lay/rules/stroke STROKE`). */
const STROKE = 30;
/** What is no higher than this a hand passes over. House's own figure, mm. */
const PASSED_OVER = 25;
/** Sides that a hand may come from. */
const SIDES = 16;

/**
 * How much a knife's room lacks beside a whole piece, on the side where it lacks least, mm; 0: it has room there. Beyond the rim
 * is room; patches that lie low and knives give way.
 */
export function strokeShort(a: Placed, placed: readonly Placed[]): number {
  let least = Infinity;
  for (let k = 0; k < SIDES && least > 0; k++) {
    const at = (2 * Math.PI * k) / SIDES;
    const [c, s] = [Math.cos(at), Math.sin(at)];
    // As far as it reaches on this side: a brick is long one way.
    const edge = Math.max(...a.discs.map((disc) => (disc.x - a.x) * c + (disc.y - a.y) * s + disc.r));
    const [x, y] = [a.x + (edge + STROKE / 2) * c, a.y + (edge + STROKE / 2) * s];
    let short = 0;
    for (const b of placed) {
      if (b === a || b.thing.traits.kind === 'tool' || b.thing.height <= PASSED_OVER) continue;
      for (const disc of b.discs)
        short = Math.max(short, over(disc.r + STROKE / 2 - Math.hypot(disc.x - x, disc.y - y)));
    }
    least = Math.min(least, short);
  }
  return least === Infinity ? 0 : least;
}
