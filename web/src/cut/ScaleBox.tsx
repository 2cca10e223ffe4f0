import { aimedAt, lotOn, makeUp, overSoFar, unweigh, weigh, type Cut, type Main } from '@rotula/core';
import { Scale as ScaleIcon } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { simulatedScale, type Reading } from '../devices/scale';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { SlateSection } from '../ui/Slate';
import { say } from '../language/say';

/** Weighed in one touch with wet hands: the reading settles and is kept. What is over or under is shown and can be made up. */
export function ScaleBox({ main, cut }: { main: Main; cut: Cut }) {
  const { plan, document, format } = useWorkbench();
  const [reading, setReading] = useState<Reading | null>(null);
  const stop = useRef<(() => void) | null>(null);
  useEffect(() => () => stop.current?.(), []);
  const found = plan.weighed.get(main.id);
  const aim = aimedAt(plan, main.id);
  const tolerance = Math.max(10, 0.05 * aim);
  const put = () => {
    const seed =
      document.order.cutting.entries.length * 131 +
      [...main.id].reduce((n, c) => n * 31 + c.charCodeAt(0), 7);
    stop.current = simulatedScale(aim, seed).watch((now) => {
      setReading(now);
      if (!now.settled) return;
      setReading(null);
      document.change(say`${main.name} on the scale`, (order) =>
        weigh(order, plan, {
          id: crypto.randomUUID(),
          goodId: main.id,
          grams: now.grams,
          lot: lotOn(main, document.order.brief.servingAt)?.lot.id ?? null,
          simulated: true,
          at: new Date().toISOString(),
        }),
      );
    });
  };
  const over = overSoFar(document.order, plan, main.kind);
  const next = plan.sequence.find(
    ({ main: other }) => other.kind === main.kind && !plan.weighed.has(other.id),
  )?.main;
  return (
    <SlateSection title={say`On the scale`} aside={say`simulated`}>
      <div className="flex items-center justify-between gap-4">
        <div>
          <div className="font-serif text-[2rem] leading-9 font-semibold" aria-live="polite" data-scale>
            {reading ? format.grams(reading.grams) : found ? format.grams(found.grams) : say`empty`}
          </div>
          <div className="text-sm text-chalk-soft">
            {say`aim ${format.grams(aim)}, ${format.grams(tolerance)} either way`}
          </div>
        </div>
        {found ? (
          <Button
            look="slate"
            onClick={() =>
              document.change(say`${main.name} off the scale`, (order) => unweigh(order, main.id))
            }
          >{say`Take back`}</Button>
        ) : (
          <Button look="slate" disabled={reading !== null || cut.taken <= 0} onClick={put}>
            <ScaleIcon size={20} aria-hidden /> {say`Weigh`}
          </Button>
        )}
      </div>
      {found && (
        <p className="mt-2" data-over>
          {Math.abs(found.over) <= tolerance
            ? say`${signed(found.over, format.grams)}: on target.`
            : say`${signed(found.over, format.grams)}: beside the target.`}{' '}
          {say`The order goes on with what was cut.`}
        </p>
      )}
      {Math.abs(over) >= 1 && next && (
        <div className="mt-2 flex items-center justify-between gap-3">
          <span>{say`${signed(over, format.grams)} of ${main.kind} so far.`}</span>
          <Button
            look="slate"
            onClick={() =>
              document.change(say`made up on ${next.name}`, (order) => makeUp(order, plan, next.id))
            }
          >{say`Make up on ${next.name}`}</Button>
        </div>
      )}
    </SlateSection>
  );
}

const signed = (g: number, grams: (g: number) => string): string =>
  g >= 0 ? `+${grams(g)}` : `−${grams(-g)}`;
