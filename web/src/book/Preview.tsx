import { familiesLeft, isCheese, plan as planOf, type Good, type House, type Order } from '@rotula/core';
import { useMemo } from 'react';
import { VitalFigures } from '../frame/VitalFigures';
import { BalanceWheel } from '../wheel/BalanceWheel';
import { formatFor } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { SlateHead, SlateSection } from '../ui/Slate';
import { lineOf } from '../words';

type Shop = { readonly counter: readonly Good[]; readonly house: House };

/** What an order comes to, without opening it. */
export default function Preview({
  order,
  counter,
  house,
  part,
}: { order: Order; part: 'wheel' | 'slate' } & Shop) {
  const plan = useMemo(() => planOf(order, counter, house), [order, counter, house]);
  const format = useMemo(() => formatFor(house), [house]);
  const numbers = new Map(plan.walk.steps.map((s) => [s.main.id, s.number]));
  if (part === 'wheel')
    return (
      <BalanceWheel
        cheeses={plan.mains.filter(isCheese)}
        balance={plan.balance}
        families={familiesLeft(counter, plan.targets)}
        servingAt={order.brief.servingAt}
        numbers={numbers}
      />
    );
  return (
    <>
      <SlateHead>
        <VitalFigures plan={plan} format={format} reach={null} />
      </SlateHead>
      <SlateSection title={order.title}>
        {plan.mains.length === 0 && (
          <p className="text-chalk-soft">Nothing picked yet: open it and Rotula proposes.</p>
        )}
        <ol>
          {plan.walk.steps.map(({ number, main }) => (
            <li key={main.id} className="flex items-center gap-3 py-1">
              <span className="w-5 text-right text-chalk-soft">{number}</span>
              <GoodPicture good={main} size={38} />
              <span>
                <span className="block text-lg leading-5 font-bold">{main.name}</span>
                <span className="block text-sm text-chalk-soft">{lineOf(main, order.brief.servingAt)}</span>
              </span>
            </li>
          ))}
        </ol>
      </SlateSection>
      {order.note && (
        <SlateSection title="Said on the telephone">
          <p>{order.note}</p>
        </SlateSection>
      )}
    </>
  );
}
