import { useWorkbench } from '../frame/context';
import { StageLayout } from '../frame/StageLayout';
import { say } from '../language/say';
import { ClockFields } from './ClockFields';
import { ClockSlate } from './ClockSlate';
import { DayPicture } from './DayPicture';
import { RunList } from './RunList';
import { useClock } from './useClock';

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
          <RunList desk={desk} />
        </>
      )}
    </StageLayout>
  );
}
