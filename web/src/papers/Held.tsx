import { heldBack } from '@rotula/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useWorkbench } from '../frame/context';
import { say } from '../language/say';

/** A paper for guests: it is not printed while anything on the table is not known, and says what and where. */
export function HeldWhileUnknown({ paper, children }: { paper: string; children: ReactNode }) {
  const { plan } = useWorkbench();
  const held = heldBack(plan);
  if (held.length === 0) return children;
  return (
    <div role="alert" className="border-l-4 border-[#a23b2a] bg-[#f9e3dd] p-4 print:border-2">
      <p className="mb-2 text-lg font-bold">{say`No ${paper} yet: not everything on this table is known.`}</p>
      <ul className="mb-2 list-disc pl-6">
        {held.map(({ good, unknown }) => (
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
    </div>
  );
}
