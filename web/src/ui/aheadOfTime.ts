/** Loads code that will be wanted soon, one piece at a time while nothing else is done; ends when the page is left. */
export function aheadOfTime(pieces: readonly (() => Promise<unknown>)[]): () => void {
  let left = false;
  // A browser without idle callbacks (Safari) waits a moment instead.
  const whenIdle = (work: () => void) =>
    typeof requestIdleCallback === 'function' ? requestIdleCallback(work) : setTimeout(work, 500);
  const next = ([piece, ...rest]: readonly (() => Promise<unknown>)[]) => {
    if (!piece || left) return;
    whenIdle(() => {
      if (left) return;
      // What cannot be had now is asked for again when it is wanted, and said then.
      piece()
        .catch(() => undefined)
        .finally(() => next(rest));
    });
  };
  next(pieces);
  return () => {
    left = true;
  };
}
