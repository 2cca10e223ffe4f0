import type { VitalFigures as Figures } from '@rotula/core';
import type { Format } from '../ui/format';
import { count } from '../ui/format';
import { Vital } from '../ui/Slate';
import { say } from '../language/say';

/** The figures that are always in view. `reach` is the best dial on this counter, once it is known. */
export function VitalFigures({
  figures,
  format,
  reach,
}: {
  figures: Figures;
  format: Format;
  reach: number | null;
}) {
  const { budget, remaining, price } = figures;
  const [weight, unit] = format.weight(figures.net);
  const dial = Math.round(figures.dial);
  const over = remaining !== null && remaining < 0;
  return (
    <div className="flex gap-4">
      <Vital
        label={say`balance`}
        figure={dial}
        unit={reach === null ? say`of 100` : say`of ${Math.max(dial, Math.round(reach))}`}
        bar={figures.dial}
        below={count(figures.cautions, 'caution')}
      />
      <Vital
        label={say`net weight`}
        figure={weight}
        unit={unit}
        below={say`${format.grams(figures.perHead)} a head`}
      />
      <Vital
        label={budget === null ? say`cost` : say`cost of ${format.amount(budget)}`}
        figure={format.amount(price)}
        bar={budget === null ? undefined : (100 * price) / budget}
        tone={over ? 'wax' : 'leaf'}
        below={
          budget === null
            ? say`${format.amount(figures.pricePerHead)} a head, ${format.currency}`
            : over
              ? say`over the budget`
              : say`${format.amount(remaining!)} left, ${format.currency}`
        }
      />
    </div>
  );
}
