import type { Main } from '../../counter/index.js';

/** Within which a good tastes best, degrees Celsius at the heart. */
export interface ServingRange {
  readonly low: number;
  readonly high: number;
}

/** On the plate (docs/trade.md `clock/warming/targets CHEESES`; common practice, no source). */
const CHEESES: Record<string, ServingRange> = {
  fresh: { low: 8, high: 12 },
  soft: { low: 13, high: 16 },
  bloomy: { low: 13, high: 16 },
  washed: { low: 14, high: 17 },
  blue: { low: 14, high: 17 },
  // Between soft and firm; the house's own.
  'semi-soft': { low: 15, high: 18 },
  firm: { low: 16, high: 20 },
  hard: { low: 16, high: 20 },
  'very hard': { low: 16, high: 20 },
};
const STRETCHED: ServingRange = { low: 14, high: 18 };
const DRY_CURED: ServingRange = { low: 16, high: 21 };
const COOKED: ServingRange = { low: 10, high: 16 };
/** Above this its fat shows on the surface (docs/trade.md `clock/warming/targets FAT_SHOWS`). */
export const FAT_SHOWS = 22;

/** null: straight from the cold, smoked fish and pâté. */
export function targetOf(main: Main): ServingRange | null {
  if (main.kind === 'cheese')
    return main.texture === 'fresh' && main.paste === 'supple' ? STRETCHED : CHEESES[main.texture]!;
  if (main.animals.some(({ animal }) => animal === 'fish') || main.build === 'spreadable') return null;
  if (main.process === 'pate' || main.process === 'raw spreadable') return null;
  return main.process === 'air-dried' || main.process === 'fermented' ? DRY_CURED : COOKED;
}
