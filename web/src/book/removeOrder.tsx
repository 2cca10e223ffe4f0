import type { Order } from '@rotula/core';
import toast from 'react-hot-toast';
import { mutate } from 'swr';
import { api } from '../api/client';
import { say } from '../language/say';

/** Delete an order; the toast takes it back, under its own id and as it was. */
export async function removeOrder(order: Order) {
  try {
    await api.remove(order.id);
    await mutate('orders');
    void mutate('takings');
  } catch (error) {
    toast.error(error instanceof Error ? error.message : String(error));
    return;
  }
  const restore = async (toastId: string) => {
    toast.dismiss(toastId);
    try {
      await api.restore(order.id);
      await mutate('orders');
      void mutate('takings');
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
    }
  };
  toast(
    (t) => (
      <span className="flex items-center gap-4">
        {say`Deleted “${order.title}”.`}
        <button
          type="button"
          className="min-h-11 font-bold underline underline-offset-4"
          onClick={() => void restore(t.id)}
        >{say`Take it back`}</button>
      </span>
    ),
    { duration: 12_000 },
  );
}
