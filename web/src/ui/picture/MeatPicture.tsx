import { allergenState, type Meat } from '@rotula/core';
import { useId } from 'react';
import { seeded } from '../seeded';

/** A slice of meat in a 48 x 48 box, by its build: marbling, grain, casing. */

const FAT = '#f3e3d6';
const GRAIN = { 'whole muscle': [0, 0], coarse: [26, 2.3], fine: [60, 0.8], spreadable: [14, 3] } as const;

export function MeatPicture({ meat }: { meat: Meat }) {
  const clip = useId();
  const random = seeded(meat.id);
  const [n, size] = GRAIN[meat.build];
  const r = { large: 20, medium: 18, small: 14 }[meat.calibre];
  const fish = meat.animals.some((a) => a.animal === 'fish');
  const spots = Array.from({ length: n }, () => ({
    x: 24 + (random() - 0.5) * 38,
    y: 24 + (random() - 0.5) * 38,
    s: size * (0.6 + random() * 0.8),
  }));
  const pistachio = allergenState(meat.allergens, 'pistachio') === 'contains';
  const ragged = meat.build === 'whole muscle';
  const outline = ragged
    ? 'M9 14Q14 5 26 6t17 12-2 20-20 5T6 30q-2-8 3-16z'
    : `M24 ${24 - r}a${r} ${r} 0 1 1 0 ${2 * r}a${r} ${r} 0 1 1 0-${2 * r}z`;
  return (
    <>
      <clipPath id={clip}>
        <path d={outline} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <path d={outline} fill={meat.colours[0]} />
        {ragged && !fish && (
          <>
            <path d="M4 36q14 8 36-2l4 12H4z" fill={meat.sense.fat >= 4 ? FAT : meat.colours[1]} />
            <path
              d="M10 18q10 4 14 12M26 10q-2 10 8 16M16 28q6 2 8 8"
              fill="none"
              stroke={FAT}
              strokeWidth={meat.sense.fat >= 4 ? 1.8 : 0.7}
            />
          </>
        )}
        {fish &&
          [8, 15, 22, 29, 36].map((y) => (
            <path key={y} d={`M4 ${y}q10 8 20 2t20-2`} fill="none" stroke={FAT} strokeWidth="1.6" />
          ))}
        {spots.map((d, i) => (
          <ellipse key={i} cx={d.x} cy={d.y} rx={d.s} ry={d.s * 0.75} fill={FAT} opacity=".9" />
        ))}
        {pistachio &&
          spots.slice(0, 6).map((d, i) => <circle key={i} cx={d.x} cy={d.y} r="2" fill="#7f9b4c" />)}
        {meat.contents.casing !== 'none' && <path d={outline} fill="none" stroke="#efe6dc" strokeWidth="4" />}
      </g>
      <path d={outline} fill="none" stroke="#3b2a26" strokeOpacity=".6" strokeWidth="1" />
    </>
  );
}
