import { BANDS, buildOf, reasonKey } from '@rotula/core';
import clsx from 'clsx';
import { AdviceList } from '../frame/AdviceList';
import { Cautions } from '../frame/Cautions';
import { useWorkbench } from '../frame/context';
import { signed } from '../ui/format';
import { SlateSection, Vital } from '../ui/Slate';
import { Tabs } from '../ui/Tabs';
import { sentence } from '../words';
import { BUILD_WORDS, whereWords } from '../words/lay';
import { say, word } from '../language/say';
import { nameOf } from './BoardFields';
import type { Laid } from './useLaid';

/** How full it is, what a careful eye would mend, how it is built, and which vessels it takes. */
export function LaySlate({
  laid,
  focus,
  onFocus,
}: {
  laid: Laid;
  focus: string | null;
  onFocus: (id: string) => void;
}) {
  return (
    <>
      <Vitals laid={laid} />
      <Tabs
        label={say`About the board`}
        tabs={[
          { name: say`Last look`, view: () => <LastLook laid={laid} focus={focus} onFocus={onFocus} /> },
          { name: say`Build it`, view: () => <Build laid={laid} onFocus={onFocus} /> },
          { name: say`Kit`, view: () => <Kit /> },
        ]}
      />
      <AdviceList />
      <Cautions />
    </>
  );
}

function Vitals({ laid }: { laid: Laid }) {
  const { plan, format } = useWorkbench();
  const { choice, fill } = plan.boards;
  if (!choice || !laid.layout) return null;
  const [low, high] = BANDS[plan.brief.manner];
  const full = Math.round(100 * laid.layout.covered);
  return (
    <section className="flex gap-4" aria-label={say`How it is laid`}>
      <Vital
        label={say`covered`}
        figure={full}
        unit="%"
        bar={full}
        tone={laid.layout.covered < low || laid.layout.covered > high ? 'butter' : 'leaf'}
        below={say`${word(plan.brief.manner)}: ${Math.round(100 * low)} to ${Math.round(100 * high)} %`}
      />
      <Vital
        label={say`laid`}
        figure={Math.round(laid.layout.score)}
        unit={say`of 100`}
        bar={laid.layout.score}
        tone="leaf"
      />
      <Vital
        label={say`on the board`}
        figure={format.weight((fill?.feed ?? 0) / choice.many)[0]}
        unit={format.weight((fill?.feed ?? 0) / choice.many)[1]}
        below={choice.many > 1 ? say`each of ${choice.many}` : nameOf(choice.board)}
      />
    </section>
  );
}

const SHOWN = 9;

function LastLook({
  laid,
  focus,
  onFocus,
}: {
  laid: Laid;
  focus: string | null;
  onFocus: (id: string) => void;
}) {
  const { plan, format } = useWorkbench();
  if (!laid.layout) return null;
  const things = plan.boards.things;
  const short = laid.layout.patches.filter((patch) => patch.short > 0.05);
  const about = (subject: string) => focus !== null && subject.split(' ').includes(focus);
  const told = [...laid.layout.told].sort(
    (a, b) => Number(about(b.reason.subject)) - Number(about(a.reason.subject)),
  );
  return (
    <SlateSection title={say`A last look`} aside={say`points it costs`}>
      {told.length === 0 && short.length === 0 && (
        <p>{say`Nothing to mend: what belongs together touches, the walk runs clockwise, and nothing rolls.`}</p>
      )}
      <ul className="space-y-1.5" data-last-look>
        {short.map((patch) => {
          const thing = things.find(({ id }) => id === patch.id)!;
          return (
            <li key={patch.id} className="flex gap-3 text-wax-lit">
              <span className="w-12 shrink-0 text-right">!</span>
              <span>
                {say`${format.grams(thing.grams * patch.short)} of ${thing.name} find no room: a dish of its own, into the refill, or back to stock`}
              </span>
            </li>
          );
        })}
        {told.slice(0, SHOWN).map(({ reason, hard }) => (
          <li
            key={reasonKey(reason)}
            className={clsx('flex gap-3', hard && 'text-wax-lit', about(reason.subject) && 'font-bold')}
            data-told={reason.rule}
          >
            <span className="w-12 shrink-0 text-right">{hard ? '!' : signed(reason.effect, 1)}</span>
            <button
              type="button"
              className="min-h-11 text-left underline-offset-4 hover:underline"
              onClick={() => onFocus(reason.subject.split(' ')[0]!)}
            >
              {sentence(reason, format)}
            </button>
            <Mend laid={laid} subject={reason.subject} />
          </li>
        ))}
      </ul>
      {told.length > SHOWN && (
        <p className="mt-1 text-sm text-chalk-soft">{say`and ${told.length - SHOWN} smaller`}</p>
      )}
      <p className="mt-2 text-sm text-chalk-soft">{say`All of it is advice but what is marked; leave it as it pleases you.`}</p>
    </SlateSection>
  );
}

function Build({ laid, onFocus }: { laid: Laid; onFocus: (id: string) => void }) {
  const { plan, format } = useWorkbench();
  const { choice, things } = plan.boards;
  if (!laid.layout || !choice) return null;
  const half = {
    x: choice.board.length / 2,
    y: (choice.board.round ? choice.board.length : choice.board.width) / 2,
  };
  const lines = buildOf(laid.layout, things, half);
  const steps = [...new Set(lines.map(({ step }) => step))];
  return (
    <SlateSection title={say`Build it`} aside={say`the guest at six o’clock`}>
      <ol className="space-y-3" data-build>
        {steps.map((step) => (
          <li key={step}>
            <h3 className="font-bold">{BUILD_WORDS[step]}</h3>
            <ul>
              {lines
                .filter((line) => line.step === step)
                .map((line) => (
                  <li key={line.thing.id}>
                    <button
                      type="button"
                      className="min-h-11 py-0.5 text-left underline-offset-4 hover:underline"
                      onClick={() => onFocus(line.thing.id)}
                    >
                      {say`${line.thing.name}, ${format.grams(line.thing.grams)}`}
                      <span className="block text-sm text-chalk-soft">{whereWords(line)}</span>
                    </button>
                  </li>
                ))}
            </ul>
          </li>
        ))}
      </ol>
    </SlateSection>
  );
}

/** What a hand put there is let go: Rotula finds it another place. */
function Mend({ laid, subject }: { laid: Laid; subject: string }) {
  const { plan, document } = useWorkbench();
  const id = subject.split(' ').find((one) => document.order.lay.pins[one]?.hand);
  const thing = plan.boards.things.find((one) => one.id === id);
  if (!thing) return null;
  return (
    <button
      type="button"
      className="ml-auto min-h-11 shrink-0 underline underline-offset-4"
      aria-label={say`Mend it: another place for ${thing.name}`}
      onClick={() => laid.letGo(thing.id, thing.name)}
    >{say`Mend it`}</button>
  );
}

/** Vessels and tools: what the shop has, and what stands in. */
function Kit() {
  const { plan, format } = useWorkbench();
  const { choice, things, apart, bells } = plan.boards;
  const vessels = things.filter(({ vessel }) => vessel !== null);
  return (
    <SlateSection title={say`Kit`} aside={choice && choice.many > 1 ? say`for each board` : undefined}>
      <ul className="space-y-1" data-kit>
        {choice && <li>{say`${choice.many} × ${nameOf(choice.board)}`}</li>}
        {vessels.map(({ id, name, vessel }) => (
          <li key={id}>
            {name}: {vessel!.ware ? vessel!.name : word(vessel!.name)}{' '}
            <span className="text-sm text-chalk-soft">
              {vessel!.ware ? say`of the shop` : say`a household one stands in`}
              {vessel!.tool !== 'none' && say`, with its ${word(vessel!.tool)}`}
            </span>
          </li>
        ))}
        {plan.cuts.map((cut) => {
          const main = plan.mains.find(({ id }) => id === cut.goodId)!;
          return cut.serving === 'fingers' ? null : (
            <li key={cut.goodId}>
              {main.name}: <span className="text-chalk-soft">{word(cut.serving)}</span>
            </li>
          );
        })}
      </ul>
      {bells.map(({ thing, ware, needs }) => (
        <p key={thing.id} className="mt-2" data-bell={thing.id}>
          {ware
            ? say`${ware.name} over ${thing.name}: its smell overstates its taste, and something delicate lies beside.`
            : say`A bell of ${format.mm(needs)} over ${thing.name}, to hire: its smell overstates its taste, and something delicate lies beside.`}
        </p>
      ))}
      {apart.length > 0 && (
        <p className="mt-2">{say`At a station of their own: ${apart.map(({ name }) => name).join(', ')}.`}</p>
      )}
      {plan.brief.surface === 'tiered stand' && (
        <p className="mt-2 text-chalk-soft">{say`The tiers of a stand are still to come: it is laid as boards.`}</p>
      )}
    </SlateSection>
  );
}
