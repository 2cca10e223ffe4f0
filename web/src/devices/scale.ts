/**
 * A counter scale, as a driver of a real one would stand behind it: it is tared, it says what it feels, and whether that has
 * settled.
 */
export interface Reading {
  readonly grams: number;
  readonly settled: boolean;
}
export interface Scale {
  /** Told on every record that it gives and printed beside it. */
  readonly simulated: boolean;
  /** Watch it until it is stopped; `feel` is called with each reading. */
  watch: (feel: (reading: Reading) => void) => () => void;
  tare: () => void;
}

/** Steps of a counter scale, g. */
const STEP = 1;
const SCALE_TICK_MS = 60;
/** It swings for this many readings, and is settled when two are alike within a step. */
const SWING = 9;

/**
 * The stand-in for a scale: a hand that aims at a weight and is off by a few per cent, a pan that swings out, and a step of one
 * gram. The same seed gives the same hand.
 */
export function simulatedScale(aim: number, seed: number): Scale {
  const chance = chanceOf(seed);
  // A practised hand is within 5 %: two thirds of its cuts within half of that.
  const put = Math.max(0, aim * (1 + 0.05 * (chance() + chance() - 1)));
  let zero = 0;
  return {
    simulated: true,
    tare: () => {
      zero = put;
    },
    watch(feel) {
      let n = 0;
      let last = NaN;
      const timer = setInterval(() => {
        n++;
        const swing = n < SWING ? (put * 0.12 * Math.cos(n * 1.9)) / n : 0;
        const noise = 0.3 * (chance() - 0.5);
        // Nothing is said as nothing, not as less than it.
        const grams = Math.round((put - zero + swing + noise) / STEP) * STEP + 0;
        const settled = n >= SWING && grams === last;
        last = grams;
        feel({ grams, settled });
        if (settled) clearInterval(timer);
      }, SCALE_TICK_MS);
      return () => clearInterval(timer);
    },
  };
}

/** Seeded numbers from 0 to 1 (Park and Miller 1988). */
function chanceOf(seed: number): () => number {
  let state = (Math.abs(Math.trunc(seed)) % 2147483646) + 1;
  return () => {
    state = (state * 16807) % 2147483647;
    return state / 2147483647;
  };
}
