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
import type { OrderDocument } from '../frame/useOrderDocument';
import { signed, type Format } from '../ui/format';
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
  const { stock, house, document, format, setFocus } = useWorkbench();
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
          {swaps.slice(0, SHOWN_SWAPS).map((s) => {
            const good = goodOf(s.in);
            const ghost = isCheese(good) ? good : null;
            return (
              <SwapRow
                key={s.in}
                s={s}
                good={good}
                onGhost={onGhost}
                ghost={ghost}
                document={document}
                main={main}
                setFocus={setFocus}
                brief={brief}
                format={format}
              />
            );
          })}
        </ul>
      </SlateSection>
      {(splurge || save) && (
        <SplurgeAndSave
          splurge={splurge}
          save={save}
          document={document}
          goodOf={goodOf}
          setFocus={setFocus}
          format={format}
        />
      )}
    </>
  );
});

/** The swaps that add most for more money, and save most for little. */
function SplurgeAndSave({
  splurge,
  save,
  document,
  goodOf,
  setFocus,
  format,
}: {
  splurge: Swap | null;
  save: Swap | null;
  document: OrderDocument;
  goodOf: (id: string) => Main;
  setFocus: (goodId: string) => void;
  format: Format;
}) {
  return (
    <SlateSection title={say`Splurge and save`} aside={say`balance · cost`}>
      {[
        [say`Splurge`, splurge],
        [say`Save`, save],
      ].map(
        ([word, s]) =>
          s &&
          typeof s === 'object' && (
            <button
              key={String(word)}
              type="button"
              className="flex min-h-11 w-full items-center gap-3 rounded-lg px-1 py-1.5 text-left hover:bg-slate-lit"
              onClick={() => {
                document.change(say`swap ${goodOf(s.out).name} for ${goodOf(s.in).name}`, (o) =>
                  swap(o, s.out, s.in),
                );
                setFocus(s.in);
              }}
            >
              <span className="min-w-0 flex-1">
                <strong>{String(word)}:</strong> {say`${goodOf(s.in).name} for ${goodOf(s.out).name}`}
              </span>
              <span className={s.dial >= 0 ? 'text-leaf-lit' : 'text-wax-lit'}>{signed(s.dial, 1)}</span>
              <span className="w-16 text-right">{format.signedAmount(s.cost)}</span>
            </button>
          ),
      )}
    </SlateSection>
  );
}

/** One swap: what it brings to balance and cost; looked at, it stands on the wheel as a ghost. */
function SwapRow({
  s,
  good,
  onGhost,
  ghost,
  document,
  main,
  setFocus,
  brief,
  format,
}: {
  s: Swap;
  good: Main;
  onGhost: (cheese: Cheese | null) => void;
  ghost: Cheese | null;
  document: OrderDocument;
  main: Main;
  setFocus: (goodId: string) => void;
  brief: Brief;
  format: Format;
}) {
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
          document.change(say`swap ${main.name} for ${good.name}`, (order) => swap(order, main.id, s.in));
          setFocus(s.in);
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
        <span className={s.dial >= 0 ? 'text-leaf-lit' : 'text-wax-lit'}>{signed(s.dial, 1)}</span>
        <span className="w-16 text-right">{format.signedAmount(s.cost)}</span>
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
