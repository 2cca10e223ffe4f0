/** Sprigs that lie together, and kinds of garnish that an order holds at the most. House's own figures. */
export const BUNCH = 3;
export const MOST_SPRIGS = 60;
export const MOST_GARNISHES = 8;
