import type { CounterChange, Good, House, NewOrder, Order, OrderBody } from '@rotula/core';

/** A refusal of the server: what it says is already worded for the person. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly current?: Order,
  ) {
    super(message);
  }
}

async function ask<T>(method: string, path: string, body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: body === undefined ? {} : { 'Content-Type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
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

export const api = {
  counter: () => ask<{ goods: Good[] }>('GET', '/api/counter').then((a) => a.goods),
  changeCounter: (change: CounterChange) =>
    ask<{ put: number; removed: number }>('POST', '/api/counter/changes', change),
  house: () => ask<House>('GET', '/api/house'),
  saveHouse: (house: House) => ask<House>('PUT', '/api/house', house),
  orders: () => ask<{ orders: Order[] }>('GET', '/api/orders').then((a) => a.orders),
  order: (id: string) => ask<Order>('GET', `/api/orders/${id}`),
  create: (order: Partial<NewOrder>) => ask<Order>('POST', '/api/orders', order),
  save: (id: string, version: number, order: OrderBody) =>
    ask<Order>('PUT', `/api/orders/${id}`, { version, order }),
  remove: (id: string) => ask<undefined>('DELETE', `/api/orders/${id}`),
};
