import { isShortage, reasonKey, takeLot, type Advice, type StageId } from '@rotula/core';
import { Check } from 'lucide-react';
import clsx from 'clsx';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { Callout } from '../ui/Slate';
import { useWorkbench } from './context';
import { STAGE_LABELS, TABS } from './stages';
import { becauseWords, sentence } from '../words';
import { say } from '../language/say';

const LINK = 'inline-flex min-h-11 items-center underline underline-offset-4';

// Most orders are as they were taken.
const ChangedSince = lazy(() => import('./ChangedSince').then((of) => ({ default: of.ChangedSince })));

/**
 * What is short, on every stage; what Rotula would change at this one, which can be left and stays visible as left; how much the
 * others have to say is a number with a link.
 */
export function AdviceList({ at }: { at: StageId }) {
  const { plan } = useWorkbench();
  const advice = plan.advice.filter((one) => !isShortage(one));
  return (
    <>
      {(at === 'pick' || at === 'portion') && plan.changed.length > 0 && (
        <Suspense fallback={null}>
          <ChangedSince />
        </Suspense>
      )}
      {plan.advice.filter(isShortage).map((short) => (
        <Shortage key={reasonKey(short)} short={short} />
      ))}
      {at === 'pick' && <Barred />}
      {advice
        .filter(({ stage }) => stage === at)
        .map((one) => (
          <OneAdvice key={reasonKey(one)} advice={one} />
        ))}
      <Elsewhere at={at} advice={advice} />
    </>
  );
}

/** Something is not there as it was promised: it is mended, never left. */
function Shortage({ short }: { short: Advice }) {
  const { document, format } = useWorkbench();
  return (
    <Callout>
      <div data-shortage={short.subject}>{sentence(short, format)}</div>
      {short.rule === 'lot-replaced' && (
        <div className="flex gap-4">
          <button
            type="button"
            className={LINK}
            onClick={() =>
              document.change(say`take the other lot`, (order) =>
                takeLot(order, short.subject!, short.figures.lot),
              )
            }
          >{say`It will do`}</button>
          <Link className={LINK} to={`/orders/${document.id}/pick`}>{say`Swap it`}</Link>
        </div>
      )}
    </Callout>
  );
}

/** Picked goods that a limit keeps off the board: what to do is said once. */
function Barred() {
  const { plan, format } = useWorkbench();
  if (plan.barred.length === 0) return null;
  return (
    <Callout tone="stop">
      <p>{say`Kept off this board for a guest’s limit. Swap or pick again; or give that guest their own plate in the Brief.`}</p>
      <ul className="mt-1">
        {plan.barred.map(({ good, because }) => (
          <li key={good.id}>
            <strong>{good.name}</strong> {becauseWords(because, format)}
          </li>
        ))}
      </ul>
    </Callout>
  );
}

function OneAdvice({ advice }: { advice: Advice }) {
  const { document, format } = useWorkbench();
  const leave = ({ rule, subject, left }: Advice) =>
    document.change(left ? say`take the advice back up` : say`leave the advice`, (order) => ({
      ...order,
      adviceLeft: left
        ? order.adviceLeft.filter((a) => a.rule !== rule || a.subject !== subject)
        : [...order.adviceLeft, { rule, subject }],
    }));
  return (
    <Callout tone="advice">
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
  );
}

/** What the other stages would change: a number each, with the way there. */
function Elsewhere({ at, advice }: { at: StageId; advice: readonly Advice[] }) {
  const { document, plan } = useWorkbench();
  const open = (stage: string) =>
    advice.filter((one) => one.stage === stage && !one.left).length +
    (stage === 'pick' ? plan.barred.length : 0);
  const others = TABS.map(({ path }) => ({ path, open: open(path) })).filter(
    (one) => one.path !== at && one.open > 0,
  );
  if (others.length === 0) return null;
  return (
    <nav aria-label={say`Advice of other stages`} className="flex flex-wrap gap-x-4 text-chalk-soft">
      <span className="inline-flex min-h-11 items-center">{say`More advice:`}</span>
      {others.map((one) => (
        <Link key={one.path} className={LINK} to={`/orders/${document.id}/${one.path}`}>
          {STAGE_LABELS[one.path as StageId]} {one.open}
        </Link>
      ))}
    </nav>
  );
}
