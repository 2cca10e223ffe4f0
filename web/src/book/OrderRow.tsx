import { heads, type Order } from '@rotula/core';
import { clsx } from 'clsx';
import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { count, type Format } from '../ui/format';
import { ROLE_LABELS } from '../words/roles';
import { removeOrder } from './removeOrder';
import type { Gravity } from './useGravity';
import { say, word } from '../language/say';

const STATE_LOOK: Record<Order['state'], string> = {
  new: 'bg-shade text-ink',
  'in work': 'bg-[#f3d9b4] text-[#6b3608]',
  finished: 'bg-[#dbe4c9] text-[#3a4b25]',
};

/** One order of the book. */
export function OrderRow({
  order,
  format,
  gravity,
  focused,
  onFocus,
}: {
  order: Order;
  format: Format;
  gravity: Gravity | undefined;
  focused: boolean;
  onFocus: () => void;
}) {
  return (
    <li className={clsx('relative', focused && 'bg-paper-lit')} onMouseEnter={onFocus}>
      {focused && <span className="absolute inset-y-0 -left-3 w-1 bg-annatto" />}
      <button
        type="button"
        className="absolute right-0 bottom-1 flex size-11 items-center justify-center rounded-full text-ink-soft hover:bg-shade hover:text-wax"
        aria-label={say`Delete ${order.title}`}
        title={say`Delete; can be taken back`}
        onClick={() => void removeOrder(order)}
      >
        <Trash2 size={18} />
      </button>
      <Link to={`/orders/${order.id}/pick`} className="block py-3 pr-12 pl-1" onFocus={onFocus}>
        <span className="-mr-11 flex items-start justify-between gap-3">
          <span className="min-w-0 text-lg leading-6 font-bold [overflow-wrap:anywhere]">{order.title}</span>
          <span className={clsx('shrink-0 rounded-full px-2.5 py-0.5 text-sm', STATE_LOOK[order.state])}>
            {word(order.state)}
          </span>
        </span>
        <span className="block text-ink-soft">
          {format.dayYear(order.brief.servingAt)}, {format.time(order.brief.servingAt)}
        </span>
        <span className="block text-sm text-ink-soft">
          {count(heads(order.brief), 'guest')} · {ROLE_LABELS[order.brief.role]}
          {order.customer && ` · ${order.customer}`}
        </span>
        {gravity && gravity.dangers > 0 && (
          <span
            data-dangers={gravity.dangers}
            className="mt-1 mr-2 inline-block rounded bg-wax px-2 py-0.5 font-bold text-paper"
          >
            {say`Stop: ${gravity.dangers === 1 ? say`one thing may hurt somebody` : say`${gravity.dangers} things may hurt somebody`}`}
          </span>
        )}
        {gravity && gravity.shortages > 0 && (
          <span
            data-shortages={gravity.shortages}
            className="mt-1 inline-block rounded bg-[#f3d9b4] px-2 py-0.5 font-bold text-[#6b3608]"
          >
            {say`Short: ${count(gravity.shortages, 'good')}`}
          </span>
        )}
      </Link>
    </li>
  );
}
