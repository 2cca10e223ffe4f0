import { reasonKey, type PaperData, type PlannedBoard } from '@rotula/core';
import { BoardDrawing, middleOf } from '../drawing/BoardDrawing';
import { nameOf, thingName, vesselName } from '../drawing/names';
import { BUILD_WORDS, whereWords } from '../words/lay';
import { say, word } from '../language/say';
import { usePaper } from './context';
import { SheetHead } from './SheetHead';
import { sentence } from '../words';
import { capital, type Format } from '../ui/format';

/** What the drawing may take of the sheet, mm. */
const PLAN_WIDE = 176;
const PLAN_HIGH = 150;
/** The bar of the scale, mm of the board. */
const BAR = 100;

/** The plan of each board for somebody else to build: to scale, with numbers and key, what goes where in its order, what is held back. */
export default function BoardPlan({ data }: { data: PaperData<'board-plan'> }) {
  return data.boards.map((one, i) => (
    <OnePlan key={one.laid.key} one={one} data={data} isLast={i === data.boards.length - 1} />
  ));
}

function OnePlan({
  one: { laid, layout, lines, laidAt },
  data: { many, heldBack, apart, between },
  isLast,
}: {
  one: PlannedBoard;
  data: PaperData<'board-plan'>;
  /** What lies on no board stands under the last. */
  isLast: boolean;
}) {
  const { format, time } = usePaper();
  const { board, things, key, bells, weight } = laid;
  const [w, d] = [board.length, board.round ? board.length : board.width];
  const scale = Math.min(1, PLAN_WIDE / w, PLAN_HIGH / d);
  const numbers = new Map(lines.map(({ thing }, i) => [thing.id, i + 1]));
  const name = key === 'all' ? nameOf(board) : say`${word(key)}: ${nameOf(board)}`;
  return (
    <section className={isLast ? undefined : 'break-after-page'} data-plan-of={key}>
      <SheetHead title={say`Board plan`} />
      <p className="mb-[3mm] text-[13pt]">
        {many > 1
          ? say`${many} times ${name}, all alike; one is drawn.`
          : say`On ${name}, ${format.mm(w)}${board.round ? '' : say` by ${format.mm(d)}`}.`}{' '}
        {say`The guest stands below. Printed at 100 % the drawing is 1 to ${(1 / scale).toFixed(1)}. Loaded it weighs ${format.weight(weight).join(' ')}.`}
      </p>
      <svg
        className="mx-auto block overflow-visible"
        style={{ width: `${(w + 8) * scale}mm`, height: `${(d + 40) * scale}mm` }}
        viewBox={`${-w / 2 - 4} ${-d / 2 - 4} ${w + 8} ${d + 40}`}
        role="img"
        aria-label={say`The board from above, numbered as in the list below`}
        data-board-plan={board.id}
      >
        <BoardDrawing board={board} layout={layout} things={things} print>
          {things.map((thing) => (
            <NumberOn
              key={thing.id}
              at={middleOf(layout, thing.id)}
              number={numbers.get(thing.id)}
              scale={scale}
            />
          ))}
          <g transform={`translate(${-w / 2} ${d / 2 + 16})`} stroke="#000" fill="#000">
            <path d={`M0 0h${BAR}M0 -5v10M${BAR} -5v10`} strokeWidth={1.5} fill="none" />
            <text x={BAR + 8} y={5} fontSize={4.4 / scale} stroke="none">
              {format.mm(BAR)}
            </text>
          </g>
        </BoardDrawing>
      </svg>
      {layout.violations
        .filter(({ reason }) => reason.rule === 'no-room-apart' || reason.rule === 'avoided-beside-suited')
        .map(({ reason }) => (
          <p key={reasonKey(reason)} className="border-2 border-black px-[2mm] font-bold" data-not-apart>
            {capital(sentence(reason, format))}
          </p>
        ))}
      <WhatGoesWhere lines={lines} format={format} laidAt={laidAt} time={time} />
      {isLast && heldBack.length > 0 && (
        <p className="mt-[3mm] text-[11pt]">
          {say`Held back in the cold: ${heldBack.map(({ good, held }) => `${good.name} ${format.grams(held)}`).join(', ')}.`}
        </p>
      )}
      {bells.map(({ thing, ware }) => (
        <p
          key={thing.id}
          className="text-[11pt]"
        >{say`A bell over ${thing.name}: ${ware?.name ?? say`to hire`}.`}</p>
      ))}
      {things
        .filter(({ divided }) => divided)
        .map(({ id, name }) => (
          <p key={id} className="text-[11pt]">{say`A divider round ${name}.`}</p>
        ))}
      {isLast && apart.length > 0 && (
        <p className="text-[11pt]">{say`At a station of their own: ${apart.map(({ name }) => name).join(', ')}.`}</p>
      )}
      {isLast && between.length > 0 && (
        <p className="text-[11pt]">{say`Between the boards, hot from the oven, on wood: ${between.join(', ')}.`}</p>
      )}
      <p className="mt-[2mm] text-[10.5pt]">{say`No piece is the size of the plan: keep the order and the neighbours, let loose things give way.`}</p>
    </section>
  );
}

/** What lies under each number, in the order in which it is laid. */
function WhatGoesWhere({
  lines,
  format,
  laidAt,
  time,
}: {
  lines: PlannedBoard['lines'];
  format: Format;
  laidAt: PlannedBoard['laidAt'];
  time: (minute: number) => string;
}) {
  return (
    <table className="mt-[3mm] w-full text-[11.5pt]" aria-label={say`What goes where`}>
      <tbody>
        {lines.map((line, i) => (
          <tr key={line.thing.id} className="border-b border-black/30">
            <td className="w-[9mm] font-bold">{i + 1}</td>
            <td>
              <strong>{thingName(line.thing)}</strong>{' '}
              {i === 0 || lines[i - 1]!.step !== line.step ? <em>({BUILD_WORDS[line.step]})</em> : null}
            </td>
            <td className="whitespace-nowrap">{line.thing.grams > 0 && format.grams(line.thing.grams)}</td>
            <td>
              {whereWords(line)}
              {line.thing.traits.hot
                ? say`; hot from the oven, on wood`
                : line.thing.traits.late && say`; last, at the table`}
              {laidAt[line.thing.id] !== undefined && say`, ${time(laidAt[line.thing.id]!)}`}
              {line.thing.vessel && `; ${vesselName(line.thing.vessel)}`}
              {line.thing.vessel &&
                line.thing.vessel.tool !== 'none' &&
                say`, with its ${word(line.thing.vessel.tool)}`}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function NumberOn({
  at: [x, y],
  number,
  scale,
}: {
  at: readonly [number, number];
  number: number | undefined;
  scale: number;
}) {
  if (number === undefined) return null;
  const r = 3.2 / scale;
  return (
    <g transform={`translate(${x} ${y})`}>
      <circle r={r} fill="#fff" stroke="#000" strokeWidth={0.35 / scale} />
      <text y={1.35 / scale} textAnchor="middle" fontSize={3.9 / scale} fontWeight={700}>
        {number}
      </text>
    </g>
  );
}
