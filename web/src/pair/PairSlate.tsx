import { matchOf, putBack, rankBeside, SLOTS, type Main, type Slot } from '@rotula/core';
import clsx from 'clsx';
import { AdviceList } from '../frame/AdviceList';
import { Cautions, GuestCautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { Finder } from '../ui/Finder';
import { capital, count, signed } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Reasons, SlateSection } from '../ui/Slate';
import { sentence } from '../words';
import { say, word } from '../language/say';
import type { Cell } from './PairMatrix';
import { TurnedRound } from './TurnedRound';

const SHOWN = 6;

/** Why this stands beside that, what else would, and the set of the whole board. */
export function PairSlate({
  main,
  slot,
  cell = null,
  turned,
  onTurn,
}: {
  main: Main | null;
  slot: Slot;
  /** The two whose reasons are asked for, where they are not what stands beside each other. */
  cell?: Cell | null;
  /** The companion or drink that the question is turned round for; null: it is not. */
  turned: string | null;
  onTurn: (beside: string | null) => void;
}) {
  const { plan, document, goods, format } = useWorkbench();
  if (!main) return null;
  const pair = plan.pairs.byGood.get(main.id)?.find((p) => p.slot === slot);
  const asked =
    cell?.main === main.id ? plan.pairs.set.find((entry) => entry.beside.id === cell.beside) : null;
  const shown = asked ? matchOf(main, asked.beside) : (pair?.match ?? null);
  const stands = shown !== null && shown.beside.id === pair?.match?.beside.id;
  const ranked = rankBeside(main, plan.pairs.candidates[slot]);
  const choose = (id: string | null, name: string) =>
    document.change(
      id === null ? say`the ${word(slot)} as Rotula would` : say`${name} beside ${main.name}`,
      (order) => {
        const { [slot]: _old, ...rest } = order.pairs[main.id] ?? {};
        return {
          ...order,
          pairs: { ...order.pairs, [main.id]: id === null ? rest : { ...rest, [slot]: id } },
        };
      },
    );
  return (
    <>
      <GuestCautions />
      {turned && <TurnedRound id={turned} onBack={() => onTurn(null)} />}
      {shown && (
        <SlateSection title={say`Why ${shown.beside.name}`} aside={say`beside ${main.name}`}>
          <Reasons
            reasons={shown.reasons.slice(0, 6).map((r) => ({
              effect: signed(r.effect, 1),
              good: r.effect > 0,
              says: sentence(r, format),
              source: r.source,
            }))}
          />
          {shown.reasons.length === 0 && <p>{say`Plain company, in nobody's way.`}</p>}
          {asked && !stands && (
            <button
              type="button"
              className="mt-2 mr-4 min-h-11 text-chalk-soft underline underline-offset-4 hover:text-chalk"
              onClick={() => choose(asked.beside.id, asked.beside.name)}
            >{say`Set it beside ${main.name}`}</button>
          )}
          {stands && pair?.byHand && (
            <button
              type="button"
              className="mt-2 min-h-11 text-chalk-soft underline underline-offset-4 hover:text-chalk"
              onClick={() => choose(null, '')}
            >{say`as Rotula would`}</button>
          )}
        </SlateSection>
      )}
      <AdviceList />
      <SlateSection title={say`${capital(word(slot))} for ${main.name}`} aside={say`fit`}>
        <ul>
          {ranked.slice(0, SHOWN).map((match) => (
            <li key={match.beside.id}>
              <button
                type="button"
                className={clsx(
                  'flex w-full items-center gap-3 rounded-lg px-1 py-1.5 text-left hover:bg-slate-lit',
                  match.beside.id === pair?.match?.beside.id && 'bg-slate-lit',
                )}
                onClick={() => choose(match.beside.id, match.beside.name)}
              >
                <span className="rounded-full bg-paper p-0.5">
                  <GoodPicture good={match.beside} size={34} />
                </span>
                <span className="flex-1">
                  <span className="block font-bold">{match.beside.name}</span>
                  <span className="block text-sm text-chalk-soft">
                    {match.reasons[0] ? sentence(match.reasons[0], format) : match.beside.style}
                  </span>
                </span>
                <span className={match.score >= 0 ? 'text-leaf-lit' : 'text-wax-lit'}>
                  {signed(match.score, 1)}
                </span>
              </button>
            </li>
          ))}
        </ul>
        {ranked.length > SHOWN && (
          <div className="mt-2">
            <Finder
              label={say`Another ${word(slot)} for ${main.name}`}
              placeholder={say`${ranked.length - SHOWN} more`}
              items={ranked}
              keyOf={(match) => match.beside.id}
              textOf={(match) => `${match.beside.name} ${match.beside.style}`}
              show={(match) => (
                <span className="flex items-center gap-3">
                  <GoodPicture good={match.beside} size={30} />
                  <span className="flex-1">
                    {match.beside.name} <span className="text-sm text-ink-soft">{match.beside.style}</span>
                  </span>
                  <span>{signed(match.score, 1)}</span>
                </span>
              )}
              onTake={(match) => choose(match.beside.id, match.beside.name)}
            />
          </div>
        )}
        {ranked.length === 0 && (
          <p className="text-chalk-soft">{say`The counter has none that the limits allow.`}</p>
        )}
      </SlateSection>
      <SlateSection title={say`The board's set`} aside={count(plan.pairs.set.length, 'thing')}>
        <p className="mb-2 text-sm text-chalk-soft">{say`Few jars serve many goods. Touch one to see what it is for.`}</p>
        {SLOTS.map((s) => (
          <p key={s}>
            <span className="text-chalk-soft">{word(s)}: </span>
            {plan.pairs.set
              .filter((e) => e.slot === s)
              .map(({ beside, serves }) => (
                <button
                  key={beside.id}
                  type="button"
                  data-turn={beside.id}
                  aria-pressed={turned === beside.id}
                  className="mr-3 inline-flex min-h-11 items-center underline decoration-slate-line underline-offset-4 hover:text-chalk aria-pressed:font-bold"
                  onClick={() => onTurn(turned === beside.id ? null : beside.id)}
                >
                  {beside.name}
                  {serves.length === 0 && say` (gluten-free)`}
                </button>
              ))}
            {!plan.pairs.set.some((e) => e.slot === s) && say`none`}
          </p>
        ))}
        {document.order.takenOff.length > 0 && (
          <p className="mt-2" data-taken-off>
            <span className="text-chalk-soft">{say`taken off: `}</span>
            {document.order.takenOff.map((id) => (
              <button
                key={id}
                type="button"
                className="mr-3 inline-flex min-h-11 items-center underline decoration-slate-line underline-offset-4 hover:text-chalk"
                onClick={() =>
                  document.change(say`${goods.get(id)?.name ?? id} may stand again`, (order) =>
                    putBack(order, id),
                  )
                }
              >
                {goods.get(id)?.name ?? id}
              </button>
            ))}
          </p>
        )}
      </SlateSection>
      <Cautions />
    </>
  );
}
