import { DEFAULT_NODE_LIMIT, takeProposal } from '@rotula/core';
import { useMemo } from 'react';
import type { Main } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { signed } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Callout, SlateSection } from '../ui/Slate';
import { pickQuestion, questionKey } from '../optimiser/question';
import { useSearch } from '../optimiser/useSearch';
import { say } from '../language/say';

/** Truly different selections: each the best among those that share at most half of the cheeses. */
export function Others() {
  const { document, stock, house, goods, plan } = useWorkbench();
  const { order } = document;
  const key = questionKey(order, house, stock);
  const { answer, working, fault } = useSearch('alternatives', key, {
    question: () => pickQuestion(order, stock, house, DEFAULT_NODE_LIMIT),
    lane: 'choices',
    beside: true,
  });
  const now = useMemo(() => new Set(plan.mains.map((m) => m.id)), [plan.mains]);
  return (
    <SlateSection title={say`Quite another board`} aside={say`points below the best`}>
      {working && <p className="text-chalk-soft">{say`Looking through the counter …`}</p>}
      {fault && <Callout tone="stop">{fault}</Callout>}
      {answer?.alternatives.length === 0 && (
        <p className="text-chalk-soft">{say`Nothing that differs enough: too many are locked, or the counter is small.`}</p>
      )}
      <ol className="space-y-4">
        {answer?.alternatives.map((other, i) => (
          <li key={other.goodIds.join()} className="rounded-lg bg-slate-lit p-3" data-alternative={i + 1}>
            <div className="mb-2 flex items-baseline justify-between gap-2">
              <span>
                <span className="font-serif text-2xl font-semibold">{Math.round(other.balance.dial)}</span>{' '}
                {say`balance`}
              </span>
              <span className="text-sm text-chalk-soft">
                {other.below < 0.05 ? say`as good as the best` : say`${signed(-other.below, 1)} points`}
                {!other.near && say`, the nearest there is`}
                {!other.proven && say`, not proven`}
              </span>
            </div>
            <ul className="grid grid-cols-1 gap-1">
              {other.goodIds.map((id) => {
                const good = goods.get(id) as Main;
                return (
                  <li key={id} className="flex items-center gap-2">
                    <GoodPicture good={good} size={26} />
                    <span className={now.has(id) ? 'text-chalk-soft' : 'font-bold'}>{good.name}</span>
                    <span className="truncate text-sm text-chalk-soft">{good.style}</span>
                  </li>
                );
              })}
            </ul>
            <Button
              look="slate"
              className="mt-2"
              onClick={() => document.change(say`take another board`, (o) => takeProposal(o, other.goodIds))}
            >{say`Take this one`}</Button>
          </li>
        ))}
      </ol>
    </SlateSection>
  );
}
