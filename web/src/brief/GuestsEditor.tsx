import {
  asManyGuests,
  asOneGuest,
  freeKind,
  LIMITS,
  newLimit,
  newPerson,
  withPerson,
  type Person,
} from '@rotula/core';
import { Button } from '../ui/Button';
import { Finder } from '../ui/Finder';
import { capital } from '../ui/format';
import { limitLabel } from '../words';
import { say, word } from '../language/say';
import { GuestRow } from './GuestRow';
import { useBrief } from './useBrief';
import { WhyMilk } from './WhyMilk';

/** Guests who may not, will not or are at risk: each with their limits, and how far these reach. */
export function GuestsEditor() {
  const { brief, set } = useBrief();
  const { persons } = brief;
  const free = freeKind(brief);
  const put = (what: string, next: Person[]) => set(what, { persons: next });
  const add = (what: string, part: Partial<Person>) =>
    free && put(what, [...persons, newPerson({ head: free, ...part })]);
  const addLimit = (id: string) => add(say`a guest: ${limitLabel(id)}`, { limits: [newLimit(id)] });
  return (
    <>
      <p className="mb-2 text-sm text-ink-soft">{say`A guest has limits and one reach. Unknown never passes. Local codes and licensed practice decide.`}</p>
      <ul className="mb-3 space-y-3 empty:hidden">
        {persons.map((person, i) => (
          <GuestRow
            key={i}
            at={i}
            person={person}
            brief={brief}
            edit={(what, part) => put(what, withPerson(brief, i, part))}
            remove={() =>
              put(
                say`no limits of ${person.who || say`a guest`}`,
                persons.filter((_, j) => j !== i),
              )
            }
          />
        ))}
      </ul>
      <WhoseIsIt persons={persons} put={put} />
      <WhyMilk persons={persons} onAdd={addLimit} />
      {free ? (
        <div className="grid max-w-2xl gap-2 min-[620px]:grid-cols-[1fr_auto]">
          <Finder
            label={say`Add a guest with an allergy, diet, risk or dislike`}
            placeholder={say`A guest with an allergy, diet, risk or dislike`}
            items={LIMITS}
            keyOf={(rule) => rule.id}
            textOf={(rule) => `${limitLabel(rule.id)} ${rule.group}`}
            show={(rule) => (
              <>
                {capital(limitLabel(rule.id))}{' '}
                <span className="text-sm text-ink-soft">{word(rule.group)}</span>
              </>
            )}
            onTake={(rule) => addLimit(rule.id)}
          />
          <Button onClick={() => add(say`a guest with something on no list`, {})}>
            {say`Something on no list`}
          </Button>
        </div>
      ) : (
        <p className="text-sm text-ink-soft">{say`All who come have limits already: count more guests first.`}</p>
      )}
    </>
  );
}

/** Of an older order: two plates without a name may be one guest's. */
function WhoseIsIt({
  persons,
  put,
}: {
  persons: readonly Person[];
  put: (what: string, next: Person[]) => void;
}) {
  const unsure = persons.filter((person) => person.unsure);
  if (unsure.length < 2) return null;
  return (
    <div
      role="alert"
      data-unsure
      className="mb-3 border-l-4 border-wax bg-[#f9e3dd] px-3 py-2 text-[#5c1b12]"
    >
      <p className="mb-2 font-bold">{say`${unsure.length} separate plates without a name: are they one guest’s?`}</p>
      <p className="mb-2 text-sm">{say`Until somebody says, each plate meets the limits of all of them.`}</p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => put(say`the plates are one guest’s`, asOneGuest(persons))}>
          {say`One guest`}
        </Button>
        <Button onClick={() => put(say`the plates are different guests’`, asManyGuests(persons))}>
          {say`Different guests`}
        </Button>
      </div>
    </div>
  );
}
