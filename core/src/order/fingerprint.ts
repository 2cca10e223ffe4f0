import type { Brief } from '../brief/index.js';
import { canonicalText, hashOf } from '../units/index.js';

/** Parts of a brief that no pick can feel. */
const UNFELT = [
  'place',
  'occasion',
  'table',
  'surface',
  'travelMinutes',
  'manner',
  'apart',
  'lowCarb',
] as const;

/** Changes when anything in the brief changes that the pick could feel. */
export function briefFingerprint(brief: Brief): string {
  const felt: Partial<Brief> = { ...brief };
  for (const key of UNFELT) delete felt[key];
  return hashOf(canonicalText(felt));
}
