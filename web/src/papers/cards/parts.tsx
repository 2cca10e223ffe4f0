import { isAlcoholic, type AllergenId, type GuestCard } from '@rotula/core';
import { ageWords, allergenLabel } from '../../words';
import { eldersWords, marksWords } from '../../words/marks';
import { usePaper } from '../context';
import { say, word } from '../../language/say';

/** "cow and goat milk" or "pork"; empty for what stands beside. */
export const fromWords = ({ animals, good }: GuestCard): string =>
  `${animals.map(word).join(say` and `)}${good.kind === 'cheese' ? say` milk` : ''}`;
export const ageOf = ({ ageDays }: GuestCard): string => (ageDays === null ? '' : ageWords(ageDays));
/** Where it comes from, region and country. */
export const placeOf = ({ good }: GuestCard): string =>
  [good.origin.region, good.origin.country].filter(Boolean).join(', ');

/** What has to stand on a card whatever its size: raw milk, and how strong a drink is. */
export const notesOf = ({ rawMilk, good }: GuestCard): string[] => [
  ...(rawMilk ? [say`raw milk`] : []),
  ...(good.kind === 'drink' ? [isAlcoholic(good) ? say`${good.abv} % alcohol` : say`without alcohol`] : []),
];

/** The steps that something goes with: "with 2, 4 and 5". */
export const withSteps = ({ goesWith }: GuestCard): string =>
  goesWith.length > 0 ? say`good with ${goesWith.join(', ')}` : '';

export const allergenList = (ids: readonly AllergenId[]): string => ids.map(allergenLabel).join(', ');

/** What a good is like, in people's own words: no language says them anew. */
export const OwnWords = ({ words, className = '' }: { words: readonly string[]; className?: string }) => (
  <p className={`italic ${className}`} translate="no">
    {words.join(', ')}
  </p>
);

/** The step of the tasting; what stands beside has none. */
export const StepNumber = ({ card, large }: { card: GuestCard; large?: boolean }) =>
  card.number !== null && (
    <span
      className={`flex shrink-0 items-center justify-center rounded-full border-2 border-black font-serif font-semibold ${large ? 'size-[15mm] text-[24pt]' : 'size-[10mm] text-[16pt]'}`}
    >
      {card.number}
    </span>
  );

/** For whom at this table it is not: one plain mark, and words; then the line for elders and the frail. */
export function Marks({
  card,
  short,
  inLine,
}: {
  card: GuestCard;
  short?: boolean;
  /** On the line of what went before, where lines are few. */
  inLine?: boolean;
}) {
  const { format } = usePaper();
  const marks = marksWords(card.marks, format);
  const elders = short ? '' : eldersWords(card.marks);
  return (
    <>
      {marks.length > 0 && (
        <strong className={inLine ? undefined : 'block'} data-marks>
          {inLine && ' '}▲ {marks.join(' · ')}
        </strong>
      )}
      {elders && <span className="block text-[0.9em]">{elders}</span>}
    </>
  );
}

/** Whom to ask about what is in it. */
export function AskWhom() {
  const { house } = usePaper();
  return <>{say`Questions: ask ${house.onDuty || house.name}.`}</>;
}

/** What is in it, what may be, and what shares its board. Never "free": a shared board is not. */
export function Allergens({ card, short }: { card: GuestCard; short?: boolean }) {
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
          : say` Not an ingredient, but shares a board with: ${shares}.`)}{' '}
      <AskWhom />
    </>
  );
}
