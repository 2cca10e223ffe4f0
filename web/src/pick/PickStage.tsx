import {
  exclusionsOf,
  familiesLeft,
  homeOf,
  servedGood,
  isCheese,
  isMain,
  isMeat,
  type Cheese,
  type Main,
  addByHand,
  reasonKey,
  type Reason,
  bringBack,
  leaveOut,
  MOST_MAINS,
  toggleLock,
} from '@rotula/core';
import { Sparkles, Square } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { AdviceList } from '../frame/AdviceList';
import { GuestCautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { StageLayout } from '../frame/StageLayout';
import { Button } from '../ui/Button';
import { Finder } from '../ui/Finder';
import { capital, inWords, type Format } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Callout } from '../ui/Slate';
import { Tabs } from '../ui/Tabs';
import { useKeys } from '../ui/useKeys';
import { limitLabel, lineOf, sentence } from '../words';
import { BalanceBars } from './BalanceBars';
import { BalanceWheel } from '../wheel/BalanceWheel';
import { Lenses } from './Lenses';
import { MeatWheel } from '../wheel/MeatWheel';
import { Money } from './Money';
import { Others } from './Others';
import { focusSwaps, SelectionList } from './SelectionList';
import { TroublePanel } from './TroublePanel';
import { WhyAndSwaps } from './WhyAndSwaps';

export default function PickStage() {
  const { document, plan, counter, goods, reach, proposal, focus, setFocus, format } = useWorkbench();
  const { order, change } = document;
  const [ghost, setGhost] = useState<Cheese | null>(null);
  const numbers = new Map(plan.walk.steps.map((s) => [s.main.id, s.number]));
  // The why of the focus may come a moment later than the change itself.
  const now = useMemo(() => ({ main: focus, plan, order }), [focus, plan, order]);
  const why = useDeferredValue(now, null);
  const cheeses = plan.mains.filter(isCheese);
  const meats = plan.mains.filter(isMeat);
  const home = useMemo(() => homeOf(counter), [counter]);
  const families = useMemo(() => familiesLeft(counter, plan.targets), [counter, plan.targets]);

  const onFocused = (act: (main: Main) => void) => () => focus && act(focus);
  useKeys({
    l: onFocused((main) => change(`lock ${main.name}`, (o) => toggleLock(o, main.id))),
    x: onFocused((main) => change(`leave out ${main.name}`, (o) => leaveOut(o, main.id))),
    s: focusSwaps,
    a: () => window.document.getElementById('find-good')?.focus(),
    g: () => void proposal.ask(),
  });

  // The reach of the counter is worked out with nothing locked or left out: only then is it to be compared.
  const isFree = order.selection.locked.length === 0 && order.selection.leftOut.length === 0;
  const isFull = (order.selection.goods?.length ?? 0) >= MOST_MAINS;
  const addable = counter.filter(isMain).filter((main) => !plan.mains.some((m) => m.id === main.id));
  const refused = (main: Main) => exclusionsOf(servedGood(main, order.brief.servingAt), order.brief.limits);
  return (
    <StageLayout
      slate={
        <>
          <BalanceBars
            balance={plan.balance}
            families={families}
            reach={reach?.balance ?? null}
            mains={plan.mains}
            on={order.brief.servingAt}
            home={home}
          />
          {proposal.trouble && (
            <TroublePanel trouble={proposal.trouble} onTake={(way) => void proposal.takeWayOut(way)} />
          )}
          {proposal.hitches.map((hitch) => (
            <Callout key={reasonKey(hitch)} tone="stop">
              {sentence(hitch, format)}
            </Callout>
          ))}
          {proposal.fault && <Callout tone="stop">{proposal.fault}</Callout>}
          <GuestCautions />
          <AdviceList />
          <Tabs
            label="About this selection"
            tabs={[
              {
                name: 'Why',
                view: () =>
                  why?.main && (
                    <WhyAndSwaps main={why.main} plan={why.plan} order={why.order} onGhost={setGhost} />
                  ),
              },
              { name: 'Others', view: () => <Others /> },
              { name: 'Money', view: () => <Money /> },
              { name: 'Lenses', view: () => <Lenses /> },
            ]}
          />
        </>
      }
    >
      <div className="grid gap-6 min-[700px]:grid-cols-[minmax(290px,318px)_1fr]">
        <div>
          <h2 className="mb-1 text-xl">
            {capital(inWords(cheeses.length))} {cheeses.length === 1 ? 'cheese' : 'cheeses'},{' '}
            {inWords(meats.length)} {meats.length === 1 ? 'meat' : 'meats'}
          </h2>
          {plan.mains.length === 0 && (
            <p className="my-4 text-ink-soft">
              {proposal.working
                ? 'The first proposal is being worked out …'
                : 'Nothing picked. Let Rotula propose the best of the counter, or add goods by hand.'}
            </p>
          )}
          <SelectionList />
          <div className="mt-3 space-y-3">
            <Finder
              id="find-good"
              label="Add a good by hand"
              placeholder={
                isFull ? `${MOST_MAINS} goods are on this board; leave one out first` : 'Add a good by hand'
              }
              disabled={isFull}
              items={addable}
              keyOf={(m) => m.id}
              textOf={(m) => `${m.name} ${m.style} ${m.kind}`}
              show={(m) => (
                <span className="flex items-center gap-3">
                  <GoodPicture good={m} size={34} />
                  <span>
                    <span className="block font-bold">{m.name}</span>
                    <span className="block text-sm text-ink-soft">
                      {refused(m).length > 0
                        ? `kept off this board: ${limitLabel(refused(m)[0]!.limit.what)}`
                        : lineOf(m, order.brief.servingAt)}
                    </span>
                  </span>
                </span>
              )}
              onTake={(m) => {
                change(`add ${m.name}`, (o) => addByHand(o, m.id));
                setFocus(m.id);
              }}
            />
            {order.selection.leftOut.length > 0 && (
              <p className="text-sm text-ink-soft">
                Left out:{' '}
                {order.selection.leftOut.map((id) => (
                  <button
                    key={id}
                    type="button"
                    className="mr-2 inline-flex min-h-8 items-center underline decoration-line underline-offset-4 hover:text-ink"
                    onClick={() =>
                      change(`allow ${goods.get(id)?.name ?? id} again`, (o) => bringBack(o, id))
                    }
                    title="Allow it again"
                  >
                    {goods.get(id)?.name ?? id}
                  </button>
                ))}
              </p>
            )}
          </div>
        </div>
        <div className="min-w-0">
          <BalanceWheel
            cheeses={cheeses}
            axes={plan.balance.axes}
            families={families}
            servingAt={order.brief.servingAt}
            numbers={numbers}
            focus={focus?.id ?? null}
            ghost={ghost}
            onFocus={setFocus}
            className="mx-auto max-w-[max(22rem,calc(100dvh-24.5rem))]"
          />
          <div className="mt-1 flex flex-wrap items-center justify-center gap-4">
            {meats.length > 0 && (
              <MeatWheel meats={meats} numbers={numbers} focus={focus?.id ?? null} onFocus={setFocus} />
            )}
            <div className="max-w-60 min-w-0 space-y-2">
              {proposal.working ? (
                <Button onClick={proposal.stop}>
                  <Square size={16} /> {proposal.soFar ? 'Stop, take the best so far' : 'Stop'}
                </Button>
              ) : (
                <Button look="strong" onClick={() => void proposal.ask()}>
                  <Sparkles size={18} /> Propose the best
                </Button>
              )}
              <p className="text-sm text-ink-soft" role="status">
                {proposal.working
                  ? proposal.soFar
                    ? `Best so far ${proposal.soFar.value.toFixed(1)} points; still proving …`
                    : 'Looking through the counter …'
                  : plan.briefChanged
                    ? 'The brief has changed since this was proposed.'
                    : (proofWords(proposal.proof, format) ??
                      (isFree && plan.mains.length > 0
                        ? betterWords(plan.balance.value, reach?.balance?.value ?? null)
                        : null) ??
                      lockWords(order.selection.locked.length))}
              </p>
            </div>
          </div>
        </div>
      </div>
    </StageLayout>
  );
}

/** Said when the counter holds a selection that is clearly better than the one on the board, and nothing is locked. */
const BETTER_POINTS = 1;
const betterWords = (now: number, best: number | null) =>
  best !== null && best - now >= BETTER_POINTS
    ? `The counter holds a better one, by ${(best - now).toFixed(1)} points.`
    : null;

const proofWords = (proof: Reason | 'stopped' | null, format: Format): string | null =>
  proof === 'stopped' ? 'the best found before it was stopped; not proven' : proof && sentence(proof, format);

const lockWords = (locks: number) =>
  locks === 0
    ? 'Nothing is locked.'
    : `A new proposal keeps the ${locks === 1 ? 'locked good' : `${locks} locked goods`}.`;
