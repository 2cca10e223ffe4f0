import { isCheese, type Order } from '@rotula/core';
import useSWR from 'swr';
import { api } from '../api/client';
import { VitalFigures } from '../frame/VitalFigures';
import type { Format } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { SlateHead, SlateSection } from '../ui/Slate';
import { BalanceWheel } from '../wheel/BalanceWheel';
import { lineOf } from '../words/goods';
import { say } from '../language/say';

/** What an order comes to, without opening it: worked out by the server, since the book has no computation of its own. */
export default function Preview({
  order,
  format,
  part,
}: {
  order: Order;
  format: Format;
  part: 'wheel' | 'slate';
}) {
  const { data } = useSWR(['preview', order.id, order.version], () => api.preview(order.id), {
    revalidateOnFocus: false,
  });
  if (!data) return null;
  const { steps, vital, axes, families } = data;
  if (part === 'wheel')
    return (
      <BalanceWheel
        cheeses={steps.map(({ main }) => main).filter(isCheese)}
        axes={axes}
        families={new Set(families)}
        servingAt={order.brief.servingAt}
        numbers={new Map(steps.map(({ number, main }) => [main.id, number]))}
      />
    );
  return (
    <>
      <SlateHead>
        <VitalFigures figures={vital} format={format} reach={null} />
      </SlateHead>
      <SlateSection title={order.title}>
        {steps.length === 0 && (
          <p className="text-chalk-soft">{say`Nothing picked yet: open it and Rotula proposes.`}</p>
        )}
        <ol>
          {steps.map(({ number, main }) => (
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
        <SlateSection title={say`Said on the telephone`}>
          <p>{order.note}</p>
        </SlateSection>
      )}
    </>
  );
}
