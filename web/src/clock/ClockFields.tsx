import { WARMING_WAYS, type WarmingWay } from '@rotula/core';
import { RotateCcw } from 'lucide-react';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { DateTimeField } from '../ui/DateTimeField';
import { NumberField } from '../ui/NumberField';
import { Stepper } from '../ui/Stepper';
import { degreesOf } from '../ui/degrees';
import { WAY_WORDS } from '../words/clock';
import { say } from '../language/say';
import type { ClockDesk } from './useClock';

/** When it is served, how warm it is there, who works, and how the food warms. */
export function ClockFields({ desk }: { desk: ClockDesk }) {
  const { document, plan, format, house } = useWorkbench();
  const { brief, clock } = document.order;
  const { question } = plan.timing;
  const degrees = degreesOf(house);
  const isOwn =
    clock.way !== null ||
    Object.keys(clock.moved).length + Object.keys(clock.minutes).length + clock.dropped.length > 0;
  return (
    <section className="mb-3 space-y-3" aria-label={say`What the day is planned by`}>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div>
          <span className="mb-1 block">{say`Served`}</span>
          <DateTimeField
            what={say`Served`}
            value={brief.servingAt}
            format={format}
            onCommit={(servingAt) =>
              document.change(say`the serving time`, (order) => ({
                ...order,
                brief: { ...order.brief, servingAt },
              }))
            }
          />
        </div>
        <label className="block">
          <span className="mb-1 block">{say`Room, ${degrees.unit}`}</span>
          <NumberField
            label={say`Room`}
            className="field w-20"
            value={degrees.shown(question.party.room)}
            min={degrees.shown(-20)}
            max={degrees.shown(50)}
            onCommit={(n) =>
              document.change(say`how warm it is`, (order) => ({
                ...order,
                brief: { ...order.brief, roomCelsius: degrees.back(n) as never },
              }))
            }
          />
        </label>
        <Stepper
          label={say`Hands`}
          value={question.room.hands}
          min={1}
          max={50}
          onChange={(hands) => desk.change(say`how many hands`, { hands })}
        />
        {isOwn && (
          <Button
            look="quiet"
            onClick={() =>
              desk.change(say`the day as Rotula would`, { way: null, moved: {}, minutes: {}, dropped: [] })
            }
          >
            <RotateCcw size={18} /> {say`as Rotula would`}
          </Button>
        )}
      </div>
      <Choice<WarmingWay>
        label={say`How it warms`}
        className="grid-cols-3"
        value={question.way}
        options={WARMING_WAYS.map((value) => ({ value, ...WAY_WORDS[value] }))}
        onChange={(way) => desk.change(say`how it warms`, { way })}
      />
    </section>
  );
}
