import { ageOn, type Cheese } from '@rotula/core';
import { say, word } from '../language/say';
import { listed } from '../ui/format';
import { ageWords } from '../words/labels';

/** What the balance wheel shows, as a table for screen readers. */
export function WheelTable({
  cheeses,
  servingAt,
  numbers,
}: {
  cheeses: readonly Cheese[];
  servingAt: string;
  numbers?: ReadonlyMap<string, number> | undefined;
}) {
  return (
    // A table takes the width that it wants, whatever its style says: so what holds it is hidden.
    <div className="sr-only">
      <table>
        <caption>{say`The balance wheel as a table`}</caption>
        <thead>
          <tr>
            <th>{say`number`}</th>
            <th>{say`cheese`}</th>
            <th>{say`texture`}</th>
            <th>{say`milk`}</th>
            <th>{say`age`}</th>
            <th>{say`strength`}</th>
          </tr>
        </thead>
        <tbody>
          {cheeses.map((cheese) => (
            <tr key={cheese.id}>
              <td>{numbers?.get(cheese.id)}</td>
              <td>{cheese.name}</td>
              <td>{word(cheese.texture)}</td>
              <td>{listed(cheese.milk.map((m) => word(m.animal)))}</td>
              <td>{ageWords(ageOn(cheese, servingAt))}</td>
              <td>{cheese.sense.intensity}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
