/** Zones of height on a board, mm: low up to the first, middle up to the second, high above it. */
const HEIGHT_ZONES = { low: 30, middle: 80 };

/** The zone that a thing of this height stands in. */
export const heightZone = (height: number): 'low' | 'middle' | 'high' =>
  height <= HEIGHT_ZONES.low ? 'low' : height <= HEIGHT_ZONES.middle ? 'middle' : 'high';
