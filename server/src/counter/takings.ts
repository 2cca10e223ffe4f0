import { checkedDocument, Cutting, type Taking } from '@rotula/core';
import { and, gt, isNull } from 'drizzle-orm';
import type { Reader } from '../database/database.js';
import { orders } from '../database/schema.js';
import { readable } from '../database/storedText.js';

/** What one order cut, by its text: an order of two hundred weighings is read again only when it has changed. */
interface Known {
  readonly doc: string;
  readonly entries: Cutting['entries'];
}

/**
 * Reads every weighing of the orders that stand: what was cut off the lots of the counter. Read out of the orders and stored
 * nowhere else. An order that is deleted gives back what it took, and takes it again when it is taken back.
 */
export class TakingsReader {
  private known = new Map<string, Known>();

  constructor(private readonly db: Reader) {}

  async all(): Promise<Taking[]> {
    const { id, doc } = readable(orders);
    const rows = await this.db
      .select({ id, doc })
      .from(orders)
      .where(and(gt(orders.weighings, 0), isNull(orders.deletedAt)));
    // Of orders that went nothing is kept.
    this.known = new Map(
      rows.map(({ id, doc }) => {
        const before = this.known.get(id);
        return [id, before?.doc === doc ? before : { doc, entries: entriesIn(doc) }];
      }),
    );
    return [...this.known].flatMap(([order, { entries }]) =>
      entries.flatMap(({ id, goodId, lot, grams, at }): Taking[] =>
        lot === null ? [] : [{ id, order, goodId, lot, grams, at }],
      ),
    );
  }
}

/** The weighings of a stored order; none of one that cannot be read. */
function entriesIn(doc: string): Cutting['entries'] {
  try {
    const checked = checkedDocument(Cutting, (JSON.parse(doc) as { cutting?: unknown }).cutting);
    return 'document' in checked ? checked.document.entries : [];
  } catch {
    return [];
  }
}
