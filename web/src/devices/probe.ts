/** A temperature probe, as a driver of a real one would stand behind it: it says what it feels, and whether that has settled. */
export interface ProbeReading {
  readonly celsius: number;
  readonly settled: boolean;
}
export interface Probe {
  /** Told on every reading that it gives and printed beside it. */
  readonly simulated: boolean;
  /** Watch it until it is stopped; `feel` is called with each reading. */
  readonly watch: (feel: (reading: ProbeReading) => void) => () => void;
}

const PROBE_TICK_MS = 80;
/** A thin needle follows within this many readings. */
const SETTLES = 8;
const IN_THE_HAND = 24;

/** The stand-in: it comes from the hand, and is off by up to half a degree. The same seed gives the same probe. */
export function simulatedProbe(truth: number, seed: number): Probe {
  const off = (((seed * 16807) % 2147483647) / 2147483647 - 0.5) * 1;
  return {
    simulated: true,
    watch(feel) {
      let n = 0;
      const timer = setInterval(() => {
        n++;
        const celsius = Math.round((truth + off + (IN_THE_HAND - truth) * Math.exp(-n)) * 10) / 10;
        const settled = n >= SETTLES;
        if (settled) clearInterval(timer);
        feel({ celsius, settled });
      }, PROBE_TICK_MS);
      return () => clearInterval(timer);
    },
  };
}
