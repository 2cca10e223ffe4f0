import { courseOf, type Outing } from '@rotula/core';
import { Thermometer } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { useWorkbench } from '../frame/context';
import { simulatedProbe } from '../devices/probe';
import { Button } from '../ui/Button';
import { useKept } from '../ui/useKept';
import { NumberField } from '../ui/NumberField';
import { SlateSection } from '../ui/Slate';
import { degreesOf } from '../ui/degrees';
import { say } from '../language/say';
import type { ClockDesk } from './useClock';

/** A probe in the heart: one reading moves the forecast of this good, two fit its film. No reading lengthens a limit. */
export function Probe({ one, desk }: { one: Outing; desk: ClockDesk }) {
  const { document, house, format } = useWorkbench();
  const { clock } = document.order;
  const degrees = degreesOf(house);
  const own = clock.readings.filter(({ goodId }) => goodId === one.good.id);
  const after = 15 * (own.length + 1);
  const [typed, setTyped] = useKept<number | null>(`minutes out ${one.key}`, null, 'visit');
  const minutes = typed ?? after;
  const [feels, setFeels] = useState<number | null>(null);
  const stop = useRef<(() => void) | null>(null);
  useEffect(() => () => stop.current?.(), []);
  const keep = (celsius: number, simulated: boolean) => {
    setTyped(null);
    // Another good may be the tightest after it; this one stays in hand.
    desk.look(one.key);
    desk.change(say`a reading of the probe`, {
      readings: [...clock.readings, { goodId: one.good.id, after: minutes, celsius, simulated }],
    });
  };
  const read = () => {
    stop.current?.();
    const there = courseOf({ ...one.request, readings: [] }, one.out).at(one.out + minutes).heart;
    stop.current = simulatedProbe(there, one.good.id.length * 31 + minutes).watch(({ celsius, settled }) => {
      setFeels(celsius);
      if (!settled) return;
      setFeels(null);
      keep(celsius, true);
    });
  };
  return (
    <SlateSection title={say`Probe`} aside={say`a stand-in, simulated`}>
      <div className="flex flex-wrap items-center gap-3">
        <label className="flex items-center gap-2">
          <span>{say`Minutes out`}</span>
          <NumberField
            label={say`Minutes out`}
            className="field w-16"
            value={minutes}
            min={1}
            max={480}
            onCommit={(n) => setTyped(Math.round(n))}
          />
        </label>
        <Button look="slate" onClick={read} disabled={feels !== null}>
          <Thermometer size={18} />
          {feels === null ? say`Read the probe` : `${degrees.shown(feels)} ${degrees.unit}`}
        </Button>
        <label className="flex items-center gap-2">
          <span>{say`or typed, ${degrees.unit}`}</span>
          <NumberField
            label={say`Reading`}
            className="field w-16"
            value=""
            does
            min={degrees.shown(-20)}
            max={degrees.shown(80)}
            onCommit={(n) => keep(degrees.back(n), false)}
          />
        </label>
      </div>
      {own.length > 0 && (
        <>
          <ul className="mt-2 space-y-1" data-readings>
            {own.map(({ after: at, celsius, simulated }, i) => (
              <li key={i}>
                {say`${format.minutes(at)}: ${degrees.shown(celsius)} ${degrees.unit}`}
                {simulated && <span className="ml-2 text-sm text-chalk-soft">{say`simulated`}</span>}
              </li>
            ))}
          </ul>
          <p className="text-sm text-chalk-soft">
            {one.warming.fitted === null
              ? say`One reading: the start is put at ${format.celsius(one.warming.start)}.`
              : say`Two readings and more: the film is put at ${one.warming.fitted.toFixed(1)} W/m²K.`}{' '}
            {say`A reading never lengthens what is safe.`}
          </p>
          <button
            type="button"
            className="min-h-11 text-sm underline underline-offset-4"
            onClick={() =>
              desk.change(say`no readings`, {
                readings: clock.readings.filter(({ goodId }) => goodId !== one.good.id),
              })
            }
          >
            {say`Forget its readings`}
          </button>
        </>
      )}
    </SlateSection>
  );
}
