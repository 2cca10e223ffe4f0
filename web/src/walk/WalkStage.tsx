import { reasonKey, type Plan } from '@rotula/core';
import clsx from 'clsx';
import { ArrowDown, ArrowUp, Droplets } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { Cautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { StageLayout } from '../frame/StageLayout';
import { IconButton } from '../ui/IconButton';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { SlateSection } from '../ui/Slate';
import { sentence, strengthOf } from '../words';
import { say } from '../language/say';

const PalateCurve = lazy(() => import('./PalateCurve'));

/** What clears the palate here: a good that the limits of the table allow, or water. */
const cleanserWords = (cleanser: Plan['cleanser']) =>
  cleanser
    ? say`a bite of ${cleanser.name} (${cleanser.style})`
    : say`a sip of water: nothing on the counter that the limits allow clears the palate`;

/** The order of tasting, mild to strong, with the drinks beside. */
export default function WalkStage() {
  const { plan, document, focus, setFocus, format } = useWorkbench();
  const { walk } = plan;
  const ids = walk.steps.map((s) => s.main.id);
  const move = (from: number, to: number, name: string) =>
    document.change(say`move ${name} to ${to + 1}`, (order) => {
      const next = ids.filter((_, i) => i !== from);
      next.splice(to, 0, ids[from]!);
      return { ...order, walk: next };
    });
  return (
    <StageLayout
      slate={
        <>
          <SlateSection title={say`Palate curve`} aside={say`strength, dotted: what lingers`}>
            <Suspense fallback={<div className="h-[150px]" />}>
              <PalateCurve steps={walk.steps} />
            </Suspense>
            <p className="mt-1 text-sm text-chalk-soft">
              {walk.byHand
                ? say`Your own order.`
                : walk.exact
                  ? say`The best of every possible order, by exact computation.`
                  : say`Too many for the exact order: mild to strong, blue last.`}
              {walk.byHand && (
                <button
                  type="button"
                  className="ml-2 min-h-11 underline underline-offset-4 hover:text-chalk"
                  onClick={() =>
                    document.change(say`the walk as Rotula would`, (order) => ({ ...order, walk: null }))
                  }
                >{say`as Rotula would`}</button>
              )}
            </p>
          </SlateSection>
          {focus && (
            <SlateSection title={say`Why ${focus.name} there`}>
              <ul className="space-y-1.5">
                {walk.steps
                  .find((s) => s.main.id === focus.id)
                  ?.reasons.map((r) => (
                    <li key={reasonKey(r)} className={clsx(r.effect < 0 && 'text-wax-lit')}>
                      {sentence(r, format)}
                    </li>
                  ))}
              </ul>
            </SlateSection>
          )}
          <Cautions />
        </>
      }
    >
      <ol className="divide-y divide-line border-y border-line">
        {walk.steps.map(({ number, main, cleanse, reasons }, i) => {
          const pairs = plan.pairs.byGood.get(main.id) ?? [];
          const drinks = pairs
            .filter((p) => p.slot === 'drink' || p.slot === 'no-alcohol')
            .flatMap((p) => (p.match ? [p.match.beside] : []));
          return (
            <li
              key={main.id}
              className={clsx('relative', focus?.id === main.id && 'bg-paper-lit')}
              onClick={() => setFocus(main.id)}
              onFocus={() => setFocus(main.id)}
            >
              {focus?.id === main.id && <span className="absolute inset-y-0 -left-3 w-1 bg-annatto" />}
              {cleanse && (
                <p className="flex items-center gap-2 pt-2 pl-14 text-sm text-vein">
                  <Droplets size={16} aria-hidden /> {say`first ${cleanserWords(plan.cleanser)}`}
                </p>
              )}
              <div className="flex items-center gap-4 py-2">
                <span className="w-10 text-center font-serif text-3xl font-semibold">{number}</span>
                <GoodPicture good={main} size={50} />
                <div className="min-w-0 flex-1">
                  <div className="text-lg leading-5 font-bold">{main.name}</div>
                  <div className="text-sm text-ink-soft">
                    {strengthOf(main)} · {reasons[0] && sentence(reasons[0], format)}
                  </div>
                </div>
                <ul
                  className="hidden w-60 space-y-0.5 min-[860px]:block"
                  aria-label={say`Drinks beside ${main.name}`}
                >
                  {drinks.map((drink) => (
                    <li key={drink.id} className="flex items-center gap-2">
                      <GoodPicture good={drink} size={26} />
                      <span className="truncate">
                        {drink.name} <span className="text-sm text-ink-soft">{drink.style}</span>
                      </span>
                    </li>
                  ))}
                </ul>
                <span className="flex">
                  <IconButton
                    label={say`Move ${main.name} earlier`}
                    disabled={i === 0}
                    onClick={() => move(i, i - 1, main.name)}
                  >
                    <ArrowUp size={20} />
                  </IconButton>
                  <IconButton
                    label={say`Move ${main.name} later`}
                    disabled={i === walk.steps.length - 1}
                    onClick={() => move(i, i + 1, main.name)}
                  >
                    <ArrowDown size={20} />
                  </IconButton>
                </span>
              </div>
            </li>
          );
        })}
      </ol>
    </StageLayout>
  );
}
