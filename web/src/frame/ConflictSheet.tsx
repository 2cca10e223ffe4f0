import {
  mergeByStage,
  proposedSides,
  stageDifferences,
  ROWS,
  type OrderBody,
  type Side,
  type OwnerId,
} from '@rotula/core';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { count, type Format } from '../ui/format';
import { Sheet } from '../ui/Sheet';
import type { Conflict } from './autosave';
import { bodyOf } from './draft';
import { useWorkbench } from './context';
import { STAGE_LABELS } from './stages';
import { say } from '../language/say';

/** What a stage says in one version, in a line. */
function summaryWords(
  stage: OwnerId,
  order: OrderBody,
  nameOf: (id: string) => string,
  format: Format,
): string {
  const { goods, words, servingAt, guests, limits } = ROWS[stage].summary(order);
  const parts = [
    ...words,
    ...(servingAt ? [`${format.day(servingAt)}, ${format.time(servingAt)}`] : []),
    ...(guests === undefined ? [] : [count(guests, 'guest')]),
    ...(limits === undefined ? [] : [count(limits, 'limit')]),
    ...(goods.length > 0 ? [goods.map(nameOf).join(', ')] : []),
  ];
  return parts.join(' · ') || say`all as computed`;
}

const WHO = { mine: say`changed here`, theirs: say`changed elsewhere`, both: say`changed in both` };

/** Somebody saved this order since. Both are shown stage by stage; the merge takes each stage from who changed it. */
export default function ConflictSheet({ conflict }: { conflict: Conflict }) {
  const { document, goods, format } = useWorkbench();
  const { order, resolve } = document;
  const nameOf = (id: string) => goods.get(id)?.name ?? id;
  const theirs = bodyOf(conflict.theirs);
  const differences = stageDifferences(order, theirs, conflict.base);
  const [chosen, setChosen] = useState<Partial<Record<OwnerId, Side>>>({});
  const sides = { ...proposedSides(differences), ...chosen };
  return (
    <Sheet title={say`This order was also changed elsewhere`} open onClose={() => undefined}>
      <p className="mb-4">{say`Choose, stage by stage, what shall stand. Nothing is thrown away before you do, and undo brings your own version back.`}</p>
      <ul className="divide-y divide-line border-y border-line">
        {differences.map(({ stage, changedBy }) => (
          <li key={stage} className="grid grid-cols-[110px_1fr] items-start gap-3 py-2.5">
            <div>
              <strong className="text-lg">{STAGE_LABELS[stage]}</strong>
              <span className="block text-sm text-ink-soft">{WHO[changedBy]}</span>
            </div>
            <Choice
              label={say`${STAGE_LABELS[stage]}: which version`}
              className="grid-cols-2"
              value={sides[stage] ?? 'mine'}
              options={[
                { value: 'mine', label: say`Yours`, hint: summaryWords(stage, order, nameOf, format) },
                { value: 'theirs', label: say`The other`, hint: summaryWords(stage, theirs, nameOf, format) },
              ]}
              onChange={(side) => setChosen((now) => ({ ...now, [stage]: side }))}
            />
          </li>
        ))}
        {differences.length === 0 && <li className="py-3">{say`Both versions say the same.`}</li>}
      </ul>
      <div className="mt-5 flex flex-wrap gap-3">
        <Button
          look="strong"
          onClick={() => resolve(mergeByStage(order, theirs, sides))}
        >{say`Merge as chosen`}</Button>
        <Button onClick={() => resolve(order)}>{say`Keep all of yours`}</Button>
        <Button onClick={() => resolve(theirs)}>{say`Take all of the other`}</Button>
      </div>
    </Sheet>
  );
}
