import {
  effectOf,
  goodsById,
  isCheese,
  isMain,
  problemOf,
  splurgeAndSave,
  swapper,
  type Brief,
  type Cheese,
  type Main,
  type OrderBody,
  type Plan,
  type Swap,
  swap,
  gentlerFor,
  isDivisive,
  surpriseOf,
} from '@rotula/core';
import { memo, useMemo } from 'react';
import { useWorkbench } from '../frame/context';
import { signed } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Button } from '../ui/Button';
import { Reasons, SlateSection } from '../ui/Slate';
import { lineOf, sentence } from '../words';
import { say } from '../language/say';

const SHOWN_SWAPS = 4;
const SHOWN_REASONS = 5;

/** Why the good in focus is there, against its best rival, and what could stand in its place. */
export const WhyAndSwaps = memo(function WhyAndSwaps({
  main,
  plan,
  order,
  onGhost,
}: {
  main: Main;
  plan: Plan;
  order: OrderBody;
  onGhost: (cheese: Cheese | null) => void;
}) {
  const { stock, house } = useWorkbench();
  const { brief, selection } = order;
  const { mains, brief: settledBrief } = plan;
  const problem = useMemo(
    () => problemOf(brief, stock, house, { locked: [], leftOut: selection.leftOut }),
    [brief, stock, house, selection.leftOut],
  );
  const swapsOf = useMemo(() => swapper(problem), [problem]);
  const all = useMemo(() => swapsOf(mains), [swapsOf, mains]);
  const swaps = all.get(main.id) ?? [];
  const { splurge, save } = splurgeAndSave(all, new Set(selection.locked));
  const byId = useMemo(() => goodsById([...problem.mains, ...mains]), [problem, mains]);
  const goodOf = (id: string) => byId.get(id) as Main;
  const rival = swaps[0] ? goodOf(swaps[0].in) : null;
  return (
    <>
      <Why main={main} mains={mains} rival={rival} brief={settledBrief} />
      <OddAndOptional main={main} plan={plan} />
      <SlateSection title={say`Swaps for its place`} aside={say`balance · cost`}>
        {swaps.length === 0 && (
          <p className="text-chalk-soft">{say`Nothing else on the counter may stand here.`}</p>
        )}
        <ul>
          {swaps.slice(0, SHOWN_SWAPS).map((of) => (
            <SwapRow key={of.in} of={of} main={main} good={goodOf(of.in)} onGhost={onGhost} />
          ))}
        </ul>
      </SlateSection>
      {(splurge || save) && <SplurgeAndSave splurge={splurge} save={save} goodOf={goodOf} />}
    </>
  );
});

/** The swaps that add most for more money, and save most for little. */
function SplurgeAndSave({
  splurge,
  save,
  goodOf,
}: {
  splurge: Swap | null;
  save: Swap | null;
  goodOf: (id: string) => Main;
}) {
  const { document, setFocus } = useWorkbench();
  const rows = [
    { label: say`Splurge`, of: splurge },
    { label: say`Save`, of: save },
  ];
  return (
    <SlateSection title={say`Splurge and save`} aside={say`balance · cost`}>
      {rows.map(({ label, of }) => {
        if (!of) return null;
        const [out, comes] = [goodOf(of.out).name, goodOf(of.in).name];
        return (
          <button
            key={label}
            type="button"
            className="flex min-h-11 w-full items-center gap-3 rounded-lg px-1 py-1.5 text-left hover:bg-slate-lit"
            onClick={() => {
              document.change(say`swap ${out} for ${comes}`, (order) => swap(order, of.out, of.in));
              setFocus(of.in);
            }}
          >
            <span className="min-w-0 flex-1">
              <strong>{label}:</strong> {say`${comes} for ${out}`}
            </span>
            <Effect of={of} />
          </button>
        );
      })}
    </SlateSection>
  );
}

/** What a swap brings to balance and cost. */
function Effect({ of: { dial, cost } }: { of: Swap }) {
  const { format } = useWorkbench();
  return (
    <>
      <span className={dial >= 0 ? 'text-leaf-lit' : 'text-wax-lit'}>{signed(dial, 1)}</span>
      <span className="w-16 text-right">{format.signedAmount(cost)}</span>
    </>
  );
}

/** One swap: what it brings to balance and cost; looked at, it stands on the wheel as a ghost. */
function SwapRow({
  of,
  main,
  good,
  onGhost,
}: {
  of: Swap;
  main: Main;
  good: Main;
  onGhost: (cheese: Cheese | null) => void;
}) {
  const { document, setFocus } = useWorkbench();
  const { brief } = document.order;
  const ghost = isCheese(good) ? good : null;
  return (
    <li>
      <button
        type="button"
        className="flex w-full items-center gap-3 rounded-lg px-1 py-1.5 text-left hover:bg-slate-lit"
        data-swap={good.name}
        onMouseEnter={() => onGhost(ghost)}
        onMouseLeave={() => onGhost(null)}
        onFocus={() => onGhost(ghost)}
        onBlur={() => onGhost(null)}
        onClick={() => {
          onGhost(null);
          document.change(say`swap ${main.name} for ${good.name}`, (order) => swap(order, main.id, of.in));
          setFocus(of.in);
        }}
      >
        <GoodPicture good={good} size={36} />
        <span className="min-w-0 flex-1">
          <span className="block font-bold">
            <span className="sr-only">{say`Swap ${main.name} for`} </span>
            {good.name}
          </span>
          <span className="block text-sm text-chalk-soft">
            {isMain(good) && lineOf(good, brief.servingAt)}
          </span>
        </span>
        <Effect of={of} />
      </button>
    </li>
  );
}

/** Why a good is there: what it brings against its best rival, part by part. */
function Why({
  main,
  mains,
  rival,
  brief,
}: {
  main: Main;
  mains: readonly Main[];
  rival: Main | null;
  brief: Brief;
}) {
  const { format } = useWorkbench();
  const effect = useMemo(() => effectOf(main, mains, rival, brief), [main, mains, rival, brief]);
  const large = effect.parts.filter((part) => Math.abs(part.effect) >= 0.25).slice(0, SHOWN_REASONS);
  const rest = effect.total - large.reduce((sum, part) => sum + part.effect, 0);
  return (
    <SlateSection
      title={say`Why ${main.name}`}
      aside={rival ? say`${signed(effect.total, 1)} against ${rival.name}` : undefined}
    >
      <Reasons
        reasons={[
          ...large.map((part) => ({
            effect: signed(part.effect, 1),
            good: part.effect > 0,
            says: sentence(part, format),
            source: part.source,
          })),
          ...(Math.abs(rest) >= 0.05
            ? [{ effect: signed(rest, 1), good: rest > 0, says: say`smaller things together` }]
            : []),
        ]}
      />
    </SlateSection>
  );
}

/** Why a surprise surprises; and of what divides people the gentler version, one touch away. */
function OddAndOptional({ main, plan }: { main: Main; plan: Plan }) {
  const { counter, document, format, setFocus } = useWorkbench();
  const odd = useMemo(() => surpriseOf(main, counter), [main, counter]);
  const gentler = useMemo(() => gentlerFor(main, counter, plan.mains, plan.brief), [main, counter, plan]);
  if (!odd && !isDivisive(main)) return null;
  return (
    <div className="mb-5 space-y-2">
      {odd && <p>{sentence(odd, format)}.</p>}
      {isDivisive(main) && (
        <p>
          <strong>{say`Optional:`}</strong>{' '}
          {say`it divides people. ${gentler ? say`Its gentler version:` : say`The counter has no gentler version that may be offered.`}`}
        </p>
      )}
      {gentler && (
        <Button
          look="slate"
          data-gentler={gentler.name}
          onClick={() => {
            document.change(say`${gentler.name} for ${main.name}`, (o) => swap(o, main.id, gentler.id));
            setFocus(gentler.id);
          }}
        >
          {say`${gentler.name} in its place`}
        </Button>
      )}
    </div>
  );
}
