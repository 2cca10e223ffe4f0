import { refreshed, type SnapshotChange } from '@rotula/core';
import { Button } from '../ui/Button';
import { SlateSection } from '../ui/Slate';
import type { Format } from '../ui/format';
import { useWorkbench } from './context';
import { say, word } from '../language/say';

/** What is not on the counter any more as the order took it; one button takes the counter of today. */
export function ChangedSince() {
  const { plan, document, shelf, format } = useWorkbench();
  if (plan.changed.length === 0) return null;
  return (
    <SlateSection title={say`Changed on the counter since`} aside={plan.changed.length}>
      <ul className="mb-3 space-y-1" data-changed-since>
        {plan.changed.map((change) => (
          <li key={`${change.goodId} ${change.field}`}>
            <strong>{change.name}</strong> {changeWords(change, format)}
          </li>
        ))}
      </ul>
      <p className="mb-2 text-sm text-chalk-soft">{say`Prices stay as they were when the goods were chosen; of contents, allergens, treatment and verdict the stricter word holds until you refresh.`}</p>
      <Button
        look="slate"
        onClick={() => document.change(say`take the counter of today`, (order) => refreshed(order, shelf))}
      >{say`Take the counter of today`}</Button>
    </SlateSection>
  );
}

function changeWords({ field, was, is, amounts }: SnapshotChange, format: Format): string {
  switch (field) {
    case 'gone':
      return say`has left the counter`;
    case 'price':
      return amounts
        ? say`cost ${format.money(amounts.was)}, now ${format.money(amounts.is)} a ${amounts.per}`
        : say`has another price`;
    case 'contents':
      return say`has other contents`;
    case 'other':
      return say`is described otherwise`;
    default:
      return say`${word(field)}: ${was || 'none'}, now ${is || 'none'}`;
  }
}
