import { hasPlate, type Person, type Reach } from '@rotula/core';
import { say } from '../language/say';
import { guestWords } from '../words';
import { usePaper } from './context';

/** Where a guest's food is, by how far their limits reach. */
const WHERE: Record<Reach, string> = {
  undecided: say`not decided yet: ask`,
  board: say`nothing of it is on the board`,
  'not loose': say`nothing of it lies open`,
  'own plate': say`their own plate, cut first`,
  card: say`they read the cards`,
};

/**
 * Who must not have what, before anything is cut, laid or carried: how many, and where their food is. Names and notes stand on the
 * shop's papers, where the house prints them.
 * @param short on a label: a line for each
 */
export function MustNotHave({ short }: { short?: boolean }) {
  const { plan, reader, house } = usePaper();
  const { persons, guests } = plan.brief;
  const isShops = reader === 'shop';
  const named = isShops && house.guestNames !== 'nowhere';
  const own = persons.filter(({ limits, note }) => limits.length > 0 || (isShops && note !== ''));
  const small = guests.under5 + guests.infants;
  if (own.length + small === 0) return null;
  return (
    <div
      className={
        short
          ? 'border border-black px-[1mm] text-[9pt] leading-tight'
          : 'mt-[1.5mm] border-2 border-black px-[2mm] py-[1mm] text-[10.5pt] leading-snug'
      }
      data-must-not-have
    >
      <p className="font-bold">{short ? say`Must not have` : say`Who must not have what`}</p>
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
          {!short && person.severe && say` · severe, or carries an injector`}
          {` · ${whereOf(person)}`}
          {!short && isShops && person.note && ` · ${person.note}`}
        </p>
      ))}
      {guests.under5 > 0 && (
        <p>
          {short
            ? say`Children under 5: ${guests.under5}, small plates of their own`
            : say`Children under 5: ${guests.under5}. Small plates of their own, in their safe forms; no picks.`}
        </p>
      )}
      {guests.infants > 0 && <p>{say`Infants: ${guests.infants}. No honey, not even inside something.`}</p>}
    </div>
  );
}

function whereOf(person: Person): string {
  if (person.limits.length === 0) return say`a note only`;
  if (person.head === 'infant') return say`an infant: nothing of this food`;
  const reach = WHERE[person.reach];
  return hasPlate(person) && person.reach !== 'own plate' ? `${reach} · ${WHERE['own plate']}` : reach;
}

/** The line for elders and the frail: what they are usually told to leave alone. */
export const EldersLine = ({ goods }: { goods: readonly string[] }) =>
  goods.length === 0 ? null : (
    <p className="mt-[2mm] text-[10.5pt] leading-snug" data-elders>
      {say`Elders and the frail are usually told to leave alone: ${goods.join(', ')}. Say so when they ask; they choose.`}
    </p>
  );
