import { SESSION_FORMAT, SessionBody, type Read, type Session, versionOf } from '@rotula/core';
import { desc } from 'drizzle-orm';
import { documentOf } from '../database/documents.js';
import { tastings } from '../database/schema.js';
import type { VersionedKind } from '../database/versioned.js';

export type TastingRow = typeof tastings.$inferSelect;

export function tastingRow(session: Session): typeof tastings.$inferInsert {
  const { id, version, updatedAt, ...doc } = session;
  return {
    id,
    version,
    updatedAt,
    startedAt: doc.startedAt,
    format: versionOf(SESSION_FORMAT),
    doc: JSON.stringify(doc),
  };
}

/** A session as it is stored, in today's form, or why it cannot be read. */
function tastingOf(row: TastingRow): Read<Session> {
  const read = documentOf(SESSION_FORMAT, SessionBody, row);
  if ('says' in read) return read;
  return { document: { ...read.document, id: row.id, version: row.version, updatedAt: row.updatedAt } };
}

/** Tasting sessions, the latest first. */
export const TASTINGS: VersionedKind<Session, TastingRow> = {
  name: 'tasting',
  key: 'session',
  file: 'rotula.tasting',
  table: tastings,
  order: () => [desc(tastings.startedAt)],
  read: tastingOf,
  write: tastingRow,
  label: (row) => `tasting of ${row.startedAt.slice(0, 10)}`,
};
