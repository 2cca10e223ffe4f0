import { useWorkbench } from '../frame/context';
import { useDay } from '../frame/useDay';
import { ruleWords } from '../words/clock';
import { say } from '../language/say';
import { WhenTimed } from './WhenTimed';

/** A label for each plate of each wave: what lies on it, when it left the cold, and by when it is off. */
export default function OffLabels() {
  const day = useDay();
  const { document, plan } = useWorkbench();
  const waves = plan.timing.asked.party.waves
    .map((wave) => ({ wave, own: day.timing.outings.filter((one) => one.wave.number === wave.number) }))
    .filter(({ own }) => own.length > 0);
  return (
    <WhenTimed day={day}>
      <div className="paper-grid grid grid-cols-2 gap-[6mm]">
        {waves.map(({ wave, own }) => {
          const first = own.reduce((a, b) => (b.offBy < a.offBy ? b : a));
          return (
            <article
              key={wave.number}
              className="paper-card border-2 border-black p-[4mm]"
              data-label={wave.number}
            >
              <p className="text-[11pt]">{document.order.title}</p>
              <p className="text-[13pt]">{say`Wave ${wave.number}, on the table ${day.time(wave.on)}`}</p>
              <p className="font-serif text-[30pt] leading-tight font-semibold">
                {say`off by ${day.time(first.offBy)}`}
              </p>
              <p className="text-[11pt]">
                {say`Out of the cold from ${day.time(Math.min(...own.map(({ out }) => out)))}: ${day.goodsOf(own.map(({ main }) => main.id))}.`}
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
