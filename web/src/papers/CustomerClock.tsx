import { overWhenServed } from '@rotula/core';
import { Link } from 'react-router';
import { useWorkbench } from '../frame/context';
import { useDay } from '../frame/useDay';
import { plateLabel } from '../words';
import { say } from '../language/say';
import { SheetHead } from './SheetHead';
import { WhenTimed } from './WhenTimed';

/** For whoever lays the board at home: what leaves the fridge when, when it is good, and when it goes. */
export default function CustomerClock() {
  const day = useDay();
  const { document, format, plan } = useWorkbench();
  const over = overWhenServed(day.timing.standing);
  const rows = [...day.timing.standing].sort((a, b) => a.out - b.out);
  return (
    <WhenTimed day={day}>
      {over.length > 0 ? (
        <Held goods={[...new Set(over.map(({ good }) => good.name))]} order={document.id} />
      ) : (
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
                  <td className="font-bold">{day.time(one.out)}</td>
                  <td>
                    {one.good.name}, {one.good.style}
                    {one.plate !== null && (
                      <em>{say`; own plate: ${plateLabel(plan.ownPlates[one.plate]!)}`}</em>
                    )}
                  </td>
                  <td>{day.time(one.wave.on)}</td>
                  <td className="font-bold">{day.time(one.offBy)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-[3mm] text-[11pt]">
            {say`Leave whole pieces in their paper until you lay them. Cool, not cold, to the back of the hand is right; a shine means too warm, beads of water only that it was cold. Local codes and licensed practice decide.`}
          </p>
        </>
      )}
    </WhenTimed>
  );
}

/** Nobody is handed a clock by which they would serve what is not safe any more. */
function Held({ goods, order }: { goods: readonly string[]; order: string }) {
  return (
    <div role="alert" className="border-l-4 border-[#a23b2a] bg-[#f9e3dd] p-4 print:border-2">
      <p className="mb-2 text-lg font-bold">{say`No clock for the customer yet: the safe time of some of this is over before it is served.`}</p>
      <p className="mb-2">{goods.join(', ')}</p>
      <p>
        <Link className="underline underline-offset-4" to={`/orders/${order}/clock`}>{say`The clock`}</Link>{' '}
        {say`shows the ways out: carry it cold, serve it sooner or in waves, or take it off.`}
      </p>
    </div>
  );
}
