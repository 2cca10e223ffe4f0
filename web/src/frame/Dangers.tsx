import {
  allergensOf,
  limitRule,
  putDown,
  reasonKey,
  standing,
  takeAway,
  takeOn,
  type Good,
  type OrderDanger,
} from '@rotula/core';
import { OctagonAlert } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { limitLabel, sentence } from '../words';
import { say } from '../language/say';
import { useWorkbench } from './context';
import { ReadLabels, type Unread } from './ReadLabels';
import { today } from '../ui/today';
import { useWhoIsHere } from './whoIsHere';
import '../words/danger';

/** Where each danger is mended: the stage that decides it. */
const MENDED_AT: Partial<Record<OrderDanger['rule'], string>> = {
  'guest-undecided': 'brief',
  'guests-unsure': 'brief',
  'against-a-limit': 'pick',
  'avoided-lies-near': 'lay',
  'safe-time-over-when-served': 'clock',
};

/** What may hurt somebody: over every stage, until it is mended or somebody takes it on by name. */
export default function Dangers() {
  const { plan, format, goods, document } = useWorkbench();
  if (plan.dangers.length === 0) return null;
  const open = standing(plan.dangers);
  const taken = plan.dangers.filter(({ takenOn }) => takenOn !== null);
  return (
    <div className="mb-3" data-dangers={open.length}>
      {open.length > 0 && (
        <section role="alert" className="rounded-lg bg-wax px-4 py-2.5 text-paper">
          <ul className="space-y-1.5">
            {open.map((danger) => (
              <li key={reasonKey(danger)} className="flex flex-wrap items-center gap-x-3 gap-y-1">
                <OctagonAlert size={20} className="shrink-0" aria-hidden />
                <span className="min-w-60 flex-1 font-bold">{sentence(danger, format)}</span>
                <WaysOut danger={danger} />
              </li>
            ))}
          </ul>
          <ReadLabels unread={unreadIn(open, goods)} document={document} />
          <p className="mt-1 text-sm">{say`Held until then: cards, menu, allergen list, and all that guests read. Kitchen papers print with this across their head.`}</p>
        </section>
      )}
      {taken.map((danger) => (
        <Taken key={reasonKey(danger)} danger={danger} />
      ))}
    </div>
  );
}

/** The labels that would settle it: goods of which nobody knows whether they hold what a guest must not have. */
function unreadIn(dangers: readonly OrderDanger[], goods: ReadonlyMap<string, Good>): Unread[] {
  const unread = new Map<string, Unread>();
  for (const one of dangers) {
    const good = one.rule === 'against-a-limit' ? goods.get(one.goods[0]!) : undefined;
    if (one.rule !== 'against-a-limit' || !good) continue;
    for (const { limit, fit } of one.figures.because) {
      if (fit.why?.rule !== 'allergen-not-known') continue;
      const known = unread.get(good.id);
      const ids = limitRule(limit.what).allergens.filter((id) => allergensOf(good).unknown.includes(id));
      const lookFor = limitLabel(limit.what);
      unread.set(good.id, {
        good: good.id,
        name: good.name,
        ids: [...new Set([...(known?.ids ?? []), ...ids])],
        lookFor: known && known.lookFor !== lookFor ? `${known.lookFor}, ${lookFor}` : lookFor,
      });
    }
  }
  return [...unread.values()];
}

const LINK = 'inline-flex min-h-11 items-center underline underline-offset-4';

function WaysOut({ danger }: { danger: OrderDanger }) {
  const { document } = useWorkbench();
  const stage = MENDED_AT[danger.rule];
  return (
    <span className="flex flex-wrap items-center gap-x-4">
      {danger.rule === 'against-a-limit' && (
        <button
          type="button"
          className={LINK}
          onClick={() =>
            document.change(say`take ${danger.figures.good} off`, (order) =>
              takeAway(order, danger.goods[0]!),
            )
          }
        >
          {say`Take it off`}
        </button>
      )}
      {stage && (
        <Link className={LINK} to={`/orders/${document.id}/${stage}`}>
          {danger.rule === 'safe-time-over-when-served' ? say`Ways out` : say`Decide`}
        </Link>
      )}
      {!danger.mustMend && <TakeOn danger={danger} />}
    </span>
  );
}

/** Somebody takes it on, by name: asked once on this machine. */
function TakeOn({ danger }: { danger: OrderDanger }) {
  const { document } = useWorkbench();
  const [who, setWho] = useWhoIsHere();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState(who);
  if (!open)
    return (
      <button type="button" className={LINK} onClick={() => setOpen(true)}>
        {say`I take it on`}
      </button>
    );
  return (
    <form
      className="flex items-center gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (name.trim() === '') return;
        setWho(name.trim());
        document.change(say`take a danger on`, (order) => takeOn(order, danger, name, today()));
      }}
    >
      <input
        autoFocus
        className="field w-40 text-ink"
        aria-label={say`Your name`}
        placeholder={say`your name`}
        maxLength={60}
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <button type="submit" className={LINK}>{say`I take it on`}</button>
    </form>
  );
}

/** What somebody took on stays in sight. */
function Taken({ danger }: { danger: OrderDanger }) {
  const { document, format } = useWorkbench();
  return (
    <p className="mt-1.5 flex flex-wrap items-center gap-x-3 border-l-4 border-wax bg-paper-lit px-3 py-1">
      <span className="min-w-60 flex-1">
        {sentence(danger, format)}{' '}
        <span className="text-ink-soft">
          {say`${danger.takenOn!.by} took it on, ${format.day(danger.takenOn!.on)}.`}
        </span>
      </span>
      <button
        type="button"
        className="min-h-11 underline decoration-line underline-offset-4"
        onClick={() => document.change(say`nobody takes it on`, (order) => putDown(order, danger))}
      >
        {say`take it back`}
      </button>
    </p>
  );
}
