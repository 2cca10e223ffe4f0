import { lazy, Suspense } from 'react';
import { useWorkbench } from '../frame/context';
import { Vital } from '../ui/Slate';
import { Tabs } from '../ui/Tabs';
import { say } from '../language/say';
import type { ClockDesk } from './useClock';

// Each comes when it is first opened; the day is there before.
const AdviceList = lazy(() => import('../frame/AdviceList').then((of) => ({ default: of.AdviceList })));
const Cautions = lazy(() => import('../frame/Cautions').then((of) => ({ default: of.Cautions })));
const WarmPanel = lazy(() => import('./WarmPanel').then((of) => ({ default: of.WarmPanel })));
const WorkPanel = lazy(() => import('./WorkPanel').then((of) => ({ default: of.WorkPanel })));
const TablePanel = lazy(() => import('./TablePanel').then((of) => ({ default: of.TablePanel })));
const HotPanel = lazy(() => import('./HotPanel').then((of) => ({ default: of.HotPanel })));

/** When to begin, what leaves the cold first, what is off first; why; and what can be done about it. */
export function ClockSlate({ desk }: { desk: ClockDesk }) {
  const { plan } = useWorkbench();
  return (
    <>
      {plan.mains.length > 0 && (
        <>
          <Vitals desk={desk} />
          <Tabs
            label={say`About the day`}
            tabs={[
              { name: say`Warming`, view: () => <WarmPanel desk={desk} /> },
              { name: say`Work`, view: () => <WorkPanel desk={desk} /> },
              { name: say`At table`, view: () => <TablePanel desk={desk} /> },
              { name: say`Hot`, view: () => <HotPanel desk={desk} /> },
            ]}
          />
        </>
      )}
      <Suspense fallback={null}>
        <AdviceList at="clock" />
        <Cautions />
      </Suspense>
    </>
  );
}

function Vitals({ desk }: { desk: ClockDesk }) {
  const { timing, time } = desk;
  const first = [...timing.standing].sort((a, b) => a.out - b.out)[0];
  const off = [...timing.standing].sort((a, b) => a.offBy - b.offBy)[0];
  const begins = Math.min(...desk.shifts.map(({ start }) => start));
  // Where a clock has two halves, which of them is the small unit.
  const clock = (minutes: number) => {
    const [figure, unit] = time(minutes).split(/\s/);
    return { figure, unit: unit && ` ${unit}` };
  };
  if (!first || !off) return null;
  return (
    <section className="flex gap-4" aria-label={say`The day in three times`}>
      <Vital label={say`begin by`} {...clock(begins)} below={say`the first work`} />
      <Vital label={say`out of the cold`} {...clock(first.out)} below={first.good.name} />
      <Vital
        label={say`off the table`}
        {...clock(off.offBy)}
        {...(off.offBy <= off.wave.on
          ? { below: say`before it is served`, bar: 100, tone: 'wax' as const }
          : { below: off.good.name })}
      />
    </section>
  );
}
