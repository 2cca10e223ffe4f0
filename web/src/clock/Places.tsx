import { isBoxed } from '@rotula/core';
import { SlateSection } from '../ui/Slate';
import { Stepper } from '../ui/Stepper';
import { useWorkbench } from '../frame/context';
import { say } from '../language/say';
import type { ClockDesk } from './useClock';

/** Where there is room, and for how many: at the bench, in the cold for finished boards, in the car. */
export function Places({ desk }: { desk: ClockDesk }) {
  const { plan } = useWorkbench();
  const { room, places, way, party } = plan.timing.question;
  const { boards } = places;
  const boxed = isBoxed(plan.brief);
  const waits = way === 'whole board' && boards > 0;
  const carried = party.journey !== null && way !== 'where it is served' && boards > 1;
  return (
    <SlateSection title={say`Where there is room`}>
      <div className="space-y-2 text-ink [&_span:first-child]:text-chalk">
        <Stepper
          label={say`Places at the bench`}
          value={room.benches}
          min={1}
          max={50}
          onChange={(n) => desk.change(say`places at the bench`, { benches: n })}
        />
        {waits && (
          <Stepper
            label={
              boxed
                ? say`Packed boxes the cold takes, of ${boards}`
                : say`Laid boards the cold takes, of ${boards}`
            }
            value={places.inCold}
            max={boards}
            onChange={(n) =>
              desk.change(say`room in the cold for boards`, { coldPlaces: n >= boards ? null : n })
            }
          />
        )}
        {carried && (
          <Stepper
            label={
              boxed
                ? say`Boxes a car takes at once, of ${boards}`
                : say`Boards a car takes at once, of ${boards}`
            }
            value={places.inCar}
            min={1}
            max={boards}
            onChange={(n) => desk.change(say`boards a car takes`, { carPlaces: n >= boards ? null : n })}
          />
        )}
        {carried && places.inCar < boards && (
          <Stepper
            label={say`Cars, each with a driver`}
            value={room.cars}
            min={1}
            max={room.hands}
            onChange={(n) => desk.change(say`cars`, { cars: n })}
          />
        )}
      </div>
      {waits && places.inCold < boards && (
        <p className="mt-2 text-sm text-chalk-soft">{say`What has no room there is laid straight before it leaves.`}</p>
      )}
      {carried && places.inCar < boards && (
        <p className="mt-2 text-sm text-chalk-soft">{say`A car comes back for the rest. Uncooled, all that travels counts as out of the cold from the first run on.`}</p>
      )}
    </SlateSection>
  );
}
