import { hasPlate, proposedReach, STRICT, type Person } from '@rotula/core';
import { Square, SquareCheckBig } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { NOT_BY_CARD, REACH_HINTS, REACH_WORDS } from '../words';
import { say } from '../language/say';

const ReachChooser = lazy(() => import('./ReachChooser'));

/** How far the limits of a guest reach: chosen, or to be chosen with what each choice does. */
export function ReachOf({
  at,
  person,
  edit,
}: {
  at: number;
  person: Person;
  edit: (what: string, part: Partial<Person>) => void;
}) {
  const [open, setOpen] = useState(false);
  const undecided = person.reach === 'undecided';
  const strict = person.limits.some(({ severity }) => STRICT.includes(severity));
  return (
    <div className="mt-2">
      {strict && (
        <button
          type="button"
          role="checkbox"
          aria-checked={person.severe}
          className="flex min-h-11 items-center gap-2.5"
          onClick={() => edit(say`whether it is severe`, { severe: !person.severe })}
        >
          {person.severe ? <SquareCheckBig size={22} aria-hidden /> : <Square size={22} aria-hidden />}
          {say`Severe, or carries an injector?`}
        </button>
      )}
      {!undecided && (
        <p className="flex flex-wrap items-center gap-x-3">
          <span>
            <strong>{REACH_WORDS[person.reach]}</strong>: {REACH_HINTS[person.reach]}
            {person.reach === 'not loose' && hasPlate(person) && say`; a separate plate, cut first`}
          </span>
          <button
            type="button"
            aria-expanded={open}
            className="min-h-11 underline decoration-line underline-offset-4"
            onClick={() => setOpen(!open)}
          >
            {open ? say`close` : say`change`}
          </button>
        </p>
      )}
      {person.reach === 'card' && hasPlate(person) && (
        <p role="alert" className="border-l-4 border-wax bg-[#f9e3dd] px-3 py-2 text-[#5c1b12]">
          {say`${NOT_BY_CARD} Rotula lays this guest their own plate.`}
        </p>
      )}
      {undecided && (
        <p className="mb-1 font-bold text-wax">{say`Nobody has decided how far this reaches. Choose:`}</p>
      )}
      {(undecided || open) && (
        <Suspense fallback={<p className="min-h-24 text-ink-soft">{say`One moment …`}</p>}>
          <ReachChooser
            at={at}
            proposed={proposedReach(person)}
            chosen={person.reach}
            onChoose={(reach) => {
              setOpen(false);
              edit(say`how far it reaches: ${REACH_WORDS[reach]}`, { reach });
            }}
          />
        </Suspense>
      )}
    </div>
  );
}
