import type { PaperData } from '@rotula/core';
import { plateLabel } from '../words';
import { safeTimeWords } from '../words/clock';
import { say } from '../language/say';
import { MustNotHave } from './MustNotHave';
import { usePaper, usePlateName } from './context';

/** A label for each plate of each wave: what lies on it, when it left the cold, and by when it is off. */
export default function OffLabels({ data: { labels } }: { data: PaperData<'off-labels'> }) {
  const { order, time, namesOf } = usePaper();
  const named = usePlateName();
  return (
    <div className="paper-grid grid grid-cols-2 gap-[6mm]">
      {labels.map(({ wave, plate, goods, from, first }, i) => (
        <article key={i} className="paper-card border-2 border-black p-[4mm]" data-label={i + 1}>
          {!plate && <MustNotHave short />}
          <p className="text-[11pt]">{order.title}</p>
          <p className="text-[13pt]">
            {wave
              ? say`Wave ${wave.number}, on the table ${time(wave.on)}`
              : plate && say`Own plate: ${plateLabel(named(plate))}`}
          </p>
          <p className="font-serif text-[30pt] leading-tight font-semibold">
            {say`off by ${time(first.offBy)}`}
          </p>
          <p className="text-[11pt]">{say`Out of the cold from ${time(from)}: ${namesOf(goods)}.`}</p>
          <p className="text-[9.5pt]">
            {say`${first.most} minutes at the most: ${safeTimeWords(first.rule)}. Then discard.`}
          </p>
        </article>
      ))}
    </div>
  );
}
