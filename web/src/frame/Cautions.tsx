import { reasonKey } from '@rotula/core';
import { ShieldAlert } from 'lucide-react';
import { capital } from '../ui/format';
import { Callout, SlateSection } from '../ui/Slate';
import { useWorkbench } from './context';
import { sentence } from '../words';
import { say, word } from '../language/say';

/** Cautions with source and country. They are never left; local codes and licensed practice decide. */
export function Cautions() {
  const { plan, goods, format } = useWorkbench();
  const nameOf = (id: string) => goods.get(id)?.name ?? id;
  if (plan.cautions.length === 0) return null;
  return (
    <SlateSection title={say`Cautions`} aside={plan.cautions.length}>
      <ul className="space-y-2.5">
        {plan.cautions.map((caution) => (
          <li key={reasonKey(caution)}>
            <Callout>
              <div className="flex gap-2.5">
                <ShieldAlert size={18} className="mt-0.5 shrink-0 text-butter" aria-hidden />
                <div>
                  {capital(sentence(caution, format))}
                  <div className="mt-1 text-sm text-chalk-soft">
                    {caution.goods.length > 0 &&
                      `${caution.goods.slice(0, 5).map(nameOf).join(', ')}${caution.goods.length > 5 ? say` and ${caution.goods.length - 5} more` : ''}. `}
                    {word(caution.source)} ({word(caution.country)})
                  </div>
                </div>
              </div>
            </Callout>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-sm text-chalk-soft">{say`Local codes and licensed practice decide.`}</p>
    </SlateSection>
  );
}

/** The short form for stages whose slate is full: how many, and the guests' own ones in full. */
export function GuestCautions() {
  const { plan, format } = useWorkbench();
  const own = plan.cautions.filter((caution) => caution.rule === 'guests-limit');
  return (
    <>
      {own.map((caution) => (
        <Callout key={reasonKey(caution)}>{capital(sentence(caution, format))}</Callout>
      ))}
    </>
  );
}
