import { reasonKey, type Advice } from '@rotula/core';
import { Check } from 'lucide-react';
import clsx from 'clsx';
import { Callout } from '../ui/Slate';
import { ChangedSince } from './ChangedSince';
import { useWorkbench } from './context';
import { becauseWords, sentence } from '../words';
import { say } from '../language/say';

/** What Rotula would change; each can be left, and stays visible as left. */
export function AdviceList() {
  const { plan, document, format } = useWorkbench();
  const leave = ({ rule, subject, left }: Advice) =>
    document.change(left ? say`take the advice back up` : say`leave the advice`, (order) => ({
      ...order,
      adviceLeft: left
        ? order.adviceLeft.filter((a) => a.rule !== rule || a.subject !== subject)
        : [...order.adviceLeft, { rule, subject }],
    }));
  return (
    <>
      <ChangedSince />
      {plan.barred.map(({ good, because }) => (
        <Callout key={good.id} tone="stop">
          <strong>{good.name}</strong>{' '}
          {say`is kept off this board: ${becauseWords(because, format)}. Swap it or pick again; or, under the guest's own rules, give that guest their own plate in the brief.`}
        </Callout>
      ))}
      {plan.advice.map((advice) => (
        <Callout key={reasonKey(advice)} tone="advice">
          <div className="flex items-start justify-between gap-3">
            <span className={clsx(advice.left && 'text-chalk-soft line-through')}>
              {sentence(advice, format)}
            </span>
            <button
              type="button"
              className="-my-1 inline-flex min-h-11 shrink-0 items-center gap-1 rounded px-2 text-chalk-soft underline underline-offset-4 hover:text-chalk"
              onClick={() => leave(advice)}
            >
              {advice.left ? (
                <>
                  <Check size={16} /> {say`left`}
                </>
              ) : (
                say`leave it`
              )}
            </button>
          </div>
        </Callout>
      ))}
    </>
  );
}
