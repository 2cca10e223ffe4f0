import { canonicalText as canonical } from '../units/index.js';
import type { OrderBody } from './order.js';
import { ROW_LIST } from './rows.js';
import type { OwnerId } from '../stage/index.js';

/** Which part of the document each stage decides, by the rows; every field of an order stands in exactly one. */
const DECIDING = ROW_LIST.filter(({ fields }) => fields.length > 0);
export const STAGE_NAMES: OwnerId[] = DECIDING.map(({ id }) => id);
const fieldsOf = (stage: OwnerId) => DECIDING.find(({ id }) => id === stage)!.fields;

export type Side = 'mine' | 'theirs';

export interface StageDifference {
  readonly stage: OwnerId;
  /** Who changed it since the version that both started from. */
  readonly changedBy: 'mine' | 'theirs' | 'both';
}

export const sameOrder = (a: OrderBody, b: OrderBody): boolean => canonical(a) === canonical(b);

const sameStage = (stage: OwnerId, a: OrderBody, b: OrderBody): boolean =>
  fieldsOf(stage).every((field) => canonical(a[field]) === canonical(b[field]));

/** The stages in which two versions differ, and which of them left the common base. */
export function stageDifferences(mine: OrderBody, theirs: OrderBody, base: OrderBody): StageDifference[] {
  return STAGE_NAMES.filter((stage) => !sameStage(stage, mine, theirs)).map((stage) => ({
    stage,
    changedBy: sameStage(stage, theirs, base) ? 'mine' : sameStage(stage, mine, base) ? 'theirs' : 'both',
  }));
}

/** The merge that loses nothing: each stage from whoever changed it; where both did, mine, until the person says. */
export const proposedSides = (differences: readonly StageDifference[]): Partial<Record<OwnerId, Side>> =>
  Object.fromEntries(
    differences.map(({ stage, changedBy }) => [stage, changedBy === 'theirs' ? 'theirs' : 'mine']),
  );

/** Theirs, with the stages that are chosen taken from mine. */
export function mergeByStage(
  mine: OrderBody,
  theirs: OrderBody,
  sides: Partial<Record<OwnerId, Side>>,
): OrderBody {
  const fields = STAGE_NAMES.filter((stage) => sides[stage] === 'mine').flatMap((stage) => [
    ...fieldsOf(stage),
  ]);
  return { ...theirs, ...Object.fromEntries(fields.map((field) => [field, mine[field]])) };
}
