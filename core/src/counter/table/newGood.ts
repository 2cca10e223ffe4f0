import { folded } from '../../lexicon/plain.js';
import { kindNamed, tellName } from '../../lexicon/tell.js';
import { freeId } from '../blank.js';
import { seedFromName } from '../fromName.js';
import type { Good } from '../good.js';
import { GOOD_KINDS, type GoodKind } from '../words.js';
import { isNothing, type ReadRow } from './readRow.js';
import { goodFrom } from './rows.js';

/** A row of a list that is no good on the counter yet. */

/** Words to an id: lower-case letters without accents, digits and dashes. */
export const idFrom = (name: string): string =>
  folded(name)
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);

const isKind = (kind: string): kind is GoodKind => (GOOD_KINDS as readonly string[]).includes(kind);

export type Made =
  { readonly good: Good; readonly before: Good | null } | { readonly says: string; readonly name: string };

/** Why a row that is no good on the counter makes none. */
function whyNoGood(row: ReadRow, kind: GoodKind | null): string {
  const what = row.id || row.code || row.name.trim() || 'this row';
  if (row.kind && !kind) return `kind: there is no kind “${row.kind}”`;
  return kind
    ? `${what} is not on the counter, and a new good needs a name`
    : `${what} is not on the counter, and a new good needs a kind`;
}

/** A good that is not on the counter yet: as its row says where that is a whole good, else on top of what its name tells. */
export function newGood(
  row: ReadRow,
  lots: readonly ReadRow[],
  minorPerUnit: number,
  isTaken: (id: string) => boolean,
): Made {
  const name = row.name.trim();
  const given = isKind(row.kind) ? row.kind : null;
  if (given) {
    const whole = goodFrom(row.isLot ? null : row, lots, null, minorPerUnit);
    if ('good' in whole) return { good: whole.good, before: null };
    if (row.isLot || name === '' || row.wrong.length > 0) return { says: whole.says, name };
  }
  const beside = [row.words, given ? '' : row.kind].filter(Boolean).join(', ');
  const kind =
    given ?? kindNamed(beside) ?? (row.kind ? null : (tellName([name, beside].join(', '))?.kind ?? null));
  if (!kind || name === '') return { says: whyNoGood(row, kind), name };
  const id = row.id || freeId(idFrom(name), isTaken);
  const style = String(row.fields.find(({ column }) => column.path === 'style')?.value ?? '');
  const seed = seedFromName(kind, name, id, style, beside);
  const fields = row.fields.filter(({ value }) => !isNothing(value));
  const parsed = goodFrom({ ...row, kind, fields }, lots, null, minorPerUnit, seed);
  return 'good' in parsed ? { good: parsed.good, before: null } : { says: parsed.says, name };
}
