import { disputesOver, matchOf, type Beside, type Main, type Slot, type SlotPair } from '@rotula/core';
import { useWorkbench } from '../frame/context';
import { signed } from '../ui/format';
import { Reasons, SlateSection } from '../ui/Slate';
import { DISPUTE_WORDS, SAYING_WORDS, sentence } from '../words';
import { say } from '../language/say';
import { HouseWord } from './HouseWord';

const LINK = 'mt-2 mr-4 min-h-11 text-chalk-soft underline underline-offset-4 hover:text-chalk';
const REASONS_SHOWN = 6;

/** Why this stands beside that: signed reasons, where the trade disagrees, and what the house says. */
export function Why({
  main,
  beside,
  pair,
  onChoose,
}: {
  main: Main;
  beside: Beside;
  /** What stands in the slot now. */
  pair: SlotPair | undefined;
  onChoose: (id: string | null, name: string) => void;
}) {
  const { plan, house, format } = useWorkbench();
  const match = matchOf(main, beside, plan.pairs.weights);
  const stands = pair?.match?.beside.id === beside.id;
  return (
    <SlateSection title={say`Why ${beside.name}`} aside={say`beside ${main.name}: ${signed(match.score, 1)}`}>
      {stands && pair?.word && (
        <p className="mb-2 rounded-md bg-slate-lit px-2 py-1">
          {say`The house: ${SAYING_WORDS[pair.word.says]}.`} {pair.word.why}
        </p>
      )}
      <Reasons
        reasons={match.reasons.slice(0, REASONS_SHOWN).map((r) => ({
          effect: signed(r.effect, 1),
          good: r.effect > 0,
          says: sentence(r, format),
          source: r.source,
        }))}
      />
      {house.learnt && beside.kind === 'drink' && (
        <p
          className="mt-1 text-sm text-chalk-soft"
          data-learnt
        >{say`As the house’s own tastings weigh it.`}</p>
      )}
      {match.reasons.length === 0 && <p>{say`Plain company, in nobody's way.`}</p>}
      {match.reasons.length > REASONS_SHOWN && (
        <p className="text-sm text-chalk-soft">
          {say`and ${match.reasons.length - REASONS_SHOWN} smaller, ${signed(
            match.reasons.slice(REASONS_SHOWN).reduce((sum, { effect }) => sum + effect, 0),
            1,
          )} together`}
        </p>
      )}
      {disputesOver(main, beside).map((dispute) => (
        <p
          key={dispute}
          className="mt-2 border-l-2 border-slate-line pl-3 text-chalk-soft"
          data-dispute={dispute}
        >
          {say`Disputed.`} {DISPUTE_WORDS[dispute].one} <span className="italic">{say`Others:`}</span>{' '}
          {DISPUTE_WORDS[dispute].other}
        </p>
      ))}
      <div>
        {!stands && (
          <button
            type="button"
            className={LINK}
            onClick={() => onChoose(beside.id, beside.name)}
          >{say`Set it beside ${main.name}`}</button>
        )}
        {stands && pair?.byHand && (
          <button
            type="button"
            className={LINK}
            onClick={() => onChoose(null, '')}
          >{say`as Rotula would`}</button>
        )}
      </div>
      <HouseWord main={main} beside={beside} />
    </SlateSection>
  );
}

/** What of a slot is chosen beside a good, as one change of the order; null: what Rotula would. */
export function useChoice(main: Main, slot: Slot, slotWord: string) {
  const { document } = useWorkbench();
  return (id: string | null, name: string) =>
    document.change(
      id === null ? say`the ${slotWord} as Rotula would` : say`${name} beside ${main.name}`,
      (order) => {
        const { [slot]: _old, ...rest } = order.pairs[main.id] ?? {};
        return {
          ...order,
          pairs: { ...order.pairs, [main.id]: id === null ? rest : { ...rest, [slot]: id } },
        };
      },
    );
}
