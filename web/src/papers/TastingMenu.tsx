import { heads } from '@rotula/core';
import { useWorkbench } from '../order/context';
import { dayYearOf } from '../ui/format';

/** For the guests: the walk, what each is like, and what to drink and eat beside it. */
export function TastingMenu() {
  const { plan, document, house } = useWorkbench();
  const { order } = document;
  const beside = (id: string, slots: readonly string[]) =>
    (plan.pairs.byGood.get(id) ?? [])
      .filter((p) => slots.includes(p.slot))
      .flatMap((p) => (p.match ? [p.match.beside] : []));
  const allergens = [...new Set(plan.mains.flatMap((main) => main.allergens.contains))];
  return (
    <div className="mx-auto max-w-[150mm] text-center">
      <p className="text-[11pt] tracking-[0.2em] uppercase">{house.name}</p>
      <h1 className="mt-[4mm] text-[30pt]!">{order.title}</h1>
      <p className="mt-[1mm] text-[13pt]">{dayYearOf(order.brief.servingAt)}</p>
      <ol className="mt-[6mm] space-y-[3.5mm]">
        {plan.walk.steps.map(({ number, main }) => {
          const drinks = beside(main.id, ['drink', 'no-alcohol']);
          const sweet = beside(main.id, ['sweet'])[0];
          return (
            <li key={main.id} className="paper-card">
              <p className="font-serif text-[17pt] leading-tight font-semibold">
                <span className="text-[13pt] font-normal">{number}</span> {main.name}
              </p>
              <p className="text-[12pt] leading-snug">
                {main.style}
                {main.origin.region && `, ${main.origin.region}`}
              </p>
              <p className="text-[11.5pt] leading-snug italic">{main.adjectives.join(', ')}</p>
              <p className="text-[11.5pt] leading-snug">
                {sweet && `with ${sweet.style}`}
                {drinks.length > 0 && ` · ${drinks.map((d) => d.name).join(' or ')}`}
              </p>
            </li>
          );
        })}
      </ol>
      <p className="mt-[6mm] border-t border-black pt-[3mm] text-[10.5pt]">
        {heads(order.brief) > 0 && 'Taste in this order, mild to strong. '}
        On this table: {allergens.join(', ') || 'none of the declared allergens'}; the cards say which good
        contains what.
      </p>
    </div>
  );
}
