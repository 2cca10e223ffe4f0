import {
  linesOf,
  type ChangeAnswer,
  type Copies,
  type CounterAnswer,
  type CounterChange,
  type CreateOrder,
  type House,
  type Order,
  type OrderBody,
  type OrdersAnswer,
  type Preview,
  type Session,
  type SessionBody,
  type SessionsAnswer,
  type StoredHouse,
  type TakingsAnswer,
  type WrittenPlan,
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

/** From this many goods on a change goes in lines, so that the server never holds it whole. */
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
  counter: () => ask<CounterAnswer>('GET', '/api/counter'),
  takings: () => ask<TakingsAnswer>('GET', '/api/counter/taken'),
  changeCounter: (change: CounterChange) =>
    // An import comes in lines whatever its size: the server makes a copy of the shop before it.
    change.put.length + change.remove.length < IN_LINES_FROM && !written.has(change)
      ? ask<ChangeAnswer>('POST', '/api/counter/changes', { body: change })
      : ask<ChangeAnswer>('POST', '/api/counter/changes/lines', {
          body: written.get(change) ?? [...linesOf(change)].join('\n'),
          type: 'application/x-ndjson',
        }),
  house: () => ask<StoredHouse>('GET', '/api/house'),
  saveHouse: (version: number, house: House) =>
    ask<StoredHouse>('PUT', '/api/house', { body: { version, house } }),
  orders: () => ask<OrdersAnswer>('GET', '/api/orders'),
  order: (id: string) => ask<Order>('GET', `/api/orders/${encodeURIComponent(id)}`),
  /** Its plan as `writtenPlan` writes it. */
  plan: (id: string) => ask<WrittenPlan>('GET', `/api/orders/${encodeURIComponent(id)}/plan`),
  preview: (id: string) => ask<Preview>('GET', `/api/orders/${id}/preview`),
  /** Asking twice with one id makes one order. */
  create: (order: Partial<CreateOrder>) => ask<Order>('POST', '/api/orders', { body: order }),
  save: (id: string, version: number, order: OrderBody, leaving = false) => {
    const body = { version, order };
    const keepalive = leaving && JSON.stringify(body).length < KEEPALIVE_BYTES;
    return ask<Order>('PUT', `/api/orders/${id}`, { body, keepalive });
  },
  remove: (id: string) => ask<undefined>('DELETE', `/api/orders/${id}`),
  restore: (id: string) => ask<Order>('POST', `/api/orders/${id}/restore`),
  copies: () => ask<Copies>('GET', '/api/copies'),
  makeCopy: () => ask<Copies>('POST', '/api/copies'),
  tastings: () => ask<SessionsAnswer>('GET', '/api/tastings'),
  tasting: (id: string) => ask<Session>('GET', `/api/tastings/${id}`),
  createTasting: (session: SessionBody) => ask<Session>('POST', '/api/tastings', { body: session }),
  saveTasting: (id: string, version: number, session: SessionBody) =>
    ask<Session>('PUT', `/api/tastings/${id}`, { body: { version, session } }),
  removeTasting: (id: string) => ask<undefined>('DELETE', `/api/tastings/${id}`),
  restoreTasting: (id: string) => ask<Session>('POST', `/api/tastings/${id}/restore`),
};

/** Where a stored document is had as a file, whether it can be read or not. */
export const storedUrl = (what: 'orders' | 'counter' | 'tastings', id: string): string =>
  `/api/${what}/${id}/stored`;
