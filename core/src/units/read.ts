import type { z } from 'zod';
import { illText } from './text.js';
import { upgraded, type Format } from './upgrade.js';

/** A stored document in today's form, or why it cannot be read. */
export type Read<T> = { readonly document: T } | { readonly says: string };

/** One thing that is wrong with a document. */
export interface Fault {
  readonly path: readonly PropertyKey[];
  readonly says: string;
}

/**
 * The one door of every document, whatever it comes from (API, file, stored row, copy): the document by its schema, or all that
 * is wrong with it. Text that no store can hold is refused with its field, wherever it stands; the schema alone does not see it.
 */
export function checkedDocument<T>(
  schema: z.ZodType<T>,
  value: unknown,
): { readonly document: T } | { readonly faults: readonly [Fault, ...Fault[]] } {
  const ill = illText(value);
  if (ill) return { faults: [ill] };
  const parsed = schema.safeParse(value);
  if (parsed.success) return { document: parsed.data };
  const [first, ...more] = parsed.error.issues.map(({ path, message }) => ({ path, says: message }));
  return { faults: [first!, ...more] };
}

/** "lots.0.id: is missing"; `whole` names the document itself. */
export const faultWords = ({ path, says }: Fault, whole = 'the document'): string =>
  `${path.map(String).join('.') || whole}: ${says}`;

/** Upgrade and check a stored document; never throws. */
export function readDocument<T>(
  format: Format,
  schema: z.ZodType<T>,
  stored: unknown,
  version: number,
): Read<T> {
  const up = upgraded(format, stored, version);
  if ('says' in up) return up;
  const checked = checkedDocument(schema, up.document);
  return 'document' in checked ? checked : { says: faultWords(checked.faults[0]) };
}
