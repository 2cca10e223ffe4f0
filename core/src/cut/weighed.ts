import type { Cutting } from './fields.js';

/** What was weighed of a good in all, and what was aimed at; null: it is not cut yet. */
export function weighedOf(
  { entries }: Cutting,
  goodId: string,
): { readonly grams: number; readonly target: number; readonly simulated: boolean } | null {
  const own = entries.filter((entry) => entry.goodId === goodId);
  if (own.length === 0) return null;
  return {
    grams: own.reduce((sum, entry) => sum + entry.grams, 0),
    target: own[0]!.target,
    simulated: own.some((entry) => entry.simulated),
  };
}
