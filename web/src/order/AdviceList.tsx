import { Check } from 'lucide-react';
import clsx from 'clsx';
import { Callout } from '../ui/Slate';
import { ChangedSince } from './ChangedSince';
import { useWorkbench } from './context';

/** What Rotula would change; each can be waved through and stays visible as waved. */
export function AdviceList() {
  const { plan, document, format } = useWorkbench();
  const wave = (id: string, waved: boolean) =>
    document.change(waved ? 'take the advice back up' : 'wave advice through', (order) => ({
      ...order,
      waved: waved ? order.waved.filter((w) => w !== id) : [...order.waved, id],
    }));
  return (
    <>
      <ChangedSince />
      {plan.barred.map(({ good, because }) => (
        <Callout key={good.id} tone="stop">
          <strong>{good.name}</strong> is kept off this board:{' '}
          {because.map((b) => `${b.label} (${format.says(b.fit.says)})`).join('; ')}. Swap it or pick again;
          or, under the guest's own rules, give that guest their own plate in the brief.
        </Callout>
      ))}
      {plan.advice.map((advice) => (
        <Callout key={advice.id} tone="advice">
          <div className="flex items-start justify-between gap-3">
            <span className={clsx(advice.waved && 'text-chalk-soft line-through')}>
              {format.says(advice.says)}
            </span>
            <button
              type="button"
              className="-my-1 inline-flex min-h-11 shrink-0 items-center gap-1 rounded px-2 text-chalk-soft underline underline-offset-4 hover:text-chalk"
              onClick={() => wave(advice.id, advice.waved)}
            >
              {advice.waved ? (
                <>
                  <Check size={16} /> waved
                </>
              ) : (
                'leave it'
              )}
            </button>
          </div>
        </Callout>
      ))}
    </>
  );
}
