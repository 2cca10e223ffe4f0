import { addDays, lightFormat } from 'date-fns';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import toast from 'react-hot-toast';
import { useNavigate } from 'react-router';
import { mutate } from 'swr';
import { api } from '../api/client';
import { Button } from '../ui/Button';
import { DateTimeField } from '../ui/DateTimeField';
import type { Format } from '../ui/format';
import { useKept } from '../ui/useKept';
import { say } from '../language/say';

/** A head count and a time, nothing else. */
export function NewOrder({ format }: { format: Format }) {
  const navigate = useNavigate();
  const [{ heads, at }, setForm, done] = useKept('new order', () => ({
    heads: '',
    at: `${lightFormat(addDays(new Date(), 2), 'yyyy-MM-dd')}T18:30`,
  }));
  const [making, setMaking] = useState(false);
  // One id for what is being written: however often it is sent, it is one order.
  const [id] = useState(() => newId());
  const n = Number(heads);
  const valid = heads.trim() !== '' && Number.isInteger(n) && n >= 1 && n <= 10000;
  const make = async () => {
    if (making) return;
    if (!valid) {
      toast.error(say`Say how many guests (1 to 10,000) and when.`);
      return;
    }
    setMaking(true);
    try {
      const guests = { adults: n, children: 0, under5: 0, infants: 0 };
      const order = await api.create({ id, brief: { servingAt: at, guests } as never });
      done();
      await mutate('orders');
      void navigate(`/orders/${order.id}/pick`);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
      setMaking(false);
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
        <span className="block text-sm text-ink-soft">{say`Guests`}</span>
        <input
          id="new-heads"
          className="field w-24 text-lg"
          inputMode="numeric"
          value={heads}
          onChange={(e) => setForm((form) => ({ ...form, heads: e.target.value }))}
          placeholder="12"
        />
      </label>
      <div>
        <span className="block text-sm text-ink-soft">{say`Served`}</span>
        <DateTimeField
          what={say`Served`}
          value={at}
          format={format}
          onCommit={(next) => setForm((form) => ({ ...form, at: next }))}
        />
      </div>
      <Button look="strong" type="submit" disabled={making}>
        <Plus size={18} /> {say`New order`}
      </Button>
    </form>
  );
}

const newId = (): string =>
  typeof crypto.randomUUID === 'function'
    ? crypto.randomUUID()
    : Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => b.toString(16).padStart(2, '0')).join('');
