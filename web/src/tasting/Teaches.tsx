import {
  evidenceOf,
  fitOf,
  isDrink,
  isMain,
  judged,
  learntOf,
  movesBetween,
  overall,
  weightsOf,
  type Good,
  type Learnt,
  type PairMove,
  type RuleChange,
  type Session,
} from '@rotula/core';
import { lightFormat } from 'date-fns';
import { lazy, Suspense, useMemo } from 'react';
import toast from 'react-hot-toast';
import type { StoredHouse } from '@rotula/core';
import { saveHouse } from '../api/saveHouse';
import { Button } from '../ui/Button';
import type { Format } from '../ui/format';
import { signed } from '../ui/format';
import { SlateSection } from '../ui/Slate';
import { drinkRuleWords } from '../words/tasting';
import { say } from '../language/say';

const OverTime = lazy(() => import('./OverTime'));

const SHOWN = 7;
/** A weight that moved less is as it was. */
const MOVED = 0.01;

/** What the sessions teach the pairing: which weights move and why, which pairs rise and fall, how well it foretells; to accept or set back. */
export function Teaches({
  sessions,
  counter,
  house,
  format,
}: {
  sessions: readonly Session[];
  counter: readonly Good[];
  house: StoredHouse;
  format: Format;
}) {
  const inTime = useMemo(
    () => [...sessions].sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1)),
    [sessions],
  );
  const evidence = useMemo(() => evidenceOf(inTime), [inTime]);
  const fit = useMemo(() => fitOf(evidence), [evidence]);
  const missed = useMemo(() => overall(judged(evidence)), [evidence]);
  const mains = useMemo(() => counter.filter(isMain), [counter]);
  const drinks = useMemo(() => counter.filter(isDrink), [counter]);
  const proposed = useMemo(
    () => learntOf(fit, evidence, lightFormat(new Date(), 'yyyy-MM-dd')),
    [fit, evidence],
  );
  const stands = house.learnt?.fingerprint === proposed.fingerprint;
  const moves = useMemo(
    () => movesBetween(weightsOf({ learnt: null }), weightsOf({ learnt: proposed }), mains, drinks),
    [proposed, mains, drinks],
  );
  const set = async (learnt: Learnt | null) => {
    try {
      const clash = await saveHouse(house, { learnt });
      if (clash)
        toast.error(say`The settings were changed elsewhere meanwhile. Look at them, then try again.`);
      else
        toast.success(
          learnt ? say`The pairing goes by it now.` : say`Set back: the pairing goes by the usual weights.`,
        );
    } catch (error) {
      toast.error(error instanceof Error ? error.message : String(error));
    }
  };
  const changes = fit.changes
    .filter(({ from, to }) => Math.abs(to - from) >= MOVED)
    .sort(
      (a, b) =>
        Math.abs(b.to - b.from) / Math.max(0.1, b.from) - Math.abs(a.to - a.from) / Math.max(0.1, a.from),
    );
  if (fit.notes === 0)
    return (
      <SlateSection title={say`What they teach`}>
        <p className="text-chalk-soft">{say`Nothing yet: note a session, or let one count that does not.`}</p>
        {house.learnt && <SetBack onSet={() => void set(null)} />}
      </SlateSection>
    );
  return (
    <>
      <SlateSection
        title={say`What they teach`}
        aside={say`${proposed.sessions.length} sessions, ${fit.notes} notes`}
      >
        <div data-teaches={stands ? 'stands' : house.learnt ? 'older' : 'open'}>
          <p>
            {say`A session left out is missed by ${missed.learnt.toFixed(2)} of a step, by the usual weights by ${missed.prior.toFixed(2)}.`}{' '}
            {missed.learnt < missed.prior ? say`The notes help.` : say`So few notes do not help yet.`}
          </p>
          <p className="mt-1 text-chalk-soft">
            {stands
              ? say`The house goes by it since ${format.shortDay(house.learnt!.on)}.`
              : house.learnt
                ? say`The house goes by what was accepted on ${format.shortDay(house.learnt.on)}, of ${house.learnt.notes} notes; the sessions changed since.`
                : say`The house goes by the usual weights.`}
          </p>
          <div className="mt-2 flex flex-wrap gap-3">
            {!stands && (
              <Button look="slate" onClick={() => void set(proposed)}>{say`Let the pairing go by it`}</Button>
            )}
            {house.learnt && <SetBack onSet={() => void set(null)} />}
          </div>
          <p className="mt-2 text-sm text-chalk-soft">{say`Orders that are finished keep the weights they were made with.`}</p>
        </div>
      </SlateSection>
      <WhatChanges changes={changes} format={format} />
      {moves.rose.length + moves.fell.length > 0 && (
        <SlateSection title={say`Pairs that rise and fall`} aside={say`place among ${drinks.length} drinks`}>
          <Moves name={say`Up`} moves={moves.rose} format={format} />
          <Moves name={say`Down`} moves={moves.fell} format={format} />
        </SlateSection>
      )}
      {proposed.sessions.length > 1 && (
        <SlateSection title={say`Foretold and found`} aside={say`missed by, in steps`}>
          <Suspense fallback={<div className="h-[150px]" />}>
            <OverTime sessions={inTime} evidence={evidence} format={format} />
          </Suspense>
        </SlateSection>
      )}
    </>
  );
}

/** The rules whose weights change most. */
function WhatChanges({ changes, format }: { changes: RuleChange[]; format: Format }) {
  return (
    <SlateSection title={say`What changes, and why`} aside={say`points, usual and now`}>
      <ul className="space-y-1.5" data-changes>
        {changes.slice(0, SHOWN).map((change) => (
          <Change key={change.rule} change={change} format={format} />
        ))}
      </ul>
      {changes.length > SHOWN && (
        <p className="mt-1 text-sm text-chalk-soft">{say`and ${changes.length - SHOWN} smaller ones`}</p>
      )}
    </SlateSection>
  );
}

const SetBack = ({ onSet }: { onSet: () => void }) => (
  <Button look="slate" onClick={onSet}>{say`Set it back`}</Button>
);

function Change({
  change: { rule, from, to, bites, reversed },
  format,
}: {
  change: RuleChange;
  format: Format;
}) {
  return (
    <li className="flex gap-3" data-rule={rule}>
      <span
        className={`w-24 shrink-0 text-right tabular-nums ${to > from ? 'text-leaf-lit' : 'text-wax-lit'}`}
      >
        {from.toFixed(2)} → {to.toFixed(2)}
      </span>
      <span>
        {say`${drinkRuleWords(rule, format)}: ${to > from ? say`weighs more` : say`weighs less`}`}
        <span className="block text-sm text-chalk-soft">
          {say`told by ${bites} bites`}
          {reversed && say`; the evidence turns it round, so strong that it passes the bound`}
        </span>
      </span>
    </li>
  );
}

function Moves({ name, moves, format }: { name: string; moves: readonly PairMove[]; format: Format }) {
  if (moves.length === 0) return null;
  return (
    <>
      <h3 className="mt-1 font-bold">{name}</h3>
      <ul className="space-y-1">
        {moves.map(({ main, drink, from, to, points, because }) => (
          <li key={`${main.id} ${drink.id}`} className="flex gap-3" data-move={`${main.id} ${drink.id}`}>
            <span
              className={`w-24 shrink-0 text-right tabular-nums ${to < from ? 'text-leaf-lit' : 'text-wax-lit'}`}
            >
              {from} → {to}
            </span>
            <span>
              {say`${drink.name} beside ${main.name}`}
              <span className="block text-sm text-chalk-soft">
                {points > 0 === to < from
                  ? because && say`${signed(points, 1)}: ${drinkRuleWords(because, format)}`
                  : say`${signed(points, 1)}; others moved further`}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
