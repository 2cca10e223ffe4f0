import type { PaperData, Shift } from '@rotula/core';
import { workWords } from '../words/clock';
import { say } from '../language/say';
import { EldersLine } from './MustNotHave';
import { usePaper } from './context';
import { SheetHead } from './SheetHead';

/** The day by person and by time: what each pair of hands does, and what the clock itself says. */
export default function RunSheet({ data: { hands, byClock, elders } }: { data: PaperData<'run-sheet'> }) {
  return (
    <>
      <SheetHead title={say`Run sheet`} />
      {hands.map((shifts, i) => {
        const name = hands.length === 1 ? say`Hands` : say`Hands ${i + 1}`;
        return (
          <section key={name} data-person={name}>
            <h2 className="mt-[3mm] mb-[1mm] border-b-2 border-black text-[16pt]">{name}</h2>
            <Lines shifts={shifts} />
          </section>
        );
      })}
      <section data-person="clock">
        <h2 className="mt-[3mm] mb-[1mm] border-b-2 border-black text-[16pt]">{say`By the clock`}</h2>
        <Lines shifts={byClock} />
      </section>
      <EldersLine goods={elders} />
      <p className="mt-[3mm] text-[10.5pt]">
        {say`What is out of the cold is off the table by its time; then it is discarded. Local codes and licensed practice decide.`}
      </p>
    </>
  );
}

function Lines({ shifts }: { shifts: readonly Shift[] }) {
  const { time, namesOf } = usePaper();
  return (
    <table className="w-full text-[12.5pt] leading-snug">
      <tbody>
        {shifts.map((shift) => (
          <tr key={shift.task.id} className="border-b border-black/30">
            <td className="w-[24mm] font-bold whitespace-nowrap">{time(shift.start)}</td>
            <td>{workWords(shift.task, namesOf)}</td>
            <td className="w-[20mm] text-right!">{say`${shift.end - shift.start} min`}</td>
            <td className="w-[10mm]">☐</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
