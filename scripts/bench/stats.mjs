export const median = (xs) => [...xs].sort((a, b) => a - b)[Math.floor(xs.length / 2)];
export const round = (x, digits = 1) => Math.round(x * 10 ** digits) / 10 ** digits;

/** Median milliseconds of a function over `runs`, after as many to warm up. */
export function time(runs, fn) {
  for (let i = 0; i < runs; i++) fn();
  return median(
    Array.from({ length: runs }, () => {
      const start = performance.now();
      fn();
      return performance.now() - start;
    }),
  );
}

export const percentile = (xs, p) =>
  [...xs].sort((a, b) => a - b)[Math.min(xs.length - 1, Math.ceil(p * xs.length) - 1)];
