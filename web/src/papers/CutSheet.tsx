import { cutSheet, edibleShare, reasonKey, styleOnBoard } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { SheetHead } from './SheetHead';
import { cutLabel, plateLabel, sentence, timeOutWords } from '../words';
import { say, word } from '../language/say';

/** For the hands at the counter: read at arm's length. */
export function CutSheet() {
  const { plan, format, document } = useWorkbench();
  // A guest with a plate of their own has a box for it; the others read the cards.
  const plated = new Set(plan.ownPlates.flatMap(({ limits }) => limits.map(({ what }) => what)));
  const byCard = plan.cautions.filter((c) => c.rule === 'guest’s limit' && !plated.has(c.subject));
  return (
    <>
      <SheetHead title={say`Cut sheet`} />
      {plan.ownPlates.map((plate) => (
        <div
          key={plateLabel(plate)}
          className="mb-[3mm] border-2 border-black p-[2mm] leading-snug"
          data-plate={plateLabel(plate)}
        >
          <p className="text-[13pt] font-bold">
            {say`Own plate`}
            {plate.guests > 1 && ` × ${plate.guests}`}
            {say`, cut first, clean board, own knife: ${plateLabel(plate)}`}
          </p>
          <p className="text-[12pt]">
            {plate.lines.map(({ good, gross }) => `${good.name} ${format.grams(gross)}`).join(' · ')}
          </p>
        </div>
      ))}
      {byCard.map((caution) => (
        <p key={reasonKey(caution)} className="mb-[3mm] border-2 border-black p-[2mm] text-[13pt] font-bold">
          {sentence(caution, format)}
        </p>
      ))}
      <table className="w-full text-[12.5pt] leading-snug">
        <thead>
          <tr className="border-b border-black text-[10pt]">
            <th />
            <th>{say`good`}</th>
            <th className="text-right!">{say`weigh out`}</th>
            <th>{say`cut`}</th>
            <th>{say`done`}</th>
          </tr>
        </thead>
        <tbody>
          {cutSheet(plan).map(({ number, main, portion, cut }) => (
            <tr key={main.id} className="border-b border-black/30">
              <td className="font-serif text-[17pt] leading-none font-semibold">{number}</td>
              <td className="min-w-[46mm]">
                <strong className="text-[15pt]">{main.name}</strong>
                <div className="text-[11pt]">{styleOnBoard(main)}</div>
              </td>
              <td className="text-right!">
                <strong className="text-[15pt] whitespace-nowrap">{format.grams(portion.gross)}</strong>
                <div className="text-[11pt] whitespace-nowrap">
                  {portion.packs !== null && say`${portion.packs} whole, `}
                  {edibleShare(main) < 0.97 ? say`${format.grams(portion.net)} net` : say`all eaten`}
                </div>
              </td>
              <td>
                <strong>
                  {cut.pieces} × {format.grams(cut.pieceGrams)}
                </strong>
                , {cutLabel(cut.styleId, format)}
                <div className="text-[11pt]">
                  {word(cut.tool)}
                  {cut.wheel &&
                    say` · wheel: ${Math.round(cut.wheel.angle)}°, ${format.mm(cut.wheel.chordMm)} on the rim${cut.wheel.split ? say`, split` : ''}`}
                  {main.kind === 'cheese' &&
                    ['cut off', 'decoration'].includes(main.rind.verdict) &&
                    say` · ${word(main.rind.kind)} rind is not eaten`}
                </div>
              </td>
              <td>
                <span className="inline-block size-[7mm] border-2 border-black" />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-[3mm] text-[11pt] leading-snug">
        <strong>{say`Beside:`}</strong>{' '}
        {plan.portions.companions
          .filter((p) => p.net > 0)
          .map((p) => `${p.good.name} ${format.grams(p.net)}`)
          .join(' · ')}
      </p>
      <p className="mt-[1.5mm] text-[11pt] leading-snug">
        <strong>{say`Drinks beside, suggested:`}</strong>{' '}
        {plan.pairs.set
          .filter((e) => e.beside.kind === 'drink')
          .map((e) => e.beside.name)
          .join(' · ')}
      </p>
      {plan.children.length > 0 && (
        <p className="mt-[1.5mm] text-[11.5pt] leading-snug">
          <strong>{say`For children under 5:`}</strong>{' '}
          {plan.children
            .map(({ good, form, grams, instead }) =>
              form
                ? `${good.name}${grams > 0 ? ` ${format.grams(grams)}` : ''} ${word(form)}`
                : say`no ${good.name}${instead ? say`, ${instead.name} instead` : ''}`,
            )
            .join(' · ')}
          {say`. No picks.`}
        </p>
      )}
      {document.order.note && (
        <p className="mt-[1.5mm] text-[11pt] leading-snug">
          <strong>{say`Note:`}</strong> {document.order.note}
        </p>
      )}
      <p className="mt-[3mm] text-[10.5pt] leading-snug">{say`Cut cold, on a damp cloth, away from the hand. ${timeOutWords(format)} Hold the rest back. Local codes and licensed practice decide.`}</p>
    </>
  );
}
