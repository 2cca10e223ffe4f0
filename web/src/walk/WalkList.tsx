import { changeOf, type Main, type WalkStep } from '@rotula/core';
import clsx from 'clsx';
import { ArrowDown, ArrowUp, Droplets, Pin, PinOff } from 'lucide-react';
import { ShortMark } from '../frame/ShortMark';
import { useWorkbench } from '../frame/context';
import { IconButton } from '../ui/IconButton';
import { signed } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { sentence, strengthOf } from '../words';
import { say } from '../language/say';
import { Desserts } from './Desserts';

/** The order of tasting, mild to strong, with the drinks beside and relief where the palate needs it. */
export function WalkList() {
  const { plan } = useWorkbench();
  return (
    <>
      <Cleanser />
      <ol className="divide-y divide-line border-y border-line">
        {plan.walk.steps.map((step, i) => (
          <Step key={step.main.id} step={step} at={i} />
        ))}
      </ol>
      <Desserts />
    </>
  );
}

/** What clears the palate on this board; where it does not lie there yet, it is one touch away. */
function Cleanser() {
  const { plan, document, format } = useWorkbench();
  const { cleanser, walk, beside, relief } = plan;
  const places = walk.steps.filter(({ cleanse }) => cleanse).length;
  if (places === 0)
    return (
      <p className="mb-3 text-ink-soft">{say`The walk rises so gently that water is all the palate needs.`}</p>
    );
  const lies = cleanser && beside.some(({ id }) => id === cleanser.id);
  return (
    <p
      className="mb-3 flex flex-wrap items-center gap-x-3 text-ink-soft"
      data-cleanser={cleanser?.id ?? 'water'}
    >
      <Droplets size={18} className="text-vein" aria-hidden />
      {cleanser
        ? say`${cleanser.name} clears the palate ${places === 1 ? say`once` : say`${places} times`}${lies ? say`; it lies on the board` : ''}: about ${format.grams(relief?.net ?? 0)} in all.`
        : say`Nothing on the counter that the limits allow clears the palate: water, ${places} ${places === 1 ? say`time` : say`times`}.`}
      {cleanser && !lies && (
        <button
          type="button"
          className="min-h-11 underline underline-offset-4 hover:text-ink"
          onClick={() =>
            document.change(say`${cleanser.name} onto the board`, (order) => ({
              ...order,
              extras: [...new Set([...order.extras, cleanser.id])],
            }))
          }
        >{say`Put ${cleanser.name} on the board`}</button>
      )}
    </p>
  );
}

function Step({ step, at }: { step: WalkStep; at: number }) {
  const { plan, focus, setFocus, format } = useWorkbench();
  const { main, number, cleanse, reasons, tooMuch } = step;
  const drinks = (plan.pairs.byGood.get(main.id) ?? [])
    .filter((p) => p.slot === 'drink' || p.slot === 'no-alcohol')
    .flatMap((p) => (p.match ? [p.match.beside] : []));
  return (
    <li
      className={clsx('relative', focus?.id === main.id && 'bg-paper-lit')}
      onClick={() => setFocus(main.id)}
      onFocus={() => setFocus(main.id)}
    >
      {focus?.id === main.id && <span className="absolute inset-y-0 -left-3 w-1 bg-annatto" />}
      {cleanse && (
        <p className="flex items-center gap-2 pt-2 pl-14 text-sm text-vein" data-relief={number}>
          <Droplets size={16} aria-hidden />
          {plan.cleanser
            ? say`first a bite of ${plan.cleanser.name} (${plan.cleanser.style})`
            : say`first a sip of water: nothing on the counter that the limits allow clears the palate`}
        </p>
      )}
      <div className="flex items-center gap-4 py-2">
        <span className="w-10 text-center font-serif text-3xl font-semibold">{number}</span>
        <GoodPicture good={main} size={50} />
        <div className="min-w-0 flex-1">
          <div className="text-lg leading-5 font-bold">
            {main.name}
            <ShortMark good={main.id} />
          </div>
          <div className="text-sm text-ink-soft">
            {strengthOf(main)} · {reasons[0] && sentence(reasons[0], format)}
            {tooMuch && (
              <span className="text-annatto-text"> {say`✕ more is left over than it can bear`}</span>
            )}
          </div>
        </div>
        <ul
          className="hidden w-60 space-y-0.5 min-[860px]:block"
          aria-label={say`Drinks beside ${main.name}`}
        >
          {drinks.map((drink) => (
            <li key={drink.id} className="flex items-start gap-2">
              <GoodPicture good={drink} size={26} />
              <span className="min-w-0 leading-5">
                {drink.name} <span className="text-sm text-ink-soft">{drink.style}</span>
              </span>
            </li>
          ))}
        </ul>
        <PinPlace step={step} />
        <Move at={at} to={at - 1} main={main} />
        <Move at={at} to={at + 1} main={main} />
      </div>
    </li>
  );
}

/** A place that stays: the others are ordered round it. In an order that is all by hand there is nothing to pin. */
function PinPlace({ step: { main, number, pinned } }: { step: WalkStep }) {
  const { plan, document } = useWorkbench();
  if (plan.walk.byHand) return null;
  return (
    <IconButton
      label={pinned ? say`Let ${main.name} go where it is best` : say`Pin ${main.name} to place ${number}`}
      onClick={() =>
        document.change(
          pinned ? say`${main.name} no more pinned` : say`${main.name} pinned to ${number}`,
          (order) => {
            const { [main.id]: _was, ...others } = order.walkPins;
            return { ...order, walkPins: pinned ? others : { ...others, [main.id]: number } };
          },
        )
      }
    >
      {pinned ? <PinOff size={20} className="text-annatto-text" /> : <Pin size={20} />}
    </IconButton>
  );
}

/** One place earlier or later: what that costs the palate stands on the button before it is pressed. */
function Move({ at, to, main }: { at: number; to: number; main: Main }) {
  const { plan, document } = useWorkbench();
  const order = plan.walk.steps.map((s) => s.main);
  const out = to < 0 || to >= order.length;
  const next = order.toSpliced(at, 1).toSpliced(to, 0, main);
  const costs = out ? 0 : changeOf(order, next);
  const way = to < at ? say`Move ${main.name} earlier` : say`Move ${main.name} later`;
  return (
    <span className="flex w-12 flex-col items-center">
      <IconButton
        label={way}
        disabled={out}
        onClick={() =>
          document.change(say`move ${main.name} to ${to + 1}`, (o) => ({
            ...o,
            walk: next.map(({ id }) => id),
          }))
        }
      >
        {to < at ? <ArrowUp size={20} /> : <ArrowDown size={20} />}
      </IconButton>
      {!out && (
        <span
          className={clsx('text-sm', costs > 0.05 ? 'text-annatto-text' : 'text-ink-soft')}
          data-costs={to < at ? 'earlier' : 'later'}
          aria-label={say`which costs the palate ${signed(costs, 1)}`}
        >
          {signed(-costs, 1)}
        </span>
      )}
    </span>
  );
}
