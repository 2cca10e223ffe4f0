import { isGood, type Good } from '../counter/index.js';
import type { Plan } from './plan.js';

/** A value of a plan as JSON: a good of the counter is `{ $good: id }`, a map is `{ $map: record }`. It can be read back. */
export type Written<T> = T extends string | number | boolean | null | undefined
  ? T
  : T extends Good
    ? { readonly $good: string }
    : T extends ReadonlyMap<string, infer V>
      ? { readonly $map: Readonly<Record<string, Written<V>>> }
      : T extends readonly (infer V)[]
        ? readonly Written<V>[]
        : { readonly [K in keyof T]: Written<T[K]> };

/** A plan as the API answers it and as a page reads it; its schema is `PlanAnswer` (core/src/api/answers.ts). */
export interface WrittenPlan {
  /** The version of the stored order that it is made of; null: the order came with the question. */
  readonly version: number | null;
  /** The fields of the plan that each stage derives. */
  readonly stages: Readonly<Record<string, readonly string[]>>;
  readonly plan: Written<Omit<Plan, 'parts'>>;
}

/**
 * @param goods the counter as served (`groundOf`); a good of a plan that is not one of them is written whole
 * @returns the plan as plain JSON; whatever the stages derive is in it, also a stage that was added today
 */
export function writtenPlan(
  { parts, ...plan }: Plan,
  goods: ReadonlyMap<string, Good>,
  version: number | null = null,
): WrittenPlan {
  const written = (value: unknown): unknown => {
    if (value === null || typeof value !== 'object') return value;
    if (isGood(value) && goods.get(value.id) === value) return { $good: value.id };
    if (Array.isArray(value)) return value.map(written);
    if (value instanceof Map) return { $map: written(Object.fromEntries(value)) };
    return Object.fromEntries(Object.entries(value).map(([key, inside]) => [key, written(inside)]));
  };
  const stages = Object.fromEntries(Object.entries(parts).map(([id, part]) => [id, Object.keys(part)]));
  return { version, stages, plan: written(plan) as WrittenPlan['plan'] };
}

/**
 * @param goods the counter as served, of whoever reads
 * @returns the plan that `writtenPlan` wrote, with the very goods of that counter; null when it names one that is not there
 */
export function readPlan({ stages, plan: of }: WrittenPlan, goods: ReadonlyMap<string, Good>): Plan | null {
  let isOfThis = true;
  const read = (value: unknown): unknown => {
    if (value === null || typeof value !== 'object') return value;
    if (Array.isArray(value)) return value.map(read);
    if ('$good' in value) {
      const good = goods.get(value.$good as string);
      isOfThis &&= good !== undefined;
      return good;
    }
    if ('$map' in value) return new Map(Object.entries(read(value.$map) as object));
    return Object.fromEntries(Object.entries(value).map(([key, inside]) => [key, read(inside)]));
  };
  const plan = read(of) as Omit<Plan, 'parts'> & Readonly<Record<string, unknown>>;
  const parts = Object.fromEntries(
    Object.entries(stages).map(([id, fields]) => [
      id,
      Object.fromEntries(fields.map((field) => [field, plan[field]])),
    ]),
  );
  return isOfThis ? ({ ...plan, parts } as unknown as Plan) : null;
}
