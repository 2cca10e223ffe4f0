import { cutsFor, cutTableOf, facesOf, lotOn, reasonKey, stepsOf, type Cut, type Main } from '@rotula/core';
import clsx from 'clsx';
import { useMemo } from 'react';
import { useWorkbench } from '../frame/context';
import { cutLabel, cutterFaces, rindName, sentence } from '../words';
import { PanelHead } from './PanelHead';
import { say } from '../language/say';
import { CutDrawing } from '../drawing/CutDrawing';
import { PieceDrawing } from '../drawing/PieceDrawing';
import { CutPicture } from '../drawing/CutPicture';
import { FoldDrawing } from '../drawing/FoldDrawing';

/** One good on the board before the knife: drawn to scale, the steps beside, the other possible cuts as ghosts below. */
export function CutPanel({ main, cut }: { main: Main; cut: Cut }) {
  const { plan, format } = useWorkbench();
  const steps = stepsOf(main, cut, plan.ahead.get(main.id)!);
  const lot = lotOn(main, plan.brief.servingAt);
  const faces = facesOf(main);
  return (
    <section aria-label={main.name} className="min-w-0">
      <PanelHead
        name={main.name}
        how={cutLabel(cut.styleId)}
        aside={say`${format.grams(cut.net)} to eat of ${format.grams(cut.gross)}${lot ? say` · lot ${lot.lot.id}${lot.lot.opened ? say`, opened` : ''}` : ''}`}
      />
      {cut.answer ? (
        <CutDrawing main={main} cut={cut} answer={cut.answer} steps={steps} format={format} />
      ) : (
        <FoldDrawing main={main} cut={cut} format={format} />
      )}
      <div
        className={clsx(
          'mt-2 grid gap-x-6 gap-y-4',
          !cut.fold && 'min-[620px]:grid-cols-[minmax(0,1fr)_220px]',
        )}
      >
        <ol className="self-start divide-y divide-line border-y border-line">
          {steps.map((step, i) => (
            <li key={reasonKey(step)} className="flex gap-3 py-1.5">
              <span className="w-4 shrink-0 font-serif text-lg text-annatto-text">{i + 1}</span>
              <span>{sentence(step, format)}</span>
            </li>
          ))}
          {faces.length > 0 && (
            <li className="flex gap-3 py-1.5" data-faces>
              <span className="w-4 shrink-0" />
              <span>
                <strong>{rindName(main)}</strong> {cutterFaces(faces)}
                {cut.trim > 0 && (
                  <span className="text-ink-soft">{say` What is off is in what is charged, not in what is eaten.`}</span>
                )}
              </span>
            </li>
          )}
        </ol>
        {!cut.fold && (
          <figure className="text-center">
            <PieceDrawing main={main} cut={cut} />
            <figcaption className="leading-5">
              <strong>{format.grams(cut.pieceGrams)}</strong>
              <span className="block text-ink-soft">
                {cut.measures.map((mm) => format.mm(mm).replace(/ .*/, '')).join(' × ')} {format.length.name}
              </span>
              {cut.range.high > cut.range.low * 1.02 && (
                <span className="block text-sm text-ink-soft">
                  {say`${format.grams(cut.range.low)} to ${format.grams(cut.range.high)}${cut.estimated ? say`, by hand` : ''}`}
                </span>
              )}
            </figcaption>
          </figure>
        )}
      </div>
      <Ghosts main={main} cut={cut} />
    </section>
  );
}

/** The other cuts that it can have, each with its pieces, one touch away; what it costs is said where it is less usual. */
function Ghosts({ main, cut }: { main: Main; cut: Cut }) {
  const { plan, house, document, format } = useWorkbench();
  const share = plan.shares.get(main.id)!;
  const others = useMemo(
    () =>
      cut.others.map((id) => {
        const [other] = cutsFor(
          [main],
          new Map([[main.id, share]]),
          { [main.id]: id },
          cutTableOf(plan.brief, house),
          plan.brief.servingAt,
        );
        return other!;
      }),
    [main, cut, share, plan.brief, house],
  );
  const suits = (of: Cut) =>
    of.reasons.reduce((sum, { rule, effect }) => (rule === 'looks-alike' ? sum : sum + effect), 0);
  const taken = (look: string) => plan.cuts.filter((c) => c.goodId !== main.id && c.look === look);
  const choose = (styleId: string | null) =>
    document.change(say`the cut of ${main.name}`, (order) => {
      const { [main.id]: _old, ...rest } = order.cuts;
      return { ...order, cuts: styleId === null ? rest : { ...rest, [main.id]: styleId } };
    });
  return (
    <div className="mt-5">
      <h3 className="mb-2 text-lg">{others.length > 0 ? say`Or` : say`No other cut suits it`}</h3>
      <ul className="flex flex-wrap gap-2" aria-label={say`Other cuts of ${main.name}`}>
        {cut.byHand && (
          <li>
            <button type="button" className="field min-h-16 px-4" onClick={() => choose(null)}>
              {say`as Rotula would`}
            </button>
          </li>
        )}
        {others.map((other) => {
          const alike = taken(other.look);
          const less = Math.round((suits(cut) - suits(other)) * 10) / 10;
          return (
            <li key={other.styleId}>
              <button
                type="button"
                data-cut={other.styleId}
                className={clsx(
                  'flex min-h-16 items-center gap-3 rounded-lg border-[1.5px] border-dashed border-line px-3 py-1.5 text-left hover:border-ink-soft hover:bg-paper-lit',
                )}
                onClick={() => choose(other.styleId)}
              >
                <span className="opacity-60">
                  <CutPicture look={other.look} colour={main.colours[0]!} size={54} />
                </span>
                <span className="leading-5">
                  {cutLabel(other.styleId)}
                  <span className="block text-sm text-ink-soft">
                    {say`${other.estimated ? say`about ` : ''}${other.pieces} of ${format.grams(other.pieceGrams)}`}
                    {alike.length > 0 && say` · as ${nameOf(plan.mains, alike[0]!.goodId)}`}
                    {less > 0 && say` · suits less, −${less.toFixed(1)}`}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

const nameOf = (mains: readonly Main[], id: string) => mains.find((main) => main.id === id)?.name ?? id;
