import type { PaperData } from '@rotula/core';
import { plateLabel } from '../words';
import { say } from '../language/say';
import { usePaper, usePlateName } from './context';
import { SheetHead } from './SheetHead';

/** For whoever lays the board at home: what leaves the fridge when, when it is good, and when it goes. */
export default function CustomerClock({ data: { rows } }: { data: PaperData<'customer-clock'> }) {
  const { format, plan, time } = usePaper();
  const named = usePlateName();
  return (
    <>
      <SheetHead title={say`Your clock`} />
      <p className="mb-[3mm] text-[12pt]">
        {say`Keep everything in the fridge, at ${format.celsius(5)} or below, until its time. What has been out goes back to nobody: after its time it is thrown away.`}
      </p>
      <table className="w-full text-[12.5pt]" aria-label={say`What leaves the fridge when`}>
        <thead>
          <tr className="border-b-2 border-black text-left">
            <th>{say`Out of the fridge`}</th>
            <th>{say`What`}</th>
            <th>{say`On the table`}</th>
            <th>{say`Off by`}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((one) => (
            <tr key={one.key} className="border-b border-black/30">
              <td className="font-bold">{time(one.out)}</td>
              <td>
                {one.good.name}, {one.good.style}
                {one.plate !== null && (
                  <em>{say`; own plate: ${plateLabel(named(plan.ownPlates[one.plate]!))}`}</em>
                )}
              </td>
              <td>{time(one.wave.on)}</td>
              <td className="font-bold">{time(one.offBy)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-[3mm] text-[11pt]">
        {say`Leave whole pieces in their paper until you lay them. Cool, not cold, to the back of the hand is right; a shine means too warm, beads of water only that it was cold. Local codes and licensed practice decide.`}
      </p>
    </>
  );
}
