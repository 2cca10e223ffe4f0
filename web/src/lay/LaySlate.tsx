import { BANDS } from '@rotula/core';
import { lazy } from 'react';
import { AdviceList } from '../frame/AdviceList';
import { Cautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { Vital } from '../ui/Slate';
import { Tabs } from '../ui/Tabs';
import { say, word } from '../language/say';
import { nameOf } from '../drawing/names';
import type { Building, OnBoard } from './onBoard';

// Each comes when it is first opened; the picture is there before.
const LastLook = lazy(() => import('./LastLook').then((of) => ({ default: of.LastLook })));
const Schools = lazy(() => import('./Schools').then((of) => ({ default: of.Schools })));
const ThingPanel = lazy(() => import('./ThingPanel').then((of) => ({ default: of.ThingPanel })));
const Build = lazy(() => import('./Build').then((of) => ({ default: of.Build })));
const Kit = lazy(() => import('./Kit').then((of) => ({ default: of.Kit })));
const GarnishFields = lazy(() => import('./GarnishFields').then((of) => ({ default: of.GarnishFields })));

/** How full it is, what a careful eye would mend, how it is built, and what it takes. */
export function LaySlate({ on, building }: { on: OnBoard | null; building: Building }) {
  return (
    <>
      {on && <Vitals {...on} />}
      {on && (
        <Tabs
          label={say`About the board`}
          tabs={[
            {
              name: say`Last look`,
              view: () => (
                <>
                  <ThingPanel {...on} />
                  <LastLook {...on} />
                  <Schools laid={on.laid} />
                </>
              ),
            },
            { name: say`Build it`, view: () => <Build {...on} {...building} /> },
            { name: say`Kit`, view: () => <Kit {...on} /> },
            { name: say`Garnish`, view: () => <GarnishFields {...on} /> },
          ]}
        />
      )}
      <AdviceList at="lay" />
      <Cautions />
    </>
  );
}

function Vitals({ board, laid }: OnBoard) {
  const { plan, format } = useWorkbench();
  const { choice } = plan.boards;
  if (!choice || !laid.layout) return null;
  const [low, high] = BANDS[plan.brief.manner];
  const full = Math.round(100 * laid.layout.covered);
  // What is kept is judged with the plan, before the worker has drawn it.
  const { score, violations } = board.kept ?? laid.layout;
  const food = board.things.reduce((sum, { grams }) => sum + grams, 0);
  const [weight, unit] = format.weight(food);
  return (
    <section className="flex gap-4" aria-label={say`How it is laid`}>
      <Vital
        label={say`covered`}
        figure={full}
        unit="%"
        bar={full}
        tone={laid.layout.covered < low || laid.layout.covered > high ? 'butter' : 'leaf'}
        below={say`${word(plan.brief.manner)}: ${Math.round(100 * low)} to ${Math.round(100 * high)} %`}
      />
      <Vital
        label={say`laid`}
        figure={Math.round(score)}
        unit={say`of 100`}
        bar={score}
        tone={violations.some(({ hard }) => hard) ? 'wax' : 'leaf'}
      />
      <Vital
        label={say`food on it`}
        figure={weight}
        unit={unit}
        below={choice.many > 1 ? say`each of ${choice.many}` : nameOf(board.board)}
      />
    </section>
  );
}
