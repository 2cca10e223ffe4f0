import { profileOf, type Drink, type ProbeResult, type SessionBody, type Weights } from '@rotula/core';
import { SlateSection } from '../ui/Slate';
import type { Format } from '../ui/format';
import { MOVE_WORDS, PROBE_WORDS, SITS_WORDS, VERSATILE_WORDS } from '../words/tasting';
import { say } from '../language/say';

/** What the shop has found out about a drink: what it sits with, which drink it is like, when to drink and taste it again. */
export function Profile({
  drink,
  sessions,
  drinks,
  today,
  weights,
  format,
}: {
  drink: Drink;
  sessions: readonly SessionBody[];
  drinks: readonly Drink[];
  today: string;
  weights: Weights;
  format: Format;
}) {
  const found = profileOf(drink, sessions, drinks, today, weights);
  const { probes, best, worst, like, from, until, again } = found;
  return (
    <SlateSection
      title={drink.name}
      aside={say`${found.sessions} ${found.sessions === 1 ? say`session` : say`sessions`}, ${found.notes} notes`}
    >
      <div data-profile={drink.id}>
        {probes.length === 0 ? (
          <p className="text-chalk-soft">{say`Nothing noted yet with food.`}</p>
        ) : (
          <>
            <p className="mb-2">{say`It is ${VERSATILE_WORDS[found.versatile]}.`}</p>
            <ul className="space-y-1">
              {probes.map((probe) => (
                <ProbeBar key={probe.good.id} probe={probe} />
              ))}
            </ul>
            <p className="mt-1 text-sm text-chalk-soft">
              {say`Bar: as noted, from clash to one to remember. Ring: expected. Line: the model.`}
            </p>
            {best && worst && best !== worst && (
              <p className="mt-2">{say`Best with ${best.good.name}, worst with ${worst.good.name}.`}</p>
            )}
          </>
        )}
        {like && (
          <p className="mt-1">
            {like.by === 'notes'
              ? say`At the table it is most like ${like.drink.name}.`
              : say`By its scales it is most like ${like.drink.name}.`}
          </p>
        )}
        <p className="mt-1 text-chalk-soft">
          {until
            ? from
              ? say`To drink from ${format.shortDay(from)} to ${format.shortDay(until)}.`
              : say`To drink until ${format.shortDay(until)}.`
            : say`When it came in is not written down: set it on its lot, and it tells from when to when to drink it.`}{' '}
          {again ? say`Taste it again on ${format.shortDay(again)}.` : say`It is past: taste the next one.`}
        </p>
      </div>
    </SlateSection>
  );
}

/** Where a value from -2 to 2 stands on the bar, in percent. */
const at = (sits: number): number => ((Math.max(-2, Math.min(2, sits)) + 2) / 4) * 100;

function ProbeBar({
  probe: { role, good, sits, expected, predicted, notes, moved },
}: {
  probe: ProbeResult;
}) {
  const moves = (Object.keys(moved) as (keyof typeof moved)[])
    .filter((move) => Math.abs(moved[move]!) >= 0.5)
    .map((move) => (moved[move]! > 0 ? say`more ${MOVE_WORDS[move]}` : say`less ${MOVE_WORDS[move]}`));
  const [low, high] = [Math.min(50, at(sits)), Math.max(50, at(sits))];
  return (
    <li className="grid grid-cols-[minmax(0,9rem)_minmax(0,1fr)] items-center gap-3">
      <span className="leading-4.5">
        {good.name}
        <span className="block text-sm text-chalk-soft">{PROBE_WORDS[role]}</span>
      </span>
      <div>
        <div
          className="relative h-5 rounded bg-slate-lit"
          role="img"
          aria-label={say`${good.name}: ${SITS_WORDS[String(Math.round(sits))]!} (${sits.toFixed(1)} of ${notes}), expected ${expected.toFixed(1)}, the model ${predicted.toFixed(1)}`}
        >
          <span className="absolute inset-y-0 left-1/2 w-px bg-slate-line" />
          <span
            className={`absolute inset-y-1 rounded-sm ${sits >= 0 ? 'bg-leaf-lit' : 'bg-wax-lit'}`}
            style={{ left: `${low}%`, width: `${Math.max(1.5, high - low)}%` }}
          />
          <span
            className="absolute top-1/2 size-3 -translate-1/2 rounded-full border-2 border-chalk"
            style={{ left: `${at(expected)}%` }}
          />
          <span className="absolute -inset-y-0.5 w-0.5 bg-butter" style={{ left: `${at(predicted)}%` }} />
        </div>
        {moves.length > 0 && <span className="text-sm text-chalk-soft">{moves.join(', ')}</span>}
      </div>
    </li>
  );
}
