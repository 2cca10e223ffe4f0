import type { OrderBody } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { Stepper } from '../ui/Stepper';
import { say } from '../language/say';

/** How the food goes out: in how many waves, how much of it first, how far that stretches, and whose rule bounds it. */
export function WaveFields() {
  const { plan, document, format } = useWorkbench();
  const { waves, brief } = plan;
  const set = (what: string, part: Partial<OrderBody['waves']>) =>
    document.change(what, (order) => ({ ...order, waves: { ...order.waves, ...part } }));
  if (plan.mains.length === 0) return null;
  return (
    <section
      className="mb-6 grid gap-x-10 gap-y-2 rounded-lg border border-line px-4 py-3 min-[760px]:grid-cols-2"
      aria-label={say`Waves`}
    >
      <Stepper
        label={say`Waves`}
        hint={
          waves.byHand ? say`by hand` : say`${brief.hours} h, ${format.minutes(waves.safe)} out at the most`
        }
        value={waves.count}
        min={1}
        max={6}
        onChange={(count) => set(say`the waves`, { count, first: null })}
      />
      {waves.count > 1 && (
        <Stepper
          label={say`In the first, per cent`}
          hint={say`the rest is held back, cold and covered`}
          value={Math.round(100 * waves.first)}
          min={10}
          max={90}
          onChange={(percent) => set(say`the first wave`, { first: percent / 100 })}
        />
      )}
      <p className="text-sm text-ink-soft min-[760px]:col-span-2">
        {waves.firstLasts !== null
          ? say`At the usual pace the first wave is eaten after ${format.minutes(Math.round(waves.firstLasts * 12) * 5)}; each wave goes out on a fresh plate with its own clock. Time out: ${waves.rule.source}; local codes and licensed practice decide.`
          : say`All goes out at once. Time out: ${waves.rule.source}; local codes and licensed practice decide.`}{' '}
        {waves.byHand && (
          <button
            type="button"
            className="underline underline-offset-4 hover:text-ink"
            onClick={() => set(say`the waves as computed`, { count: null, first: null })}
          >{say`as computed`}</button>
        )}
      </p>
    </section>
  );
}
