import type { Shift } from '@rotula/core';
import { useDay } from '../frame/useDay';
import { useWorkbench } from '../frame/context';
import { workWords } from '../words/clock';
import { say } from '../language/say';
import { SheetHead } from './SheetHead';
import { WhenTimed } from './WhenTimed';

/** The day by person and by time: what each pair of hands does, and what the clock itself says. */
export default function RunSheet() {
  const day = useDay();
  const { plan } = useWorkbench();
  const { hands } = plan.timing.asked.room;
  const name = ({ task }: Shift) => workWords(task, day.goodsOf);
  const byClock = day.shifts.filter((shift) => shift.hands === null || shift.start >= 0);
  const people = Array.from({ length: hands }, (_, i) => ({
    name: hands === 1 ? say`Hands` : say`Hands ${i + 1}`,
    shifts: day.shifts.filter((shift) => shift.hands === i && shift.start < 0),
  }));
  return (
    <WhenTimed day={day}>
      <SheetHead title={say`Run sheet`} />
      {people.map((one) => (
        <section key={one.name} data-person={one.name}>
          <h2 className="mt-[3mm] mb-[1mm] border-b-2 border-black text-[16pt]">{one.name}</h2>
          <Lines shifts={one.shifts} name={name} time={day.time} />
        </section>
      ))}
      <section data-person="clock">
        <h2 className="mt-[3mm] mb-[1mm] border-b-2 border-black text-[16pt]">{say`By the clock`}</h2>
        <Lines shifts={byClock} name={name} time={day.time} />
      </section>
      <p className="mt-[3mm] text-[10.5pt]">
        {say`What is out of the cold is off the table by its time; then it is discarded. Local codes and licensed practice decide.`}
      </p>
    </WhenTimed>
  );
}

function Lines({
  shifts,
  name,
  time,
}: {
  shifts: readonly Shift[];
  name: (shift: Shift) => string;
  time: (minutes: number) => string;
}) {
  return (
    <table className="w-full text-[12.5pt] leading-snug">
      <tbody>
        {shifts.map((shift) => (
          <tr key={shift.task.id} className="border-b border-black/30">
            <td className="w-[24mm] font-bold whitespace-nowrap">{time(shift.start)}</td>
            <td>{name(shift)}</td>
            <td className="w-[20mm] text-right!">{say`${shift.end - shift.start} min`}</td>
            <td className="w-[10mm]">☐</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
