import { reasonKey, type Portion } from '@rotula/core';
import clsx from 'clsx';
import { AdviceList } from '../frame/AdviceList';
import { Cautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { OwnPlates } from '../frame/OwnPlates';
import { StageLayout } from '../frame/StageLayout';
import { NumberField } from '../ui/NumberField';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { SlateSection } from '../ui/Slate';
import { count } from '../ui/format';
import { sentence } from '../words';
import { say } from '../language/say';

/** Net and gross grams of every good, how it is bought, and what it costs. */
export default function PortionStage() {
  const { plan, format } = useWorkbench();
  const { portions, targets } = plan;
  const inWalk = plan.walk.steps.map((step) => portions.mains.find((p) => p.good.id === step.main.id)!);
  return (
    <StageLayout
      slate={
        <>
          <SlateSection title={say`The sum`}>
            <dl className="grid grid-cols-[1fr_auto] gap-y-1">
              <dt>{say`Cheese, net`}</dt>
              <dd className="text-right">{format.grams(portions.netCheese)}</dd>
              <dt>{say`Meat, net`}</dt>
              <dd className="text-right">{format.grams(portions.netMeat)}</dd>
              <dt>{say`To be cut, gross`}</dt>
              <dd className="text-right">{format.grams(portions.gross)}</dd>
              <dt>{say`Cost, cheese and meat`}</dt>
              <dd className="text-right">
                {format.money(portions.mains.reduce((sum, p) => sum + p.price, 0))}
              </dd>
              <dt>{say`Cost, companions`}</dt>
              <dd className="text-right">
                {format.money(portions.companions.reduce((sum, p) => sum + p.price, 0))}
              </dd>
              <dt className="font-bold">{say`In all`}</dt>
              <dd className="text-right font-bold">{format.money(plan.sum.price)}</dd>
            </dl>
            <p className="mt-2 text-sm text-chalk-soft">
              {plan.ownPlates.length > 0 && say`Own plates are weighed, and not in the sum. `}
              {say`Drinks are suggested, not counted in. A jar that the shop opens is charged by the share used.`}
            </p>
          </SlateSection>
          <AdviceList />
          <SlateSection title={say`Why so much`}>
            <ul className="space-y-1.5">
              {targets.reasons.map((r) => (
                <li key={reasonKey(r)}>{sentence(r, format)}</li>
              ))}
            </ul>
          </SlateSection>
          <OwnPlates />
          <Cautions />
        </>
      }
    >
      <PortionTable caption={say`Cheeses and meats`} portions={inWalk} />
      <PortionTable caption={say`Companions`} portions={portions.companions} />
    </StageLayout>
  );
}

function PortionTable({ caption, portions }: { caption: string; portions: readonly Portion[] }) {
  const { document, format, setFocus } = useWorkbench();
  const setGrams = (portion: Portion, net: number | null) =>
    document.change(
      net === null ? say`grams of ${portion.good.name} as computed` : say`grams of ${portion.good.name}`,
      (order) => {
        const { [portion.good.id]: _old, ...rest } = order.portions;
        return { ...order, portions: net === null ? rest : { ...rest, [portion.good.id]: net } };
      },
    );
  return (
    <table className="mb-8 w-full">
      <caption className="mb-2 text-left font-serif text-xl font-semibold">{caption}</caption>
      <thead>
        <tr className="border-b-[1.5px] border-ink text-left text-sm text-ink-soft">
          <th className="py-1 font-normal">{say`good`}</th>
          <th className="py-1 text-right font-normal">{say`net ${format.small.name}`}</th>
          <th className="py-1 text-right font-normal">{say`gross`}</th>
          <th className="py-1 text-right font-normal">{say`bought`}</th>
          <th className="py-1 text-right font-normal">{say`cost`}</th>
        </tr>
      </thead>
      <tbody>
        {portions.map((portion) => (
          <tr
            key={portion.good.id}
            className="border-b border-line align-middle"
            onFocus={() => setFocus(portion.good.id)}
          >
            <td className="py-1.5 pr-3">
              <span className="flex items-center gap-3">
                <GoodPicture good={portion.good} size={40} />
                <span>
                  <span className="block text-lg leading-5 font-bold">{portion.good.name}</span>
                  <span className="block text-sm text-ink-soft">
                    {portion.reasons.map((r) => sentence(r, format)).join(' · ') || portion.good.style}
                    {portion.byHand && (
                      <button
                        type="button"
                        className="ml-2 underline underline-offset-4 hover:text-ink"
                        onClick={() => setGrams(portion, null)}
                      >{say`as computed`}</button>
                    )}
                  </span>
                </span>
              </span>
            </td>
            <td className="text-right">
              <NumberField
                label={say`Net ${format.small.name} of ${portion.good.name}`}
                className={clsx('field w-20 text-right', portion.byHand && 'border-annatto font-bold')}
                value={Number((portion.net / format.small.grams).toFixed(format.small.name === 'g' ? 0 : 1))}
                max={1e6}
                onCommit={(n) => setGrams(portion, n * format.small.grams)}
              />
            </td>
            <td className="pl-2 text-right whitespace-nowrap">{format.grams(portion.gross)}</td>
            <td className="pl-2 text-right whitespace-nowrap">{boughtWords(portion, format.grams)}</td>
            <td className="pl-2 text-right whitespace-nowrap">{format.amount(portion.price)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** How it leaves the counter: cut to order, so many packs, or a share of a jar. */
function boughtWords(portion: Portion, grams: (g: number) => string): string {
  if (portion.packs === null) return grams(portion.bought);
  const pack = portion.packs > 0 ? portion.bought / portion.packs : 0;
  if (portion.byShare) return say`of ${count(portion.packs, 'jar')}`;
  return `${portion.packs} × ${grams(pack)}`;
}
