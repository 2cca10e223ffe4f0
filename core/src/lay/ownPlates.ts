import type { OwnPlate } from '../plate/index.js';
import { millimetres, type Millimetres } from '../units/index.js';

/** Plates for guests who eat apart from the board: how many alike and how wide, each with its own tools and card. */
export interface PlateKit {
  readonly who: string;
  readonly plates: number;
  /** It is a box, as everyone has. */
  readonly boxed: boolean;
  readonly across: Millimetres;
  /** A spoon for what is wet on it. */
  readonly spoon: boolean;
}

/** Small pieces with air between, in places over each other: mm2 of plate for a gram. Common practice, no source. */
const MM2 = 60;
/** Plates as there are, mm across; food lies inside the rim. Common practice, no source. */
const PLATES = [160, 200, 240, 270, 310];
const INSIDE = 0.65;
const WET = ['honey', 'preserve', 'chutney', 'mustard', 'dip', 'oil', 'savoury spread', 'brine'];

/** What the own plates of an order take: the smallest plate that holds what each guest is given. */
export const plateKit = (plates: readonly OwnPlate[], boxed = false): PlateKit[] =>
  plates.map(({ who, guests, lines }) => {
    const each = lines.reduce((sum, { net }) => sum + net, 0) / Math.max(1, guests);
    const holds = (across: number) => (Math.PI * (INSIDE * across) ** 2) / 4 >= each * MM2;
    return {
      who,
      plates: guests,
      boxed,
      across: millimetres(PLATES.find(holds) ?? PLATES.at(-1)!),
      spoon: lines.some(({ good }) => good.kind === 'companion' && WET.includes(good.role)),
    };
  });
