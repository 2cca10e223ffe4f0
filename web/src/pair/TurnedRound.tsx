import {
  isMain,
  rankBeside,
  rankGoods,
  takeOff,
  withoutIt,
  type Companion,
  type Main,
  type Match,
} from '@rotula/core';
import { useMemo } from 'react';
import { useWorkbench } from '../frame/context';
import { SlateSection } from '../ui/Slate';
import { signed } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { lineOf, sentence } from '../words';
import { say } from '../language/say';

const HOSTS_SHOWN = 5;

/** The question turned round: what a jar or bottle is for, on this board and on the whole counter, the best first. */
export default function TurnedRound({ id, onBack }: { id: string; onBack: () => void }) {
  const { plan, counter, document, shelf, house, format } = useWorkbench();
  const { order } = document;
  const stands = plan.pairs.set.some((entry) => entry.beside.id === id);
  const beside = useMemo(
    () =>
      [...plan.pairs.set.map((entry) => entry.beside), ...Object.values(plan.pairs.candidates).flat()].find(
        (any) => any.id === id,
      ) ?? null,
    [plan.pairs, id],
  );
  const picked = useMemo(() => new Set(plan.mains.map((main) => main.id)), [plan.mains]);
  const elsewhere = useMemo(
    () => counter.filter((good): good is Main => isMain(good) && !picked.has(good.id)),
    [counter, picked],
  );
  const without = useMemo(
    () => (stands ? withoutIt(order, plan, shelf, house, id) : null),
    [stands, id, order, plan, shelf, house],
  );
  if (!beside) return null;
  return (
    <SlateSection
      title={say`What ${beside.name} is for`}
      aside={
        <button
          type="button"
          aria-label={say`Back to the goods`}
          className="min-h-11 text-chalk-soft underline underline-offset-4 hover:text-chalk"
          onClick={onBack}
        >{say`back`}</button>
      }
    >
      <div data-turned={beside.id}>
        <Ranked list={rankGoods(beside, plan.mains, plan.pairs.weights)} />
        {without && (
          <button
            type="button"
            data-take-off={beside.id}
            className="my-2 w-full rounded-lg border-[1.5px] border-slate-line px-3 py-2 text-left hover:border-chalk-soft"
            onClick={() => {
              document.change(say`${beside.name} off the board`, (o) => takeOff(o, beside.id));
              onBack();
            }}
          >
            <span className="block">{say`Take ${beside.name} off`}</span>
            <span className="block text-sm text-chalk-soft">
              {Math.abs(without.loses) < 0.05 ? say`no loss` : say`${signed(-without.loses, 1)} points`}
              {say`, ${without.saves >= 0 ? say`saves ${format.money(without.saves)}` : say`costs ${format.money(-without.saves)} more`}`}
              {without.instead.length > 0 &&
                say`; ${format.list(without.instead.map(({ name }) => name))} in its place`}
            </span>
          </button>
        )}
        {beside.kind === 'companion' && beside.role === 'chocolate' && <PouredBeside host={beside} />}
        <h3 className="mt-3 mb-1 text-chalk-soft">{say`And on the counter`}</h3>
        <Ranked list={rankGoods(beside, elsewhere, plan.pairs.weights).slice(0, HOSTS_SHOWN)} />
      </div>
    </SlateSection>
  );
}

/** Chocolate is tasted for itself: what is poured beside it. */
function PouredBeside({ host }: { host: Companion }) {
  const { plan } = useWorkbench();
  const drinks = rankBeside(host, plan.pairs.candidates.drink, plan.pairs.weights).slice(0, 3);
  return (
    <>
      <h3 className="mt-3 mb-1 text-chalk-soft">{say`Poured beside it`}</h3>
      <ol>
        {drinks.map(({ beside, score }) => (
          <li key={beside.id} className="flex gap-3 py-0.5">
            <span className="flex-1">
              {beside.name} <span className="text-sm text-chalk-soft">{beside.style}</span>
            </span>
            <span className={score >= 0 ? 'text-leaf-lit' : 'text-wax-lit'}>{signed(score, 1)}</span>
          </li>
        ))}
      </ol>
    </>
  );
}

function Ranked({ list }: { list: readonly { readonly main: Main; readonly match: Match }[] }) {
  const { plan, format } = useWorkbench();
  return (
    <ol>
      {list.map(({ main, match }) => (
        <li key={main.id} className="flex items-center gap-3 py-1" data-good={main.id}>
          <span className="rounded-full bg-paper p-0.5">
            <GoodPicture good={main} size={30} />
          </span>
          <span className="min-w-0 flex-1">
            <span className="block font-bold">{main.name}</span>
            <span className="block text-sm text-chalk-soft">
              {match.reasons[0] ? sentence(match.reasons[0], format) : lineOf(main, plan.brief.servingAt)}
            </span>
          </span>
          <span className={match.score >= 0 ? 'text-leaf-lit' : 'text-wax-lit'}>
            {signed(match.score, 1)}
          </span>
        </li>
      ))}
    </ol>
  );
}
