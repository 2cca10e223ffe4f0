import { cardMayPrint, guestCards, type GuestCard } from '@rotula/core';
import { useState, type ReactNode } from 'react';
import { useWorkbench } from '../order/context';
import { Choice } from '../ui/Choice';

/** The shapes of card: flags on a pick, tents that stand, slates to copy from, and full cards. */
const SHAPES = {
  card: { label: 'Cards', grid: 'grid-cols-2', draw: (card: GuestCard) => <FullCard card={card} /> },
  tent: { label: 'Tents', grid: 'grid-cols-2', draw: (card: GuestCard) => <Tent card={card} /> },
  flag: { label: 'Flags', grid: 'grid-cols-3', draw: (card: GuestCard) => <Flag card={card} /> },
  slate: { label: 'Slates', grid: 'grid-cols-2', draw: (card: GuestCard) => <SlateCard card={card} /> },
} as const;
type Shape = keyof typeof SHAPES;

/** Cards to stand beside each good: short enough to read standing. None is printed while an allergen is unknown. */
export function GuestCards() {
  const { plan } = useWorkbench();
  const [shape, setShape] = useState<Shape>('card');
  const cards = guestCards(plan);
  const held = cards.filter((card) => !cardMayPrint(card));
  return (
    <>
      <Choice
        label="Shape of the cards"
        className="no-print mb-6 auto-cols-max grid-flow-col text-ink"
        value={shape}
        options={(Object.keys(SHAPES) as Shape[]).map((value) => ({ value, label: SHAPES[value].label }))}
        onChange={setShape}
      />
      {held.length > 0 && (
        <p className="no-print mb-4 border-l-4 border-[#a23b2a] bg-[#f9e3dd] p-3">
          No card for {held.map((c) => `${c.main.name} (${c.unknown.slice(0, 3).join(', ')})`).join('; ')}:
          not all allergens are known. Unknown is never safe.
        </p>
      )}
      <div className={`grid gap-[8mm] p-[4mm] ${SHAPES[shape].grid}`}>
        {cards.filter(cardMayPrint).map((card) => (
          <div key={card.main.id} className="paper-card cut-marks">
            {SHAPES[shape].draw(card)}
          </div>
        ))}
      </div>
    </>
  );
}

const Number = ({ card, large }: { card: GuestCard; large?: boolean }) => (
  <span
    className={`flex shrink-0 items-center justify-center rounded-full border-2 border-black font-serif font-semibold ${large ? 'size-[15mm] text-[24pt]' : 'size-[10mm] text-[16pt]'}`}
  >
    {card.number}
  </span>
);

const Contains = ({ card }: { card: GuestCard }) => (
  <strong>Contains: {card.contains.join(', ') || 'none of the declared allergens'}</strong>
);

/** All four states in words: contains, may contain, free; unknown never gets this far. */
function Allergens({ card }: { card: GuestCard }) {
  return (
    <div className="mt-auto border-t border-black pt-[1.5mm] text-[11pt] leading-snug">
      <p>
        <Contains card={card} />
      </p>
      {card.mayContain.length > 0 && <p>May contain: {card.mayContain.join(', ')}</p>}
      <p>Free of all other declared allergens, as stated by the maker.</p>
    </div>
  );
}

function FullCard({ card }: { card: GuestCard }) {
  const { main } = card;
  return (
    <article className="flex min-h-[64mm] flex-col p-[4mm]">
      <div className="flex items-start justify-between gap-[3mm]">
        <h2 className="text-[22pt] leading-none">{main.name}</h2>
        <Number card={card} />
      </div>
      <p className="mt-[1mm] text-[13pt]">
        {main.style} · {card.from}
      </p>
      <p className="mb-[1mm] text-[13pt] italic">{main.adjectives.join(', ')}</p>
      <p className="mb-[2mm] text-[11pt]">
        {[card.age, main.origin.region, ...card.notes, card.rind].filter(Boolean).join(' · ')}
      </p>
      <Allergens card={card} />
    </article>
  );
}

/** Folded across the middle it stands; both faces read the same. */
function Tent({ card }: { card: GuestCard }) {
  const face: ReactNode = (
    <div className="flex h-[42mm] flex-col items-center justify-center p-[3mm] text-center">
      <h2 className="text-[22pt] leading-none">
        <span className="text-[14pt] font-normal">{card.number}</span> {card.main.name}
      </h2>
      <p className="mt-[1.5mm] text-[12pt]">
        {card.from}
        {card.notes.length > 0 && `, ${card.notes.join(', ')}`}
      </p>
      <p className="text-[12pt] italic">{card.main.adjectives.join(', ')}</p>
      <p className="mt-[1.5mm] text-[10.5pt]">
        <Contains card={card} />
      </p>
    </div>
  );
  return (
    <article>
      <div className="rotate-180" aria-hidden>
        {face}
      </div>
      <div className="border-t border-dashed border-black/60" />
      {face}
    </article>
  );
}

/** Wrapped round a pick at the dashed edge. */
function Flag({ card }: { card: GuestCard }) {
  return (
    <article className="flex min-h-[30mm] border-l border-dashed border-black/60 p-[3mm] pl-[5mm]">
      <div className="flex flex-1 flex-col">
        <h2 className="text-[14pt] leading-none">
          <span className="font-normal">{card.number}</span> {card.main.name}
        </h2>
        <p className="mt-[1mm] text-[10.5pt] leading-tight">{[card.from, ...card.notes].join(', ')}</p>
        <p className="mt-auto text-[10.5pt] leading-tight">
          <Contains card={card} />
        </p>
      </div>
    </article>
  );
}

/** Big enough to copy onto the slate beside the cheese. */
function SlateCard({ card }: { card: GuestCard }) {
  return (
    <article className="flex min-h-[52mm] flex-col items-center justify-center gap-[2mm] p-[4mm] text-center">
      <Number card={card} large />
      <h2 className="text-[28pt] leading-none">{card.main.name}</h2>
      <p className="text-[15pt]">{[card.from, card.age, ...card.notes].join(' · ')}</p>
      <p className="text-[11pt]">
        <Contains card={card} />
      </p>
    </article>
  );
}
