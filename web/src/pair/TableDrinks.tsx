import {
  isAlcoholic,
  bottlesFor,
  isDrink,
  oneOfEachColour,
  ukUnits,
  usStandardDrinks,
  type Bottles,
  type Drink,
} from '@rotula/core';
import { useMemo } from 'react';
import { useWorkbench } from '../frame/context';
import { setBottles } from './setBottles';
import { capital, signed } from '../ui/format';
import { SlateSection } from '../ui/Slate';
import { say } from '../language/say';

const NUMBERS = [say`One bottle`, say`Two bottles`, say`Three bottles`];

/** Drinks for the table: the best few over all goods, how much of each, and what is in them. */
export function TableDrinks() {
  const { plan, house } = useWorkbench();
  const drinks = useMemo(
    () => plan.pairs.candidates.drink.filter((beside): beside is Drink => isDrink(beside)),
    [plan.pairs.candidates],
  );
  const { mains } = plan;
  const { weights } = plan.pairs;
  const best = useMemo(() => bottlesFor(mains, drinks, weights), [mains, drinks, weights]);
  const colours = useMemo(() => oneOfEachColour(mains, drinks, weights), [mains, drinks, weights]);
  return (
    <>
      <SlateSection title={say`Drinks for the table`} aside={say`points over all goods`}>
        {best.map((bottles, i) => (
          <Choice key={NUMBERS[i]} name={NUMBERS[i]!} bottles={bottles} />
        ))}
        {colours && <Choice name={say`Sparkling, white and red`} bottles={colours} />}
        {best.length === 0 && (
          <p className="text-chalk-soft">{say`No drink with alcohol stands on this board. Water is always there.`}</p>
        )}
        {!house.licensed && (
          <p className="mt-2 text-sm text-chalk-soft">{say`The shop has no licence for drinks: these are styles to look for, without a price.`}</p>
        )}
      </SlateSection>
      <Poured />
    </>
  );
}

function Choice({ name, bottles }: { name: string; bottles: Bottles }) {
  const { plan, house, document, format } = useWorkbench();
  const hours = plan.brief.hours;
  return (
    <div className="border-b border-slate-line py-2 last:border-b-0" data-bottles={bottles.drinks.length}>
      <div className="flex items-baseline justify-between gap-3">
        <h3 className="font-bold">{name}</h3>
        <span className="text-leaf-lit">{signed(bottles.points, 1)}</span>
      </div>
      <ul>
        {bottles.drinks.map((drink, i) => {
          const { main, score } = bottles.worst[i]!;
          return (
            <li key={drink.id} className="py-0.5">
              {house.licensed ? drink.name : capital(drink.style)}{' '}
              <span className="text-sm text-chalk-soft">
                {house.licensed && say`${drink.style} · `}
                {bottles.drinks.length > 1 &&
                  say`from hour ${Math.floor((i * hours) / bottles.drinks.length) + 1} · `}
                {score < 0
                  ? say`worst with ${main.name}, ${signed(score, 1)}`
                  : say`no clash; least with ${main.name}, ${signed(score, 1)}`}
              </span>
            </li>
          );
        })}
      </ul>
      <button
        type="button"
        className="min-h-11 text-chalk-soft underline underline-offset-4 hover:text-chalk"
        onClick={() =>
          document.change(say`${format.list(bottles.drinks.map((d) => d.name))} for the table`, (order) =>
            setBottles(order, plan.mains, bottles.drinks, plan.pairs.weights),
          )
        }
      >{say`Pour these`}</button>
    </div>
  );
}

/** What of the board's drinks is poured, and what is in it. */
function Poured() {
  const { plan, document, house, format } = useWorkbench();
  const { drinks } = plan;
  if (drinks.length === 0) return null;
  const each = (of: (ml: number, abv: number) => number) =>
    drinks.reduce(
      (sum, { good, ml, guests }) => sum + (isAlcoholic(good) && guests > 0 ? of(ml, good.abv) / guests : 0),
      0,
    );
  return (
    <SlateSection
      title={say`Poured`}
      aside={document.order.drinks === 'with the order' ? say`with the order` : say`suggested`}
    >
      <table className="w-full">
        <tbody>
          {drinks.map(({ good, pours, bottles, price }) => (
            <tr key={good.id}>
              <th scope="row" className="py-0.5 pr-2 text-left font-normal">
                {good.name}
              </th>
              <td className="pr-2 text-right text-chalk-soft">{say`${pours} pours`}</td>
              <td className="pr-2 text-right">{say`${bottles} ${bottles === 1 ? say`bottle` : say`bottles`}`}</td>
              <td className="text-right">
                {house.licensed || !isAlcoholic(good) ? format.money(price) : say`unpriced`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {each(ukUnits) > 0 && (
        <p className="mt-2 text-sm text-chalk-soft" data-standard-drinks>
          {say`A guest who drinks has about ${each(usStandardDrinks).toFixed(1)} US standard drinks, ${each(ukUnits).toFixed(1)} UK units, over ${format.minutes(plan.brief.hours * 60)}.`}{' '}
          {say`Water and something without alcohol always stand beside; nobody is poured who drives, is pregnant or under age.`}
        </p>
      )}
    </SlateSection>
  );
}
