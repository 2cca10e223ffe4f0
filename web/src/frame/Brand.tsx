import clsx from 'clsx';
import { Moon, Search, Sun } from 'lucide-react';
import { NavLink } from 'react-router';
import { IconButton } from '../ui/IconButton';
import { room } from '../ui/room';
import type { Action } from './action';
import { useFindBox } from './FindBox';
import { say } from '../language/say';

const ROOMS = [
  { to: '/', label: say`Book` },
  { to: '/counter', label: say`Counter` },
  { to: '/tastings', label: say`Tastings` },
  { to: '/house', label: say`House` },
];

/** The little wheel, the name, and the rooms of the shop. */
export function Brand({ actions = [] }: { actions?: readonly Action[] }) {
  const find = useFindBox();
  const where = room.use();
  const roomLabel = where === 'cellar' ? say`Light the shop` : say`Dark room (cellar)`;
  return (
    <nav className="no-print flex flex-wrap items-center gap-x-5 pt-4 pb-3" aria-label={say`Rooms`}>
      <NavLink
        to="/"
        className="flex min-h-11 items-center gap-2.5 font-serif text-[1.7rem] leading-none font-semibold"
      >
        <svg width="30" height="30" viewBox="0 0 32 32" aria-hidden>
          <circle cx="16" cy="16" r="14" fill="#e9b44c" stroke="#2a2520" strokeWidth="3" />
          <path
            d="M16 16V2a14 14 0 0 1 13.300 9.700z"
            fill="#f7f1e4"
            stroke="#2a2520"
            strokeWidth="3"
            strokeLinejoin="round"
          />
        </svg>
        {say`Rotula`}
      </NavLink>
      {ROOMS.map(({ to, label }) => (
        <NavLink
          key={to}
          to={to}
          end={to === '/'}
          className={({ isActive }) =>
            clsx(
              'flex min-h-11 items-center text-lg',
              isActive ? 'font-bold' : 'text-ink-soft hover:text-ink',
            )
          }
        >
          {label}
        </NavLink>
      ))}
      <span className="flex">
        <IconButton label={say`Find ( / )`} onClick={() => find(actions)}>
          <Search size={20} />
        </IconButton>
        <IconButton label={roomLabel} onClick={() => room.set(where === 'cellar' ? 'shop' : 'cellar')}>
          {where === 'cellar' ? <Sun size={20} /> : <Moon size={20} />}
        </IconButton>
      </span>
    </nav>
  );
}
