/** What the bench and the fit of the pairing judge by. */

/** What the mere popularity of a companion says: each is as good as the rows of other styles say of it. */
const WORTH = { top: 2, half: 1, 'not top': -1, bottom: -2 };
export function popularity(rows, left) {
  const points = new Map();
  for (const { style, kind, besides, expected } of rows)
    if (style !== left.style && kind === left.kind)
      for (const { id } of besides) points.set(id, (points.get(id) ?? 0) + WORTH[expected]);
  return (_, { id }) => points.get(id) ?? 0;
}

/** A seeded stream of numbers from -1 to 1. */
function seeded(seed) {
  let state = seed * 2654435761;
  return () => {
    state = (Math.imul(state ^ (state >>> 15), 2246822507) + 0x9e3779b9) | 0;
    return ((state >>> 0) / 2 ** 32) * 2 - 1;
  };
}

/** The counter with every scale of every good moved by up to 1, those of drinks too. */
const OWN_SCALES = ['crunch', 'juice', 'scented', 'tannin', 'bubbles', 'body', 'spice'];
export function perturbedCounter(counter, seed) {
  const random = seeded(seed);
  const moved = (x) => Math.max(0, Math.min(10, x + random()));
  return counter.map((good) => {
    if (!good.sense) return good;
    const own = OWN_SCALES.filter((scale) => typeof good[scale] === 'number');
    return {
      ...good,
      sense: Object.fromEntries(Object.entries(good.sense).map(([scale, x]) => [scale, moved(x)])),
      ...Object.fromEntries(own.map((scale) => [scale, moved(good[scale])])),
    };
  });
}
