import {
  facesOf,
  reasonKey,
  styleOnBoard,
  type CutLine,
  type PaperData,
  type ProduceTime,
} from '@rotula/core';
import { CutDrawing } from '../drawing/CutDrawing';
import { FoldDrawing } from '../drawing/FoldDrawing';
import { ProduceDrawing } from '../drawing/ProduceDrawing';
import { EldersLine } from './MustNotHave';
import { usePaper, usePlateName } from './context';
import { SheetHead } from './SheetHead';
import { cutLabel, cutterFaces, plateLabel, produceWords, rindName, sentence, timeOutWords } from '../words';
import { basisWords } from '../words/basis';
import { say, word } from '../language/say';
import type { Format } from '../ui/format';

/** For the hands at the counter: read at arm's length. */
export default function CutSheet({ data }: { data: PaperData<'cut-sheet'> }) {
  const { format, time } = usePaper();
  const named = usePlateName();
  const { outAt, weighed } = data;
  return (
    <>
      <SheetHead title={say`Cut sheet`} />
      <EldersLine goods={data.elders} />
      {data.plates.map(({ plate, cuts }, i) => (
        <PlateFirst key={i} plate={named(plate)} cuts={cuts} format={format} />
      ))}
      {data.stations.map((station) => (
        <section key={station.id} className="cut-station" data-station={station.id}>
          <h2 className="mt-[4mm] mb-[1mm] border-b-2 border-black text-[16pt]">
            {station.id === 'cheese' ? say`Cheese` : say`Slicer`}
          </h2>
          <p className="mb-[1mm] text-[10.5pt]">
            {station.id === 'cheese'
              ? say`In this order: mild before strong, blue last. Clean knife, board and hands at each change.`
              : say`In this order: nuts and pepper last. Wipe the slicer at each change; paper between slices, the same day.`}
          </p>
          {station.lines.map((line) => (
            <CutSheetLine
              key={line.main.id}
              line={line}
              outAt={outAt[line.main.id] === undefined ? null : time(outAt[line.main.id]!)}
              found={weighed.get(line.main.id)}
            />
          ))}
        </section>
      ))}
      <ProduceRows data={data} format={format} />
      <p className="mt-[1.5mm] text-[11pt] leading-snug">
        <strong>{say`Drinks beside, suggested:`}</strong> {data.drinks.join(' · ')}
      </p>
      {data.children.length > 0 && (
        <p className="mt-[1.5mm] text-[11.5pt] leading-snug">
          <strong>{say`For children under 5:`}</strong>{' '}
          {data.children
            .map(({ good, form, grams }) =>
              form
                ? `${good.name}${grams > 0 ? ` ${format.grams(grams)}` : ''} ${word(form)}`
                : say`no ${good.name}`,
            )
            .join(' · ')}
          {say`. No picks.`}
        </p>
      )}
      {data.note && (
        <p className="mt-[1.5mm] text-[11pt] leading-snug">
          <strong>{say`Note:`}</strong> {data.note}
        </p>
      )}
      <p className="mt-[3mm] text-[10.5pt] leading-snug">{say`Cut cold, on a damp cloth, away from the hand. ${timeOutWords(data.safety, format)} Hold the rest back. Local codes and licensed practice decide.`}</p>
    </>
  );
}

/** Produce and bread: how each is cut, and when. */
function ProduceRows({ data, format }: { data: PaperData<'cut-sheet'>; format: Format }) {
  return (
    <section className="cut-station" data-station="produce">
      <h2 className="mt-[4mm] mb-[1mm] border-b-2 border-black text-[16pt]">{say`Produce and bread`}</h2>
      <table className="w-full table-fixed text-[12pt] leading-snug">
        <tbody>
          {data.produce.map(({ good, portion, cut }) => (
            <tr key={good.id} className="border-b border-black/30">
              <td className="w-[44mm]">
                <strong>{good.name}</strong>
              </td>
              <td className="w-[20mm] pr-[3mm] text-right! whitespace-nowrap">
                {format.grams(portion.gross)}
              </td>
              <td>{produceWords(cut)}</td>
              <td className="w-[40mm]">
                {cut.piece && <ProduceDrawing good={good} piece={cut.piece} format={format} print />}
              </td>
              <td className="w-[19mm] pl-[2mm]">{WHEN[cut.when]}</td>
              <td className="w-[10mm]">
                <Tick />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

type Plated = PaperData<'cut-sheet'>['plates'][number];

/** What is cut for an own plate, before all else. */
function PlateFirst({
  plate,
  cuts,
  format,
}: {
  plate: Plated['plate'];
  cuts: Plated['cuts'];
  format: Format;
}) {
  return (
    <div className="mb-[3mm] border-2 border-black p-[2mm] leading-snug" data-plate={plateLabel(plate)}>
      <p className="text-[13pt] font-bold">
        {say`Own plate`}
        {plate.guests > 1 && ` × ${plate.guests}`}
        {say`, cut first, clean board, own knife: ${plateLabel(plate)}`}
      </p>
      <p className="text-[12pt]">
        {cuts
          .map(({ line: { good, gross }, cut, produce, pieces }) =>
            [
              `${good.name} ${format.grams(gross)}`,
              pieces !== null && say` in ${pieces}`,
              cut ? ` (${cutLabel(cut.styleId)})` : produce?.piece && ` (${word(produce.form)})`,
            ]
              .filter(Boolean)
              .join(''),
          )
          .join(' · ')}
      </p>
    </div>
  );
}

const WHEN: Record<ProduceTime, string> = {
  ahead: say`ahead`,
  late: say`late`,
  last: say`last of all`,
};

const Tick = () => <span className="inline-block size-[7mm] shrink-0 border-2 border-black" />;

/** One good: lot, take, the drawing, the steps, what is out now and what is held back. */
function CutSheetLine({
  line: { number, main, portion, cut, ahead, lot, steps, guessed },
  outAt,
  found,
}: {
  line: CutLine;
  outAt: string | null;
  /** What the scale said of it. */
  found: { readonly grams: number; readonly simulated: boolean } | undefined;
}) {
  const { format } = usePaper();
  const faces = facesOf(main);
  return (
    <article className="paper-card border-b border-black/40 py-[2mm]">
      <div className="flex items-start gap-[3mm]">
        <span className="font-serif text-[17pt] leading-none font-semibold">{number}</span>
        <div className="flex-1 leading-tight">
          <strong className="text-[15pt]">{main.name}</strong>{' '}
          <span className="text-[11pt]">
            {styleOnBoard(main)}
            {lot && say` · lot ${lot}`}
          </span>
          <div className="text-[13pt]">
            <strong>{format.grams(portion.gross)}</strong>
            {portion.packs !== null && say`, ${portion.packs} whole`}
            {say` → ${cut.estimated || guessed.includes('shape') ? say`about ` : ''}${cut.pieces} × ${format.grams(cut.pieceGrams)}, ${cutLabel(cut.styleId)}`}
          </div>
          <div className="text-[11pt]">
            {say`now ${format.grams(ahead.now)}`}
            {ahead.whole >= 3 && say` · whole ${format.grams(ahead.whole)}`}
            {ahead.held >= 3 && say` · held back ${format.grams(ahead.held)}`}
            {found &&
              say` · weighed ${format.grams(found.grams)}${found.simulated ? say` (simulated scale)` : ''}`}
            {outAt && say` · out of the cold ${outAt}`}
          </div>
          {guessed.length > 0 && (
            <div className="text-[11.5pt] font-bold" data-guessed>
              {say`Told by its name only: ${basisWords(guessed)}. Look at the piece before you cut.`}
            </div>
          )}
        </div>
        <Tick />
      </div>
      <div className="mt-[1mm] flex items-start gap-[4mm]">
        <div className="w-[104mm] shrink-0">
          {cut.answer ? (
            <CutDrawing main={main} cut={cut} answer={cut.answer} steps={steps} format={format} print />
          ) : (
            <FoldDrawing main={main} cut={cut} format={format} print />
          )}
        </div>
        <ol className="flex-1 text-[11pt] leading-snug">
          {steps.map((step, i) => (
            <li key={reasonKey(step)}>
              <strong>{i + 1}</strong> {sentence(step, format)}
            </li>
          ))}
          {faces.length > 0 && (
            <li data-faces>
              <strong>{rindName(main)}</strong> {cutterFaces(faces)}
            </li>
          )}
        </ol>
      </div>
    </article>
  );
}
