import { guestCards, plateCards, type AllergenId, type GuestCard, type PlateCard } from '@rotula/core';
import { useState, type ReactNode } from 'react';
import { useWorkbench } from '../frame/context';
import { Choice } from '../ui/Choice';
import { HeldWhileUnknown } from './Held';
import { ageWords, allergenLabel, guestFaces, plateLabel } from '../words';
import { say, word } from '../language/say';

/** The shapes of card: flags on a pick, tents that stand, slates to copy from, and full cards. */
const SHAPES = {
  card: { label: say`Cards`, grid: 'grid-cols-2', draw: (card: GuestCard) => <FullCard card={card} /> },
  tent: { label: say`Tents`, grid: 'grid-cols-2', draw: (card: GuestCard) => <Tent card={card} /> },
  flag: { label: say`Flags`, grid: 'grid-cols-3', draw: (card: GuestCard) => <Flag card={card} /> },
  slate: { label: say`Slates`, grid: 'grid-cols-2', draw: (card: GuestCard) => <SlateCard card={card} /> },
} as const;
type Shape = keyof typeof SHAPES;

/** Cards to stand beside each good and on each own plate: short enough to read standing. */
export function GuestCards() {
  const { plan } = useWorkbench();
  const [shape, setShape] = useState<Shape>('card');
  return (
    <>
      <Choice
        label={say`Shape of the cards`}
        className="no-print mb-6 flex! flex-wrap text-ink"
        value={shape}
        options={(Object.keys(SHAPES) as Shape[]).map((value) => ({ value, label: SHAPES[value].label }))}
        onChange={setShape}
      />
      <HeldWhileUnknown paper="cards">
        <div className={`paper-grid grid gap-[8mm] p-[4mm] ${SHAPES[shape].grid}`}>
          {guestCards(plan).map((card) => (
            <div key={card.good.id} className="paper-card cut-marks" data-card={card.good.id}>
              {SHAPES[shape].draw(card)}
            </div>
          ))}
          {plateCards(plan).map((card) => (
            <div
              key={plateLabel(card.plate)}
              className="paper-card cut-marks"
              data-plate-card={plateLabel(card.plate)}
            >
              <OwnPlateCard card={card} />
            </div>
          ))}
        </div>
      </HeldWhileUnknown>
    </>
  );
}

/** "cow and goat milk" or "pork"; empty for a companion. */
const fromWords = ({ animals, good }: GuestCard) =>
  `${animals.map(word).join(' and ')}${good.kind === 'cheese' ? say` milk` : ''}`;
const ageOf = ({ ageDays }: GuestCard) => (ageDays === null ? '' : ageWords(ageDays));
const notesOf = ({ rawMilk }: GuestCard) => (rawMilk ? [say`raw milk`] : []);
const allergenList = (ids: readonly AllergenId[]) => ids.map(allergenLabel).join(', ');

/** The step of the walk; what stands beside has none. */
const StepNumber = ({ card, large }: { card: GuestCard; large?: boolean }) =>
  card.number !== null && (
    <span
      className={`flex shrink-0 items-center justify-center rounded-full border-2 border-black font-serif font-semibold ${large ? 'size-[15mm] text-[24pt]' : 'size-[10mm] text-[16pt]'}`}
    >
      {card.number}
    </span>
  );

/** What is in it, what may be, and what shares its board. Never "free": a shared board is not. */
function Allergens({ card, short }: { card: GuestCard; short?: boolean }) {
  const shares = allergenList(card.sharesWith);
  return (
    <>
      <strong>
        {say`Contains:`} {allergenList(card.contains) || say`none of the declared allergens`}.
      </strong>
      {card.mayContain.length > 0 && say` May contain: ${allergenList(card.mayContain)}.`}
      {shares &&
        (short
          ? say` Shares a board with ${shares}.`
          : say` Not an ingredient, but shares a board with: ${shares}.`)}
    </>
  );
}

function FullCard({ card }: { card: GuestCard }) {
  const { good } = card;
  return (
    <article className="flex min-h-[64mm] flex-col p-[4mm]">
      <div className="flex items-start justify-between gap-[3mm]">
        <h2 className="text-[22pt] leading-none">{good.name}</h2>
        <StepNumber card={card} />
      </div>
      <p className="mt-[1mm] text-[13pt]">{[card.style, fromWords(card)].filter(Boolean).join(' · ')}</p>
      <p className="mb-[1mm] text-[13pt] italic">{good.adjectives.join(', ')}</p>
      <p className="mb-[2mm] text-[11pt]">
        {[ageOf(card), good.origin.region, ...notesOf(card), ...guestFaces(card.faces)]
          .filter(Boolean)
          .join(' · ')}
      </p>
      <p className="mt-auto border-t border-black pt-[1.5mm] text-[11pt] leading-snug">
        <Allergens card={card} />
      </p>
    </article>
  );
}

/** Folded across the middle it stands; both faces read the same. */
function Tent({ card }: { card: GuestCard }) {
  const face: ReactNode = (
    <div className="flex h-[42mm] flex-col items-center justify-center p-[3mm] text-center">
      <h2 className="text-[22pt] leading-none">
        {card.number !== null && <span className="text-[14pt] font-normal">{card.number}</span>}{' '}
        {card.good.name}
      </h2>
      <p className="mt-[1.5mm] text-[12pt]">{[fromWords(card) || card.style, ...notesOf(card)].join(', ')}</p>
      <p className="text-[12pt] italic">{card.good.adjectives.join(', ')}</p>
      <p className="mt-[1.5mm] text-[10pt] leading-tight">
        <Allergens card={card} short />
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
          {card.number !== null && <span className="font-normal">{card.number}</span>} {card.good.name}
        </h2>
        <p className="mt-[1mm] text-[10.5pt] leading-tight">
          {[fromWords(card) || card.style, ...notesOf(card)].join(', ')}
        </p>
        <p className="mt-auto text-[9.5pt] leading-tight">
          <Allergens card={card} short />
        </p>
      </div>
    </article>
  );
}

/** Big enough to copy onto the slate beside the cheese. */
function SlateCard({ card }: { card: GuestCard }) {
  return (
    <article className="flex min-h-[52mm] flex-col items-center justify-center gap-[2mm] p-[4mm] text-center">
      <StepNumber card={card} large />
      <h2 className="text-[28pt] leading-none">{card.good.name}</h2>
      <p className="text-[15pt]">
        {[fromWords(card) || card.style, ageOf(card), ...notesOf(card)].filter(Boolean).join(' · ')}
      </p>
      <p className="text-[11pt]">
        <Allergens card={card} short />
      </p>
    </article>
  );
}

/** The card of an own plate: whose it is, what lies on it, and what it is free of by each maker's own word. */
function OwnPlateCard({ card: { plate, contains, mayContain } }: { card: PlateCard }) {
  return (
    <article className="flex min-h-[64mm] flex-col p-[4mm]">
      <p className="text-[11pt]">
        {say`Own plate`}
        {plate.guests > 1 && say`, for ${plate.guests}`}
      </p>
      <h2 className="text-[17pt] leading-tight">{plateLabel(plate)}</h2>
      <p className="mt-[1.5mm] mb-[2mm] text-[12pt] leading-snug">
        {plate.lines.map(({ good }) => good.name).join(', ') || say`nothing on this counter suits`}
        {plate.drink && say`; to drink ${plate.drink.name}`}
      </p>
      <p className="mt-auto border-t border-black pt-[1.5mm] text-[11pt] leading-snug">
        <strong>
          {say`Contains:`} {allergenList(contains.map(({ id }) => id)) || say`none of the declared allergens`}
          .
        </strong>
        {mayContain.length > 0 && say` May contain: ${allergenList(mayContain.map(({ id }) => id))}.`}
        {plate.freeOf.length > 0 &&
          say` Free of ${allergenList(plate.freeOf)}, as each maker states; cut first, with its own knife.`}
      </p>
    </article>
  );
}
