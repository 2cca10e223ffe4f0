import { isCheese, SLOTS, type Main, type Slot } from '@rotula/core';
import { lazy, Suspense } from 'react';
import { AdviceList } from '../frame/AdviceList';
import { Cautions, GuestCautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { Finder } from '../ui/Finder';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { SlateSection } from '../ui/Slate';
import { Tabs } from '../ui/Tabs';
import { say, word } from '../language/say';
import { BoardSetView } from './BoardSetView';
import { MeatsBeside } from './MeatsBeside';
import type { Cell } from './PairMatrix';
import { RankedList } from './RankedList';
import { TableDrinks } from './TableDrinks';
import { useChoice, Why } from './Why';

// It plans the order without it.
const TurnedRound = lazy(() => import('./TurnedRound'));

/** Why this stands beside that and what else would; the set of the whole board; the drinks for the table. */
export function PairSlate({
  main,
  slot,
  cell = null,
  turned,
  onTurn,
  onSlot,
}: {
  main: Main | null;
  slot: Slot;
  /** The two whose reasons are asked for, where they are not what stands beside each other. */
  cell?: Cell | null;
  /** The companion or drink that the question is turned round for; null: it is not. */
  turned: string | null;
  onTurn: (beside: string | null) => void;
  onSlot?: (slot: Slot) => void;
}) {
  if (!main) return null;
  return (
    <>
      <GuestCautions />
      {turned && (
        <Suspense fallback={null}>
          <TurnedRound id={turned} onBack={() => onTurn(null)} />
        </Suspense>
      )}
      <AdviceList at="pair" />
      <Tabs
        label={say`Pairing`}
        tabs={[
          {
            name: say`This pair`,
            view: () => <ThisPair main={main} slot={slot} cell={cell} onSlot={onSlot} />,
          },
          { name: say`The set`, view: () => <BoardSetView turned={turned} onTurn={onTurn} /> },
          { name: say`Drinks`, view: () => <TableDrinks /> },
        ]}
      />
      <AskOfAny onTurn={onTurn} />
      <Cautions />
    </>
  );
}

function ThisPair({
  main,
  slot,
  cell,
  onSlot,
}: {
  main: Main;
  slot: Slot;
  cell: Cell | null;
  onSlot?: (slot: Slot) => void;
}) {
  const { plan } = useWorkbench();
  const pair = plan.pairs.byGood.get(main.id)?.find((p) => p.slot === slot);
  const chosen =
    cell?.main === main.id ? plan.pairs.set.find((entry) => entry.beside.id === cell.beside) : undefined;
  const shown = chosen?.beside ?? pair?.match?.beside;
  const choose = useChoice(main, slot, word(slot));
  return (
    <>
      {shown && <Why main={main} beside={shown} pair={pair} onChoose={choose} />}
      <RankedList main={main} slot={slot} standing={pair?.match?.beside.id ?? null} onChoose={choose} />
      {onSlot && (
        <div
          className="flex flex-wrap gap-2"
          role="group"
          aria-label={say`Another place beside ${main.name}`}
        >
          {SLOTS.filter((other) => other !== slot && plan.pairs.candidates[other].length > 0).map((other) => (
            <button
              key={other}
              type="button"
              data-slot-chip={other}
              className="min-h-11 rounded-full border border-slate-line px-3 text-chalk-soft hover:text-chalk"
              onClick={() => onSlot(other)}
            >
              {word(other)}
            </button>
          ))}
        </div>
      )}
      {isCheese(main) && <MeatsBeside cheese={main} />}
    </>
  );
}

/** The question turned round for anything on the counter. */
function AskOfAny({ onTurn }: { onTurn: (beside: string) => void }) {
  const { plan } = useWorkbench();
  const all = Object.values(plan.pairs.candidates).flat();
  return (
    <SlateSection title={say`What is a bottle or a jar for?`}>
      <Finder
        label={say`What is a bottle or a jar for?`}
        placeholder={say`Any of ${all.length}`}
        items={all}
        keyOf={({ id }) => id}
        textOf={({ name, style }) => `${name} ${style}`}
        show={(beside) => (
          <span className="flex items-center gap-3">
            <GoodPicture good={beside} size={30} />
            <span className="flex-1">
              {beside.name} <span className="text-sm text-ink-soft">{beside.style}</span>
            </span>
          </span>
        )}
        onTake={({ id }) => onTurn(id)}
      />
    </SlateSection>
  );
}
