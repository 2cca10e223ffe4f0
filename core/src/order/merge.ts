import { canonicalText as canonical } from '../units/index.js';
import type { OrderBody } from './order.js';

/** Which part of the document each stage decides; every field of OrderBody stands in exactly one row. */
export const STAGE_FIELDS = {
  Order: ['title', 'customer', 'state', 'note'],
  Brief: ['brief'],
  Pick: ['selection', 'adviceLeft', 'snapshot'],
  Portion: ['portions'],
  Cut: ['cuts'],
  Pair: ['pairs', 'extras'],
  Walk: ['walk'],
} as const satisfies Record<string, readonly (keyof OrderBody)[]>;
export type StageName = keyof typeof STAGE_FIELDS;
export const STAGE_NAMES = Object.keys(STAGE_FIELDS) as StageName[];

export type Side = 'mine' | 'theirs';

export interface StageDifference {
  readonly stage: StageName;
  /** Who changed it since the version that both started from. */
  readonly changedBy: 'mine' | 'theirs' | 'both';
}

export const sameOrder = (a: OrderBody, b: OrderBody): boolean => canonical(a) === canonical(b);

const sameStage = (stage: StageName, a: OrderBody, b: OrderBody): boolean =>
  STAGE_FIELDS[stage].every((field) => canonical(a[field]) === canonical(b[field]));

/** The stages in which two versions differ, and which of them left the common base. */
export function stageDifferences(mine: OrderBody, theirs: OrderBody, base: OrderBody): StageDifference[] {
  return STAGE_NAMES.filter((stage) => !sameStage(stage, mine, theirs)).map((stage) => ({
    stage,
    changedBy: sameStage(stage, theirs, base) ? 'mine' : sameStage(stage, mine, base) ? 'theirs' : 'both',
  }));
}

/** The merge that loses nothing: each stage from whoever changed it; where both did, mine, until the person says. */
export const proposedSides = (differences: readonly StageDifference[]): Partial<Record<StageName, Side>> =>
  Object.fromEntries(
    differences.map(({ stage, changedBy }) => [stage, changedBy === 'theirs' ? 'theirs' : 'mine']),
  );

/** Theirs, with the stages that are chosen taken from mine. */
export function mergeByStage(
  mine: OrderBody,
  theirs: OrderBody,
  sides: Partial<Record<StageName, Side>>,
): OrderBody {
  const fields = STAGE_NAMES.filter((stage) => sides[stage] === 'mine').flatMap((stage) => [
    ...STAGE_FIELDS[stage],
  ]);
  return { ...theirs, ...Object.fromEntries(fields.map((field) => [field, mine[field]])) };
}
