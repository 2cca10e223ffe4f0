import { noteOf, reopened, type NextStep, type SessionBody } from '@rotula/core';
import { Check } from 'lucide-react';
import clsx from 'clsx';
import { PROBE_WORDS, SITS_WORDS } from '../words/tasting';
import { say } from '../language/say';

/** Every step of a session for every taster, in its order; what was noted is ticked, and a touch opens it once more. */
export function TickList({
  session,
  step,
  onChange,
}: {
  session: SessionBody;
  step: NextStep;
  onChange: (edit: (session: SessionBody) => SessionBody) => void;
}) {
  const { tasters, probes, alone, goods } = session;
  const isNow = (taster: string, probe: string | null) =>
    step.what !== 'done' &&
    step.taster === taster &&
    (step.what === 'alone' ? probe === null : step.probe === probe);
  return (
    <table className="mt-5 w-full" aria-label={say`Steps of the session`}>
      <thead>
        <tr className="border-b border-line text-left text-ink-soft">
          <th scope="col" className="py-1 font-normal">{say`Step`}</th>
          {tasters.map((taster) => (
            <th key={taster} scope="col" className="py-1 text-center font-normal">
              {taster}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        <tr className="border-b border-line">
          <th scope="row" className="py-1 text-left font-bold">{say`the drink alone`}</th>
          {tasters.map((taster) => (
            <td key={taster} className={clsx('text-center', isNow(taster, null) && 'bg-shade')}>
              {alone.some((entry) => entry.taster === taster) && (
                <Check size={20} className="mx-auto text-leaf" aria-label={say`noted`} />
              )}
            </td>
          ))}
        </tr>
        {probes.map(({ goodId, role }) => {
          const name = goods.find(({ id }) => id === goodId)!.name;
          return (
            <tr key={goodId} className="border-b border-line">
              <th scope="row" className="py-1 text-left leading-5 font-bold">
                {name} <span className="block text-sm font-normal text-ink-soft">{PROBE_WORDS[role]}</span>
              </th>
              {tasters.map((taster) => {
                const note = noteOf(session, taster, goodId);
                return (
                  <td key={taster} className={clsx('text-center', isNow(taster, goodId) && 'bg-shade')}>
                    {note && note.sits !== null && (
                      <button
                        type="button"
                        className="min-h-11 rounded-md px-2 underline decoration-line underline-offset-4 hover:bg-shade"
                        aria-label={say`${taster}, ${name}: ${SITS_WORDS[note.sits]!}; taste it once more`}
                        onClick={() => onChange((s) => reopened(s, taster, goodId))}
                      >
                        {SITS_WORDS[note.sits]}
                      </button>
                    )}
                  </td>
                );
              })}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
