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
