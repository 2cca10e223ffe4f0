import { NavLink } from 'react-router';
import clsx from 'clsx';

const ROOMS = [
  { to: '/', label: 'Book' },
  { to: '/counter', label: 'Counter' },
  { to: '/house', label: 'House' },
];

/** The little wheel, the name, and the rooms of the shop. */
export function Brand() {
  return (
    <nav className="no-print flex items-center gap-6 pt-4 pb-3" aria-label="Rooms">
      <NavLink
        to="/"
        className="flex items-center gap-2.5 font-serif text-[1.7rem] leading-none font-semibold"
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
        Rotula
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
    </nav>
  );
}
