import { hsl } from 'd3-color';
import type { Cheese } from '../counter/index.js';

/** What the eye distinguishes on a board. */
export const SIGHTS = ['white', 'ivory', 'gold', 'orange', 'veined', 'dark'] as const;
export type Sight = (typeof SIGHTS)[number];

/** Hue in degrees (0 where there is none), saturation and lightness 0 to 1, of #rrggbb. */
export function hslOf(hex: string): [number, number, number] {
  const { h, s, l } = hsl(hex);
  return [h || 0, s || 0, l];
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
