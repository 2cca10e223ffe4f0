import { plan, PRACTICE_FIGURES, type House, type PracticeFigure } from '@rotula/core';
import { useMemo, useState } from 'react';
import { useCounter, useOrders } from '../api/shop';
import { NumberField } from '../ui/NumberField';
import { count, type Format } from '../ui/format';
import { figureLabel, figureTable, FIGURE_TABLES } from '../words';
import { say } from '../language/say';

/**
 * The figures of practice: each with its usual value, the house's own, and a way back. What a change touches is worked out
 * for the open orders before anybody looks at them.
 */
export default function Figures({
  house,
  format,
  onSet,
}: {
  house: House;
  format: Format;
  onSet: (practice: House['practice']) => void;
}) {
  const [table, setTable] = useState<(typeof FIGURE_TABLES)[number]>(FIGURE_TABLES[0]);
  const touched = useTouched(house);
  const own = Object.keys(house.practice).length;
  const set = (path: string, value: number | null) => {
    const { [path]: _old, ...rest } = house.practice;
    onSet(value === null ? rest : { ...rest, [path]: value });
  };
  return (
    <section aria-label={say`Figures of practice`}>
      <h2 className="mb-1 text-xl">{say`Figures of practice`}</h2>
      <p className="mb-2 text-sm text-ink-soft">
        {say`What practitioners reckon with; common practice, no published source. What you set stands for every order that is not finished.`}{' '}
        {own > 0 &&
          say`${count(own, 'figure')} of your own${touched.length > 0 ? say`, felt by: ${touched.join(', ')}` : say`, felt by no open order`}.`}
      </p>
      <div className="mb-2 flex flex-wrap gap-2" role="group" aria-label={say`Table`}>
        {FIGURE_TABLES.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={name === table}
            className="min-h-11 rounded-full px-3 hover:bg-shade aria-pressed:bg-ink aria-pressed:text-paper"
            onClick={() => setTable(name)}
          >
            {figureTable(name)}
          </button>
        ))}
      </div>
      <table className="w-full">
        <thead>
          <tr className="border-b-[1.5px] border-ink text-left text-sm text-ink-soft">
            <th className="py-1 font-normal">{say`figure`}</th>
            <th className="py-1 text-right font-normal">{say`usual`}</th>
            <th className="py-1 text-right font-normal">{say`here`}</th>
            <th aria-label={say`back`} />
          </tr>
        </thead>
        <tbody>
          {PRACTICE_FIGURES.filter(({ path }) => path.split('.')[0] === table).map((figure) => (
            <Row
              key={figure.path}
              figure={figure}
              own={house.practice[figure.path] ?? null}
              format={format}
              onSet={(value) => set(figure.path, value)}
            />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Row({
  figure,
  own,
  format,
  onSet,
}: {
  figure: PracticeFigure;
  own: number | null;
  format: Format;
  onSet: (value: number | null) => void;
}) {
  const unit = figure.unit === 'grams' ? format.small.grams : 1;
  const shown = (value: number) => Math.round((value / unit) * 100) / 100;
  const label = figureLabel(figure.path);
  return (
    <tr className="border-b border-line">
      <td className="py-1.5 pr-3">{label}</td>
      <td className="text-right whitespace-nowrap text-ink-soft">
        {shown(figure.usual)} {figure.unit === 'grams' && format.small.name}
      </td>
      <td className="py-1.5 text-right">
        <NumberField
          label={say`${label}, here`}
          className={`field w-24 text-right ${own === null ? '' : 'border-annatto font-bold'}`}
          value={shown(own ?? figure.usual)}
          max={shown(figure.most)}
          onCommit={(n) => onSet(n * unit)}
        />
      </td>
      <td className="w-20 text-right">
        {own !== null && (
          <button
            type="button"
            className="min-h-11 text-sm text-ink-soft underline underline-offset-4 hover:text-ink"
            aria-label={say`as usual: ${label}`}
            onClick={() => onSet(null)}
          >{say`as usual`}</button>
        )}
      </td>
    </tr>
  );
}

/** Open orders that the house's own figures change, by name. */
function useTouched(house: House): string[] {
  const { data: counter } = useCounter();
  const { data: orders } = useOrders();
  return useMemo(() => {
    if (!counter || !orders || Object.keys(house.practice).length === 0) return [];
    const usual = { ...house, practice: {} };
    const weigh = (order: (typeof orders)[number], by: House) => {
      const { targets, portions, sum, timing } = plan(order, counter, by);
      const { first } = timing.day.cost;
      return JSON.stringify([targets.cheeses, targets.meats, portions.net, portions.gross, sum.price, first]);
    };
    return orders
      .filter(({ state }) => state !== 'finished')
      .filter((order) => weigh(order, house) !== weigh(order, usual))
      .map(({ title }) => title);
  }, [counter, orders, house]);
}
