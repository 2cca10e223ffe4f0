import {
  changed,
  withTaken,
  type CounterAnswer,
  type CounterChange,
  type Good,
  type OrdersAnswer,
  type StoredHouse,
  type Taking,
} from '@rotula/core';
import { useMemo } from 'react';
import useSWR, { preload } from 'swr';
import { api } from './client';

/** The counter and the house change seldom: asked once, kept until something here changes them. */
const steady = { revalidateOnFocus: false, revalidateIfStale: false };

/** Edits of the counter that are not stored yet; what the server answers is shown with them. */
let waiting: readonly CounterChange[] = [];
export const setWaiting = (changes: readonly CounterChange[]) => {
  waiting = changes;
};

const readShelf = async (): Promise<CounterAnswer> => {
  const { goods, unreadable } = await api.counter();
  return { goods: waiting.reduce<Good[]>((now, change) => changed(change, now), goods), unreadable };
};

/** The counter as it was counted, and what of it cannot be read; with the edits that still wait to be stored. */
export const useShelf = () => useSWR<CounterAnswer>('counter', readShelf, steady);

/** The goods of the counter that can be read. */
export function useCounter() {
  const { data, error } = useShelf();
  return { data: data?.goods, error: error as unknown };
}

/** What orders cut off the lots; it moves with every weighing that is saved, in any window. */
export function useTakings() {
  const { data, error } = useSWR('takings', api.takings);
  return { data: data?.takings, error: error as unknown };
}

/**
 * Goods as they lie there now: of every lot what orders left of it.
 * @param own weighings of the order that looks; they are not missing to it
 */
export function useWhatIsLeft(goods: readonly Good[], own: readonly { readonly id: string }[] = NONE) {
  const { data: takings = NO_TAKINGS } = useTakings();
  return useMemo(() => withTaken(goods, takings, new Set(own.map(({ id }) => id))), [goods, takings, own]);
}
const NONE: readonly { readonly id: string }[] = [];
const NO_TAKINGS: readonly Taking[] = [];

/** The settings, with the version that a save must name. */
export const useHouse = () => useSWR<StoredHouse>('house', api.house, steady);
/** Every order, and what of them cannot be read. */
export const useBook = () => useSWR<OrdersAnswer>('orders', api.orders);

/** The orders that can be read. */
export function useOrders() {
  const { data, error } = useBook();
  return { data: data?.orders, error: error as unknown };
}

/** One order, read anew whenever its page opens. */
export const useOrder = (id: string) =>
  useSWR(['order', id] as const, readOrder, { revalidateOnFocus: false, revalidateIfStale: true });
const readOrder = ([, id]: readonly [string, string]) => api.order(id);

/** The plan of an order as the server makes it, in writing (`id` null: not wanted); without it the page plans for itself. */
export const useSentPlan = (id: string | null) =>
  useSWR(id && (['plan', id] as const), readPlanOf, {
    revalidateOnFocus: false,
    shouldRetryOnError: false,
  });
const readPlanOf = ([, id]: readonly [string, string]) => api.plan(id);

/** Asks for all that the page of an order shows, before its code is here. */
export function askForOrder(id: string): void {
  const requests = [
    preload(['order', id] as const, readOrder),
    preload('counter', readShelf),
    preload('house', api.house),
    preload('takings', api.takings),
    // The server works on it, and answers nobody else meanwhile.
    preload(['plan', id] as const, readPlanOf),
  ];
  // Whoever wants it asks again, and says what is wrong.
  for (const answer of requests) Promise.resolve(answer).catch(() => undefined);
}
