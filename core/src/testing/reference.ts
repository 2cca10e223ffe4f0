import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Papa from 'papaparse';

/** Rows of a reference table, every value as text. */
export function reference(name: string): Record<string, string>[] {
  const text = readFileSync(join('core/src/testing/reference', `${name}.csv`), 'utf8');
  return Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true }).data;
}

/** The low and high of a row of practice.csv. */
export function practice(what: string): { low: number; high: number } {
  const row = reference('practice').find((r) => r.what === what);
  if (!row) throw new Error(`practice.csv has no row "${what}"`);
  return { low: Number(row.low), high: Number(row.high) };
}

/** Published composition by style, g per 100 g. */
export const composition = () =>
  reference('composition').map((row) => ({
    style: row.style!,
    water: Number(row.water),
    fat: Number(row.fat),
  }));

/** Which firmness each family may show, and how far outside is still let pass. */
export const textureFamilies = () =>
  reference('texture-families').map((row) => ({
    family: row.family!,
    tolerance: Number(row.tolerance_points_mffb),
  }));
