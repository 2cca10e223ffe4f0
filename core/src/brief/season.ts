import type { Good, Served } from '../counter/index.js';
import { memoisedBy } from '../units/index.js';
import type { Brief } from './brief.js';

/**
 * When a thing is at its best, months 1 to 12, for the northern temperate year. Common practice, no source; what is not
 * named is good all year. Matched as a word of the style, so that it works for any shop's own names.
 */
const SEASONS: readonly { word: string; months: readonly number[] }[] = [
  { word: 'strawberry', months: [5, 6, 7] },
  { word: 'strawberries', months: [5, 6, 7] },
  { word: 'raspberry', months: [6, 7, 8, 9] },
  { word: 'raspberries', months: [6, 7, 8, 9] },
  { word: 'blueberry', months: [7, 8, 9] },
  { word: 'blueberries', months: [7, 8, 9] },
  { word: 'blackberry', months: [8, 9] },
  { word: 'blackberries', months: [8, 9] },
  { word: 'cherry', months: [6, 7] },
  { word: 'cherries', months: [6, 7] },
  { word: 'apricot', months: [6, 7, 8] },
  { word: 'peach', months: [7, 8, 9] },
  { word: 'plum', months: [8, 9] },
  { word: 'fig', months: [8, 9, 10] },
  { word: 'melon', months: [7, 8, 9] },
  { word: 'grape', months: [9, 10, 11] },
  { word: 'grapes', months: [9, 10, 11] },
  { word: 'apple', months: [9, 10, 11, 12, 1] },
  { word: 'pear', months: [9, 10, 11, 12] },
  { word: 'quince', months: [10, 11] },
  { word: 'persimmon', months: [10, 11, 12] },
  { word: 'pomegranate', months: [10, 11, 12, 1] },
  { word: 'tangerine', months: [11, 12, 1] },
  { word: 'clementine', months: [11, 12, 1] },
  { word: 'orange', months: [12, 1, 2, 3] },
  { word: 'chestnut', months: [10, 11, 12] },
  { word: 'radish', months: [4, 5, 6] },
  { word: 'tomato', months: [7, 8, 9] },
  { word: 'tomatoes', months: [7, 8, 9] },
  { word: 'cucumber', months: [6, 7, 8] },
  { word: 'chicory', months: [11, 12, 1, 2] },
];

/** Goat and sheep milk fresh from grass: cheeses of a few weeks are at their best from spring to early autumn. */
const GRASS_MONTHS = [4, 5, 6, 7, 8, 9];

const FRESH_PRODUCE = ['fruit', 'vegetable'];

const monthOf = (date: string): number => Number(date.slice(5, 7));

/** Countries of the southern half, whose year is turned by six months. ISO 3166-1. */
const SOUTHERN = ['AU', 'NZ', 'ZA', 'AR', 'CL', 'UY', 'PY', 'BR', 'PE', 'BO', 'NA', 'BW', 'ZW', 'MZ', 'MG'];
export const isSouthern = (country: string): boolean => SOUTHERN.includes(country);

/** A day and where it is: the brief of an order whose house is known. */
export type SeasonDay = Pick<Brief, 'servingAt' | 'south'>;

/** The month of the northern year that a day is like. */
const northernMonth = ({ servingAt, south }: SeasonDay): number =>
  south ? ((monthOf(servingAt) + 5) % 12) + 1 : monthOf(servingAt);

/** The months of the northern year in which a good is at its best, or null where the time of year does not matter. */
export const seasonOf = memoisedBy((good: Good): readonly number[] | null => {
  if (good.kind === 'cheese') {
    const young = good.ageDays <= 60 && ['fresh', 'soft', 'bloomy'].includes(good.texture);
    const grazing = good.milk.some((m) => m.animal === 'goat' || m.animal === 'sheep');
    return young && grazing ? GRASS_MONTHS : null;
  }
  if (good.kind !== 'companion' || !FRESH_PRODUCE.includes(good.role)) return null;
  const words = `${good.name} ${good.style}`.toLowerCase().split(/[^a-z]+/);
  return SEASONS.find((row) => words.includes(row.word))?.months ?? null;
});

/** At its best on that date? False also where the time of year does not matter. */
export const inSeason = (good: Good, day: SeasonDay): boolean =>
  seasonOf(good)?.includes(northernMonth(day)) ?? false;

/** Out of its season: it can be had, but it is dear, travelled, or tasteless. */
export const outOfSeason = (good: Good, day: SeasonDay): boolean =>
  seasonOf(good) !== null && !inSeason(good, day);

/** What of a counter is at its best on the day, by kind and name; goods that are good all year are not named. */
export const inSeasonOn = (counter: Served, day: SeasonDay): Good[] =>
  counter
    .filter((good) => inSeason(good, day))
    .sort((a, b) => a.kind.localeCompare(b.kind) || a.name.localeCompare(b.name));
