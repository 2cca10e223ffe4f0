import type { PaperData } from '@rotula/core';
import type { ReactNode } from 'react';
import { BoardDrawing } from '../drawing/BoardDrawing';
import { nameOf } from '../drawing/names';
import { allergenLabel } from '../words';
import { serviceWords, SUM_WORDS } from '../words/sum';
import { capital, count } from '../ui/format';
import { say, word } from '../language/say';
import { usePaper } from './context';
import { SheetHead } from './SheetHead';

/** What the picture may take of the sheet, mm. */
const PICTURE_WIDE = 120;
const PICTURE_HIGH = 88;

type Offer = PaperData<'quote'>;

/** What the customer is offered: the picture of each board, what is on it, what it costs, what it contains. */
export default function Quote({ data }: { data: Offer }) {
  const { plan, format } = usePaper();
  const { cheeses, meats, boards, many, rows, service, price, isAgreed, perHead, suggested } = data;
  return (
    <article data-quote>
      <SheetHead title={say`Quote`} />
      <p className="mb-[3mm] text-[13pt]">
        {meats > 0
          ? say`${count(cheeses, 'cheese')} and ${count(meats, 'meat')}, with all that goes with them.`
          : say`${count(cheeses, 'cheese')}, with all that goes with them.`}
      </p>
      <div className="mb-[4mm] flex flex-wrap justify-center gap-[6mm]">
        {boards.map((board) => (
          <Picture key={board.laid.key} board={board} many={many} alone={boards.length === 1} />
        ))}
      </div>
      <table className="w-full text-[12.5pt]" aria-label={say`What it costs`}>
        <tbody>
          {rows.map((row) => (
            <QuoteRow key={row.id} name={SUM_WORDS[row.id]} price={row.price}>
              {row.goods.join(', ')}
            </QuoteRow>
          ))}
          {service > 0 && <QuoteRow name={capital(serviceWords(plan.brief))} price={service} />}
        </tbody>
        <tfoot>
          <tr className="border-t-2 border-black text-[15pt] font-bold">
            <th scope="row" colSpan={2}>
              {isAgreed ? say`The price agreed` : say`In all`}
            </th>
            <td className="text-right! whitespace-nowrap" data-total>
              {format.money(price)}
            </td>
          </tr>
          {!isAgreed && (
            <tr>
              <td colSpan={2}>{say`a head`}</td>
              <td className="text-right! whitespace-nowrap">{format.money(perHead)}</td>
            </tr>
          )}
        </tfoot>
      </table>
      {suggested.length > 0 && (
        <p className="mt-[3mm] text-[12pt]">
          {say`To drink with it, not in the price: ${format.list(suggested)}.`}
        </p>
      )}
      <Contains data={data} />
      <p className="mt-[3mm] text-[11pt]">
        {say`The price is for these goods at these weights. What is not on the counter on the day is replaced by what comes nearest, after a word with you. Once served, cold food is eaten or thrown away in its time: your sheet says when; local codes decide.`}
      </p>
    </article>
  );
}

function QuoteRow({ name, price, children }: { name: string; price: number; children?: ReactNode }) {
  const { format } = usePaper();
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
function Picture({
  board: { laid, layout },
  many,
  alone,
}: {
  board: Offer['boards'][number];
  many: number;
  alone: boolean;
}) {
  const { board, things, key } = laid;
  const [w, d] = [board.length, board.round ? board.length : board.width];
  const scale = Math.min(1, (alone ? PICTURE_WIDE : PICTURE_WIDE / 2) / w, PICTURE_HIGH / d);
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
function Contains({ data: { contains, mayContain, unknown } }: { data: Offer }) {
  const { format, house } = usePaper();
  const labels = (ids: Offer['contains']) => format.list(ids.map(allergenLabel));
  return (
    <p className="mt-[3mm] text-[12pt]">
      <strong>{say`Allergens`}</strong>:{' '}
      {contains.length > 0 ? say`contains ${labels(contains)}.` : say`none named.`}{' '}
      {mayContain.length > 0 && say`May contain ${labels(mayContain)}.`}{' '}
      {unknown &&
        say`Allergens are still being checked, and unknown is never safe: ask before anybody with an allergy eats of it.`}{' '}
      {say`Questions about what is in it: ask ${house.onDuty || house.name}.`}
    </p>
  );
}
