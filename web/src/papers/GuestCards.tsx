import { cardMayPrint, guestCards, type GuestCard } from '@rotula/core';
import { useWorkbench } from '../order/context';

/** Cards to stand beside each good: short enough to read standing. */
export function GuestCards() {
  const { plan } = useWorkbench();
  const cards = guestCards(plan);
  const held = cards.filter((card) => !cardMayPrint(card));
  return (
    <>
      {held.length > 0 && (
        <p className="no-print mb-4 border-l-4 border-wax bg-[#f9e3dd] p-3">
          No card for {held.map((c) => c.main.name).join(', ')}: not all allergens are known (
          {held.map((c) => c.unknown.slice(0, 3).join(', ')).join('; ')}…). Unknown is never safe.
        </p>
      )}
      <div className="grid grid-cols-2 gap-[6mm]">
        {cards.filter(cardMayPrint).map((card) => (
          <Card key={card.main.id} card={card} />
        ))}
      </div>
    </>
  );
}

function Card({ card }: { card: GuestCard }) {
  const { main } = card;
  return (
    <article className="paper-card flex min-h-[62mm] flex-col border border-dashed border-black/60 p-[5mm]">
      <div className="flex items-start justify-between gap-[3mm]">
        <h2 className="text-[22pt] leading-none">{main.name}</h2>
        <span className="flex size-[11mm] shrink-0 items-center justify-center rounded-full border-2 border-black font-serif text-[17pt] font-semibold">
          {card.number}
        </span>
      </div>
      <p className="mt-[1mm] text-[13pt]">
        {main.style} · {card.from}
      </p>
      <p className="text-[13pt] italic">{main.adjectives.join(', ')}</p>
      <p className="text-[11pt]">
        {[card.age, main.origin.region, ...card.notes, card.rind].filter(Boolean).join(' · ')}
      </p>
      <div className="mt-auto border-t border-black pt-[1.500mm] text-[11pt] leading-snug">
        <p>
          <strong>Contains: {card.contains.join(', ') || 'none of the declared allergens'}</strong>
        </p>
        {card.mayContain.length > 0 && <p>May contain: {card.mayContain.join(', ')}</p>}
        <p>
          {card.unknown.length > 0
            ? `Not known: ${card.unknown.join(', ')}`
            : 'Free of all other declared allergens, as stated by the maker.'}
        </p>
      </div>
    </article>
  );
}
