import { styleOnBoard, type LaterLine, type PaperData } from '@rotula/core';
import { say } from '../language/say';
import { usePaper } from './context';
import { SheetHead } from './SheetHead';

/** For guests who liked something: what was on the table, what it costs, whether it lies on the counter, and what is like it. */
export default function LaterList({ data: { tasted, beside } }: { data: PaperData<'to-find-again'> }) {
  return (
    <>
      <SheetHead title={say`To find again`} />
      <p className="mb-[3mm] text-[13pt]">{say`Tick what you liked and bring this to the counter.`}</p>
      <div className="grid grid-cols-2 gap-x-[10mm]">
        <Part title={say`Tasted`} lines={tasted} />
        <Part title={say`Beside`} lines={beside} />
      </div>
      <p className="mt-[3mm] border-t border-black pt-[2mm] text-[10.5pt]">
        {say`Prices of today. What is not on the counter can be ordered. Keep it cold on the way home; wrap it in paper, never in tight plastic.`}
      </p>
    </>
  );
}

const Part = ({ title, lines }: { title: string; lines: readonly LaterLine[] }) => (
  <section>
    <h2 className="mb-[1mm] border-b border-black text-[14pt]">{title}</h2>
    <ul>
      {lines.map((line) => (
        <LaterGood key={line.good.id} line={line} />
      ))}
    </ul>
  </section>
);

function LaterGood({ line: { good, number, onCounter, alike } }: { line: LaterLine }) {
  const { format, house } = usePaper();
  const unpriced = good.kind === 'drink' && !house.licensed && good.abv > 0;
  const [amount, per] = format.price(good.price.amount, good.price.per);
  return (
    <li className="paper-card flex items-start gap-[3mm] py-[1.5mm]" data-later={good.id}>
      <span className="mt-[1mm] inline-block size-[5mm] shrink-0 border-2 border-black" />
      <span className="flex-1 leading-tight">
        <strong className="text-[13pt]">
          {number !== null && <span className="font-normal">{number} </span>}
          {good.name}
        </strong>
        <span className="block text-[10.5pt]">{styleOnBoard(good)}</span>
        <span className="block text-[10.5pt]">
          {onCounter ? say`on the counter` : say`to order`}
          {alike && say`; much like it: ${alike.name}`}
        </span>
      </span>
      <span className="text-right text-[11pt] leading-tight whitespace-nowrap">
        {unpriced ? say`unpriced` : `${amount} / ${per}`}
      </span>
    </li>
  );
}
