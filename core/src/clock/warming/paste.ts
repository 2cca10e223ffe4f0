import { compositionOf, densityOfMade, type Good, type KnownComposition } from '../../counter/index.js';

/** How heat runs through a good: W/(m K), kg/m3, J/(kg K). */
export interface Paste {
  readonly conductivity: number;
  readonly density: number;
  readonly heat: number;
  /** What it is made of is only what its style usually is. */
  readonly estimated: boolean;
}

type Component = keyof Omit<KnownComposition, 'estimated'>;
type Row = readonly [a0: number, a1: number, a2: number];

/**
 * a0 + a1 t + a2 t2, t in degrees Celsius, -40 to 150. Source: Choi and Okos (1986), as tabulated in the ASHRAE Handbook,
 * Refrigeration, "Thermal properties of foods" (from memory).
 */
const CONDUCTIVITY: Readonly<Record<Component, Row>> = {
  water: [0.57109, 1.7625e-3, -6.7036e-6],
  protein: [0.17881, 1.1958e-3, -2.7178e-6],
  fat: [0.18071, -2.7604e-4, -1.7749e-7],
  carbohydrate: [0.20141, 1.3874e-3, -4.3312e-6],
  ash: [0.32962, 1.4011e-3, -2.9069e-6],
};
const HEAT: Readonly<Record<Component, Row>> = {
  water: [4176.2, -9.0864e-2, 5.4731e-3],
  protein: [2008.2, 1.2089, -1.3129e-3],
  fat: [1984.2, 1.4733, -4.8008e-3],
  carbohydrate: [1548.8, 1.9625, -5.9399e-3],
  ash: [1092.6, 1.8896, -3.6817e-3],
};
const PARTS = Object.keys(CONDUCTIVITY) as readonly Component[];
const at = ([a0, a1, a2]: Row, celsius: number): number => a0 + a1 * celsius + a2 * celsius ** 2;
const only = (part: Component): KnownComposition => ({
  water: 0,
  fat: 0,
  protein: 0,
  carbohydrate: 0,
  ash: 0,
  estimated: false,
  [part]: 100,
});

/**
 * How heat runs through what is made so: conductivity by volume (in parallel), specific heat by weight, density of what holds
 * no air. Fat that melts takes heat too: left out.
 */
export function pasteOf(made: KnownComposition, celsius: number): Paste {
  const whole = PARTS.reduce((sum, part) => sum + made[part], 0);
  const density = densityOfMade(made, celsius);
  const share = (part: Component) => made[part] / whole;
  return {
    conductivity: PARTS.reduce(
      (sum, part) =>
        sum +
        ((share(part) * density) / densityOfMade(only(part), celsius)) * at(CONDUCTIVITY[part], celsius),
      0,
    ),
    density,
    heat: PARTS.reduce((sum, part) => sum + share(part) * at(HEAT[part], celsius), 0),
    estimated: made.estimated,
  };
}

/** The middle of its way from the cold to the plate. */
const MEAN_CELSIUS = 12.5;

/** How heat runs through a good, on its way from the cold to the plate. */
export const pasteOfGood = (good: Good): Paste => pasteOf(compositionOf(good), MEAN_CELSIUS);

/** m2/s. */
export const diffusivity = ({ conductivity, density, heat }: Paste): number =>
  conductivity / (density * heat);
