import type { ReactNode } from 'react';
import { useWorkbench } from '../../frame/context';
import { say } from '../../language/say';
import { Bites, menuCards, MenuFoot, MenuHead, MenuStep } from './parts';

/** A sheet on its side, printed on both and folded in the middle: cover and back outside, the tasting inside. */
export function FoldedMenu() {
  const { plan } = useWorkbench();
  const cards = menuCards(plan);
  const half = Math.ceil(cards.length / 2);
  return (
    <>
      <p className="no-print mb-3 text-ink-soft">{say`Print on both sides, turned over the short edge, and fold along the dashes.`}</p>
      <div data-turned>
        <Side
          name={say`outside`}
          left={
            <>
              <Bites bites={plan.bites} />
              <MenuFoot />
            </>
          }
          right={<MenuHead />}
        />
        <Side
          name={say`inside`}
          left={<Steps cards={cards.slice(0, half)} />}
          right={<Steps cards={cards.slice(half)} />}
        />
      </div>
    </>
  );
}

const Steps = ({ cards }: { cards: ReturnType<typeof menuCards> }) => (
  <ol className="space-y-[4mm]">
    {cards.map((card) => (
      <MenuStep key={card.good.id} card={card} />
    ))}
  </ol>
);

const Side = ({ name, left, right }: { name: string; left: ReactNode; right: ReactNode }) => (
  <section className="fold-sheet grid grid-cols-2 text-center" aria-label={name}>
    <div className="flex flex-col justify-center border-r border-dashed border-black/60 px-[8mm]">{left}</div>
    <div className="flex flex-col justify-center px-[8mm]">{right}</div>
  </section>
);
