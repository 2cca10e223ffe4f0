import { celsius, hotHolding, hotRow, hotWayOf, OVEN_HEATS, OVEN_TRAYS } from '@rotula/core';
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
  const isPregnant = plan.brief.persons.some(({ limits }) =>
    limits.some(({ what }) => what === 'risk:pregnant'),
  );
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
              {on && isPregnant && <Steams id={good.id} name={good.name} />}
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

/** A pregnant guest comes: whether it is baked till it steams right through, which some countries let pass. */
function Steams({ id, name }: { id: string; name: string }) {
  const { document, house, format } = useWorkbench();
  const { steamed } = document.order.brief;
  const on = steamed.includes(id);
  return (
    <>
      <label className="flex min-h-11 items-center gap-3 pl-8">
        <input
          type="checkbox"
          className="size-5 accent-[#e9b44c]"
          checked={on}
          onChange={() =>
            document.change(say`whether ${name} steams right through`, (order) => ({
              ...order,
              brief: {
                ...order.brief,
                steamed: on ? steamed.filter((one) => one !== id) : [...steamed, id],
              },
            }))
          }
        />
        <span>{say`${name} steams right through: ${format.celsius(STEAMING)} at the heart, by the probe`}</span>
      </label>
      <p className="pl-8 text-sm text-chalk-soft">
        {house.country === 'GB'
          ? say`Advice in Great Britain lets soft and raw-milk cheese pass so in pregnancy. Molten alone is not that.`
          : say`Advice in Great Britain lets that pass in pregnancy; for this house’s country none is known, so it stays barred.`}
      </p>
    </>
  );
}

/** Steaming hot right through, degrees Celsius at the heart. Source: public-health advice in Great Britain, from memory. */
const STEAMING = celsius(75);
