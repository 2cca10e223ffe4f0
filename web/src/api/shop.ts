import type { Good, House, Order } from '@rotula/core';
import useSWR from 'swr';
import { api } from './client';

/** The counter and the house change seldom: asked once, kept until something here changes them. */
const steady = { revalidateOnFocus: false, revalidateIfStale: false };

export const useCounter = () => useSWR<Good[]>('counter', api.counter, steady);
export const useHouse = () => useSWR<House>('house', api.house, steady);
export const useOrders = () => useSWR<Order[]>('orders', api.orders);
