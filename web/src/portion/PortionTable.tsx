import { isMeat, overWaves, setPortion, sliceGramsOf, type Portion } from '@rotula/core';
import clsx from 'clsx';
import { ShortMark } from '../frame/ShortMark';
import { useWorkbench } from '../frame/context';
import { NumberField } from '../ui/NumberField';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { count } from '../ui/format';
import { sentence } from '../words';
import { say } from '../language/say';

/** Goods with what is eaten (grams, or slices of a meat: either typed, the other follows), cut, bought, held back and charged. */
export function PortionTable({ caption, portions }: { caption: string; portions: readonly Portion[] }) {
  const { plan, format } = useWorkbench();
  const held = plan.waves.count > 1;
  if (portions.length === 0) return null;
  return (
    <table className="mb-8 w-full">
      <caption className="mb-2 text-left font-serif text-xl font-semibold">{caption}</caption>
      <thead>
        <tr className="border-b-[1.5px] border-ink text-left text-sm text-ink-soft">
          <th className="py-1 font-normal">{say`good`}</th>
          <th className="py-1 text-right font-normal">{say`net ${format.small.name}`}</th>
          <th className="py-1 pl-3 text-right font-normal">{say`bought`}</th>
          {held && <th className="py-1 pl-3 text-right font-normal">{say`out · held back`}</th>}
          <th className="py-1 pl-3 text-right font-normal">{say`price`}</th>
        </tr>
      </thead>
      <tbody>
        {portions.map((portion) => (
          <Row key={portion.good.id} portion={portion} held={held} />
        ))}
      </tbody>
    </table>
  );
}

function Row({ portion, held }: { portion: Portion; held: boolean }) {
  const { plan, document, format, setFocus } = useWorkbench();
  const { good, net, gross, byHand } = portion;
  const setGrams = (grams: number | null) =>
    document.change(
      grams === null ? say`grams of ${good.name} as computed` : say`grams of ${good.name}`,
      (order) => setPortion(order, good.id, grams),
    );
  const weighed = plan.weighed.has(good.id);
  const slice = isMeat(good) ? sliceGramsOf(good) : null;
  const waves = overWaves(net, plan.waves);
  const rest = waves.slice(1).reduce((sum, g) => sum + g, 0);
  return (
    <tr className="border-b border-line align-middle" onFocus={() => setFocus(good.id)}>
      <td className="py-1.5 pr-3">
        <span className="flex items-center gap-3">
          <GoodPicture good={good} size={40} />
          <span>
            <span className="block text-lg leading-5 font-bold">
              {good.name}
              <ShortMark good={good.id} />
            </span>
            <span className="block text-sm text-ink-soft">
              {portion.reasons.map((r) => sentence(r, format)).join(' · ') || good.style}
              {byHand && (
                <button
                  type="button"
                  className="ml-2 underline underline-offset-4 hover:text-ink"
                  onClick={() => setGrams(null)}
                >{say`as computed`}</button>
              )}
            </span>
          </span>
        </span>
      </td>
      <td className="text-right whitespace-nowrap">
        {weighed ? (
          <>
            <strong className="text-lg">{format.grams(net)}</strong>
            <span className="block text-sm text-ink-soft">{say`weighed`}</span>
          </>
        ) : (
          <span className="flex items-center justify-end gap-2">
            {slice !== null && (
              <span className="text-center text-sm leading-4 text-ink-soft">
                <NumberField
                  label={say`Slices of ${good.name}`}
                  className={clsx('field w-15 text-right', byHand && 'border-annatto')}
                  value={Math.round(net / slice)}
                  max={1e5}
                  onCommit={(n) => setGrams(Math.round(n * slice))}
                />
                <span className="block">{say`slices`}</span>
              </span>
            )}
            <NumberField
              label={say`Net ${format.small.name} of ${good.name}`}
              className={clsx(
                'field w-18 text-right',
                byHand && 'border-annatto font-bold',
                slice !== null && 'mb-4',
              )}
              value={Number((net / format.small.grams).toFixed(format.small.name === 'g' ? 0 : 1))}
              max={1e6}
              onCommit={(n) => setGrams(n * format.small.grams)}
            />
          </span>
        )}
      </td>
      <td className="pl-3 text-right whitespace-nowrap">
        {boughtWords(portion, format.grams)}
        {portion.packs !== null && gross - net >= 1 && (
          <span className="block text-sm text-ink-soft">{say`${format.grams(gross)} cut`}</span>
        )}
      </td>
      {held && (
        <td className="pl-3 text-right whitespace-nowrap">
          {format.grams(waves[0]!)}
          <span className="block text-sm text-ink-soft">{format.grams(rest)}</span>
        </td>
      )}
      <td className="pl-3 text-right whitespace-nowrap">{format.amount(portion.price)}</td>
    </tr>
  );
}

/** How it leaves the counter: cut to order, packs, or a share of a jar. */
function boughtWords(portion: Portion, grams: (g: number) => string): string {
  if (portion.packs === null) return grams(portion.bought);
  const pack = portion.packs > 0 ? portion.bought / portion.packs : 0;
  if (portion.byShare) return say`of ${count(portion.packs, 'jar')}`;
  return `${portion.packs} × ${grams(pack)}`;
}
