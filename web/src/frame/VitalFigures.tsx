import type { Plan } from '@rotula/core';
import type { Format } from '../ui/format';
import { count } from '../ui/format';
import { Vital } from '../ui/Slate';

/** The figures that are always in view. `reach` is the best dial on this counter, once it is known. */
export function VitalFigures({ plan, format, reach }: { plan: Plan; format: Format; reach: number | null }) {
  const { portions, balance, targets } = plan;
  const [weight, unit] = format.weight(portions.net);
  const dial = Math.round(balance.dial);
  const budget = portions.budget;
  const over = portions.remaining !== null && portions.remaining < 0;
  // Those with a plate of their own are not fed from the board, nor are infants.
  const atBoard = targets.headsThatEat - plan.ownPlates.reduce((sum, plate) => sum + plate.guests, 0);
  const perHead = atBoard > 0 ? portions.net / atBoard : 0;
  return (
    <div className="flex gap-4">
      <Vital
        label="balance"
        figure={dial}
        unit={reach === null ? 'of 100' : `of ${Math.max(dial, Math.round(reach))}`}
        bar={balance.dial}
        below={count(plan.cautions.length, 'caution')}
      />
      <Vital label="net weight" figure={weight} unit={unit} below={`${format.grams(perHead)} a head`} />
      <Vital
        label={budget === null ? 'cost' : `cost of ${format.amount(budget)}`}
        figure={format.amount(portions.cost)}
        bar={budget === null ? undefined : (100 * portions.cost) / budget}
        tone={over ? 'wax' : 'leaf'}
        below={
          budget === null
            ? `${format.amount(portions.costPerHead)} a head, ${format.currency}`
            : over
              ? 'over the budget'
              : `${format.amount(portions.remaining!)} left, ${format.currency}`
        }
      />
    </div>
  );
}
