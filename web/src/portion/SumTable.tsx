import { sumRows } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { SlateSection } from '../ui/Slate';
import { SUM_WORDS } from '../words/sum';
import { say } from '../language/say';

/** The lines of all stages by what they are for, and what the shop pays and keeps. */
export function SumTable() {
  const { plan, document, format } = useWorkbench();
  const agree = (price: number | null) =>
    document.change(price === null ? say`no agreed price` : say`the agreed price`, (order) => ({
      ...order,
      agreed: price,
    }));
  const { portions, lines, sum } = plan;
  const labels = {
    ...SUM_WORDS,
    cheese: say`Cheese, ${format.grams(portions.netCheese)} net`,
    meat: say`Meat, ${format.grams(portions.netMeat)} net`,
  };
  const rows = sumRows(lines);
  const paid = sum.agreed ?? sum.price;
  const share = paid > 0 ? Math.round((100 * sum.margin) / paid) : 0;
  return (
    <SlateSection title={say`The sum`}>
      <dl className="grid grid-cols-[1fr_auto] gap-y-1" data-sum>
        {rows.map(({ id, price }) => (
          <div key={id} className="contents">
            <dt>{labels[id]}</dt>
            <dd className="text-right">{format.money(price)}</dd>
          </div>
        ))}
        <dt className="border-t border-slate-line pt-1 font-bold">{say`The customer pays`}</dt>
        <dd className="border-t border-slate-line pt-1 text-right font-bold">{format.money(sum.price)}</dd>
        <dt className="text-chalk-soft">{say`a head`}</dt>
        <dd className="text-right text-chalk-soft">{format.money(sum.pricePerHead)}</dd>
        <dt className="text-chalk-soft">{say`the shop pays`}</dt>
        <dd className="text-right text-chalk-soft">{format.money(sum.cost)}</dd>
        <dt className="text-chalk-soft">{say`margin, ${share} %`}</dt>
        <dd className="text-right text-chalk-soft">{format.money(sum.margin)}</dd>
      </dl>
      {sum.agreed === null ? (
        sum.price > 0 && (
          <Button look="slate" className="mt-3" onClick={() => agree(sum.price)}>
            {say`Agree on ${format.money(sum.price)}`}
          </Button>
        )
      ) : (
        <p className="mt-3" data-agreed>
          {say`Agreed: ${format.money(sum.agreed)}.`}{' '}
          {sum.price !== sum.agreed &&
            say`It would be ${format.money(sum.price)} now; the difference is margin.`}{' '}
          <button type="button" className="min-h-11 underline underline-offset-4" onClick={() => agree(null)}>
            {say`open again`}
          </button>
        </p>
      )}
      <p className="mt-2 text-sm text-chalk-soft">
        {say`A jar that the shop opens is charged by the share used. What the shop pays is by the supplier’s price where a good has one, else by the house’s margin.`}
      </p>
    </SlateSection>
  );
}
