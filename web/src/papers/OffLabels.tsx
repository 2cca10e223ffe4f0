import { useWorkbench } from '../frame/context';
import { useDay } from '../frame/useDay';
import { plateLabel } from '../words';
import { ruleWords } from '../words/clock';
import { say } from '../language/say';
import { WhenTimed } from './WhenTimed';

/** A label for each plate of each wave: what lies on it, when it left the cold, and by when it is off. */
export default function OffLabels() {
  const day = useDay();
  const { document, plan } = useWorkbench();
  const { standing } = day.timing;
  const labels = [
    ...plan.timing.asked.party.waves.map((wave) => ({
      title: say`Wave ${wave.number}, on the table ${day.time(wave.on)}`,
      own: standing.filter((one) => one.plate === null && one.wave.number === wave.number),
    })),
    ...plan.ownPlates.map((plate, i) => ({
      title: say`Own plate: ${plateLabel(plate)}`,
      own: standing.filter((one) => one.plate === i),
    })),
  ].filter(({ own }) => own.length > 0);
  return (
    <WhenTimed day={day}>
      <div className="paper-grid grid grid-cols-2 gap-[6mm]">
        {labels.map(({ title, own }, i) => {
          const first = own.reduce((a, b) => (b.offBy < a.offBy ? b : a));
          return (
            <article key={title} className="paper-card border-2 border-black p-[4mm]" data-label={i + 1}>
              <p className="text-[11pt]">{document.order.title}</p>
              <p className="text-[13pt]">{title}</p>
              <p className="font-serif text-[30pt] leading-tight font-semibold">
                {say`off by ${day.time(first.offBy)}`}
              </p>
              <p className="text-[11pt]">
                {say`Out of the cold from ${day.time(Math.min(...own.map(({ out }) => out)))}: ${day.goodsOf(own.map(({ good }) => good.id))}.`}
              </p>
              <p className="text-[9.5pt]">
                {say`${first.most} minutes at the most: ${ruleWords(first.rule)}. Then discard.`}
              </p>
            </article>
          );
        })}
      </div>
    </WhenTimed>
  );
}
