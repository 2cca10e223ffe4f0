import {
  goodsById,
  isDrink,
  nextStep,
  progressOf,
  SessionId,
  waitUntil,
  weightsOf,
  type Drink,
  type Session,
} from '@rotula/core';
import { lightFormat } from 'date-fns';
import { Download } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useCounter, useHouse } from '../api/shop';
import { storedUrl } from '../api/client';
import { Brand } from '../frame/Brand';
import { useFindKey } from '../frame/FindBox';
import { Trouble } from '../frame/Trouble';
import { Button } from '../ui/Button';
import { formatFor } from '../ui/format';
import { Slate, SlateSection } from '../ui/Slate';
import { say } from '../language/say';
import { Profile } from './Profile';
import { StepCard } from './StepCard';
import { TickList } from './TickList';
import { useOpenSession, useTasting, useTastings } from './store';

/** One tasting session, step by step; it can be left at any time and taken up again. */
export default function SessionPage() {
  const { id = '' } = useParams();
  const loaded = useTasting(SessionId.safeParse(id).success ? id : 'x');
  useFindKey();
  if (loaded.error && !loaded.data) return <Trouble error={loaded.error} />;
  if (!loaded.data) return <main className="p-8" />;
  return <Open key={loaded.data.id} loaded={loaded.data} />;
}

function Open({ loaded }: { loaded: Session }) {
  const { session, change, saving, trouble } = useOpenSession(loaded);
  const counter = useCounter();
  const house = useHouse();
  const all = useTastings();
  const step = nextStep(session);
  const [quiet, setQuiet] = useState<string | null>(null);
  const until = step.what === 'done' ? null : waitUntil(session, step.taster);
  const wait = useWait(until === quiet ? null : until);
  const drink = session.goods.find(({ id }) => id === session.drink) as Drink;
  const { done, all: steps } = progressOf(session);
  useEffect(() => {
    document.title = say`${drink.name} · tasting · Rotula`;
  }, [drink.name]);
  if (!house.data) return <main className="p-8" />;
  const format = formatFor(house.data);
  const others = (all.data?.sessions ?? []).filter(({ id }) => id !== loaded.id);
  const drinks = (counter.data ?? []).filter(isDrink);
  const today = lightFormat(new Date(), 'yyyy-MM-dd');
  return (
    <>
      <main className="min-w-0 px-4 pb-8 min-[600px]:px-6 min-[1000px]:h-dvh min-[1000px]:overflow-y-auto min-[1200px]:px-8">
        <Brand />
        <div className="mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
          <h1 className="text-[2.1rem]">{session.title || say`Tasting ${drink.name}`}</h1>
          <p className="text-ink-soft" role="status" data-save-state={saving}>
            {format.day(session.startedAt)} · {say`${done} of ${steps} noted`} ·{' '}
            {saving === 'saved' ? say`saved` : saving === 'saving' ? say`saving` : say`not saved yet`}
          </p>
        </div>
        {trouble && (
          <p role="alert" className="mb-3 border-l-4 border-wax bg-[#f9e3dd] px-3 py-2 text-[#5c1b12]">
            {say`${trouble} What you noted is kept on this screen.`}
          </p>
        )}
        {step.what === 'done' ? (
          <section className="rounded-2xl border-[1.5px] border-line bg-paper-lit p-5" data-step="done">
            <h2 className="text-[1.9rem]">{say`All is noted.`}</h2>
            <p className="my-2">{say`A touch on a note below opens it once more.`}</p>
            {session.finishedAt === null ? (
              <Button
                look="strong"
                onClick={() => change((s) => ({ ...s, finishedAt: new Date().toISOString() }))}
              >{say`Finish the session`}</Button>
            ) : (
              <Link
                to="/tastings"
                className="font-bold underline underline-offset-4"
              >{say`What the sessions teach`}</Link>
            )}
          </section>
        ) : wait > 0 ? (
          <section className="rounded-2xl border-[1.5px] border-line bg-paper-lit p-5" data-step="wait">
            <h2 className="text-[1.9rem]">{say`Water and plain bread: ${clock(wait)}`}</h2>
            <p className="mt-2 text-ink-soft">{say`${step.taster} had something hot: two minutes until the tongue is quiet.`}</p>
            <Button className="mt-3" onClick={() => setQuiet(until)}>{say`It is quiet already`}</Button>
          </section>
        ) : (
          <StepCard session={session} step={step} onChange={change} />
        )}
        <TickList session={session} step={step} onChange={change} />
      </main>
      <Slate label={say`What was found so far`}>
        <Profile
          drink={drinks.find(({ id }) => id === drink.id) ?? drink}
          sessions={[...others, session]}
          drinks={drinks}
          today={today}
          weights={weightsOf(house.data)}
          format={format}
        />
        <SlateSection title={say`How to taste`}>
          <p className="text-chalk-soft">
            {say`The drink alone first. Then sip, bite, sip, with water and plain bread between; two minutes after something hot. Hot and salty come last. Spit if you drive or taste for long.`}
          </p>
          <a
            className="mt-2 inline-flex min-h-11 items-center gap-2 underline underline-offset-4"
            href={storedUrl('tastings', loaded.id)}
            download={`${loaded.id}.json`}
          >
            <Download size={18} aria-hidden /> {say`Session as a file`}
          </a>
        </SlateSection>
        <Notes session={session} />
      </Slate>
    </>
  );
}

/** Everybody's own words, good by good. */
function Notes({ session }: { session: Session | Parameters<typeof nextStep>[0] }) {
  const goods = goodsById(session.goods);
  const withWords = session.notes.filter(({ words }) => words.length > 0);
  if (withWords.length === 0) return null;
  return (
    <SlateSection title={say`In own words`}>
      <ul className="space-y-1">
        {withWords.map(({ taster, probe, words }) => (
          <li key={`${taster} ${probe}`}>
            {goods.get(probe)?.name}, {taster}:{' '}
            <span translate="no" className="italic">
              {words.join(', ')}
            </span>
          </li>
        ))}
      </ul>
    </SlateSection>
  );
}

const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** Seconds until a time; it counts down. */
function useWait(until: string | null): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (until === null) return;
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, [until]);
  return until === null ? 0 : Math.max(0, Math.ceil((Date.parse(until) - now) / 1000));
}
