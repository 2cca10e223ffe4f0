import type { Order } from '@rotula/core';
import toast from 'react-hot-toast';
import { mutate } from 'swr';
import { api } from '../api/client';
import { takeBackToast } from '../frame/takeBackToast';
import { say } from '../language/say';

/** Delete an order; the toast takes it back, under its own id and as it was. */
export async function removeOrder(order: Order) {
  const look = async () => {
    await mutate('orders');
    void mutate('takings');
  };
  try {
    await api.remove(order.id);
    await look();
  } catch (error) {
    toast.error(error instanceof Error ? error.message : String(error));
    return;
  }
  takeBackToast(say`Deleted “${order.title}”.`, async () => {
    await api.restore(order.id);
    await look();
  });
}
