import { overOf, swap, isMain, type Goes } from '@rotula/core';
import { useMemo } from 'react';
import { useWorkbench } from '../frame/context';
import { SlateSection } from '../ui/Slate';
import { say } from '../language/say';

const GOES: Record<Goes, string> = {
  'with the order': say`wrapped, with the order: it is paid for`,
  'open jar': say`stays as an open jar, dated`,
  'second use': say`offcuts: a second use, to grate, bake or taste`,
};

/** What is over, where it goes, and what would leave less. */
export function OverList() {
  const { document, plan, shelf, format } = useWorkbench();
  const over = useMemo(() => overOf(document.order, plan, shelf), [document.order, plan, shelf]);
  if (over.length === 0) return null;
  return (
    <SlateSection title={say`What is over`}>
      <ul className="space-y-1.5" data-over-list>
        {over.map(({ good, grams, goes, instead }) => (
          <li key={`${good.id} ${goes}`}>
            <span className="flex justify-between gap-3">
              <strong>{good.name}</strong>
              <span>{say`about ${format.grams(grams)}`}</span>
            </span>
            <span className="block text-sm text-chalk-soft">
              {GOES[goes]}
              {instead && (
                <>
                  {' · '}
                  {say`${instead.good.name} would leave ${instead.left < 1 ? say`nothing` : format.grams(instead.left)}`}
                </>
              )}
            </span>
            {instead && isMain(good) && (
              <button
                type="button"
                data-leaves-less={instead.good.id}
                className="min-h-11 underline underline-offset-4"
                onClick={() =>
                  document.change(say`${instead.good.name} for ${good.name}`, (order) =>
                    swap(order, good.id, instead.good.id),
                  )
                }
              >{say`Take ${instead.good.name}`}</button>
            )}
          </li>
        ))}
      </ul>
      <p className="mt-2 text-sm text-chalk-soft">
        {say`To stock goes back only what never left the shop, closed and cold. What stood out, or lies at a customer’s, does not.`}
      </p>
    </SlateSection>
  );
}
