/** Measures of the picture of a day, px of its own: names, lanes of work and of goods, room for the times on the right. */
export const NAME = 132;
export const WIDTH = 820;
export const LANE = 36;
export const GOOD = 30;
export const HEAD = 44;
export const RIGHT = 86;
