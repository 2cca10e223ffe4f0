import { familiesLeft, isCheese, isMeat, leaveOut, toggleLock, type Cheese, type Main } from '@rotula/core';
import { useMemo, useState } from 'react';
import { useWorkbench } from '../frame/context';
import { StageLayout } from '../frame/StageLayout';
import { capital, inWords } from '../ui/format';
import { useKeys } from '../ui/useKeys';
import { BalanceWheel } from '../wheel/BalanceWheel';
import { MeatWheel } from '../wheel/MeatWheel';
import { AddGood } from './AddGood';
import { PickSlate } from './PickSlate';
import { ProposeBox } from './ProposeBox';
import { focusSwaps, SelectionList } from './SelectionList';
import { say } from '../language/say';

/** The selection: its list, its wheel, and what Rotula says of it. */
export default function PickStage() {
  const { document, plan, counter, proposal, focus, setFocus } = useWorkbench();
  const { order, change } = document;
  const [ghost, setGhost] = useState<Cheese | null>(null);
  const numbers = new Map(plan.walk.steps.map((s) => [s.main.id, s.number]));
  const cheeses = plan.mains.filter(isCheese);
  const meats = plan.mains.filter(isMeat);
  const families = useMemo(() => familiesLeft(counter, plan.targets), [counter, plan.targets]);

  const onFocused = (act: (main: Main) => void) => () => focus && act(focus);
  useKeys({
    l: onFocused((main) => change(say`lock ${main.name}`, (o) => toggleLock(o, main.id))),
    x: onFocused((main) => change(say`leave out ${main.name}`, (o) => leaveOut(o, main.id))),
    s: focusSwaps,
    a: () => window.document.getElementById('find-good')?.focus(),
    g: () => void proposal.propose(),
  });

  return (
    <StageLayout slate={<PickSlate families={families} onGhost={setGhost} />}>
      <div className="grid gap-6 min-[700px]:grid-cols-[minmax(290px,318px)_1fr]">
        <div>
          <h2 className="mb-1 text-xl">
            {capital(inWords(cheeses.length))} {cheeses.length === 1 ? say`cheese` : say`cheeses`},{' '}
            {inWords(meats.length)} {meats.length === 1 ? say`meat` : say`meats`}
          </h2>
          {plan.mains.length === 0 && (
            <p className="my-4 text-ink-soft">
              {proposal.working
                ? say`The first proposal is being worked out …`
                : say`Nothing picked. Let Rotula propose the best of the counter, or add goods by hand.`}
            </p>
          )}
          <SelectionList />
          <AddGood />
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
            <ProposeBox />
          </div>
        </div>
      </div>
    </StageLayout>
  );
}
