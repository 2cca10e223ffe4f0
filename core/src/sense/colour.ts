import type { Cheese } from '../counter/index.js';

/** What the eye tells apart on a board. */
export const SIGHTS = ['white', 'ivory', 'gold', 'orange', 'veined', 'dark'] as const;
export type Sight = (typeof SIGHTS)[number];

/** Red, green and blue, each 0 to 1, of #rrggbb. */
export function rgbOf(hex: string): [number, number, number] {
  const n = Number.parseInt(hex.slice(1), 16);
  return [(n >> 16) / 255, ((n >> 8) & 255) / 255, (n & 255) / 255];
}

/** Hue in degrees, saturation and lightness 0 to 1 (the usual HSL hexcone). */
export function hslOf(hex: string): [number, number, number] {
  const [r, g, b] = rgbOf(hex);
  const max = Math.max(r, g, b);
  const min = Math.min(r, g, b);
  const l = (max + min) / 2;
  const d = max - min;
  if (d === 0) return [0, 0, l];
  const s = d / (1 - Math.abs(2 * l - 1));
  const h = max === r ? ((g - b) / d + 6) % 6 : max === g ? (b - r) / d + 2 : (r - g) / d + 4;
  return [h * 60, s, l];
}

/** The sight of a cheese: its veins or ash first, else the colour of the paste (its first colour). */
export function sightOf(cheese: Cheese): Sight {
  if (cheese.look.veins >= 1) return 'veined';
  if (cheese.look.ashLine || cheese.rind.kind === 'ash') return 'dark';
  const [hue, , lightness] = hslOf(cheese.colours[0]!);
  if (lightness > 0.91) return 'white';
  if (lightness > 0.8) return 'ivory';
  return hue < 36 ? 'orange' : 'gold';
}

export const isPale = (cheese: Cheese): boolean => ['white', 'ivory'].includes(sightOf(cheese));
