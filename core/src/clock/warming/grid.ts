import type { Band } from './band.js';
import { filmAt, type Way } from './body.js';
import { meshOf, USUAL, type Fineness } from './mesh.js';
import type { Paste } from './paste.js';
import type { Excess, Response } from './series.js';

/** After the start and each change of a film: steps in minutes, and how many of each; the first is backward Euler. */
const SHORT = { step: 0.0625, many: 8 };
const STEPS = [
  { step: 0.5, many: 19 },
  { step: 2, many: Infinity },
];
/** What is left of the difference when nothing more is worth reckoning. */
const LEAST = 1e-3;

/**
 * The excess of any way, step by step: linear finite elements in space, Crank and Nicolson (1947) in time, with short steps
 * backwards in time at the start and where a film changes (Rannacher 1984), so that nothing rings.
 * @param until minutes that are asked at most
 */
export function gridOf(way: Way, paste: Paste, until: number, fine: Fineness = USUAL): Response {
  const { holds, leads, below, above, faces } = meshOf(way, fine);
  const [under, over] = way.kind === 'slab' ? [way.below, way.above] : [way.round, way.round];
  const heat = (paste.density * paste.heat) / 60;
  const changes = [...new Set([...under, ...over].map(({ from }) => from))].filter((from) => from > 0);
  let now: Float64Array = new Float64Array(holds.size).fill(1);
  let minute = 0;
  const times = [0];
  const known: Excess[] = [{ heart: 1, face: 1 }];
  const flow = (): Band => {
    const running = leads.mixed(paste.conductivity, below, filmAt(under, minute));
    return above ? running.mixed(1, above, filmAt(over, minute)) : running;
  };
  const march = (next: (x: Float64Array) => Float64Array, step: number, many: number, end: number) => {
    for (let i = 0; i < many && minute + step <= end + 1e-9 && known.at(-1)!.heart > LEAST; i++) {
      now = next(now);
      minute += step;
      keep();
    }
  };
  while (minute < until - 1e-9) {
    const end = Math.min(until, ...changes.filter((turn) => turn > minute + 1e-9));
    const runs = flow();
    const back = holds.mixed(heat / SHORT.step, runs, 1).solver();
    march((x) => back(scaled(holds.times(x), heat / SHORT.step)), SHORT.step, SHORT.many, end);
    for (const { step, many } of STEPS) {
      const ahead = holds.mixed(heat / step, runs, 0.5).solver();
      const behind = holds.mixed(heat / step, runs, -0.5);
      march((x) => ahead(behind.times(x)), step, many, end);
    }
    const rest = end - minute;
    if (rest > 1e-9 && known.at(-1)!.heart > LEAST) {
      const last = holds.mixed(heat / rest, runs, 1).solver();
      march((x) => last(scaled(holds.times(x), heat / rest)), rest, 1, end);
    }
    minute = end;
  }
  function keep() {
    times.push(minute);
    known.push({ heart: now.reduce((a, b) => Math.max(a, b)), face: Math.min(...faces.map((i) => now[i]!)) });
  }
  return (wanted) => {
    if (wanted <= 0) return known[0]!;
    const at = placeOf(times, wanted);
    const [a, b] = [known[at - 1]!, known[at]!];
    const share = Math.min(1, (wanted - times[at - 1]!) / (times[at]! - times[at - 1]!));
    return { heart: a.heart + share * (b.heart - a.heart), face: a.face + share * (b.face - a.face) };
  };
}

/** The first of the times that is not before the one that is asked; the last where all are. */
function placeOf(times: readonly number[], wanted: number): number {
  let [low, high] = [1, times.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (times[middle]! >= wanted) high = middle;
    else low = middle + 1;
  }
  return low;
}

const scaled = (x: Float64Array, by: number): Float64Array => x.map((value) => value * by);
