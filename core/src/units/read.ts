import { z } from 'zod';
import { upgraded, type Format } from './upgrade.js';

/** A stored document in today's form, or why it cannot be read. */
export type Read<T> = { readonly document: T } | { readonly says: string };

/** Upgrade and check a stored document; never throws. */
export function readDocument<T>(
  format: Format,
  schema: z.ZodType<T>,
  stored: unknown,
  version: number,
): Read<T> {
  const up = upgraded(format, stored, version);
  if ('says' in up) return up;
  const parsed = schema.safeParse(up.document);
  if (parsed.success) return { document: parsed.data };
  const issue = parsed.error.issues[0]!;
  return { says: `${issue.path.map(String).join('.') || 'the document'}: ${issue.message}` };
}
