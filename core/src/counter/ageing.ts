import type { Sense } from './good.js';
import type { Texture } from './words.js';

/** What time does to the taste of a cheese that dries as it lies; what ripens soft goes by its verdict (ripening.ts). */

/**
 * What every doubling of the age adds where a cheese dries and breaks down as it lies: water goes, salt and savour stay. From the anchors: a firm
 * sheep of half a year 5 in strength, a cheddar of three years 7.
 */
const DOUBLED: Partial<Sense> = { salty: 0.3, umami: 0.6, intensity: 0.8, persistence: 0.8, bitter: 0.15 };
const DRIES: readonly Texture[] = ['semi-soft', 'firm', 'hard', 'very hard', 'blue'];
/** Beyond this many doublings nothing is known. */
const MOST_DOUBLINGS = 3;

const clamp = (x: number): number => Math.max(0, Math.min(10, Math.round(x * 10) / 10));
/** Scales kept between 0 and 10, to a tenth. */
export const clamped = (sense: Sense): Sense =>
  Object.fromEntries(Object.entries(sense).map(([scale, x]) => [scale, clamp(x)])) as Sense;

/** What age adds to a cheese beyond the age that its scales stand for; nothing where the paste does not dry. */
export function agedSense(texture: Texture, sense: Sense, usual: number, age: number): Sense {
  if (!DRIES.includes(texture) || usual <= 0 || age <= 0 || usual === age) return sense;
  const doublings = Math.max(-MOST_DOUBLINGS, Math.min(MOST_DOUBLINGS, Math.log2(age / usual)));
  const next = { ...sense };
  for (const [scale, each] of Object.entries(DOUBLED) as [keyof Sense, number][])
    next[scale] = sense[scale] + each * doublings;
  return clamped(next);
}
