import { compositionOf, type KnownComposition } from './compositionOf.js';
import type { Cheese } from './good.js';

/**
 * Density of food components, kg/m3: a0 + a1 t + a2 t2, t in degrees Celsius, -40 to 150. Source: Choi and Okos (1986), as
 * tabulated in the ASHRAE Handbook, Refrigeration, "Thermal properties of foods" (from memory).
 */
const DENSITY: Readonly<
  Record<keyof Omit<KnownComposition, 'estimated'>, readonly [number, number, number]>
> = {
  water: [997.18, 3.1439e-3, -3.7574e-3],
  protein: [1329.9, -0.5184, 0],
  fat: [925.59, -0.41757, 0],
  carbohydrate: [1599.1, -0.31046, 0],
  ash: [2423.8, -0.28063, 0],
};

/** Density of what is made so and holds no air, kg/m3: 1 / sum(x_i / rho_i). */
export function densityOfMade(made: KnownComposition, celsius: number): number {
  const parts = Object.entries(DENSITY).map(([part, [a0, a1, a2]]) => {
    const rho = a0 + a1 * celsius + a2 * celsius ** 2;
    return { share: made[part as keyof typeof DENSITY] / 100, rho };
  });
  const whole = parts.reduce((sum, { share }) => sum + share, 0);
  return whole / parts.reduce((sum, { share, rho }) => sum + share / rho, 0);
}

/** It is cut from the chill. */
const CUT_AT_CELSIUS = 6;

/**
 * Density of a close-textured paste by its composition, kg/m3; null where eyes, curd or a loose filling hold air that no
 * composition says: such a piece must be weighed.
 */
export function pasteDensity(cheese: Cheese): number | null {
  const { look, form, paste } = cheese;
  if (look.eyes !== 'none' || look.curd || form.shape === 'tub' || paste === 'crumbly') return null;
  return densityOfMade(compositionOf(cheese), CUT_AT_CELSIUS);
}
