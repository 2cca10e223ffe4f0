import { heads, reasonKey, standing, type OrderDanger } from '@rotula/core';
import { count } from '../ui/format';
import { say } from '../language/say';
import { sentence } from '../words';
import { MustNotHave } from './MustNotHave';
import { usePaper } from './context';
import '../words/danger';

/** @param listed it says who must not have what though guests read it: without names and notes */
export function SheetHead({ title, listed = false }: { title: string; listed?: boolean }) {
  const { order, house, format, reader } = usePaper();
  const isShops = reader === 'shop';
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
      {isShops && <SheetDangers />}
      {(isShops || listed) && <MustNotHave />}
    </header>
  );
}

/** A danger that names no guest. */
const nameless = (danger: OrderDanger): OrderDanger =>
  danger.rule === 'guest-undecided'
    ? { ...danger, figures: { ...danger.figures, who: '' } }
    : danger.rule === 'against-a-limit'
      ? {
          ...danger,
          figures: {
            ...danger.figures,
            because: danger.figures.because.map((one) => ({ ...one, limit: { ...one.limit, who: '' } })),
          },
        }
      : danger;

/** What may hurt somebody, across the head of what is printed all the same: for the shop's own hands. */
function SheetDangers() {
  const { plan, format, house } = usePaper();
  const open = standing(plan.dangers).map((one) => (house.guestNames === 'nowhere' ? nameless(one) : one));
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
