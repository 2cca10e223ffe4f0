import { ORDER_FORMAT, upgraded, type Order, type OrderBody, versionOf } from '@rotula/core';
import { keeping } from '../ui/keeping';
import { leftBehind, tabId } from '../ui/tab';
import { schema } from './schema';

/**
 * What was changed here and not saved yet, kept by the browser so that a reload or a dead server loses nothing. Each tab
 * keeps its own; what a closed tab left behind is taken up by the next that opens the order.
 */
export interface Draft {
  /** The version it was made from, and the document that this version was: the base of a merge. */
  readonly version: number;
  readonly base: OrderBody;
  readonly order: OrderBody;
  /** What was sent over that version and not answered when this was kept: it may be stored, though nobody heard so. */
  readonly sent?: readonly OrderBody[];
}

const keyOf = (id: string, tab: string) => `rotula.draft.${id}.${tab}`;

/** False when the browser keeps nothing. */
export const keepDraft = (id: string, draft: Draft): boolean =>
  keeping.write(
    keyOf(id, tabId()),
    JSON.stringify({ format: versionOf(ORDER_FORMAT), at: new Date().toISOString(), ...draft }),
  );

export const dropDraft = (id: string): void => keeping.drop(keyOf(id, tabId()));

/** A document of a draft in today's form. A field that is too long is still a field; only what has lost its shape is none. */
function bodyIn(value: unknown, format: number): OrderBody | null {
  const up = upgraded(ORDER_FORMAT, value, format);
  if ('says' in up) return null;
  const known = schema.code();
  if (!known) throw new Error('a draft is read once the schema is here');
  const parsed = known.OrderBody.safeParse(up.document);
  if (parsed.success) return parsed.data;
  const onlyLimits = parsed.error.issues.every(({ code }) =>
    ['too_big', 'too_small', 'custom'].includes(code),
  );
  return onlyLimits ? (up.document as OrderBody) : null;
}

function parseDraft(text: string): (Draft & { readonly at: string }) | null {
  try {
    const { format = 1, version, base, order, sent = [], at = '' } = JSON.parse(text);
    const [read, from] = [bodyIn(order, format), bodyIn(base ?? order, format)];
    if (!read || !from || !Number.isInteger(version)) return null;
    const unheard = (sent as unknown[]).flatMap((one) => bodyIn(one, format) ?? []);
    return { version, base: from, order: read, sent: unheard, at };
  } catch {
    return null;
  }
}

/** Is anything of this order kept here? Then whoever opens it waits for the schema. */
export const isKept = (id: string): boolean => keeping.keys(`rotula.draft.${id}`).length > 0;

export interface FoundDraft {
  readonly draft: Draft | null;
  /** Another tab that is open has unsaved changes of the same order. */
  readonly elsewhere: boolean;
  /** What was kept and cannot be read any more, as it is. */
  readonly unreadable: string | null;
}

/** This tab's own draft of an order, else the newest that a closed tab left behind. */
export function findDraft(id: string): FoundDraft {
  const own = keyOf(id, tabId());
  const left = leftBehind(`rotula.draft.${id}`);
  const elsewhere = keeping.keys(`rotula.draft.${id}`).some((key) => key !== own && !left.includes(key));
  const texts = [own, ...left].flatMap((key) => {
    const text = keeping.read(key);
    return text === null ? [] : [{ key, text, draft: parseDraft(text) }];
  });
  const mine = texts.find(({ key }) => key === own && texts.length > 0);
  const newest = texts
    .filter(({ key, draft }) => key !== own && draft)
    .sort((a, b) => (a.draft!.at < b.draft!.at ? 1 : -1))[0];
  const found = mine?.draft ? mine : newest;
  if (found?.draft && found.key !== own && keepDraft(id, found.draft)) keeping.drop(found.key);
  const broken = texts.find(({ draft }) => draft === null);
  return { draft: found?.draft ?? null, elsewhere, unreadable: broken?.text ?? null };
}

/** Drop what cannot be read, once the person has it as a file or does not want it. */
export function dropUnreadable(id: string): void {
  for (const key of keeping.keys(`rotula.draft.${id}`)) {
    const text = keeping.read(key);
    if (text !== null && parseDraft(text) === null) keeping.drop(key);
  }
}

/** An order's document without what the server keeps about it. */
export function bodyOf(order: Order): OrderBody {
  const { id: _id, version: _version, updatedAt: _updatedAt, ...body } = order;
  return body;
}
