import { hotHolding, hotRow, hotWayOf, OVEN_HEATS, OVEN_TRAYS } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { SlateSection } from '../ui/Slate';
import { Stepper } from '../ui/Stepper';
import { HOT_WORDS } from '../words/clock';
import { say } from '../language/say';
import type { ClockDesk } from './useClock';

/** What of the board is served hot: when the oven goes on, in, out, on the table, eaten from and good until. */
export function HotPanel({ desk }: { desk: ClockDesk }) {
  const { plan, document, format, house } = useWorkbench();
  const { hot } = document.order.clock;
  const may = [...plan.mains, ...plan.beside].flatMap((good) => {
    const way = hotWayOf(good);
    return way ? [{ good, way }] : [];
  });
  return (
    <SlateSection title={say`Served hot`} aside={say`runs beside the cutting`}>
      {may.length === 0 && (
        <p className="text-chalk-soft">{say`Nothing on this board is baked, roasted or toasted.`}</p>
      )}
      <ul className="space-y-3">
        {may.map(({ good, way }) => {
          const row = hotRow(way);
          const on = hot.some(({ id }) => id === good.id);
          const oven = desk.shifts.find(({ task }) => task.id === `oven:${good.id}`);
          const out = oven?.end ?? 0;
          return (
            <li key={good.id} data-hot-good={good.id}>
              <label className="flex min-h-11 items-center gap-3">
                <input
                  type="checkbox"
                  className="size-5 accent-[#e9b44c]"
                  checked={on}
                  onChange={() =>
                    desk.change(say`${good.name} hot`, {
                      hot: on ? hot.filter(({ id }) => id !== good.id) : [...hot, { id: good.id, way }],
                    })
                  }
                />
                <span>{say`${good.name}, ${HOT_WORDS[way]}`}</span>
              </label>
              {on && oven && (
                <p className="pl-8 text-sm text-chalk-soft" data-hot={good.id}>
                  {say`Oven on ${desk.time(oven.start - OVEN_HEATS)} at ${format.celsius(row.oven)}, in ${desk.time(oven.start)}, out ${desk.time(out)}, eaten from ${desk.time(out + row.eatenFrom)}, good until ${desk.time(out + row.goodFor)}.`}
                </p>
              )}
            </li>
          );
        })}
      </ul>
      <div className="mt-2 text-ink [&_span:first-child]:text-chalk">
        <Stepper
          label={say`Ovens`}
          value={plan.timing.question.room.ovens}
          min={0}
          max={20}
          onChange={(ovens) => desk.change(say`how many ovens`, { ovens })}
        />
      </div>
      <p className="mt-2 text-sm text-chalk-soft">
        {say`Hot food is held at ${format.celsius(hotHolding(house.country))} or above, or eaten within its time. A hot dish stands on wood, never on glass or a wet cloth. An oven takes ${format.minutes(OVEN_HEATS)} to heat or to change its heat, and ${OVEN_TRAYS} trays of one temperature.`}
      </p>
    </SlateSection>
  );
}
