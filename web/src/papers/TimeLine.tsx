import type { PaperData } from '@rotula/core';
import { addMinutes, lightFormat } from 'date-fns';
import { say } from '../language/say';
import { OwnWords } from './cards/parts';
import { usePaper } from './context';
import { SheetHead } from './SheetHead';

/** For the host of a seated tasting: when each good is served, what is poured with it, what to say before it. */
export default function TimeLine({ data: pace }: { data: PaperData<'time-line'> }) {
  const { order, format } = usePaper();
  const { brief } = order;
  const at = (minutes: number) =>
    format.time(lightFormat(addMinutes(new Date(brief.servingAt), minutes), "yyyy-MM-dd'T'HH:mm"));
  return (
    <>
      <SheetHead title={say`Time line for the host`} />
      <table className="w-full text-[12pt]" aria-label={say`Time line for the host`}>
        <thead>
          <tr className="border-b border-black text-left">
            <th scope="col" className="w-[22mm] py-[1mm]">{say`Time`}</th>
            <th scope="col">{say`Taste`}</th>
            <th scope="col">{say`Pour`}</th>
          </tr>
        </thead>
        <tbody>
          {pace.steps.map(({ at: minutes, number, good: main, words, pours, cleanse }) => (
            <tr key={main.id} className="border-b border-black/30 align-top">
              <td className="py-[1.5mm] font-bold">{at(minutes)}</td>
              <td className="py-[1.5mm]">
                {cleanse && (
                  <span className="block text-[10pt]">
                    {pace.cleanser
                      ? say`First a bite of ${pace.cleanser.name} (${format.grams(pace.cleanserEach)} a head) and water.`
                      : say`First a sip of water.`}
                  </span>
                )}
                <strong>
                  {number} {main.name}
                </strong>
                , {main.style}
                <OwnWords className="text-[10pt]" words={words} />
              </td>
              <td className="py-[1.5mm]">{pours ? pours.name : number > 1 ? say`the glass stays` : '–'}</td>
            </tr>
          ))}
          <tr>
            <td className="py-[1.5mm] font-bold">{at(pace.minutes)}</td>
            <td className="py-[1.5mm]" colSpan={2}>{say`End; what is left over goes round once more.`}</td>
          </tr>
        </tbody>
      </table>
      <p className="mt-[4mm] text-[11pt]">
        {say`Plates go clockwise, numbered as here. Taste the drink alone first, then bite, then sip.`}{' '}
        {say`Water: ${format.ml(pace.water * 1000)} for all.`}{' '}
        {pace.poured.map(({ drink, ml }) => say`${drink.name}: ${format.ml(ml)}. `).join('')}
        {say`Nobody is poured who drives, is pregnant or under age; something without alcohol stands beside.`}
      </p>
    </>
  );
}
