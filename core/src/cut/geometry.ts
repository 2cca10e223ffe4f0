/** Plane and solid geometry of cutting; lengths in mm, weights in g, angles in degrees. */

/** Below these nobody cuts a true wedge from a wheel. Common practice, no source. */
export const SMALLEST_WEDGE_DEGREES = 15;
export const SMALLEST_CHORD_MM = 40;

/** Angle of the wedge that weighs `grams` of a wheel of `wheelGrams`. */
export const wedgeAngle = (grams: number, wheelGrams: number): number =>
  Math.min(360, (360 * grams) / wheelGrams);

/** Straight measure across the rim between the two cuts of a wedge: chord = D sin(angle / 2). */
export const chordOf = (diameter: number, angle: number): number =>
  angle >= 180 ? diameter : diameter * Math.sin((angle * Math.PI) / 360);

/** Area of a sector of a circle, mm2. */
export const sectorArea = (diameter: number, angle: number): number =>
  (Math.PI * diameter * diameter * angle) / (4 * 360);

/** Weight of a round slice, g. */
export const discGrams = (diameter: number, mm: number, density: number): number =>
  ((Math.PI * diameter * diameter) / 4) * mm * density;

/** Edge of a cube of that weight, mm. */
export const cubeEdge = (grams: number, density: number): number => Math.cbrt(grams / density);
