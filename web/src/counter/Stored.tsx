import clsx from 'clsx';
import type { QueueState } from '../api/queue';
import { count } from '../ui/format';
import { useInHand } from '../ui/inHand';
import { say } from '../language/say';

/** Whether the counter's edits are stored: said only while they are not. */
export function Stored({ queue }: { queue: QueueState }) {
  const n = queue.waiting.length;
  const inHand = useInHand();
  const all = n === 0 && !inHand;
  const words = all
    ? say`stored`
    : queue.away
      ? say`${count(n, 'edit')} not stored: server away${queue.kept ? say`, kept here` : say`, and this browser keeps nothing: leave the page open`}`
      : say`storing …`;
  return (
    <span
      role="status"
      data-store-state={all ? 'stored' : queue.away ? 'away' : 'storing'}
      className={clsx(all ? 'sr-only' : 'text-sm', queue.away ? 'font-bold text-wax' : 'text-ink-soft')}
    >
      {words}
    </span>
  );
}
