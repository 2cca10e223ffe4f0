import type { PaperData } from '@rotula/core';
import type { ReactNode } from 'react';
import { nameOf, vesselName } from '../drawing/names';
import { plateKitWords } from '../words/lay';
import { say, word } from '../language/say';
import { usePaper, usePlateName } from './context';
import { SheetHead } from './SheetHead';

/** What travels: boards, vessels, tools and bells, food on the board and food in the cold; ticked out, and in again. */
export default function PackingList({ data }: { data: PaperData<'packing-list'> }) {
  const { format } = usePaper();
  const named = usePlateName();
  const { boxed, many, boards, vessels, tools, bells, divided, inTheCold, apart, plates, garnish } = data;
  return (
    <>
      <SheetHead title={say`Packing list`} />
      <table className="w-full text-[12.5pt]" aria-label={say`What travels`}>
        <thead>
          <tr className="border-b-2 border-black text-left">
            <th>{say`What`}</th>
            <th className="w-[18mm]">{say`out`}</th>
            <th className="w-[18mm]">{say`in`}</th>
          </tr>
        </thead>
        <tbody>
          <Head>{boxed ? say`Boxes, packed and closed` : say`Boards, with a damp cloth for each`}</Head>
          {boards.map(({ key, board, weight }) => (
            <PackingRow
              key={key}
            >{say`${many} × ${nameOf(board)}, ${format.weight(weight).join(' ')} loaded`}</PackingRow>
          ))}
          {vessels.length > 0 && (
            <Head>{boxed ? say`In the boxes, closed` : say`Vessels, each with its tool`}</Head>
          )}
          {vessels.map(({ id, name, vessel }) => (
            <PackingRow key={id}>
              {say`${many} × ${vesselName(vessel!)}: ${name}`}
              {vessel!.tool !== 'none' && say`, with its ${word(vessel!.tool)}`}
              {vessel!.from === 'household' && <em>{say` (household)`}</em>}
            </PackingRow>
          ))}
          {tools.length > 0 && <Head>{say`Knives and tools: blades travel wrapped`}</Head>}
          {tools.map(({ id, goods, kit, standIn, picks }, i) => (
            <PackingRow key={`${id} ${i}`}>
              {picks === null
                ? say`${many} × ${word(id)}: ${goods.join(', ')}`
                : say`${picks} × ${word(id)}: ${goods.join(', ')}; count them in again`}
              {!kit && standIn && <em>{say` (missing: ${word(standIn)} will do)`}</em>}
            </PackingRow>
          ))}
          {bells.map(({ thing, ware, needs }) => (
            <PackingRow key={thing.id}>
              {say`bell for ${thing.name}: ${ware?.name ?? say`to hire, ${format.mm(needs)}`}`}
            </PackingRow>
          ))}
          {divided.map(({ id, name }) => (
            <PackingRow key={id}>{say`divider for ${name}`}</PackingRow>
          ))}
          {inTheCold.length > 0 && <Head>{say`In the cold box, held back`}</Head>}
          {inTheCold.map(({ good, held }) => (
            <PackingRow key={good.id}>{say`${good.name}, ${format.grams(held)}`}</PackingRow>
          ))}
          {apart.length > 0 && <Head>{say`Dry, for a station of their own`}</Head>}
          {apart.map(({ id, name }) => (
            <PackingRow key={id}>{name}</PackingRow>
          ))}
          {plates.length > 0 && (
            <Head>
              {boxed ? say`Boxes of their own` : say`Own plates, apart from the board, each with its card`}
            </Head>
          )}
          {plates.map(({ plate, kit }, i) => (
            <PackingRow key={i}>{plateKitWords(kit, named(plate), format)}</PackingRow>
          ))}
          {garnish.length > 0 && <Head>{say`Garnish, laid last`}</Head>}
          {garnish.map(({ good, sprigs }) => (
            <PackingRow key={good.id}>{say`${sprigs} × ${good.name}`}</PackingRow>
          ))}
        </tbody>
      </table>
      <p className="mt-[3mm] text-[11pt]">
        {say`Cold food travels at ${format.celsius(5)} or below; cards, a cloth for the blade and a bin go along.`}
      </p>
    </>
  );
}

function Head({ children }: { children: ReactNode }) {
  return (
    <tr>
      <th colSpan={3} className="pt-[3mm] text-left">
        {children}
      </th>
    </tr>
  );
}

function PackingRow({ children }: { children: ReactNode }) {
  return (
    <tr className="border-b border-black/30">
      <td>{children}</td>
      <td>☐</td>
      <td>☐</td>
    </tr>
  );
}
