import type { Line } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { Button } from '../ui/Button';
import { SlateSection } from '../ui/Slate';
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
  const priceOf = (fits: (line: Line) => boolean) =>
    lines.filter(fits).reduce((total, line) => total + (line.price ?? 0), 0);
  const kind = (of: string) => (line: Line) => line.for === 'board' && line.good?.kind === of;
  const rows = [
    { label: say`Cheese, ${format.grams(portions.netCheese)} net`, price: priceOf(kind('cheese')) },
    { label: say`Meat, ${format.grams(portions.netMeat)} net`, price: priceOf(kind('meat')) },
    { label: say`Companions`, price: priceOf((line) => line.for === 'beside') },
    { label: say`Own plates`, price: priceOf((line) => line.for === 'own plate') },
    { label: say`Drinks`, price: priceOf((line) => line.for === 'drinks') },
    { label: say`Work`, price: priceOf(({ subject }) => subject === 'cutting' || subject === 'produce') },
    { label: say`Wear of knives`, price: priceOf((line) => line.subject === 'wear') },
    { label: say`Hire of boards`, price: priceOf((line) => line.subject === 'board hire') },
  ].filter(({ price }) => price > 0);
  const paid = sum.agreed ?? sum.price;
  const share = paid > 0 ? Math.round((100 * sum.margin) / paid) : 0;
  return (
    <SlateSection title={say`The sum`}>
      <dl className="grid grid-cols-[1fr_auto] gap-y-1" data-sum>
        {rows.map(({ label, price }) => (
          <div key={label} className="contents">
            <dt>{label}</dt>
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
