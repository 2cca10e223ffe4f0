import type { GuestCard, PaperData } from '@rotula/core';
import type { ReactNode } from 'react';
import { guestFaces } from '../../words';
import { pointSentence } from '../../words/menu';
import { say } from '../../language/say';
import { usePaper } from '../context';
import {
  ageOf,
  Allergens,
  fromWords,
  Marks,
  notesOf,
  OwnWords,
  placeOf,
  StepNumber,
  withSteps,
} from './parts';

/** All there is to say, to stand beside a good. */
export function FullCard({ card }: { card: GuestCard }) {
  const { format } = usePaper();
  const { point, tryWith } = card;
  return (
    <article className="flex min-h-[74mm] flex-col p-[4mm]">
      <div className="flex items-start justify-between gap-[3mm]">
        <h2 className="text-[22pt] leading-none">{card.name}</h2>
        <StepNumber card={card} />
      </div>
      <p className="mt-[1mm] text-[13pt] leading-snug">
        {[card.style, fromWords(card)].filter(Boolean).join(' · ')}
      </p>
      <OwnWords words={card.words} className="mb-[1mm] text-[13pt]" />
      <p className="text-[11pt] leading-snug">
        {[ageOf(card), placeOf(card), ...notesOf(card), ...guestFaces(card.faces)]
          .filter(Boolean)
          .join(' · ')}
      </p>
      {point && <p className="mt-[1.5mm] text-[12pt] leading-snug">{pointSentence(point, format)}</p>}
      <p className="mt-[1mm] mb-[2mm] text-[11pt] leading-snug">
        {tryWith.length > 0 && say`Try with ${format.list(tryWith)}.`}
        {withSteps(card)}
      </p>
      <p className="mt-auto border-t border-black pt-[1.5mm] text-[11pt] leading-snug">
        <Marks card={card} />
        <Allergens card={card} />
      </p>
    </article>
  );
}

/** Folded across the middle it stands; both faces read the same. */
export function Tent({ card }: { card: GuestCard }) {
  const face: ReactNode = (
    <div className="flex h-[42mm] flex-col items-center justify-center p-[3mm] text-center">
      <h2 className="text-[22pt] leading-none">
        {card.number !== null && <span className="text-[14pt] font-normal">{card.number}</span>} {card.name}
      </h2>
      <p className="mt-[1.5mm] text-[12pt]">
        {[fromWords(card) || card.style, ...notesOf(card), withSteps(card)].filter(Boolean).join(', ')}
      </p>
      <OwnWords words={card.words} className="text-[12pt]" />
      <p className="mt-[1.5mm] text-[10pt] leading-tight">
        <Marks card={card} short />
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
export function Flag({ card }: { card: GuestCard }) {
  return (
    <article className="flex min-h-[30mm] border-l border-dashed border-black/60 p-[3mm] pl-[5mm]">
      <div className="flex flex-1 flex-col">
        <h2 className="text-[14pt] leading-none">
          {card.number !== null && <span className="font-normal">{card.number}</span>} {card.name}
        </h2>
        <p className="mt-[1mm] text-[10.5pt] leading-tight">
          {[fromWords(card) || card.style, ...notesOf(card)].join(', ')}
        </p>
        <p className="mt-auto text-[9.5pt] leading-tight">
          <Marks card={card} short />
          <Allergens card={card} short />
        </p>
      </div>
    </article>
  );
}

/** Big enough to copy onto the slate beside the cheese. */
export function SlateCard({ card }: { card: GuestCard }) {
  return (
    <article className="flex min-h-[52mm] flex-col items-center justify-center gap-[2mm] p-[4mm] text-center">
      <StepNumber card={card} large />
      <h2 className="text-[28pt] leading-none">{card.name}</h2>
      <p className="text-[15pt]">
        {[fromWords(card) || card.style, ageOf(card), ...notesOf(card)].filter(Boolean).join(' · ')}
      </p>
      <p className="text-[11pt]">
        <Marks card={card} short />
        <Allergens card={card} short />
      </p>
    </article>
  );
}

/** A strip that goes round a bottle and is glued at the dashed end: what it is, and which steps it is poured with. */
export function BottleStrip({ card, steps }: { card: GuestCard; steps: PaperData<'cards'>['steps'] }) {
  const names = steps
    .filter(({ number }) => card.goesWith.includes(number))
    .map(({ number, name }) => `${number} ${name}`);
  return (
    <article className="flex min-h-[42mm]">
      <div className="flex flex-1 flex-col justify-center p-[4mm] pl-[8mm]">
        <h2 className="text-[22pt] leading-none">{card.name}</h2>
        <p className="mt-[1mm] text-[13pt]">{[card.style, ...notesOf(card)].join(' · ')}</p>
        <OwnWords words={card.words} className="text-[12pt]" />
      </div>
      <div className="flex w-[78mm] flex-col justify-center p-[4mm]">
        <p className="text-[12pt] leading-snug">
          {names.length > 0 ? say`Poured with ${names.join(', ')}.` : say`Beside all of it.`}
        </p>
        <p className="mt-[1.5mm] text-[10.5pt] leading-snug">
          <Marks card={card} />
          <Allergens card={card} />
        </p>
      </div>
      <div className="flex w-[14mm] items-center justify-center border-l border-dashed border-black/60 text-[10pt] [writing-mode:vertical-rl]">
        {say`glue here`}
      </div>
    </article>
  );
}
