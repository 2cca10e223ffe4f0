import {
  linesOf,
  type CounterChange,
  type Good,
  type House,
  type NewOrder,
  type Order,
  type OrderBody,
  type Preview,
  type Session,
  type SessionBody,
  type Taking,
} from '@rotula/core';

/** A refusal of the server: what it says is already worded for the person. Status 0: it does not answer. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    message: string,
    /** What stands there now, where somebody else was quicker. */
    readonly current?: unknown,
  ) {
    super(message);
  }

  /** It may go through later as it is: the server is away or busy, or its data are held. */
  get isPassing(): boolean {
    return this.status === 0 || this.status === 429 || this.status >= 500;
  }
}

/** What is stored and cannot be read, with its reason. */
export interface Unreadable {
  readonly id: string;
  readonly name: string;
  readonly says: string;
}

/** The settings with the version they were made from. */
export type StoredHouse = House & { readonly version: number; readonly unreadable: string | null };

interface Ask {
  readonly body?: unknown;
  /** Goes out though the page is being left; the browser allows some 60 kB. */
  readonly keepalive?: boolean;
  /** Of a body that is text already. */
  readonly type?: string;
}

async function ask<T>(method: string, path: string, { body, keepalive, type }: Ask = {}): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      keepalive,
      headers: body === undefined ? {} : { 'Content-Type': type ?? 'application/json' },
      body: body === undefined ? undefined : type ? (body as string) : JSON.stringify(body),
    });
  } catch {
    throw new ApiError(
      0,
      'The server does not answer. Your work is kept here; it is sent when the server is back.',
    );
  }
  if (response.status === 204) return undefined as T;
  const answer = await response.json().catch(() => ({}));
  if (!response.ok)
    throw new ApiError(
      response.status,
      answer.message ?? `The server answered ${response.status}.`,
      answer.current,
    );
  return answer as T;
}

/** From so many goods on a change goes in lines, so that the server never holds it whole. */
const IN_LINES_FROM = 200;
/** Changes whose lines were written already (by a worker), so that the page need not write them again. */
const written = new WeakMap<CounterChange, string>();

/** A change out of the lines that a worker wrote: a text makes the trip between threads much quicker than its goods. */
export function changeOfLines(text: string): CounterChange {
  const change: { name: string; put: CounterChange['put']; remove: CounterChange['remove'] } = {
    name: '',
    put: [],
    remove: [],
  };
  for (const line of text.split('\n')) {
    const { name, put, remove } = JSON.parse(line);
    if (put) change.put.push(put);
    else if (remove) change.remove.push(remove);
    else change.name = name;
  }
  written.set(change, text);
  return change;
}

/** What browsers send of a page that is being left. */
const KEEPALIVE_BYTES = 60_000;

export const api = {
  counter: () => ask<{ goods: Good[]; unreadable: Unreadable[] }>('GET', '/api/counter'),
  takings: () => ask<{ takings: Taking[] }>('GET', '/api/counter/taken'),
  changeCounter: (change: CounterChange) =>
    // An import comes in lines whatever its size: the server makes a copy of the shop before it.
    change.put.length + change.remove.length < IN_LINES_FROM && !written.has(change)
      ? ask<{ put: number; removed: number }>('POST', '/api/counter/changes', { body: change })
      : ask<{ put: number; removed: number }>('POST', '/api/counter/changes/lines', {
          body: written.get(change) ?? [...linesOf(change)].join('\n'),
          type: 'application/x-ndjson',
        }),
  house: () => ask<StoredHouse>('GET', '/api/house'),
  saveHouse: (version: number, house: House) =>
    ask<StoredHouse>('PUT', '/api/house', { body: { version, house } }),
  orders: () => ask<{ orders: Order[]; unreadable: Unreadable[] }>('GET', '/api/orders'),
  order: (id: string) => ask<Order>('GET', `/api/orders/${encodeURIComponent(id)}`),
  /** Its plan as `writtenPlan` writes it. */
  plan: (id: string) => ask<unknown[]>('GET', `/api/orders/${encodeURIComponent(id)}/plan`),
  preview: (id: string) => ask<Preview>('GET', `/api/orders/${id}/preview`),
  /** Asking twice with one id makes one order. */
  create: (order: Partial<NewOrder> & { id?: string }) => ask<Order>('POST', '/api/orders', { body: order }),
  save: (id: string, version: number, order: OrderBody, leaving = false) => {
    const body = { version, order };
    const keepalive = leaving && JSON.stringify(body).length < KEEPALIVE_BYTES;
    return ask<Order>('PUT', `/api/orders/${id}`, { body, keepalive });
  },
  remove: (id: string) => ask<undefined>('DELETE', `/api/orders/${id}`),
  restore: (id: string) => ask<Order>('POST', `/api/orders/${id}/restore`),
  copies: () => ask<CopiesTold>('GET', '/api/copies'),
  makeCopy: () => ask<CopiesTold>('POST', '/api/copies'),
  tastings: () => ask<{ sessions: Session[]; unreadable: Unreadable[] }>('GET', '/api/tastings'),
  tasting: (id: string) => ask<Session>('GET', `/api/tastings/${id}`),
  createTasting: (session: SessionBody) => ask<Session>('POST', '/api/tastings', { body: session }),
  saveTasting: (id: string, version: number, session: SessionBody) =>
    ask<Session>('PUT', `/api/tastings/${id}`, { body: { version, session } }),
  removeTasting: (id: string) => ask<undefined>('DELETE', `/api/tastings/${id}`),
  restoreTasting: (id: string) => ask<Session>('POST', `/api/tastings/${id}/restore`),
};

/** How the copies of the shop stand. */
export interface CopiesTold {
  readonly folder: string;
  /** ISO; null: there is none yet. */
  readonly last: string | null;
  readonly count: number;
  readonly trouble: string | null;
}

/** Where a stored document is had as a file, whether it can be read or not. */
export const storedUrl = (what: 'orders' | 'counter' | 'tastings', id: string): string =>
  `/api/${what}/${id}/stored`;
