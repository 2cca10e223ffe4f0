import { DRINKS_COME } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { Choice } from '../ui/Choice';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { count } from '../ui/format';
import { say } from '../language/say';

/** Pours and bottles of every drink; the person says whether they come with the order. */
export default function DrinkTable() {
  const { plan, document, format } = useWorkbench();
  if (plan.drinks.length === 0) return null;
  const words = {
    suggested: { label: say`Suggested`, hint: say`counted, not in the sum` },
    'with the order': { label: say`With the order`, hint: say`in the sum and on the list` },
  };
  return (
    <section>
      <div className="mb-2 flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-xl">{say`Drinks`}</h2>
        <Choice
          label={say`Do the drinks come with the order?`}
          className="grid-cols-2"
          value={document.order.drinks}
          options={DRINKS_COME.map((value) => ({ value, ...words[value] }))}
          onChange={(drinks) =>
            document.change(say`whether drinks come along`, (order) => ({ ...order, drinks }))
          }
        />
      </div>
      <table className="mb-8 w-full">
        <thead>
          <tr className="border-b-[1.5px] border-ink text-left text-sm text-ink-soft">
            <th className="py-1 font-normal">{say`drink`}</th>
            <th className="py-1 text-right font-normal">{say`pours`}</th>
            <th className="py-1 text-right font-normal">{say`bottles`}</th>
            <th className="py-1 text-right font-normal">{say`price`}</th>
          </tr>
        </thead>
        <tbody>
          {plan.drinks.map(({ good, pours, pour, bottles, price, guests }) => (
            <tr key={good.id} className="border-b border-line">
              <td className="py-1.5 pr-3">
                <span className="flex items-center gap-3">
                  <GoodPicture good={good} size={36} />
                  <span>
                    <span className="block text-lg leading-5 font-bold">{good.name}</span>
                    <span className="block text-sm text-ink-soft">{say`${good.style}, for ${count(guests, 'guest')}`}</span>
                  </span>
                </span>
              </td>
              <td className="text-right whitespace-nowrap">
                {pours} × {format.ml(pour)}
              </td>
              <td className="pl-2 text-right">{bottles}</td>
              <td className="pl-2 text-right whitespace-nowrap">{format.amount(price)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
