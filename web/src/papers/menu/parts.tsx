import { nameOnBoard, styleOnBoard, type Bite, type MenuStep as Step, type PaperData } from '@rotula/core';
import { allergenLabel, guestFaces } from '../../words';
import { pointSentence } from '../../words/menu';
import { ageOf, allergenList, fromWords, Marks, notesOf, OwnWords, placeOf } from '../cards/parts';
import { say } from '../../language/say';
import { usePaper } from '../context';

type Menu = PaperData<'tasting-menu'>;

/** One step: what it is, what it is like, what to try with it, and one thing to know. */
export function MenuStep({
  step: { card, cleanse, tryWith, drink },
  cleanser,
}: {
  step: Step;
  cleanser: Menu['cleanser'];
}) {
  const { format } = usePaper();
  const about = [fromWords(card), ageOf(card), placeOf(card), ...notesOf(card), ...guestFaces(card.faces)];
  return (
    <li className="paper-card" data-menu-step={card.number}>
      {cleanse && (
        <p className="mb-[1.5mm] text-[10.5pt] italic">
          {cleanser ? say`a bite of ${nameOnBoard(cleanser)}` : say`a sip of water`}
        </p>
      )}
      <p className="font-serif text-[17pt] leading-tight font-semibold">
        <span className="text-[13pt] font-normal">{card.number}</span> {card.name}
      </p>
      <p className="text-[10.5pt] leading-snug">
        <span className="text-[12pt]">{card.style}</span>
        {about.filter(Boolean).map((part) => ` · ${part}`)}
      </p>
      <OwnWords words={card.words} className="text-[11.5pt] leading-snug" />
      {card.point && <p className="text-[11pt] leading-snug">{pointSentence(card.point, format)}</p>}
      <p className="text-[10.5pt] leading-snug">
        {[
          tryWith && say`with ${tryWith}`,
          drink.length > 0 && say`to drink: ${drink.join(say` or `)}`,
          say`contains: ${allergenList(card.contains) || say`none of the declared allergens`}`,
          card.mayContain.length > 0 && say`may contain: ${allergenList(card.mayContain)}`,
        ]
          .filter(Boolean)
          .join(' · ')}
        <Marks card={card} short inLine />
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
              ? say`${nameOnBoard(main)} with ${styleOnBoard(beside)}, on ${styleOnBoard(on)}`
              : say`${nameOnBoard(main)} with ${styleOnBoard(beside)}`}
          </li>
        ))}
      </ul>
    </section>
  );
}

export function MenuHead() {
  const { order, house, format } = usePaper();
  return (
    <header>
      <p className="text-[11pt] tracking-[0.2em] uppercase">{house.name}</p>
      <h1 className="mt-[4mm] text-[30pt]!">{order.title}</h1>
      <p className="mt-[1mm] text-[13pt]">{format.dayYear(order.brief.servingAt)}</p>
    </header>
  );
}

/** How to taste, and what is on this table. */
export function MenuFoot({ menu: { contains, mayContain, hasGuests } }: { menu: Menu }) {
  return (
    <p className="mt-[4mm] border-t border-black pt-[2mm] text-[10pt] leading-snug">
      {hasGuests && say`Taste in this order, mild to strong. `}
      {say`On this table, drinks and own plates too:`}{' '}
      {contains.map(allergenLabel).join(', ') || say`none of the declared allergens`}
      {mayContain.length > 0 && say`; perhaps also ${mayContain.map(allergenLabel).join(', ')}`}
      {say`. The cards say which good contains what; boards and knives are shared.`}
    </p>
  );
}
