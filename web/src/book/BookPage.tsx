import { heads, isCheese, OrderFile, plan as planOf, type Order } from '@rotula/core';
import { clsx } from 'clsx';
import { Trash2, Upload } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import toast from 'react-hot-toast';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { mutate } from 'swr';
import { api } from '../api/client';
import { useCounter, useHouse, useOrders } from '../api/shop';
import { Brand } from '../app/Brand';
import { useFindKey } from '../app/FindBox';
import { Trouble } from '../app/Trouble';
import { bodyOf } from '../order/draft';
import { VitalFigures } from '../order/VitalFigures';
import { BalanceWheel } from '../pick/BalanceWheel';
import { Button } from '../ui/Button';
import { count, dayYearOf, formatFor, timeOf } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Slate, SlateHead, SlateSection } from '../ui/Slate';
import { useKeys } from '../ui/useKeys';
import { lineOf, ROLE_LABELS } from '../ui/words';
import { NewOrder } from './NewOrder';

/** The book: all orders by date, and the one in focus shown in full. */
export function BookPage() {
  const orders = useOrders();
  const counter = useCounter();
  const house = useHouse();
  const [focused, setFocused] = useState<string | null>(null);
  const [params] = useSearchParams();
  useKeys({ n: () => document.getElementById('new-heads')?.focus() });
  useFindKey();
  useEffect(() => {
    document.title = 'Book · Rotula';
    if (params.has('new')) document.getElementById('new-heads')?.focus();
  }, [params, orders.data]);

  const error = orders.error ?? counter.error ?? house.error;
  if (error && !orders.data) return <Trouble error={error} />;
  if (!orders.data || !counter.data || !house.data) return <main className="p-8" />;
  const list = orders.data;
  const shown =
    list.find((o) => o.id === focused) ?? list.find((o) => o.state === 'finished') ?? list[0] ?? null;
  return (
    <>
      <main className="min-w-0 px-6 pb-8 min-[1000px]:h-dvh min-[1000px]:overflow-y-auto min-[1200px]:px-8">
        <Brand />
        <div className="mb-1 flex flex-wrap items-end justify-between gap-3">
          <h1 className="text-[2.1rem]">{house.data.name}</h1>
          <ImportOrder />
        </div>
        <NewOrder />
        {list.length === 0 && (
          <p className="mt-6 text-ink-soft">
            The book is empty. A head count and a time make the first order.
          </p>
        )}
        <div className="mt-5 grid gap-6 min-[700px]:grid-cols-[minmax(300px,5fr)_6fr]">
          <ol aria-label="Orders by date" className="divide-y divide-line border-y border-line self-start">
            {list.map((order) => (
              <OrderRow
                key={order.id}
                order={order}
                focused={order.id === shown?.id}
                onFocus={() => setFocused(order.id)}
              />
            ))}
          </ol>
          {shown && (
            <Preview key={shown.id} order={shown} counter={counter.data} house={house.data} part="wheel" />
          )}
        </div>
      </main>
      <Slate label="The order in focus">
        {shown && (
          <Preview key={shown.id} order={shown} counter={counter.data} house={house.data} part="slate" />
        )}
      </Slate>
    </>
  );
}

const STATE_LOOK: Record<Order['state'], string> = {
  new: 'bg-shade text-ink',
  'in work': 'bg-[#f3d9b4] text-[#6b3608]',
  finished: 'bg-[#dbe4c9] text-[#3a4b25]',
};

/** Delete an order; the toast takes it back as it was. */
async function removeOrder(order: Order) {
  try {
    await api.remove(order.id);
    await mutate('orders');
  } catch (error) {
    toast.error(error instanceof Error ? error.message : String(error));
    return;
  }
  const restore = async (toastId: string) => {
    toast.dismiss(toastId);
    await api.create(bodyOf(order));
    await mutate('orders');
  };
  toast(
    (t) => (
      <span className="flex items-center gap-4">
        Deleted “{order.title}”.
        <button
          type="button"
          className="min-h-11 font-bold underline underline-offset-4"
          onClick={() => void restore(t.id)}
        >
          Take it back
        </button>
      </span>
    ),
    { duration: 12_000 },
  );
}

function OrderRow({ order, focused, onFocus }: { order: Order; focused: boolean; onFocus: () => void }) {
  return (
    <li className={clsx('relative', focused && 'bg-paper-lit')} onMouseEnter={onFocus}>
      {focused && <span className="absolute inset-y-0 -left-3 w-1 bg-annatto" />}
      <button
        type="button"
        className="absolute right-0 bottom-1 flex size-11 items-center justify-center rounded-full text-ink-soft hover:bg-shade hover:text-wax"
        aria-label={`Delete ${order.title}`}
        title="Delete; can be taken back"
        onClick={() => void removeOrder(order)}
      >
        <Trash2 size={18} />
      </button>
      <Link to={`/orders/${order.id}/pick`} className="block py-3 pr-12 pl-1" onFocus={onFocus}>
        <span className="-mr-11 flex items-start justify-between gap-3">
          <span className="text-lg leading-6 font-bold">{order.title}</span>
          <span className={clsx('shrink-0 rounded-full px-2.5 py-0.5 text-sm', STATE_LOOK[order.state])}>
            {order.state}
          </span>
        </span>
        <span className="block text-ink-soft">
          {dayYearOf(order.brief.servingAt)}, {timeOf(order.brief.servingAt)}
        </span>
        <span className="block text-sm text-ink-soft">
          {count(heads(order.brief), 'guest')} · {ROLE_LABELS[order.brief.role]}
          {order.customer && ` · ${order.customer}`}
        </span>
      </Link>
    </li>
  );
}

type Shop = { counter: Parameters<typeof planOf>[1]; house: Parameters<typeof planOf>[2] };

/** What an order comes to, without opening it. */
function Preview({ order, counter, house, part }: { order: Order; part: 'wheel' | 'slate' } & Shop) {
  const plan = useMemo(() => planOf(order, counter, house), [order, counter, house]);
  const format = useMemo(() => formatFor(house), [house]);
  const numbers = new Map(plan.walk.steps.map((s) => [s.main.id, s.number]));
  if (part === 'wheel')
    return (
      <BalanceWheel
        cheeses={plan.mains.filter(isCheese)}
        balance={plan.balance}
        servingAt={order.brief.servingAt}
        numbers={numbers}
      />
    );
  return (
    <>
      <SlateHead>
        <VitalFigures plan={plan} format={format} reach={null} />
      </SlateHead>
      <SlateSection title={order.title}>
        {plan.mains.length === 0 && (
          <p className="text-chalk-soft">Nothing picked yet: open it and Rotula proposes.</p>
        )}
        <ol>
          {plan.walk.steps.map(({ number, main }) => (
            <li key={main.id} className="flex items-center gap-3 py-1">
              <span className="w-5 text-right text-chalk-soft">{number}</span>
              <GoodPicture good={main} size={38} />
              <span>
                <span className="block text-lg leading-5 font-bold">{main.name}</span>
                <span className="block text-sm text-chalk-soft">{lineOf(main, order.brief.servingAt)}</span>
              </span>
            </li>
          ))}
        </ol>
      </SlateSection>
      {order.note && (
        <SlateSection title="Said on the telephone">
          <p>{order.note}</p>
        </SlateSection>
      )}
    </>
  );
}

/** Bring an order in from its JSON file. */
function ImportOrder() {
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const take = async (file: File) => {
    let data: unknown;
    try {
      data = JSON.parse(await file.text());
    } catch {
      toast.error(`${file.name} is not JSON. Choose an order file that Rotula saved.`);
      return;
    }
    const parsed = OrderFile.safeParse(data);
    if (!parsed.success) {
      const issue = parsed.error.issues[0]!;
      toast.error(`${file.name} was not taken. ${issue.path.join('.') || 'file'}: ${issue.message}`);
      return;
    }
    try {
      const order = await api.create(parsed.data.order);
      await mutate('orders');
      void navigate(`/orders/${order.id}/pick`);
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        className="sr-only"
        tabIndex={-1}
        aria-label="Order file"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) void take(file);
        }}
      />
      <Button look="quiet" onClick={() => input.current?.click()}>
        <Upload size={18} /> Bring in an order file
      </Button>
    </>
  );
}
