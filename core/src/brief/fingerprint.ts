import type { Brief } from './brief.js';
import { canonicalText, hashOf } from '../units/index.js';

/** Parts of a brief that no pick can feel. */
const UNFELT: readonly string[] = [
  'place',
  'occasion',
  'table',
  'surface',
  'travelMinutes',
  'manner',
  'apart',
  'lowCarb',
  'hours',
  'roomCelsius',
  'journeyCelsius',
  'timeZone',
  'tableSize',
  'openSides',
  'wares',
] satisfies (keyof Brief)[];

/** Changes when anything in the brief changes that the pick could feel; of a guest with limits no name, seat or note. */
export const briefFingerprint = ({ persons, ...brief }: Brief): string =>
  hashOf(
    canonicalText({
      ...Object.fromEntries(Object.entries(brief).filter(([key]) => !UNFELT.includes(key))),
      persons: persons.map(({ count, head, limits, reach, unsure }) => ({
        count,
        head,
        limits,
        reach,
        unsure,
      })),
    }),
  );
