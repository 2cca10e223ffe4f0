/** Seats on the day: an order's title when none was given. */
export const defaultTitle = (heads: number): string =>
  heads === 1 ? 'A board for one' : `A board for ${heads}`;
