import {
  addExtra,
  besideSteps,
  costIn,
  CURVE_NODE_LIMIT,
  problemOf,
  type Main,
  type OneMore,
  type PriceStep,
  takeProposal,
} from '@rotula/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { signed } from '../ui/format';
import { Callout, SlateSection } from '../ui/Slate';
import { pickQuestion, questionKey } from '../optimiser/question';
import { stop } from '../optimiser/threads';
import { useSearch } from '../optimiser/useSearch';
import { sentence, tagWord } from '../words';
import { say, word } from '../language/say';

const PriceCurve = lazy(() => import('./PriceCurve'));

/** What more or less money would buy: the best raw value for each budget, the knees named, and one more kind. */
export function Money() {
  const { document, stock, house, goods, format, plan } = useWorkbench();
  const { order } = document;
  const key = questionKey(order, house, stock);
  const [shown, setShown] = useState<number | null>(null);
  const { answer, soFar, working, fault } = useSearch('money', key, {
    question: () => pickQuestion(order, stock, house, CURVE_NODE_LIMIT),
    lane: 'choices',
    beside: true,
  });
  const steps: readonly PriceStep[] = answer?.steps ?? soFar ?? [];
  const step = steps[shown ?? -1];
  // What is on the board now, costed the way the curve is: each good at its usual share, the companions estimated.
  const now = useMemo(() => {
    const problem = problemOf(order.brief, stock, house, order.selection);
    const cost = costIn(problem.targets, problem.counts);
    return {
      cost: problem.inAll(plan.mains.reduce<number>((sum, main) => sum + cost(main), 0)),
      raw: plan.balance.raw,
    };
  }, [order.brief, order.selection, stock, house, plan.mains, plan.balance.raw]);
  const names = (ids: readonly string[]) =>
    ids.map((id) => (goods.get(id) as Main | undefined)?.name ?? id).join(', ');
  return (
    <>
      <SlateSection title={say`What money buys`} aside={say`raw balance · ${format.currency}`}>
        {working && (
          <div className="mb-2 flex items-center justify-between gap-3" role="status">
            <span className="text-chalk-soft">{say`${steps.length} steps so far …`}</span>
            <Button look="slate" onClick={() => stop('choices')}>{say`Stop`}</Button>
          </div>
        )}
        {steps.length > 0 && (
          <Suspense fallback={<div className="h-56" />}>
            <PriceCurve steps={steps} now={now} format={format} onShow={setShown} />
          </Suspense>
        )}
        <ul className="mt-2 space-y-1">
          {steps.map((s, i) => (
            <li key={s.cost}>
              <button
                type="button"
                aria-pressed={shown === i}
                className="flex min-h-11 w-full items-center gap-3 rounded-lg px-2 text-left hover:bg-slate-lit aria-pressed:bg-slate-lit"
                onClick={() => setShown(i)}
              >
                <span className="w-20 text-right font-bold">{format.amount(s.cost)}</span>
                <span className="w-12 text-right">{s.raw.toFixed(1)}</span>
                <span className="flex-1 text-sm text-butter">
                  {s.knee ? say`knee: ${sentence(s.knee, format)}` : ''}
                </span>
                {!s.proven && <span className="text-sm text-chalk-soft">{say`not proven`}</span>}
              </button>
              {shown === i && step && (
                <div className="px-2 pb-2">
                  <p className="text-chalk-soft">{names(step.goodIds)}</p>
                  <Button
                    look="slate"
                    className="mt-2"
                    onClick={() =>
                      document.change(say`take a price step`, (o) => takeProposal(o, step.goodIds))
                    }
                  >
                    {say`Take it for ${format.money(step.cost)}`}
                  </Button>
                </div>
              )}
            </li>
          ))}
        </ul>
      </SlateSection>
      <BesideSteps />
      {fault && <Callout tone="stop">{fault}</Callout>}
      {answer && answer.more.length > 0 && (
        <SlateSection title={say`One more kind`} aside={say`raw balance · cost`}>
          <ul>
            {answer.more.map((more) => (
              <li key={more.kind}>
                <OneMoreRow more={more} />
              </li>
            ))}
          </ul>
        </SlateSection>
      )}
    </>
  );
}

function OneMoreRow({ more }: { more: OneMore }) {
  const { document, format } = useWorkbench();
  const what = more.kind === 'cheese' ? 'cheeses' : 'meats';
  return (
    <button
      type="button"
      className="flex min-h-11 w-full items-center gap-3 rounded-lg px-2 text-left hover:bg-slate-lit"
      onClick={() =>
        document.change(`${more.kinds} ${what}`, (o) =>
          takeProposal(
            { ...o, brief: { ...o.brief, kinds: { ...o.brief.kinds, [what]: more.kinds } } },
            more.goodIds,
          ),
        )
      }
    >
      <span className="flex-1">
        {more.kinds} {more.kinds === 1 ? word(more.kind) : word(what)}
      </span>
      <span className="text-leaf-lit">{signed(more.raw, 1)}</span>
      <span className="w-20 text-right">{format.signedAmount(Math.round(more.cost))}</span>
    </button>
  );
}

/** What nuts and other companions would cost and bring: the steps of money beside the cheese. */
function BesideSteps() {
  const { document, plan, counter, format } = useWorkbench();
  const steps = useMemo(() => {
    const onBoard = [...plan.mains, ...plan.pairs.set.map(({ beside }) => beside), ...plan.extras];
    return besideSteps(plan.mains, onBoard, counter, plan.brief);
  }, [plan, counter]);
  if (plan.mains.length === 0 || steps.length === 0) return null;
  return (
    <SlateSection title={say`One more beside`} aside={say`pairing · cost`}>
      <ul>
        {steps.map(({ good, cost, points, brings }) => (
          <li key={good.id}>
            <button
              type="button"
              className="flex min-h-11 w-full items-center gap-3 rounded-lg px-2 text-left hover:bg-slate-lit"
              onClick={() => document.change(say`add ${good.name}`, (o) => addExtra(o, good.id))}
            >
              <span className="min-w-0 flex-1">
                {good.name}
                <span className="block text-sm text-chalk-soft">
                  {brings.length > 0 ? say`brings ${format.list(brings.map(tagWord))}` : word(good.role)}
                </span>
              </span>
              <span className={points >= 0 ? 'text-leaf-lit' : 'text-wax-lit'}>{signed(points, 1)}</span>
              <span className="w-20 text-right">{format.signedAmount(Math.round(cost))}</span>
            </button>
          </li>
        ))}
      </ul>
    </SlateSection>
  );
}
