import type { Good } from './good.js';
import { GOOD_KINDS } from './words.js';

/** A value as JSON with goods by their ids and maps as records. It cannot be read back: an id is a string like any other. */
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

/** Whether a value of plain data is a good, by its shape. */
export const isGood = (value: unknown): value is Good =>
  typeof value === 'object' &&
  value !== null &&
  'allergens' in value &&
  'name' in value &&
  'kind' in value &&
  KINDS.has(value.kind);

function replaced(value: unknown): unknown {
  if (value === null || typeof value !== 'object') return value;
  if (isGood(value)) return value.id;
  if (Array.isArray(value)) return value.map(replaced);
  const entries: Iterable<[string, unknown]> = value instanceof Map ? value : Object.entries(value);
  return Object.fromEntries([...entries].map(([key, inside]) => [key, replaced(inside)]));
}

/** @returns an answer of a search or the data of a paper, as the API sends it */
export const byId = <T extends object>(value: T): ById<T> => replaced(value) as ById<T>;
