import { GOOD_KINDS, type Good } from '../counter/index.js';
import type { Plan } from './plan.js';

/** A value of a plan as JSON has it: goods by their ids, maps as records. */
export type ById<T> = T extends string | number | boolean | null | undefined
  ? T
  : T extends Good
    ? string
    : T extends ReadonlyMap<string, infer V>
      ? Readonly<Record<string, ById<V>>>
      : T extends readonly (infer V)[]
        ? readonly ById<V>[]
        : { readonly [K in keyof T]: ById<T[K]> };

const KINDS: ReadonlySet<unknown> = new Set(GOOD_KINDS);
/** Told by its shape: what plans hold is plain data. */
export const isGood = (value: unknown): value is Good =>
  typeof value === 'object' &&
  value !== null &&
  'allergens' in value &&
  'name' in value &&
  'kind' in value &&
  KINDS.has(value.kind);

function byId(value: unknown): unknown {
  if (value === null || typeof value !== 'object') return value;
  if (isGood(value)) return value.id;
  if (Array.isArray(value)) return value.map(byId);
  const entries: Iterable<[string, unknown]> = value instanceof Map ? value : Object.entries(value);
  return Object.fromEntries([...entries].map(([key, inside]) => [key, byId(inside)]));
}

/** A plan as the API answers it. */
export type PlanOut = ById<Omit<Plan, 'parts'>>;

/** What was searched of a plan, in the same form. */
export const foundOut = <T extends object>(found: T): ById<T> => byId(found) as ById<T>;

/**
 * The plan as plain JSON, as the API answers it: whatever the stages derive, with every good by its id. Built from what is
 * there, so a new stage is in it on the day it comes.
 */
export function planOut({ parts: _, ...plan }: Plan): PlanOut {
  return byId(plan) as PlanOut;
}
