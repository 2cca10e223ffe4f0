import { checkedDocument } from '../units/index.js';
import { OrderBody } from './order.js';

/** A field that the schema refuses, and why. */
export interface Refused {
  /** Dotted path in the document: "brief.occasion". */
  readonly field: string;
  readonly says: string;
}

/** What may be stored of a document now, and what of it may not. */
export interface Storable {
  readonly order: OrderBody;
  readonly refused: readonly Refused[];
}

type Tree = Record<string, unknown>;

/** The part of the document that stands or falls with a path: a field of the brief, else a field of the order. */
const partOf = (path: readonly PropertyKey[]): string[] =>
  path.map(String).slice(0, path[0] === 'brief' && path.length > 1 ? 2 : 1);

function withPart(order: Tree, path: readonly string[], from: Tree): Tree {
  const [key, ...rest] = path as [string, ...string[]];
  if (rest.length === 0) return { ...order, [key]: from[key] };
  return { ...order, [key]: withPart(order[key] as Tree, rest, from[key] as Tree) };
}

/**
 * The document with every part that its schema refuses as it was when it was last stored, so that one field that cannot be
 * stored never keeps the rest from it. Nothing is thrown away: the caller keeps the whole document.
 * @param saved the document as it was last stored
 */
export function holdBack(order: OrderBody, saved: OrderBody): Storable {
  const refused: Refused[] = [];
  let now: Tree = order;
  for (let round = 0; round < 3; round++) {
    const checked = checkedDocument(OrderBody, now);
    // The document itself, not its parsed copy, so that what is unchanged stays the same object.
    if ('document' in checked) return { order: refused.length === 0 ? order : (now as OrderBody), refused };
    for (const { path, says } of checked.faults) {
      refused.push({ field: path.map(String).join('.'), says });
      now = withPart(now, partOf(path), saved);
    }
  }
  return { order: saved, refused };
}
