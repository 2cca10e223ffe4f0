import { heads, type OrderBody } from '@rotula/core';
import { Button } from '../ui/Button';
import { count, dayOf, timeOf } from '../ui/format';
import { Sheet } from '../ui/Sheet';
import { useWorkbench } from './context';

/** Somebody saved this order since: both are shown, and the person chooses. Undo still brings the other back. */
export function ConflictSheet() {
  const { document } = useWorkbench();
  const { order, resolve } = document;
  const { conflict } = document.saving;
  if (!conflict) return null;
  return (
    <Sheet title="This order was also changed elsewhere" open onClose={() => undefined}>
      <p className="mb-4">
        Both versions are kept until you choose. What you do not take can be brought back with undo, as long
        as this page is open.
      </p>
      <div className="grid gap-4 sm:grid-cols-2">
        <Version title="Yours, here" order={order} />
        <Version title={`Saved elsewhere, version ${conflict.version}`} order={conflict} />
      </div>
      <div className="mt-5 flex flex-wrap gap-3">
        <Button look="strong" onClick={() => resolve('mine')}>
          Keep yours
        </Button>
        <Button onClick={() => resolve('theirs')}>Take the other</Button>
      </div>
    </Sheet>
  );
}

function Version({ title, order }: { title: string; order: OrderBody }) {
  const { goods } = useWorkbench();
  const names = order.selection.goods?.map((id) => goods.get(id)?.name ?? id) ?? [];
  return (
    <section className="rounded-lg border border-line bg-paper-lit p-4">
      <h3 className="mb-1 text-lg">{title}</h3>
      <p>{order.title}</p>
      <p className="text-ink-soft">
        {dayOf(order.brief.servingAt)}, {timeOf(order.brief.servingAt)} · {count(heads(order.brief), 'guest')}
      </p>
      <p className="mt-2 text-ink-soft">{names.join(', ') || 'nothing picked'}</p>
    </section>
  );
}
