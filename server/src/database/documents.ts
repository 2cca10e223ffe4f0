import { readDocument, type Format, type Read } from '@rotula/core';
import type { z } from 'zod';
import { BROKEN, shownText } from './storedText.js';

/** A row that holds a document. */
export interface DocumentRow {
  readonly format: number;
  readonly doc: string;
}

/** A stored document in today's form, or in one sentence why it cannot be read. Never throws. */
export function documentOf<T>(format: Format, schema: z.ZodType<T>, row: DocumentRow): Read<T> {
  if (row.doc.startsWith(BROKEN))
    return { says: 'what is stored is damaged: it holds bytes that are no text' };
  let stored: unknown;
  try {
    stored = JSON.parse(row.doc);
  } catch (fault) {
    return { says: `what is stored is not valid JSON (${(fault as Error).message})` };
  }
  return readDocument(format, schema, stored, row.format);
}

/** What cannot be read is shown with its reason, and given out as it is stored. */
export interface Unreadable {
  readonly id: string;
  readonly name: string;
  readonly says: string;
}

/** A stored document as a file, whether it can be read or not: the text itself where it is not even JSON. */
export function storedFile(kind: string, key: string, row: DocumentRow): string {
  try {
    return JSON.stringify({ format: kind, formatVersion: row.format, [key]: JSON.parse(row.doc) }, null, 2);
  } catch {
    return shownText(row.doc);
  }
}
