import { rankBeside, SLOTS, type Main, type Slot } from '@rotula/core';
import clsx from 'clsx';
import { useState } from 'react';
import { Cautions, GuestCautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { StageLayout } from '../frame/StageLayout';
import { Finder } from '../ui/Finder';
import { capital, count, signed } from '../ui/format';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { Reasons, SlateSection } from '../ui/Slate';
import { sentence } from '../words';

const SHOWN = 6;

/** For each good something sweet, briny, crunchy, a bread, a drink and one without alcohol. */
export default function PairStage() {
  const { plan, focus, setFocus, format } = useWorkbench();
  const [slot, setSlot] = useState<Slot>('sweet');
  return (
    <StageLayout slate={<PairSlate main={focus} slot={slot} />}>
      <div className="space-y-3">
        {plan.walk.steps.map(({ number, main }) => (
          <section
            key={main.id}
            aria-label={main.name}
            className="grid grid-cols-[172px_1fr] gap-3 border-b border-line pb-3 max-[700px]:grid-cols-1"
          >
            <div className="flex items-start gap-2">
              <GoodPicture good={main} size={44} />
              <div>
                <span className="text-sm text-ink-soft">{number}</span>
                <h2 className="font-sans text-lg leading-5 font-bold [overflow-wrap:anywhere]">
                  {main.name}
                </h2>
              </div>
            </div>
            <ul className="grid grid-cols-3 gap-2">
              {plan.pairs.byGood.get(main.id)!.map((pair) => {
                const chosen = focus?.id === main.id && slot === pair.slot;
                return (
                  <li key={pair.slot}>
                    <button
                      type="button"
                      aria-pressed={chosen}
                      data-slot={pair.slot}
                      className={clsx(
                        'flex h-full w-full items-center gap-2 rounded-lg border-[1.5px] px-2 py-1 text-left hover:border-ink-soft',
                        chosen ? 'border-annatto bg-paper-lit' : 'border-line',
                      )}
                      onClick={() => {
                        setFocus(main.id);
                        setSlot(pair.slot);
                      }}
                    >
                      {pair.match && <GoodPicture good={pair.match.beside} size={30} />}
                      <span className="min-w-0">
                        <span className="block leading-5 font-bold">
                          <span className="sr-only">
                            {pair.slot} beside {main.name}:{' '}
                          </span>
                          {pair.match?.beside.name ?? 'nothing'}
                        </span>
                        <span className="block text-sm leading-4 text-ink-soft">
                          {pair.match ? pair.why && sentence(pair.why, format) : `no ${pair.slot} allowed`}
                        </span>
                      </span>
                    </button>
                  </li>
                );
              })}
            </ul>
          </section>
        ))}
      </div>
    </StageLayout>
  );
}

function PairSlate({ main, slot }: { main: Main | null; slot: Slot }) {
  const { plan, document, format } = useWorkbench();
  if (!main) return null;
  const pair = plan.pairs.byGood.get(main.id)?.find((p) => p.slot === slot);
  const ranked = rankBeside(main, plan.pairs.candidates[slot]);
  const choose = (id: string | null, name: string) =>
    document.change(id === null ? `the ${slot} as Rotula would` : `${name} beside ${main.name}`, (order) => {
      const { [slot]: _old, ...rest } = order.pairs[main.id] ?? {};
      return { ...order, pairs: { ...order.pairs, [main.id]: id === null ? rest : { ...rest, [slot]: id } } };
    });
  return (
    <>
      <GuestCautions />
      {pair?.match && (
        <SlateSection title={`Why ${pair.match.beside.name}`} aside={`beside ${main.name}`}>
          <Reasons
            reasons={pair.match.reasons.slice(0, 6).map((r) => ({
              effect: signed(r.effect, 1),
              good: r.effect > 0,
              says: sentence(r, format),
              source: r.source,
            }))}
          />
          {pair.match.reasons.length === 0 && <p>Plain company, in nobody's way.</p>}
          {pair.byHand && (
            <button
              type="button"
              className="mt-2 min-h-11 text-chalk-soft underline underline-offset-4 hover:text-chalk"
              onClick={() => choose(null, '')}
            >
              as Rotula would
            </button>
          )}
        </SlateSection>
      )}
      <SlateSection title={`${capital(slot)} for ${main.name}`} aside="fit">
        <ul>
          {ranked.slice(0, SHOWN).map((match) => (
            <li key={match.beside.id}>
              <button
                type="button"
                className={clsx(
                  'flex w-full items-center gap-3 rounded-lg px-1 py-1.5 text-left hover:bg-slate-lit',
                  match.beside.id === pair?.match?.beside.id && 'bg-slate-lit',
                )}
                onClick={() => choose(match.beside.id, match.beside.name)}
              >
                <span className="rounded-full bg-paper p-0.5">
                  <GoodPicture good={match.beside} size={34} />
                </span>
                <span className="flex-1">
                  <span className="block font-bold">{match.beside.name}</span>
                  <span className="block text-sm text-chalk-soft">
                    {match.reasons[0] ? sentence(match.reasons[0], format) : match.beside.style}
                  </span>
                </span>
                <span className={match.score >= 0 ? 'text-leaf-lit' : 'text-wax-lit'}>
                  {signed(match.score, 1)}
                </span>
              </button>
            </li>
          ))}
        </ul>
        {ranked.length > SHOWN && (
          <div className="mt-2">
            <Finder
              label={`Another ${slot} for ${main.name}`}
              placeholder={`${ranked.length - SHOWN} more`}
              items={ranked}
              keyOf={(match) => match.beside.id}
              textOf={(match) => `${match.beside.name} ${match.beside.style}`}
              show={(match) => (
                <span className="flex items-center gap-3">
                  <GoodPicture good={match.beside} size={30} />
                  <span className="flex-1">
                    {match.beside.name} <span className="text-sm text-ink-soft">{match.beside.style}</span>
                  </span>
                  <span>{signed(match.score, 1)}</span>
                </span>
              )}
              onTake={(match) => choose(match.beside.id, match.beside.name)}
            />
          </div>
        )}
        {ranked.length === 0 && (
          <p className="text-chalk-soft">The counter has none that the limits allow.</p>
        )}
      </SlateSection>
      <SlateSection title="The board's set" aside={count(plan.pairs.set.length, 'thing')}>
        <p className="mb-2 text-sm text-chalk-soft">Few jars serve many goods.</p>
        {SLOTS.map((s) => (
          <p key={s}>
            <span className="text-chalk-soft">{s}: </span>
            {plan.pairs.set
              .filter((e) => e.slot === s)
              .map((e) => `${e.beside.name}${e.serves.length === 0 ? ' (gluten-free)' : ''}`)
              .join(', ') || 'none'}
          </p>
        ))}
      </SlateSection>
      <Cautions />
    </>
  );
}
