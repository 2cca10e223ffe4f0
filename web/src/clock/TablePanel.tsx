import { goneAfter, goneFirst, overWaves } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { SlateSection } from '../ui/Slate';
import { say } from '../language/say';
import type { ClockDesk } from './useClock';

/** What to feel and see while it stands, and what it means. */
const INSPECT = [
  () => say`Cool, not cold, to the back of the hand: right.`,
  () => say`Shine on the face: too warm. Shade, or another place.`,
  () => say`Beads of water on a cold face: dew, not fat. It goes as it warms.`,
  () => say`Edges that curl: dry. Cover, or a fresh plate.`,
  () => say`A crust on the jam: a fresh bowl.`,
];
const PACE = [0.5, 1, 1.5, 2, 3];

/** While it stands: the waves, how fast it goes, what to look for, and who keeps the table. */
export function TablePanel({ desk }: { desk: ClockDesk }) {
  const { plan, document, format } = useWorkbench();
  const { clock } = document.order;
  const { party } = plan.timing.question;
  const soon = goneFirst([...plan.portions.mains, ...plan.portions.companions].map(({ good }) => good)).map(
    ({ name }) => name,
  );
  const flag = (label: string, hint: string, on: boolean, set: (on: boolean) => void) => (
    <label className="flex min-h-11 items-start gap-3 py-1">
      <input
        type="checkbox"
        className="mt-1 size-5 accent-[#e9b44c]"
        checked={on}
        onChange={(e) => set(e.target.checked)}
      />
      <span>
        {label}
        <span className="block text-sm text-chalk-soft">{hint}</span>
      </span>
    </label>
  );
  return (
    <>
      <SlateSection title={say`Waves`} aside={say`each on a fresh plate`}>
        <ul className="space-y-2" data-waves>
          {party.waves.map((wave, i) => {
            const own = desk.timing.standing.filter(
              (one) => one.plate === null && one.wave.number === wave.number,
            );
            const first = Math.min(...own.map(({ out }) => out));
            return (
              <li key={wave.number}>
                {own.length > 0
                  ? say`Wave ${wave.number}: out of the cold from ${desk.time(first)}, on the table ${desk.time(wave.on)}, off ${desk.time(Math.min(wave.off, ...own.map(({ offBy }) => offBy)))}.`
                  : say`Wave ${wave.number}: nothing is held back for it.`}{' '}
                <span className="text-sm text-chalk-soft">
                  {format.grams(overWaves(plan.portions.net, plan.waves)[i]!)}
                </span>
              </li>
            );
          })}
        </ul>
        <p className="mt-2 text-sm text-chalk-soft">
          {say`At the usual pace ${PACE.filter((hours) => hours <= plan.brief.hours)
            .map((hours) => say`${Math.round(100 * goneAfter(hours))} % is gone by ${desk.time(hours * 60)}`)
            .join(', ')}.`}{' '}
          {soon.length > 0 && say`What runs out first, most often: ${format.list(soon)}.`}
        </p>
      </SlateSection>
      <SlateSection title={say`Look and feel`}>
        <ul className="list-disc space-y-1 pl-5">
          {INSPECT.map((says, i) => (
            <li key={i}>{says()}</li>
          ))}
        </ul>
      </SlateSection>
      <SlateSection title={say`How it is kept`}>
        {flag(
          say`The customer keeps the table`,
          say`at home the two-hour advice holds: nobody’s written procedure runs there`,
          clock.keeper === 'customer',
          (on) => desk.change(say`who keeps the table`, { keeper: on ? 'customer' : 'us' }),
        )}
        {party.journey &&
          flag(
            say`It travels cold`,
            say`a box or van with a reading of ${format.celsius(5)} or below: those minutes do not count`,
            clock.chilled,
            (on) => desk.change(say`how it travels`, { chilled: on }),
          )}
        {flag(
          say`The board comes from the cold`,
          say`it slows the warming from below; it makes nothing safe for longer`,
          clock.coldBelow,
          (on) => desk.change(say`the board from the cold`, { coldBelow: on }),
        )}
        {flag(
          say`Whole pieces stay in their paper until late`,
          say`faces dry, and a cold face takes dew`,
          clock.inPaper,
          (on) => desk.change(say`paper until late`, { inPaper: on }),
        )}
      </SlateSection>
    </>
  );
}
