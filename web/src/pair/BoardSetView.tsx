import { bridgesOf, feltIn, putBack, SLOTS, USUAL_SLOTS } from '@rotula/core';
import { useMemo } from 'react';
import { useWorkbench } from '../frame/context';
import { count, signed } from '../ui/format';
import { SlateSection } from '../ui/Slate';
import { FELT_WORDS } from '../words';
import { say, word } from '../language/say';

const NAME =
  'mr-3 inline-flex min-h-11 items-center underline decoration-slate-line underline-offset-4 hover:text-chalk aria-pressed:font-bold';

/** The few jars and bottles that serve the whole board: which, how many, and what bridges two neighbours. */
export function BoardSetView({
  turned,
  onTurn,
}: {
  turned: string | null;
  onTurn: (beside: string | null) => void;
}) {
  const { plan, document, goods } = useWorkbench();
  return (
    <>
      <SlateSection title={say`The board's set`} aside={count(plan.pairs.set.length, 'thing')}>
        <p className="mb-2 text-sm text-chalk-soft">{say`Few jars serve many goods. Touch one to see what it is for.`}</p>
        {SLOTS.map((slot) => {
          const entries = plan.pairs.set.filter((e) => e.slot === slot);
          if (entries.length === 0 && !USUAL_SLOTS.includes(slot)) return null;
          return (
            <p key={slot}>
              <span className="text-chalk-soft">{word(slot)}: </span>
              {entries.map(({ beside, serves }) => (
                <button
                  key={beside.id}
                  type="button"
                  data-turn={beside.id}
                  aria-pressed={turned === beside.id}
                  className={NAME}
                  onClick={() => onTurn(turned === beside.id ? null : beside.id)}
                >
                  {beside.name}
                  {serves.length === 0 && (slot === 'bread' ? say` (for who needs it)` : say` (always sold)`)}
                </button>
              ))}
              {entries.length === 0 && say`none`}
            </p>
          );
        })}
        {feltIn(plan.brief).map((felt) => (
          <p key={felt} className="mt-1 text-sm text-chalk-soft" data-felt={felt}>
            {FELT_WORDS[felt]}
          </p>
        ))}
        {document.order.takenOff.length > 0 && (
          <p className="mt-2" data-taken-off>
            <span className="text-chalk-soft">{say`taken off: `}</span>
            {document.order.takenOff.map((id) => (
              <button
                key={id}
                type="button"
                className={NAME}
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
      <HowMany />
      <Bridges />
    </>
  );
}

/** Value against number of things, and where it stops to pay. */
function HowMany() {
  const { plan, document, format, house } = useWorkbench();
  const { choice } = plan.pairs;
  if (!choice || choice.curve.length < 2) return null;
  const { curve, knee, kinds } = choice;
  const most = Math.max(...curve.map(({ value }) => value));
  const least = Math.min(...curve.map(({ value }) => value));
  const set = (pairKinds: number | null) =>
    document.change(
      pairKinds === null ? say`as many things as pay` : say`${pairKinds} things beside the goods`,
      (order) => ({ ...order, pairKinds }),
    );
  return (
    <SlateSection title={say`How many`} aside={say`points less money`}>
      <div className="flex items-end gap-1" aria-hidden data-curve>
        {curve.map((point) => (
          <div key={point.kinds} className="flex flex-1 flex-col items-center">
            <div
              className={
                point.kinds === kinds ? 'w-full rounded-t bg-butter' : 'w-full rounded-t bg-slate-line'
              }
              style={{ height: 8 + 56 * ((point.value - least) / Math.max(1e-9, most - least)) }}
            />
            <span className="text-sm text-chalk-soft">{point.kinds}</span>
          </div>
        ))}
      </div>
      <p className="sr-only">
        {curve.map((point) => say`${point.kinds}: ${signed(point.value, 1)} points`).join('; ')}
      </p>
      <div className="mt-2">
        <div role="group" aria-label={say`Things beside`} className="flex items-center gap-3">
          <span className="flex-1">{say`Things beside`}</span>
          <Step label={say`One thing fewer`} to={kinds - 1} open={kinds > curve[0]!.kinds} onSet={set}>
            −
          </Step>
          <strong className="w-8 text-center text-lg" data-kinds>
            {kinds}
          </strong>
          <Step label={say`One thing more`} to={kinds + 1} open={kinds < curve.at(-1)!.kinds} onSet={set}>
            +
          </Step>
        </div>
      </div>
      <p className="mt-1 text-sm text-chalk-soft">
        {say`${knee} is where one more brings little for its money (a point is worth ${format.money(house.pairPoint)} a guest).`}{' '}
        {choice.among &&
          say`Chosen among the best of each kind: the counter has more than can all be weighed. `}
        {choice.gap > 0 && say`Not proven: a set better by ${signed(choice.gap, 1)} points may be had.`}
      </p>
      {document.order.pairKinds !== null && (
        <button
          type="button"
          className="min-h-11 text-chalk-soft underline underline-offset-4 hover:text-chalk"
          onClick={() => set(null)}
        >{say`As many as pay`}</button>
      )}
    </SlateSection>
  );
}

function Step({
  label,
  to,
  open,
  onSet,
  children,
}: {
  label: string;
  to: number;
  open: boolean;
  onSet: (kinds: number) => void;
  children: string;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      disabled={!open}
      className="size-11 rounded-md border border-slate-line text-xl hover:bg-slate-lit disabled:opacity-40"
      onClick={() => onSet(to)}
    >
      {children}
    </button>
  );
}

/** What suits two neighbours of the tasting, so that it stands between them. */
function Bridges() {
  const { plan } = useWorkbench();
  const bridges = useMemo(
    () =>
      bridgesOf(
        plan.walk.steps.map(({ main }) => main),
        plan.pairs.set.map(({ beside }) => beside),
        Object.values(plan.pairs.candidates).flat(),
      ),
    [plan.walk, plan.pairs],
  );
  if (bridges.length === 0) return null;
  return (
    <SlateSection title={say`Bridges`} aside={say`between neighbours`}>
      <ul>
        {bridges.map(({ from, to, beside }) => (
          <li key={`${from.id} ${to.id}`} className="py-1">
            <strong>{beside.name}</strong>{' '}
            <span className="text-chalk-soft">{say`between ${from.name} and ${to.name}`}</span>
          </li>
        ))}
      </ul>
    </SlateSection>
  );
}
