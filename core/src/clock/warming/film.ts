/** Film of still air about a thing: W/(m2 K). */

const STEFAN_BOLTZMANN = 5.670374e-8;
/** Of food and paper (Incropera, Fundamentals of Heat and Mass Transfer, from memory). */
const EMISSIVITY = 0.95;
const KELVIN = 273.15;
/** Dry air at 290 K: W/(m K), m2/s, m2/s (Incropera, table A.4, from memory). */
const AIR = { conductivity: 0.0255, viscosity: 1.5e-5, diffusivity: 2.12e-5, prandtl: 0.71 };
const GRAVITY = 9.81;

/**
 * What a thing takes from still air: radiation, and natural convection about a sphere of its size
 * (Churchill 1983: Nu = 2 + 0.589 Ra^(1/4) / (1 + (0.469/Pr)^(9/16))^(4/9), Ra up to 1e11).
 * A cube of 20 mm comes to 13, a wheel to 9 (common practice, no source).
 * @param size the diameter of the sphere that has its area, mm
 * @param cold mean of its surface while it warms, degrees Celsius
 */
export function filmOf(size: number, cold: number, room: number): number {
  const diameter = Math.max(1, size) / 1000;
  const [surface, air] = [cold + KELVIN, room + KELVIN];
  const mean = (surface + air) / 2;
  const radiation = 4 * EMISSIVITY * STEFAN_BOLTZMANN * mean ** 3;
  const rayleigh =
    (GRAVITY * Math.abs(air - surface) * diameter ** 3) / (mean * AIR.viscosity * AIR.diffusivity);
  const nusselt = 2 + (0.589 * rayleigh ** 0.25) / (1 + (0.469 / AIR.prandtl) ** (9 / 16)) ** (4 / 9);
  return radiation + (nusselt * AIR.conductivity) / diameter;
}

/** Two papers with still air between: each film in series with 2 mm of air (0.0255 / 0.002 W/m2K). */
const WRAP = 12.7;
/** Under wax paper or a lid less heat comes in. */
export const wrapped = (film: number): number => 1 / (1 / film + 1 / WRAP);

/** Through a wooden board beside still air (docs/trade.md `clock/warming/film UNDERSIDE`: 4 against 8). */
export const UNDERSIDE = 0.5;
/** How far the film is off, either way: draughts, a hand, a lamp. Common practice, no source. */
export const FILM_RANGE = 0.25;
