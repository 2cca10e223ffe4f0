import { addDays, lightFormat } from 'date-fns';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import toast from 'react-hot-toast';
import { useNavigate } from 'react-router';
import { mutate } from 'swr';
import { api } from '../api/client';
import { Button } from '../ui/Button';

/** A head count and a time, nothing else. */
export function NewOrder() {
  const navigate = useNavigate();
  const [heads, setHeads] = useState('');
  const [at, setAt] = useState(() => `${lightFormat(addDays(new Date(), 2), 'yyyy-MM-dd')}T18:30`);
  const n = Number(heads);
  const valid = Number.isInteger(n) && n >= 1 && n <= 10000 && at !== '';
  const make = async () => {
    if (!valid) {
      toast.error('Say how many guests (1 to 10,000) and when.');
      return;
    }
    try {
      const guests = { adults: n, children: 0, under5: 0, infants: 0 };
      const order = await api.create({ brief: { servingAt: at.slice(0, 16), guests } as never });
      await mutate('orders');
      void navigate(`/orders/${order.id}/pick`);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-3 rounded-xl border-[1.5px] border-line bg-paper-lit px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault();
        void make();
      }}
    >
      <label className="block">
        <span className="block text-sm text-ink-soft">Guests</span>
        <input
          id="new-heads"
          className="field w-24 text-lg"
          inputMode="numeric"
          value={heads}
          onChange={(e) => setHeads(e.target.value)}
          placeholder="12"
        />
      </label>
      <label className="block">
        <span className="block text-sm text-ink-soft">Served</span>
        <input
          className="field text-lg"
          type="datetime-local"
          value={at}
          onChange={(e) => setAt(e.target.value)}
        />
      </label>
      <Button look="strong" type="submit">
        <Plus size={18} /> New order
      </Button>
    </form>
  );
}
