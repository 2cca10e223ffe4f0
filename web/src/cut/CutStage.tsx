import { isCheese, reasonKey, type Cut } from '@rotula/core';
import clsx from 'clsx';
import { AdviceList } from '../frame/AdviceList';
import { Cautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { SmallChildren } from '../frame/SmallChildren';
import { StageLayout } from '../frame/StageLayout';
import { Select } from '../ui/Select';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Callout, SlateSection } from '../ui/Slate';
import { CutPicture } from './CutPicture';
import { cutLabel, sentence } from '../words';
import { say, word } from '../language/say';

/** How each cheese is cut and each meat folded: pieces, sizes, knife. */
export default function CutStage() {
  const { plan, document, format, focus, setFocus } = useWorkbench();
  const cutOf = (id: string) => plan.cuts.find((c) => c.goodId === id)!;
  const choose = (cut: Cut, name: string, styleId: string) =>
    document.change(say`the cut of ${name}`, (order) => {
      const { [cut.goodId]: _old, ...rest } = order.cuts;
      return { ...order, cuts: styleId === 'auto' ? rest : { ...rest, [cut.goodId]: styleId } };
    });
  return (
    <StageLayout slate={<CutSlate />}>
      <ol className="divide-y divide-line border-y border-line">
        {plan.walk.steps.map(({ number, main }) => {
          const cut = cutOf(main.id);
          return (
            <li
              key={main.id}
              className={clsx(
                'relative grid grid-cols-[76px_minmax(0,1fr)] items-center gap-4 py-2.5 min-[860px]:grid-cols-[76px_minmax(0,1fr)_270px]',
                focus?.id === main.id && 'bg-paper-lit',
              )}
              onFocus={() => setFocus(main.id)}
              onClick={() => setFocus(main.id)}
            >
              {focus?.id === main.id && <span className="absolute inset-y-0 -left-3 w-1 bg-annatto" />}
              <CutPicture look={cut.look} colour={main.colours[0]!} />
              <div>
                <div className="flex items-baseline gap-2 text-lg leading-5">
                  <span className="text-ink-soft">{number}</span>
                  <strong>{main.name}</strong>
                  <span className="text-sm text-ink-soft">
                    {isCheese(main) ? say`${word(main.form.shape)}, ${word(main.paste)} paste` : main.style}
                  </span>
                </div>
                <div className="mt-1">
                  <strong>{cut.pieces}</strong> {say`${cut.sliceMm === null ? say`pieces` : say`slices`} of`}{' '}
                  <strong>{format.grams(cut.pieceGrams)}</strong>
                  <span className="text-ink-soft">
                    {' '}
                    ·{' '}
                    {cut.sliceMm === null
                      ? say`${format.mm(cut.longestMm)} at the longest`
                      : say`${format.mm(cut.sliceMm)} thin`}{' '}
                    · {word(cut.tool)}
                  </span>
                </div>
                {cut.wheel && (
                  <div className="text-sm text-ink-soft">
                    {say`From the wheel: ${Math.round(cut.wheel.angle)}°, ${format.mm(cut.wheel.chordMm)} across the rim`}
                    {cut.wheel.split && say`; too thin to cut true: cut a workable wedge and split it across`}
                  </div>
                )}
              </div>
              <Select
                label={say`Cut of ${main.name}`}
                className="col-span-2 w-full min-[860px]:col-span-1"
                value={cut.byHand ? cut.styleId : 'auto'}
                options={[
                  {
                    value: 'auto',
                    label: cut.byHand ? say`as Rotula would` : cutLabel(cut.styleId, format),
                    hint: cut.byHand ? undefined : say`as Rotula would`,
                  },
                  ...(cut.byHand ? [{ value: cut.styleId, label: cutLabel(cut.styleId, format) }] : []),
                  ...cut.others.map((id) => ({ value: id, label: cutLabel(id, format) })),
                ]}
                onChange={(styleId) => choose(cut, main.name, styleId)}
              />
            </li>
          );
        })}
      </ol>
    </StageLayout>
  );
}

function CutSlate() {
  const { plan, format, focus } = useWorkbench();
  const cut = plan.cuts.find((c) => c.goodId === focus?.id);
  const tools = [...new Set(plan.cuts.map((c) => c.tool))];
  return (
    <>
      {focus && cut && (
        <SlateSection title={say`Why ${cutLabel(cut.styleId, format)}`}>
          <div className="mb-2 flex items-center gap-3">
            <GoodPicture good={focus} size={56} />
            <span className="text-lg font-bold">{focus.name}</span>
          </div>
          <ul className="space-y-1.5">
            {cut.reasons.map((r) => (
              <li key={reasonKey(r)} className={clsx(r.effect < 0 && 'text-wax-lit')}>
                {sentence(r, format)}
              </li>
            ))}
          </ul>
        </SlateSection>
      )}
      <SlateSection title={say`Tools to lay out`} aside={tools.length}>
        <ul>
          {tools.map((tool) => (
            <li key={tool}>{word(tool)}</li>
          ))}
        </ul>
      </SlateSection>
      <SmallChildren />
      <AdviceList />
      <Callout>{say`Hard cheese slips: cut away from the hand, on a damp cloth. Cut cold, serve at room temperature. Blades are counted out and in.`}</Callout>
      <Cautions />
    </>
  );
}
