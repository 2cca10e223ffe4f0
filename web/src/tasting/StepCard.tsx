import {
  MOVED,
  MOVES,
  noteOf,
  SITS,
  withAlone,
  withExpected,
  withTasted,
  type Move,
  type NextStep,
  type SessionBody,
  type Sits,
} from '@rotula/core';
import type { ReactNode } from 'react';
import { Button } from '../ui/Button';
import { useKept } from '../ui/useKept';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { LEVEL_WORDS, MOVE_WORDS, MOVED_WORDS, PROBE_WORDS, SITS_WORDS } from '../words/tasting';
import { say } from '../language/say';
import { ScaleButtons } from './ScaleButtons';

type Edit = (edit: (session: SessionBody) => SessionBody) => void;
const LEVELS = [0, 1, 2, 3, 4] as const;
const now = () => new Date().toISOString();

/** What is asked now, of one taster: the drink alone, what a probe will do, or what it did. */
export function StepCard({
  session,
  step,
  onChange,
}: {
  session: SessionBody;
  step: Exclude<NextStep, { what: 'done' }>;
  onChange: Edit;
}) {
  const drink = session.goods.find(({ id }) => id === session.drink)!;
  const probe = step.what === 'alone' ? null : session.probes.find(({ goodId }) => goodId === step.probe)!;
  const good = probe && session.goods.find(({ id }) => id === probe.goodId)!;
  return (
    <section
      className="rounded-2xl border-[1.5px] border-line bg-paper-lit p-5"
      data-step={`${step.what} ${step.taster}${probe ? ` ${probe.goodId}` : ''}`}
      aria-live="polite"
    >
      <div className="mb-4 flex items-center gap-4">
        <GoodPicture good={good ?? drink} size={76} />
        <div className="min-w-0">
          <p className="text-lg text-ink-soft">
            <strong className="text-ink">{step.taster}</strong>
            {probe && ` · ${PROBE_WORDS[probe.role]}`}
          </p>
          <h2 className="text-[1.9rem] leading-8">
            {step.what === 'alone'
              ? say`Sip ${drink.name} alone`
              : step.what === 'expect'
                ? say`${good!.name}: what do you expect?`
                : say`Sip, a bite of ${good!.name}, sip`}
          </h2>
          {step.what === 'expect' && (
            <p className="text-ink-soft">{say`Before the bite; water and plain bread first.`}</p>
          )}
        </div>
      </div>
      {step.what === 'alone' && <AloneStep key={step.taster} taster={step.taster} onChange={onChange} />}
      {step.what === 'expect' && (
        <ScaleButtons
          label={say`How will they sit?`}
          values={SITS}
          words={(sits) => SITS_WORDS[sits]!}
          value={null}
          tall
          onChoose={(expected) =>
            onChange((s) => withExpected(s, { taster: step.taster, probe: step.probe, expected, at: now() }))
          }
        />
      )}
      {step.what === 'taste' && (
        <TasteStep
          key={`${step.taster} ${step.probe}`}
          session={session}
          taster={step.taster}
          probe={step.probe}
          onChange={onChange}
        />
      )}
    </section>
  );
}

/** Nothing is skipped: what is missing is said, and the step is kept when all is there. */
function Keep({
  missing,
  onKeep,
  children,
}: {
  missing: readonly string[];
  onKeep: () => void;
  children: ReactNode;
}) {
  return (
    <>
      <Button
        look="strong"
        className="mt-4 min-h-16 w-full justify-center text-xl"
        disabled={missing.length > 0}
        onClick={onKeep}
      >
        {children}
      </Button>
      {missing.length > 0 && (
        <p className="mt-1 text-center text-ink-soft">{say`Still to be noted: ${missing.join(', ')}`}</p>
      )}
    </>
  );
}

function AloneStep({ taster, onChange }: { taster: string; onChange: Edit }) {
  const [{ felt, words }, setNoted, done] = useKept(`alone ${taster}`, {
    felt: {} as Partial<Record<Move, number>>,
    words: '',
  });
  return (
    <>
      <div className="space-y-2">
        {MOVES.map((move) => (
          <Row key={move} name={MOVE_WORDS[move]}>
            <ScaleButtons
              label={MOVE_WORDS[move]}
              values={LEVELS}
              words={(level) => LEVEL_WORDS[level]!}
              value={(felt[move] ?? null) as (typeof LEVELS)[number] | null}
              onChoose={(level) => setNoted((n) => ({ ...n, felt: { ...n.felt, [move]: level } }))}
            />
          </Row>
        ))}
      </div>
      <OwnWords value={words} onType={(next) => setNoted((n) => ({ ...n, words: next }))} />
      <Keep
        missing={MOVES.filter((move) => felt[move] === undefined).map((move) => MOVE_WORDS[move])}
        onKeep={() => {
          onChange((s) =>
            withAlone(s, { taster, felt: felt as Record<Move, number>, words: listed(words), at: now() }),
          );
          done();
        }}
      >
        {say`Noted`}
      </Keep>
    </>
  );
}

function TasteStep({
  session,
  taster,
  probe,
  onChange,
}: {
  session: SessionBody;
  taster: string;
  probe: string;
  onChange: Edit;
}) {
  const before = noteOf(session, taster, probe);
  const [{ moved, sits, words }, setNoted, done] = useKept(`with ${probe} ${taster}`, () => ({
    moved: before?.moved ?? ({} as NonNullable<typeof before>['moved']),
    sits: null as Sits | null,
    words: before?.words.join(', ') ?? '',
  }));
  const setMoved = (next: typeof moved) => setNoted((n) => ({ ...n, moved: next }));
  const open = MOVES.filter((move) => moved[move] === undefined);
  return (
    <>
      <p className="mb-2 text-ink-soft">
        {say`Expected: ${SITS_WORDS[before?.expected ?? 0]!}. What moved in the drink?`}
      </p>
      <div className="space-y-2">
        {MOVES.map((move) => (
          <Row key={move} name={MOVE_WORDS[move]}>
            <ScaleButtons
              label={MOVE_WORDS[move]}
              values={MOVED}
              words={(way) => MOVED_WORDS[way]!}
              value={moved[move] ?? null}
              onChoose={(way) => setMoved({ ...moved, [move]: way })}
            />
          </Row>
        ))}
      </div>
      {open.length > 0 && (
        <Button
          look="quiet"
          onClick={() => setMoved({ ...Object.fromEntries(open.map((move) => [move, 0])), ...moved })}
        >{say`The rest stayed the same`}</Button>
      )}
      <h3 className="mt-3 mb-2 text-xl font-bold">{say`How do they sit together?`}</h3>
      <ScaleButtons
        label={say`How they sit`}
        values={SITS}
        words={(one) => SITS_WORDS[one]!}
        value={sits}
        tall
        onChoose={(next) => setNoted((n) => ({ ...n, sits: next }))}
      />
      <OwnWords value={words} onType={(next) => setNoted((n) => ({ ...n, words: next }))} />
      <Keep
        missing={[...open.map((move) => MOVE_WORDS[move]), ...(sits === null ? [say`how they sit`] : [])]}
        onKeep={() => {
          onChange((s) => withTasted(s, { taster, probe, moved, sits, words: listed(words), at: now() }));
          done();
        }}
      >
        {say`Noted`}
      </Keep>
    </>
  );
}

const Row = ({ name, children }: { name: string; children: ReactNode }) => (
  <div className="grid items-center gap-x-3 min-[520px]:grid-cols-[110px_minmax(0,1fr)]">
    <span className="text-lg">{name}</span>
    {children}
  </div>
);

const listed = (text: string): string[] =>
  text
    .split(',')
    .map((word) => word.trim().slice(0, 60))
    .filter(Boolean)
    .slice(0, 6);

const OwnWords = ({ value, onType }: { value: string; onType: (text: string) => void }) => (
  <input
    className="field mt-3 w-full"
    aria-label={say`In own words`}
    placeholder={say`In own words, if you like: metal, lifts it …`}
    value={value}
    maxLength={300}
    onChange={(event) => onType(event.target.value)}
  />
);
