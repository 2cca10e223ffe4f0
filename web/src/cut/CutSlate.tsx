import { reasonKey, STAND_INS, type Cut, type Main, type Tool } from '@rotula/core';
import clsx from 'clsx';
import { AdviceList } from '../frame/AdviceList';
import { Cautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { OwnPlates } from '../frame/OwnPlates';
import { SmallChildren } from '../frame/SmallChildren';
import { Callout, SlateSection, Vital } from '../ui/Slate';
import { sentence } from '../words';
import { say, word } from '../language/say';
import { ScaleBox } from './ScaleBox';

export function CutSlate({ main, cut }: { main: Main | null; cut: Cut | null }) {
  const { plan } = useWorkbench();
  return (
    <>
      {main && cut && (
        <>
          <Figures cut={cut} />
          <ScaleBox key={main.id} main={main} cut={cut} />
          <Why cut={cut} />
        </>
      )}
      <SlateSection title={say`Order of cutting`}>
        <p className="text-chalk-soft">{say`Own plates first with clean tools, then mild before strong, blue last; clean knife, board and hands at each change.`}</p>
        <p className="mt-1">{plan.sequence.map(({ main: { name } }) => name).join(' · ')}</p>
      </SlateSection>
      <Knives title={say`Blades behind the counter`} tools={plan.cutting} />
      <Knives title={say`At the table`} tools={plan.serving} />
      <SmallChildren />
      <OwnPlates />
      <AdviceList at="cut" />
      <Callout>{say`Hard cheese slips: cut away from the hand, on a damp cloth. Cut cold, serve at room temperature. Blades are counted out and in.`}</Callout>
      <Cautions />
    </>
  );
}

/** Pieces, each, lost; and how fairly the rind is shared. */
function Figures({ cut }: { cut: Cut }) {
  const { format } = useWorkbench();
  const lost = cut.trim + cut.offcuts + cut.handle + cut.loss;
  const parts = [
    cut.trim >= 2 && say`rind ${format.grams(cut.trim)}`,
    cut.handle >= 2 && say`handle ${format.grams(cut.handle)}`,
    cut.offcuts >= 2 && say`offcuts ${format.grams(cut.offcuts)}`,
    cut.loss >= 2 && say`knife ${format.grams(cut.loss)}`,
  ].filter(Boolean);
  const { low, mean, high } = cut.rind;
  return (
    <section>
      <div className="flex gap-4">
        <Vital
          label={say`pieces`}
          figure={cut.estimated ? say`~${cut.pieces}` : cut.pieces}
          below={say`${Math.max(1, Math.round(cut.seconds / 60))} min of work`}
        />
        <Vital
          label={say`each`}
          figure={format.grams(cut.pieceGrams)}
          below={cut.whole ? say`as guests cut it` : undefined}
        />
        <Vital
          label={say`lost`}
          figure={lost < 2 ? say`none` : format.grams(lost)}
          below={parts.join(', ')}
        />
      </div>
      {mean > 0.005 && (
        <p className="mt-3">
          {high - low < 0.02
            ? say`Every piece is ${percent(mean)} rind: heart and edge for everyone.`
            : say`Rind is ${percent(low)} to ${percent(high)} of a piece, ${percent(mean)} in the mean: not all pieces are alike.`}
        </p>
      )}
    </section>
  );
}
const percent = (share: number) => `${Math.round(100 * share)} %`;

function Why({ cut }: { cut: Cut }) {
  const { format } = useWorkbench();
  return (
    <SlateSection title={say`Why this cut`}>
      <ul className="space-y-1.5">
        {cut.reasons.map((r) => (
          <li key={reasonKey(r)} className="flex gap-2.5">
            <span
              className={clsx('w-9 shrink-0 text-right', r.effect < 0 ? 'text-wax-lit' : 'text-leaf-lit')}
            >
              {r.effect === 0 ? '' : `${r.effect > 0 ? '+' : '−'}${Math.abs(r.effect).toFixed(1)}`}
            </span>
            <span>{sentence(r, format)}</span>
          </li>
        ))}
      </ul>
    </SlateSection>
  );
}

/** Which are shared, which touch nothing else, which are there, and what stands in for one that is missing. */
function Knives({ title, tools }: { title: string; tools: readonly Tool[] }) {
  const { plan } = useWorkbench();
  if (tools.length === 0) return null;
  const names = (ids: readonly string[]) =>
    ids.map((id) => plan.mains.find((main) => main.id === id)?.name ?? id).join(', ');
  return (
    <SlateSection title={title} aside={tools.length}>
      <ul className="space-y-1">
        {tools.map((tool) => (
          <li key={`${tool.id}${tool.goods.join()}`}>
            <strong>{word(tool.id)}</strong>{' '}
            <span className="text-chalk-soft">
              {tool.own === 'blue' && say`its own, it scents: `}
              {tool.own === 'allergen' && say`its own, it carries an allergen: `}
              {names(tool.goods)}
            </span>
            {tool.kit?.whose === 'customer' && (
              <span className="block text-sm text-chalk-soft">{say`the customer has one: ${tool.kit.name}`}</span>
            )}
            {!tool.kit && (
              <span className="block text-sm text-wax-lit">
                {STAND_INS[tool.id]
                  ? say`not in the kit; ${word(STAND_INS[tool.id]!)} will do`
                  : say`not in the kit`}
              </span>
            )}
          </li>
        ))}
      </ul>
    </SlateSection>
  );
}
