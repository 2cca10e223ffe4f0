import { heldBack, sumRows, tableList, type LaidBoard, type SumRow } from '@rotula/core';
import type { ReactNode } from 'react';
import { BoardDrawing } from '../drawing/BoardDrawing';
import { nameOf } from '../drawing/names';
import { useWorkbench } from '../frame/context';
import { useLayout } from '../optimiser/useLayout';
import { allergenLabel } from '../words';
import { serviceWords, SUM_WORDS } from '../words/sum';
import { capital, count } from '../ui/format';
import { say, word } from '../language/say';
import { SheetHead } from './SheetHead';

/** What the picture may take of the sheet, mm. */
const WIDE = 120;
const HIGH = 88;

/** What the customer is offered: the picture of each board, what is on it, what it costs, what it contains. */
export default function Quote() {
  const { plan, format, document } = useWorkbench();
  const { sum, portions, lines, drinks, boards } = plan;
  if (portions.mains.length === 0) return <p>{say`There is nothing to offer yet: pick something first.`}</p>;
  const suggested = document.order.drinks === 'suggested' ? drinks : [];
  const kinds = (of: 'cheese' | 'meat') => portions.mains.filter(({ good }) => good.kind === of).length;
  const rows = sumRows(lines);
  const goods = rows.filter((row) => goodsOf(row).length > 0);
  // Nobody buys the wear of a knife: what is no good is one figure.
  const service = rows
    .filter((row) => goodsOf(row).length === 0)
    .reduce((total, { price }) => total + price, 0);
  return (
    <article data-quote>
      <SheetHead title={say`Quote`} />
      <p className="mb-[3mm] text-[13pt]">
        {kinds('meat') > 0
          ? say`${count(kinds('cheese'), 'cheese')} and ${count(kinds('meat'), 'meat')}, with all that goes with them.`
          : say`${count(kinds('cheese'), 'cheese')}, with all that goes with them.`}
      </p>
      <div className="mb-[4mm] flex flex-wrap justify-center gap-[6mm]">
        {boards.laid.map((laid) => (
          <Picture
            key={laid.key}
            laid={laid}
            many={boards.choice?.many ?? 1}
            alone={boards.laid.length === 1}
          />
        ))}
      </div>
      <table className="w-full text-[12.5pt]" aria-label={say`What it costs`}>
        <tbody>
          {goods.map((row) => (
            <Row key={row.id} name={SUM_WORDS[row.id]} price={row.price}>
              {goodsOf(row).join(', ')}
            </Row>
          ))}
          {service > 0 && <Row name={capital(serviceWords(plan.brief))} price={service} />}
        </tbody>
        <tfoot>
          <tr className="border-t-2 border-black text-[15pt] font-bold">
            <th scope="row" colSpan={2}>
              {sum.agreed === null ? say`In all` : say`The price agreed`}
            </th>
            <td className="text-right! whitespace-nowrap" data-total>
              {format.money(sum.agreed ?? sum.price)}
            </td>
          </tr>
          {sum.agreed === null && (
            <tr>
              <td colSpan={2}>{say`a head`}</td>
              <td className="text-right! whitespace-nowrap">{format.money(sum.pricePerHead)}</td>
            </tr>
          )}
        </tfoot>
      </table>
      {suggested.length > 0 && (
        <p className="mt-[3mm] text-[12pt]">
          {say`To drink with it, not in the price: ${format.list(suggested.map(({ good }) => good.name))}.`}
        </p>
      )}
      <Contains />
      <p className="mt-[3mm] text-[11pt]">
        {say`The price is for these goods at these weights. What is not on the counter on the day is replaced by what comes nearest, after a word with you. Once served, cold food is eaten or thrown away in its time: your sheet says when; local codes decide.`}
      </p>
    </article>
  );
}

const goodsOf = ({ lines }: SumRow): string[] => [
  ...new Set(lines.flatMap(({ good }) => (good ? [good.name] : []))),
];

function Row({ name, price, children }: { name: string; price: number; children?: ReactNode }) {
  const { format } = useWorkbench();
  return (
    <tr className="border-b border-black/30">
      <th scope="row" className="w-[42mm]">
        {name}
      </th>
      <td>{children}</td>
      <td className="text-right! whitespace-nowrap">{format.money(price)}</td>
    </tr>
  );
}

/** A board as it will stand there, in its colours. */
function Picture({ laid, many, alone }: { laid: LaidBoard; many: number; alone: boolean }) {
  const { board, things, question, key } = laid;
  const { answer: layout, fault } = useLayout(laid);
  if (!question) return null;
  if (!layout) return <p role="status">{fault ?? say`The board is being laid …`}</p>;
  const [w, d] = [board.length, board.round ? board.length : board.width];
  const scale = Math.min(1, (alone ? WIDE : WIDE / 2) / w, HIGH / d);
  const name = key === 'all' ? nameOf(board) : say`${word(key)}: ${nameOf(board)}`;
  return (
    <figure className="text-center">
      <svg
        className="mx-auto block overflow-visible"
        style={{ width: `${(w + 8) * scale}mm`, height: `${(d + 8) * scale}mm` }}
        viewBox={`${-w / 2 - 4} ${-d / 2 - 4} ${w + 8} ${d + 8}`}
        role="img"
        aria-label={say`The board as it is laid`}
      >
        <BoardDrawing board={board} layout={layout} things={things} />
      </svg>
      <figcaption className="mt-[2mm] text-[11pt]">
        {many > 1 ? say`${many} times ${name}, all alike` : name}
      </figcaption>
    </figure>
  );
}

/** What the table contains, and that unknown is never safe. */
function Contains() {
  const { plan, format } = useWorkbench();
  const rows = tableList(plan);
  const ids = (of: 'contains' | 'mayContain') =>
    rows.filter((row) => row[of].length > 0).map(({ id }) => allergenLabel(id));
  const [contains, may] = [ids('contains'), ids('mayContain')];
  return (
    <p className="mt-[3mm] text-[12pt]">
      <strong>{say`Allergens`}</strong>:{' '}
      {contains.length > 0 ? say`contains ${format.list(contains)}.` : say`none named.`}{' '}
      {may.length > 0 && say`May contain ${format.list(may)}.`}{' '}
      {heldBack(plan).length > 0 &&
        say`Not everything is known yet, and unknown is never safe: ask before anybody with an allergy eats of it.`}
    </p>
  );
}
