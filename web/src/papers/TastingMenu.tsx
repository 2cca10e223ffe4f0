import { heads, styleOnBoard, tableList } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { HeldWhileUnknown } from './Held';
import { allergenLabel } from '../words';
import { say } from '../language/say';

/** For the guests: the walk, what each is like, and what to drink and eat beside it. */
export function TastingMenu() {
  const { plan, document, house, format } = useWorkbench();
  const { order } = document;
  const beside = (id: string, slots: readonly string[]) =>
    (plan.pairs.byGood.get(id) ?? [])
      .filter((p) => slots.includes(p.slot))
      .flatMap((p) => (p.match ? [p.match.beside] : []));
  const rows = tableList(plan);
  const contained = rows.filter((row) => row.contains.length > 0).map((row) => allergenLabel(row.id));
  const possible = rows.filter((row) => row.contains.length === 0).map((row) => allergenLabel(row.id));
  return (
    <HeldWhileUnknown paper="menu">
      <div className="mx-auto max-w-[150mm] text-center">
        <p className="text-[11pt] tracking-[0.2em] uppercase">{house.name}</p>
        <h1 className="mt-[4mm] text-[30pt]!">{order.title}</h1>
        <p className="mt-[1mm] text-[13pt]">{format.dayYear(order.brief.servingAt)}</p>
        <ol className="mt-[5mm] space-y-[2.5mm]">
          {plan.walk.steps.map(({ number, main }) => {
            const drinks = beside(main.id, ['drink', 'no-alcohol']);
            const sweet = beside(main.id, ['sweet'])[0];
            return (
              <li key={main.id} className="paper-card">
                <p className="font-serif text-[17pt] leading-tight font-semibold">
                  <span className="text-[13pt] font-normal">{number}</span> {main.name}
                </p>
                <p className="text-[12pt] leading-snug">
                  {styleOnBoard(main)}
                  {main.origin.region && `, ${main.origin.region}`}
                </p>
                <p className="text-[11pt] leading-snug italic">{main.adjectives.join(', ')}</p>
                <p className="text-[11pt] leading-snug">
                  {sweet && say`with ${styleOnBoard(sweet)}`}
                  {drinks.length > 0 && ` · ${drinks.map((d) => d.name).join(' or ')}`}
                </p>
              </li>
            );
          })}
        </ol>
        <p className="mt-[4mm] border-t border-black pt-[2mm] text-[10pt] leading-snug">
          {heads(order.brief) > 0 && say`Taste in this order, mild to strong. `}
          {say`On this table, drinks and own plates too:`}{' '}
          {contained.join(', ') || say`none of the declared allergens`}
          {possible.length > 0 && say`; perhaps also ${possible.join(', ')}`}
          {say`. The cards say which good contains what; boards and knives are shared.`}
        </p>
      </div>
    </HeldWhileUnknown>
  );
}
