import { isDrink, weightsOf, type Drink, type Session } from '@rotula/core';
import { lightFormat } from 'date-fns';
import { useEffect, useState } from 'react';
import { useCounter, useHouse } from '../api/shop';
import { Brand } from '../frame/Brand';
import { useFindKey } from '../frame/FindBox';
import { Trouble } from '../frame/Trouble';
import { UnreadableList } from '../frame/Unreadable';
import { formatFor } from '../ui/format';
import { Slate } from '../ui/Slate';
import { Tabs } from '../ui/Tabs';
import { say } from '../language/say';
import { ImportSession } from './ImportSession';
import { NewSession } from './NewSession';
import { Profile } from './Profile';
import { SessionRow } from './SessionRow';
import { Teaches } from './Teaches';
import { useTastings } from './store';

/** The tasting sessions of the shop, what they teach the pairing, and what was found out about each drink. */
export default function TastingsPage() {
  const tastings = useTastings();
  const counter = useCounter();
  const house = useHouse();
  const [focused, setFocused] = useState<string | null>(null);
  useFindKey();
  useEffect(() => {
    document.title = say`Tastings · Rotula`;
  }, []);
  const error = tastings.error ?? counter.error ?? house.error;
  if (error && !tastings.data) return <Trouble error={error} />;
  if (!tastings.data || !counter.data || !house.data) return <main className="p-8" />;
  const { sessions, unreadable } = tastings.data;
  const format = formatFor(house.data);
  const shown = sessions.find(({ id }) => id === focused) ?? sessions[0] ?? null;
  const drinks = counter.data.filter(isDrink);
  return (
    <>
      <main className="min-w-0 px-6 pb-8 min-[1000px]:h-dvh min-[1000px]:overflow-y-auto min-[1200px]:px-8">
        <Brand />
        <div className="mb-1 flex flex-wrap items-end justify-between gap-3">
          <h1 className="text-[2.1rem]">{say`Tastings`}</h1>
          <ImportSession />
        </div>
        <p className="text-ink-soft">{say`A drink alone, then with the same few goods each time: what moved, and how well they sit. Few notes move the pairing little, many much.`}</p>
        <NewSession counter={counter.data} />
        <UnreadableList of="tastings" list={unreadable} />
        {sessions.length === 0 && unreadable.length === 0 && (
          <p className="mt-6 text-ink-soft">{say`No session yet. A drink and who tastes it make the first.`}</p>
        )}
        <ol
          aria-label={say`Sessions, the latest first`}
          className="mt-5 divide-y divide-line border-y border-line"
        >
          {sessions.map((session) => (
            <SessionRow
              key={session.id}
              session={session}
              focused={session.id === shown?.id}
              format={format}
              onFocus={() => setFocused(session.id)}
            />
          ))}
        </ol>
      </main>
      <Slate label={say`What the tastings say`}>
        <Tabs
          label={say`What the tastings say`}
          tabs={[
            {
              name: say`Teaching`,
              view: () => (
                <Teaches sessions={sessions} counter={counter.data!} house={house.data!} format={format} />
              ),
            },
            {
              name: say`Drink`,
              view: () =>
                shown ? (
                  <Profile
                    drink={drinkOf(shown, drinks)}
                    sessions={sessions}
                    drinks={drinks}
                    today={lightFormat(new Date(), 'yyyy-MM-dd')}
                    weights={weightsOf(house.data!)}
                    format={format}
                  />
                ) : (
                  <p className="text-chalk-soft">{say`No session yet.`}</p>
                ),
            },
          ]}
        />
      </Slate>
    </>
  );
}

/** The drink as it stands on the counter now, or as the session kept it. */
const drinkOf = (session: Session, drinks: readonly Drink[]): Drink =>
  drinks.find(({ id }) => id === session.drink) ??
  (session.goods.find(({ id }) => id === session.drink) as Drink);
