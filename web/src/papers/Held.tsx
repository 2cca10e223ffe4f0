import { reasonKey, type Hold, type PaperId } from '@rotula/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { say } from '../language/say';
import { usePaper } from './context';
import { sentence } from '../words';
import { SHEETS } from './sheets';
import '../words/danger';

type HoldOf<B extends Hold['because']> = Extract<Hold, { because: B }>;

/** Why a paper is not printed, and what to do about it. */
export function Held({ paper, hold }: { paper: PaperId; hold: Hold }) {
  const { orderId } = usePaper();
  switch (hold.because) {
    case 'nothing is picked':
      return (
        <p>
          {paper === 'quote'
            ? say`There is nothing to offer yet: pick something first.`
            : say`Nothing is picked yet, so that nothing is timed.`}
        </p>
      );
    case 'no board to lay':
      return (
        <p>{say`There is no board to lay: pick something, and write a board down whose measures are known.`}</p>
      );
    case 'no price':
      return <NoPrice hold={hold} />;
    case 'not all is known':
      return <Unknown paper={SHEETS[paper].held ?? SHEETS[paper].label} hold={hold} />;
    case 'danger':
      return <Danger paper={SHEETS[paper].held ?? SHEETS[paper].label} order={orderId} hold={hold} />;
    case 'safe time is over when served':
      return <Over order={orderId} hold={hold} />;
  }
}

const Alert = ({ children }: { children: ReactNode }) => (
  <div role="alert" className="border-l-4 border-[#a23b2a] bg-[#f9e3dd] p-4 print:border-2">
    {children}
  </div>
);

/** Money is never guessed: what has no price makes no sum that anybody could be offered. */
const NoPrice = ({ hold }: { hold: HoldOf<'no price'> }) => (
  <Alert>
    <p className="mb-2 text-lg font-bold">{say`No quote yet: nobody has said what these cost.`}</p>
    <ul className="list-disc pl-6">
      {hold.goods.map((good) => (
        <li key={good.id}>
          <Link className="underline underline-offset-4" to={`/counter/${good.id}`}>
            {good.name}
          </Link>
        </li>
      ))}
    </ul>
  </Alert>
);

/** A paper for guests is not printed while anything on the table is not known; it says what and where. */
const Unknown = ({ paper, hold }: { paper: string; hold: HoldOf<'not all is known'> }) => (
  <Alert>
    <p className="mb-2 text-lg font-bold">{say`No ${paper} yet: not everything on this table is known.`}</p>
    <ul className="mb-2 list-disc pl-6">
      {hold.goods.map(({ good, unknown }) => (
        <li key={good.id}>
          <Link className="underline underline-offset-4" to={`/counter/${good.id}`}>
            {good.name}
          </Link>
          :{' '}
          {unknown.length > 6
            ? say`${unknown.slice(0, 6).join(', ')} and ${unknown.length - 6} more`
            : unknown.join(', ')}
        </li>
      ))}
    </ul>
    <p>{say`Unknown is never safe, and what shares its board shares it. Ask the maker, set it on the good’s page, or swap it.`}</p>
  </Alert>
);

/** Something may hurt somebody: what guests read is held until it is mended, or taken on by name where that may be. */
function Danger({ paper, order, hold }: { paper: string; order: string; hold: HoldOf<'danger'> }) {
  const { format } = usePaper();
  return (
    <Alert>
      <p className="mb-2 text-lg font-bold">{say`No ${paper} yet: something here may hurt somebody.`}</p>
      <ul className="mb-2 list-disc pl-6">
        {hold.dangers.map((danger) => (
          <li key={reasonKey(danger)}>{sentence(danger, format)}</li>
        ))}
      </ul>
      <p>
        {say`Decide it over the stages:`}{' '}
        <Link className="underline underline-offset-4" to={`/orders/${order}/brief`}>{say`the Brief`}</Link>.
      </p>
    </Alert>
  );
}

/** Nobody is handed a clock by which they would serve what is not safe any more. */
const Over = ({ order, hold }: { order: string; hold: HoldOf<'safe time is over when served'> }) => (
  <Alert>
    <p className="mb-2 text-lg font-bold">{say`No clock for the customer yet: the safe time of some of this is over before it is served.`}</p>
    <p className="mb-2">{hold.goods.map(({ name }) => name).join(', ')}</p>
    <p>
      <Link className="underline underline-offset-4" to={`/orders/${order}/clock`}>{say`The clock`}</Link>{' '}
      {say`shows the ways out: carry it cold, serve it sooner or in waves, or take it off.`}
    </p>
  </Alert>
);
