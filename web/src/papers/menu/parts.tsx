import {
  guestCards,
  heads,
  styleOnBoard,
  tableList,
  type Bite,
  type GuestCard,
  type Menu,
  type Plan,
} from '@rotula/core';
import { useWorkbench } from '../../frame/context';
import { allergenLabel, guestFaces, sentence } from '../../words';
import { ageOf, allergenList, fromWords, notesOf, OwnWords, placeOf } from '../cards/parts';
import { say } from '../../language/say';

/** Everything that has a number: the tasting in its order and the dessert after it. */
export function menuCards(plan: Plan, menu: Menu): GuestCard[] {
  return guestCards(plan, menu)
    .filter(({ number }) => number !== null)
    .sort((a, b) => a.number! - b.number!);
}

/** One step: what it is, what it is like, what to try with it, and one thing to know. */
export function MenuStep({ card, menu }: { card: GuestCard; menu: Menu }) {
  const { plan, format } = useWorkbench();
  const told = menu.told.find(({ goodId }) => goodId === card.good.id);
  const cleanse = plan.walk.steps.some(({ number, cleanse: before }) => number === card.number && before);
  const pours = [told?.drink, told?.noAlcohol].flatMap((match) => (match ? [match.beside.name] : []));
  const about = [fromWords(card), ageOf(card), placeOf(card), ...notesOf(card), ...guestFaces(card.faces)];
  return (
    <li className="paper-card" data-menu-step={card.number}>
      {cleanse && (
        <p className="mb-[1.5mm] text-[10.5pt] italic">
          {plan.cleanser ? say`a bite of ${plan.cleanser.name}` : say`a sip of water`}
        </p>
      )}
      <p className="font-serif text-[17pt] leading-tight font-semibold">
        <span className="text-[13pt] font-normal">{card.number}</span> {card.good.name}
      </p>
      <p className="text-[10.5pt] leading-snug">
        <span className="text-[12pt]">{card.style}</span>
        {about.filter(Boolean).map((part) => ` · ${part}`)}
      </p>
      <OwnWords words={card.words} className="text-[11.5pt] leading-snug" />
      {card.point && <p className="text-[11pt] leading-snug">{sentence(card.point, format)}</p>}
      <p className="text-[10.5pt] leading-snug">
        {[
          told?.tryWith && say`with ${told.tryWith.beside.name}`,
          pours.length > 0 && say`to drink: ${pours.join(say` or `)}`,
          say`contains: ${allergenList(card.contains) || say`none of the declared allergens`}`,
          card.mayContain.length > 0 && say`may contain: ${allergenList(card.mayContain)}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
    </li>
  );
}

/** Bites to announce, when everybody has a plate. */
export function Bites({ bites }: { bites: readonly Bite[] }) {
  if (bites.length === 0) return null;
  return (
    <section className="paper-card mt-[4mm]" data-bites>
      <h2 className="text-[14pt]">{say`Bites to try`}</h2>
      <ul className="text-[11.5pt] leading-snug">
        {bites.map(({ main, beside, on }) => (
          <li key={main.id}>
            {on
              ? say`${main.name} with ${styleOnBoard(beside)}, on ${styleOnBoard(on)}`
              : say`${main.name} with ${styleOnBoard(beside)}`}
          </li>
        ))}
      </ul>
    </section>
  );
}

export function MenuHead() {
  const { document, house, format } = useWorkbench();
  const { order } = document;
  return (
    <header>
      <p className="text-[11pt] tracking-[0.2em] uppercase">{house.name}</p>
      <h1 className="mt-[4mm] text-[30pt]!">{order.title}</h1>
      <p className="mt-[1mm] text-[13pt]">{format.dayYear(order.brief.servingAt)}</p>
    </header>
  );
}

/** How to taste, and what is on this table. */
export function MenuFoot() {
  const { plan, document } = useWorkbench();
  const rows = tableList(plan);
  const contained = rows.filter((row) => row.contains.length > 0).map((row) => allergenLabel(row.id));
  const possible = rows.filter((row) => row.contains.length === 0).map((row) => allergenLabel(row.id));
  return (
    <p className="mt-[4mm] border-t border-black pt-[2mm] text-[10pt] leading-snug">
      {heads(document.order.brief) > 0 && say`Taste in this order, mild to strong. `}
      {say`On this table, drinks and own plates too:`}{' '}
      {contained.join(', ') || say`none of the declared allergens`}
      {possible.length > 0 && say`; perhaps also ${possible.join(', ')}`}
      {say`. The cards say which good contains what; boards and knives are shared.`}
    </p>
  );
}
