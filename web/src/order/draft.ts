import { OrderBody, type Order } from '@rotula/core';

/** What was changed here and not saved yet, kept by the browser so that a reload or a dead server loses nothing. */
interface Draft {
  readonly version: number;
  readonly order: OrderBody;
}

const keyOf = (id: string) => `rotula.draft.${id}`;

export function keepDraft(id: string, version: number, order: OrderBody) {
  localStorage.setItem(keyOf(id), JSON.stringify({ version, order } satisfies Draft));
}

export const dropDraft = (id: string) => localStorage.removeItem(keyOf(id));

/** The kept draft of an order, or null when there is none or it cannot be read any more. */
export function readDraft(id: string): Draft | null {
  const text = localStorage.getItem(keyOf(id));
  if (!text) return null;
  try {
    const { version, order } = JSON.parse(text);
    const parsed = OrderBody.safeParse(order);
    return parsed.success && Number.isInteger(version) ? { version, order: parsed.data } : null;
  } catch {
    return null;
  }
}

/** An order's document without what the server keeps about it. */
export function bodyOf(order: Order): OrderBody {
  const { id: _id, version: _version, updatedAt: _updatedAt, ...body } = order;
  return body;
}
