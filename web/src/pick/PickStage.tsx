import { exclusionsOf, isCheese, isMain, isMeat, type Cheese, type Hitch, type Main } from '@rotula/core';
import { Sparkles } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { AdviceList } from '../order/AdviceList';
import { GuestCautions } from '../order/Cautions';
import { useWorkbench } from '../order/context';
import { StageLayout } from '../order/StageLayout';
import { Button } from '../ui/Button';
import { Finder } from '../ui/Finder';
import { capital, inWords } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Callout } from '../ui/Slate';
import { useKeys } from '../ui/useKeys';
import { lineOf } from '../ui/words';
import { BalanceBars } from './BalanceBars';
import { BalanceWheel } from './BalanceWheel';
import { addByHand, bringBack, leaveOut, takeProposal, toggleLock } from './edits';
import { propose } from './optimiser';
import { MeatWheel } from './MeatWheel';
import { focusSwaps, SelectionList } from './SelectionList';
import { WhyAndSwaps } from './WhyAndSwaps';

export function PickStage() {
  const { document, plan, counter, goods, house, reach, focus, setFocus } = useWorkbench();
  const { order, change } = document;
  const [ghost, setGhost] = useState<Cheese | null>(null);
  const [hitches, setHitches] = useState<readonly Hitch[]>([]);
  const [proof, setProof] = useState<string | null>(null);
  const [working, setWorking] = useState(false);
  const numbers = new Map(plan.walk.steps.map((s) => [s.main.id, s.number]));
  // The why of the focus may come a moment later than the change itself.
  const now = useMemo(() => ({ main: focus, plan, order }), [focus, plan, order]);
  const why = useDeferredValue(now);
  const cheeses = plan.mains.filter(isCheese);
  const meats = plan.mains.filter(isMeat);

  const pickNow = async () => {
    setWorking(true);
    try {
      const answer = await propose(
        order.brief,
        counter,
        house,
        order.selection.locked,
        order.selection.leftOut,
      );
      setHitches(answer.hitches);
      setProof(answer.goodIds ? (answer.reasons[0]?.says ?? null) : null);
      if (answer.goodIds) change('take the proposal', (o) => takeProposal(o, answer.goodIds!));
    } finally {
      setWorking(false);
    }
  };
  const onFocused = (act: (main: Main) => void) => () => focus && act(focus);
  useKeys({
    l: onFocused((main) => change(`lock ${main.name}`, (o) => toggleLock(o, main.id))),
    x: onFocused((main) => change(`leave out ${main.name}`, (o) => leaveOut(o, main.id))),
    s: focusSwaps,
    a: () => window.document.getElementById('find-good')?.focus(),
    g: () => void pickNow(),
  });

  const addable = counter.filter(isMain).filter((main) => !plan.mains.some((m) => m.id === main.id));
  const refused = (main: Main) => exclusionsOf(main, order.brief.limits);
  return (
    <StageLayout
      slate={
        <>
          <BalanceBars
            balance={plan.balance}
            reach={reach?.balance ?? null}
            mains={plan.mains}
            on={order.brief.servingAt}
          />
          {hitches.map((hitch) => (
            <Callout key={hitch.id + hitch.says} tone="stop">
              {hitch.says}
            </Callout>
          ))}
          <GuestCautions />
          <AdviceList />
          {why.main && <WhyAndSwaps main={why.main} plan={why.plan} order={why.order} onGhost={setGhost} />}
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
              Nothing picked yet. Let Rotula propose the best of the counter, or add goods by hand.
            </p>
          )}
          <SelectionList />
          <div className="mt-3 space-y-3">
            <Finder
              id="find-good"
              label="Add a good by hand"
              placeholder="Add a good by hand"
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
                        ? `kept off this board: ${refused(m)[0]!.label}`
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
            balance={plan.balance}
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
              <Button look="strong" onClick={() => void pickNow()} disabled={working}>
                <Sparkles size={18} /> Propose the best
              </Button>
              <p className="text-sm text-ink-soft" role="status">
                {plan.briefChanged
                  ? 'The brief has changed since this was proposed.'
                  : (proof ?? lockWords(order.selection.locked.length))}
              </p>
            </div>
          </div>
        </div>
      </div>
    </StageLayout>
  );
}

const lockWords = (locks: number) =>
  locks === 0
    ? 'Nothing is locked.'
    : `A new proposal keeps the ${locks === 1 ? 'locked good' : `${locks} locked goods`}.`;
