import { heads } from '@rotula/core';
import { count } from '../ui/format';
import { usePaper } from './context';

export function SheetHead({ title }: { title: string }) {
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
    </header>
  );
}
