import { heads } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { count } from '../ui/format';

export function SheetHead({ title }: { title: string }) {
  const { document, house, format } = useWorkbench();
  const { brief, title: name, customer } = document.order;
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
