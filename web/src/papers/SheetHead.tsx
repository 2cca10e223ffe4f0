import { hasPlate, heads, reasonKey, standing, type Reach } from '@rotula/core';
import { count } from '../ui/format';
import { say } from '../language/say';
import { guestWords, sentence } from '../words';
import { usePaper } from './context';
import '../words/danger';

/** @param listed it says who must not have what though guests read it: without names and notes */
export function SheetHead({ title, listed = false }: { title: string; listed?: boolean }) {
  const { order, house, format, reader } = usePaper();
  const isShops = reader === 'shop';
  const { brief, title: name, customer } = order;
  return (
    <header className="mb-[5mm] border-b-2 border-black pb-[2mm]">
      <div className="flex justify-between text-[11pt]">
        <span>{house.name}</span>
        <span>{title}</span>
      </div>
      <h1>{name}</h1>
      <p className="text-[13pt]">
        {format.dayYear(brief.servingAt)}, {format.time(brief.servingAt)} · {count(heads(brief), 'guest')}
        {customer && ` · ${customer}`}
        {brief.place && ` · ${brief.place}`}
      </p>
      {isShops && <SheetDangers />}
      {(isShops || listed) && <MustNotHave named={isShops} />}
    </header>
  );
}

/** Who must not have what, before anything is cut, laid or carried: how many, and where their food is. */
function MustNotHave({ named }: { named: boolean }) {
  const { plan } = usePaper();
  const { persons, guests } = plan.brief;
  const own = persons.filter(({ limits, note }) => limits.length > 0 || (named && note !== ''));
  const small = guests.under5 + guests.infants;
  if (own.length + small === 0) return null;
  return (
    <div
      className="mt-[1.5mm] border-2 border-black px-[2mm] py-[1mm] text-[10.5pt] leading-snug"
      data-must-not-have
    >
      <p className="font-bold">{say`Who must not have what`}</p>
      {own.map((person, i) => (
        <p key={i}>
          <strong>
            {guestWords({
              who: named
                ? [person.who, person.seat && say`seat ${person.seat}`].filter(Boolean).join(', ')
                : '',
              limits: person.limits.map(({ what }) => what),
              guests: person.count,
            })}
          </strong>
          {named && person.who && person.count > 1 && ` × ${person.count}`}
          {person.severe && say` · severe, or carries an injector`}
          {person.limits.length > 0 &&
            ` · ${person.head === 'infant' ? say`an infant: nothing of this food` : WHERE[person.reach]}`}
          {hasPlate(person) && person.reach !== 'own plate' && ` · ${WHERE['own plate']}`}
          {named && person.note && ` · ${person.note}`}
        </p>
      ))}
      {guests.under5 > 0 && (
        <p>{say`Children under 5: ${guests.under5}. Small plates of their own, in their safe forms; no picks.`}</p>
      )}
      {guests.infants > 0 && <p>{say`Infants: ${guests.infants}. No honey, not even inside something.`}</p>}
    </div>
  );
}

/** Where a guest's food is, by how far their limits reach. */
const WHERE: Record<Reach, string> = {
  undecided: say`not decided yet: ask`,
  board: say`nothing of it is on the board`,
  'not loose': say`nothing of it lies open`,
  'own plate': say`their own plate, cut first`,
  card: say`they read the cards`,
};

/** What may hurt somebody, across the head of what is printed all the same: for the shop's own hands. */
function SheetDangers() {
  const { plan, format } = usePaper();
  const open = standing(plan.dangers);
  if (open.length === 0) return null;
  return (
    <div className="mt-[2mm] border-4 border-black p-[2mm] text-[13pt] font-bold" data-sheet-dangers>
      <p>{say`Stop: not to be handed over as it stands.`}</p>
      {open.map((danger) => (
        <p key={reasonKey(danger)}>{sentence(danger, format)}</p>
      ))}
    </div>
  );
}
