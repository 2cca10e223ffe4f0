import { reasonKey } from '@rotula/core';
import clsx from 'clsx';
import { lazy, Suspense } from 'react';
import { AdviceList } from '../frame/AdviceList';
import { Cautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { signed } from '../ui/format';
import { SlateSection } from '../ui/Slate';
import { sentence } from '../words';
import { say } from '../language/say';
import { ClockPath } from './ClockPath';

const PalateCurve = lazy(() => import('./PalateCurve'));

/** The curve of the palate, how the order was found, and what every step costs and why. */
export function WalkSlate() {
  const { plan, document, focus, format } = useWorkbench();
  const { walk } = plan;
  const pinned = walk.steps.filter((one) => one.pinned).length;
  const step = walk.steps.find((s) => s.main.id === focus?.id);
  return (
    <>
      <SlateSection title={say`Palate curve`} aside={say`strength; dotted: what is left over`}>
        <Suspense fallback={<div className="h-[150px]" />}>
          <PalateCurve steps={walk.steps} />
        </Suspense>
        <p className="mt-1 text-sm text-chalk-soft">
          {walk.byHand
            ? say`Your own order: ${signed(walk.best - walk.cost, 1)} beside the best.`
            : pinned > 0
              ? say`The best round ${pinned} pinned: ${signed(walk.best - walk.cost, 1)} beside the best of all.`
              : walk.exact
                ? say`The best of every possible order, by exact computation.`
                : say`Too many for the exact order: mild to strong, blue last.`}
          {(walk.byHand || pinned > 0) && (
            <button
              type="button"
              className="ml-2 min-h-11 underline underline-offset-4 hover:text-chalk"
              onClick={() =>
                document.change(say`the walk as Rotula would`, (order) => ({
                  ...order,
                  walk: null,
                  walkPins: {},
                }))
              }
            >{say`as Rotula would`}</button>
          )}
        </p>
      </SlateSection>
      {focus && step && (
        <SlateSection
          title={say`Why ${focus.name} there`}
          aside={step.number > 1 && say`costs the palate ${step.cost.toFixed(1)}`}
        >
          <ul className="space-y-1.5" data-why-step={step.number}>
            {step.reasons.map((r) => (
              <li key={reasonKey(r)} className={clsx('flex gap-3', r.effect < 0 && 'text-wax-lit')}>
                <span className="w-12 shrink-0 text-right">{r.effect < 0 ? signed(r.effect, 1) : ''}</span>
                <span>{sentence(r, format)}</span>
              </li>
            ))}
          </ul>
          {step.number > 1 && (
            <p className="mt-2 text-sm text-chalk-soft">
              {say`Left over of what came before: ${step.left.toFixed(1)}; ${step.tooMuch ? say`too much for it` : say`it is still tasted`}.`}
            </p>
          )}
        </SlateSection>
      )}
      <ClockPath />
      <Flight />
      <AdviceList at="walk" />
      <Cautions />
    </>
  );
}

/** The board's drinks in step with the food, light to strong, and by the hour. */
function Flight() {
  const { plan } = useWorkbench();
  const { walk, brief, flight } = plan;
  if (flight.length === 0) return null;
  const steps = walk.steps.length;
  return (
    <SlateSection title={say`Drinks in step`} aside={say`light to strong`}>
      <ol data-flight>
        {flight.map(({ drink, from, to, points }) => (
          <li key={drink.id} className="flex items-baseline gap-3 py-1">
            <span className="w-12 shrink-0 text-chalk-soft">{from === to ? from : `${from}–${to}`}</span>
            <span className="min-w-0 flex-1">
              {drink.name} <span className="text-sm text-chalk-soft">{drink.style}</span>
              <span className="block text-sm text-chalk-soft">
                {say`from hour ${Math.floor(((from - 1) * brief.hours) / steps) + 1}`}
              </span>
            </span>
            <span className={points >= 0 ? 'text-leaf-lit' : 'text-wax-lit'}>{signed(points, 1)}</span>
          </li>
        ))}
      </ol>
      <p className="text-sm text-chalk-soft">{say`Water and something without alcohol stand beside all of them.`}</p>
    </SlateSection>
  );
}
