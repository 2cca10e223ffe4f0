import type { CompanionRole, Drink } from '@rotula/core';
import type { ReactNode } from 'react';

/** Plain drawn signs of companions, drinks and wares, tinted with the good's own colour; 48 x 48. */

const INK = '#3b3329';
const line = {
  fill: 'none',
  stroke: INK,
  strokeWidth: 1.6,
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const;

const jar = (c: string, lid: string): ReactNode => (
  <>
    <rect x="12" y="15" width="24" height="26" rx="5" fill={c} stroke={INK} strokeWidth="1.4" />
    <rect x="14" y="8" width="20" height="6" rx="2" fill={lid} stroke={INK} strokeWidth="1.4" />
    <path d="M17 21v12" stroke="#fff" strokeOpacity=".7" strokeWidth="2.4" strokeLinecap="round" />
  </>
);

export const COMPANION_SIGNS: Record<CompanionRole, (c: string) => ReactNode> = {
  honey: (c) => (
    <>
      {jar(c, '#f7e7b8')}
      <path d="M20 31h8m-10-4h12m-10 8h8" {...line} strokeOpacity=".55" />
    </>
  ),
  preserve: (c) => jar(c, '#a23b2a'),
  'savoury spread': (c) => jar(c, '#5c7440'),
  mustard: (c) => jar(c, '#c9782b'),
  chutney: (c) => jar(c, '#7a4a1e'),
  dip: (c) => (
    <>
      <path d="M7 24h34q-2 16-17 16T7 24z" fill="#fdfaf2" stroke={INK} strokeWidth="1.4" />
      <path d="M10 24q14-10 28 0z" fill={c} stroke={INK} strokeWidth="1.4" />
    </>
  ),
  oil: (c) => (
    <>
      <path d="M20 6h8v9q7 4 7 12v14H13V27q0-8 7-12z" fill="#fdfaf2" stroke={INK} strokeWidth="1.4" />
      <path d="M14 27h20v13H14z" fill={c} />
    </>
  ),
  fruit: (c) => (
    <>
      <path
        d="M24 15q12-6 15 6t-8 19q-5 3-7 1-2 2-7-1Q6 33 9 21t15-6z"
        fill={c}
        stroke={INK}
        strokeWidth="1.4"
      />
      <path d="M24 15q0-6 5-9" {...line} />
    </>
  ),
  'dried fruit': (c) => (
    <>
      <ellipse cx="18" cy="29" rx="11" ry="8" fill={c} stroke={INK} strokeWidth="1.4" />
      <ellipse cx="31" cy="19" rx="10" ry="7.5" fill={c} stroke={INK} strokeWidth="1.4" />
      <path d="M13 29h10m3-10h9" {...line} strokeOpacity=".5" />
    </>
  ),
  nut: (c) => (
    <>
      <path d="M24 7q14 4 14 18T24 42Q10 38 10 25T24 7z" fill={c} stroke={INK} strokeWidth="1.4" />
      <path d="M24 9v31M17 16q4 8 0 16m14-16q-4 8 0 16" {...line} strokeOpacity=".5" />
    </>
  ),
  brine: (c) => (
    <>
      <ellipse
        cx="17"
        cy="27"
        rx="9"
        ry="11"
        fill={c}
        stroke={INK}
        strokeWidth="1.4"
        transform="rotate(20 17 27)"
      />
      <ellipse
        cx="32"
        cy="22"
        rx="8"
        ry="10"
        fill={c}
        stroke={INK}
        strokeWidth="1.4"
        transform="rotate(-14 32 22)"
      />
      <circle cx="32" cy="15" r="2" fill={INK} />
    </>
  ),
  vegetable: (c) => (
    <>
      <rect x="10" y="12" width="8" height="30" rx="3" fill={c} stroke={INK} strokeWidth="1.4" />
      <rect x="20" y="8" width="8" height="34" rx="3" fill={c} stroke={INK} strokeWidth="1.4" />
      <rect x="30" y="14" width="8" height="28" rx="3" fill={c} stroke={INK} strokeWidth="1.4" />
    </>
  ),
  bread: (c) => (
    <>
      <path d="M7 29Q9 14 24 13t17 16q0 8-6 8H13q-6 0-6-8z" fill={c} stroke={INK} strokeWidth="1.4" />
      <path d="M17 19l4 8m4-9l4 8" {...line} strokeOpacity=".6" />
    </>
  ),
  cracker: (c) => (
    <>
      <rect x="9" y="9" width="30" height="30" rx="4" fill={c} stroke={INK} strokeWidth="1.4" />
      {[17, 24, 31].flatMap((x) =>
        [17, 24, 31].map((y) => <circle key={`${x}${y}`} cx={x} cy={y} r="1.5" fill={INK} opacity=".55" />),
      )}
    </>
  ),
  chocolate: (c) => (
    <>
      <rect x="10" y="8" width="28" height="32" rx="3" fill={c} stroke={INK} strokeWidth="1.4" />
      <path d="M24 8v32M10 18.600h28M10 29.300h28" {...line} />
    </>
  ),
  butter: (c) => <path d="M8 22l8-8h24v14l-8 8H8z" fill={c} stroke={INK} strokeWidth="1.4" />,
  seasoning: (c) => (
    <>
      <path d="M16 18h16l3 22H13z" fill="#fdfaf2" stroke={INK} strokeWidth="1.4" />
      <path d="M14 31h20l1 9H13z" fill={c} />
      <path d="M16 18q0-8 8-8t8 8z" fill="#8d8778" stroke={INK} strokeWidth="1.4" />
      <path d="M21 14h.01M24 13h.01M27 14h.01" {...line} />
    </>
  ),
  garnish: (c) => (
    <path d="M24 42Q6 30 12 10q24 2 12 32zM24 42q2-16-6-24" fill={c} stroke={INK} strokeWidth="1.4" />
  ),
};

const wineglass = (c: string) => (
  <>
    <path d="M14 7h20q2 17-10 19Q12 24 14 7z" fill="#fdfaf2" stroke={INK} strokeWidth="1.4" />
    <path d="M14.500 14h19q-1 10-9.500 11.500Q15.500 24 14.500 14z" fill={c} />
    <path d="M24 26v13m-7 2h14" {...line} />
  </>
);
const flute = (c: string) => (
  <>
    <path d="M18 6h12q1 16-6 20-7-4-6-20z" fill="#fdfaf2" stroke={INK} strokeWidth="1.4" />
    <path d="M18.300 11h11.400q-.500 11-5.700 14-5.200-3-5.700-14z" fill={c} />
    <circle cx="23" cy="15" r="1" fill="#fff" />
    <circle cx="26" cy="19" r="1" fill="#fff" />
    <path d="M24 26v14m-6 2h12" {...line} />
  </>
);
const tumbler = (c: string) => (
  <>
    <path d="M13 9h22l-3 32H16z" fill="#fdfaf2" stroke={INK} strokeWidth="1.4" />
    <path d="M14 17h20l-2 23H16z" fill={c} />
  </>
);
const cup = (c: string) => (
  <>
    <path d="M9 18h24q1 18-12 18T9 18z" fill={c} stroke={INK} strokeWidth="1.4" />
    <path d="M33 21q8-1 7 5t-9 5M15 13q-2-3 0-6m7 6q-2-3 0-6" {...line} />
  </>
);

export const DRINK_SIGNS: Record<Drink['type'], (c: string) => ReactNode> = {
  sparkling: flute,
  white: wineglass,
  rosé: wineglass,
  red: wineglass,
  sweet: wineglass,
  fortified: wineglass,
  beer: tumbler,
  cider: tumbler,
  'no-alcohol': tumbler,
  tea: cup,
};

export const wareSign = (c: string): ReactNode => (
  <rect x="6" y="14" width="36" height="22" rx="4" fill={c} stroke={INK} strokeWidth="1.4" />
);
