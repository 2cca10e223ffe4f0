import { sellingDays, type Cheese, type Good, type Lot } from '@rotula/core';
import type { Format } from '../../ui/format';
import { ageWords } from '../../words';
import { say } from '../../language/say';

/** When a lot reaches each age at which its line is sold. */
export function SellingDays({
  cheese,
  lot,
  counter,
  format,
  today,
}: {
  cheese: Cheese;
  lot: Lot;
  counter: readonly Good[];
  format: Format;
  today: string;
}) {
  const days = sellingDays(cheese, lot, counter);
  if (days.length === 0) return null;
  return (
    <p className="mt-3 text-ink-soft" data-selling-days>
      {say`Sold at:`}{' '}
      {days.map(({ ageDays, on }, i) => (
        <span key={ageDays}>
          {i > 0 && ' · '}
          {ageWords(ageDays)}{' '}
          <span className={on > today ? 'font-bold text-ink' : ''}>
            {on > today ? say`on ${format.dayYear(on)}` : say`since ${format.dayYear(on)}`}
          </span>
        </span>
      ))}
    </p>
  );
}
