import { lazy, Suspense } from 'react';
import { useWorkbench } from '../frame/context';
import { StageLayout } from '../frame/StageLayout';
import { say } from '../language/say';
import { ClockFields } from './ClockFields';
import { ClockSlate } from './ClockSlate';
import { DayPicture } from './DayPicture';
import { useClock } from './useClock';

// Below the picture of the day, which is what is looked at first.
const RunList = lazy(() => import('./RunList').then((of) => ({ default: of.RunList })));

/** Stage Clock: the day backwards from serving; below it each good from cold to ready to gone. */
export default function ClockStage() {
  const { plan } = useWorkbench();
  const desk = useClock();
  return (
    <StageLayout slate={<ClockSlate desk={desk} />}>
      <ClockFields desk={desk} />
      {plan.mains.length === 0 ? (
        <p className="mt-6 text-ink-soft" role="status">
          {say`Nothing is picked yet: the day is planned once there is something to serve.`}
        </p>
      ) : (
        <>
          <DayPicture desk={desk} />
          <Suspense fallback={null}>
            <RunList desk={desk} />
          </Suspense>
        </>
      )}
    </StageLayout>
  );
}
