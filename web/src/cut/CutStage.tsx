import { produceLines, type Cut, type Main } from '@rotula/core';
import clsx from 'clsx';
import { useMemo, useState, type ReactNode } from 'react';
import { ShortMark } from '../frame/ShortMark';
import { useWorkbench } from '../frame/context';
import { StageLayout } from '../frame/StageLayout';
import { count } from '../ui/format';
import { cutLabel } from '../words';
import { say, word } from '../language/say';
import { CutPanel } from './CutPanel';
import { CutSlate } from './CutSlate';
import { ProducePanel } from './ProducePanel';

/** How each cheese is cut and each meat folded, one at a time, drawn to scale. */
export default function CutStage() {
  const { plan, focus, setFocus } = useWorkbench();
  const steps = plan.walk.steps;
  const main = steps.find(({ main: m }) => m.id === focus?.id)?.main ?? steps[0]?.main ?? null;
  const cut = main && (plan.cuts.find(({ goodId }) => goodId === main.id) ?? null);
  const produce = useMemo(() => produceLines(plan), [plan]);
  const [besideId, setBeside] = useState<string | null>(null);
  const beside = produce.find(({ good }) => good.id === besideId) ?? null;
  const looks = new Set(plan.cuts.map(({ look }) => look)).size;
  return (
    <StageLayout slate={<CutSlate main={beside ? null : main} cut={cut} />}>
      {main && cut ? (
        <div className="grid gap-x-7 gap-y-5 min-[900px]:grid-cols-[210px_minmax(0,1fr)]">
          <nav aria-label={say`What is cut`}>
            <ul className="grid grid-cols-2 gap-x-4 min-[900px]:block">
              {steps.map(({ number, main: each }) => (
                <Row
                  key={each.id}
                  number={number}
                  main={each}
                  cut={plan.cuts.find(({ goodId }) => goodId === each.id)!}
                  current={!beside && each.id === main.id}
                  done={plan.weighed.has(each.id)}
                  onPick={() => {
                    setBeside(null);
                    setFocus(each.id);
                  }}
                />
              ))}
            </ul>
            <p className="mt-3 text-sm text-ink-soft">
              {looks === plan.cuts.length
                ? say`${count(looks, 'shape')}, none alike`
                : say`${count(looks, 'shape')} on ${count(plan.cuts.length, 'good')}`}
            </p>
            {produce.length > 0 && (
              <>
                <h2 className="mt-5 text-lg">{say`Produce and bread`}</h2>
                <ul className="grid grid-cols-2 gap-x-4 min-[900px]:block">
                  {produce.map(({ good, cut: { form } }) => (
                    <PickRow
                      key={good.id}
                      id={good.id}
                      current={beside?.good.id === good.id}
                      onPick={() => setBeside(good.id)}
                      about={word(form)}
                    >
                      <strong>{good.name}</strong>
                    </PickRow>
                  ))}
                </ul>
              </>
            )}
          </nav>
          {beside ? <ProducePanel line={beside} /> : <CutPanel key={main.id} main={main} cut={cut} />}
        </div>
      ) : (
        <p className="text-lg text-ink-soft">{say`Nothing is picked yet: pick first, then it is cut.`}</p>
      )}
    </StageLayout>
  );
}

function Row({
  number,
  main,
  cut,
  current,
  done,
  onPick,
}: {
  number: number;
  main: Main;
  cut: Cut;
  current: boolean;
  done: boolean;
  onPick: () => void;
}) {
  return (
    <PickRow
      id={main.id}
      current={current}
      onPick={onPick}
      about={say`${cut.estimated ? say`about ` : ''}${cut.pieces} · ${cutLabel(cut.styleId)}`}
    >
      <span className="mr-1.5 font-serif text-annatto-text">{number}</span>
      <strong>{main.name}</strong>
      <ShortMark good={main.id} />
      {done && <span className="ml-1.5 text-sm text-leaf-text">{say`weighed`}</span>}
    </PickRow>
  );
}

/** One of the list of what is cut: its name, and in small how. */
function PickRow({
  id,
  current,
  onPick,
  about,
  children,
}: {
  id: string;
  current: boolean;
  onPick: () => void;
  about: string;
  children: ReactNode;
}) {
  return (
    <li>
      <button
        type="button"
        aria-current={current || undefined}
        data-good={id}
        className={clsx(
          'relative min-h-11 w-full border-b border-line px-2 py-2 text-left',
          current ? 'bg-paper-lit' : 'hover:bg-shade',
        )}
        onClick={onPick}
      >
        {current && <span className="absolute inset-y-0 -left-1 w-1 bg-annatto" />}
        <span className="block text-lg leading-5">{children}</span>
        <span className="block text-sm text-ink-soft">{about}</span>
      </button>
    </li>
  );
}
