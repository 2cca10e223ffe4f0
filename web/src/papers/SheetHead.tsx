import { heads, reasonKey, standing } from '@rotula/core';
import { count } from '../ui/format';
import { say } from '../language/say';
import { sentence } from '../words';
import { usePaper } from './context';

/** @param handed it goes to the customer, who reads what stands under it, not what the kitchen must mend */
export function SheetHead({ title, handed = false }: { title: string; handed?: boolean }) {
  const { order, house, format } = usePaper();
  const { brief, title: name, customer } = order;
  return (
    <header className="mb-[5mm] border-b-2 border-black pb-[2mm]">
      <div className="flex justify-between text-[11pt]">
        <span>{house.name}</span>
        <span>{title}</span>
      </div>
      <h1>{name}</h1>
      <p className="text-[13pt]">
        {format.dayYear(brief.servingAt)}, {format.time(brief.servingAt)} · {count(heads(brief), 'guest')}
        {customer && ` · ${customer}`}
        {brief.place && ` · ${brief.place}`}
      </p>
      {!handed && <SheetDangers />}
    </header>
  );
}

/** What may hurt somebody, across the head of what is printed all the same: for the shop's own hands. */
function SheetDangers() {
  const { plan, format } = usePaper();
  const open = standing(plan.dangers);
  if (open.length === 0) return null;
  return (
    <div className="mt-[2mm] border-4 border-black p-[2mm] text-[13pt] font-bold" data-sheet-dangers>
      <p>{say`Stop: not to be handed over as it stands.`}</p>
      {open.map((danger) => (
        <p key={reasonKey(danger)}>{sentence(danger, format)}</p>
      ))}
    </div>
  );
}
