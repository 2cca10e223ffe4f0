import type { Milk } from '@rotula/core';
import clsx from 'clsx';
import { say, word } from '../language/say';
import { GoodPicture } from '../ui/picture/GoodPicture';
import { arc, segment } from './polar';
import {
  CENTRE,
  FIELD,
  HUB,
  LABELS,
  RIM,
  TOKEN,
  type MilkArc as MilkShare,
  type Sector,
  type Token,
} from './wheelLayout';

/** What the balance wheel is drawn of, each a group of its picture. */

/** Milks have a colour and a pattern each. */
const MILK_LOOK: Record<Milk, { colour: string; pattern: (colour: string) => React.ReactNode }> = {
  cow: { colour: '#c9782b', pattern: () => null },
  sheep: {
    colour: '#5c7440',
    pattern: () => (
      <path d="M-2 10L10-2M4 16L16 4" stroke="var(--color-paper)" strokeOpacity=".75" strokeWidth="2.4" />
    ),
  },
  goat: {
    colour: '#a23b2a',
    pattern: () => <circle cx="6" cy="6" r="2" fill="var(--color-paper)" fillOpacity=".85" />,
  },
  buffalo: {
    colour: '#33607a',
    pattern: () => (
      <path d="M0 3h12M0 9h12" stroke="var(--color-paper)" strokeOpacity=".75" strokeWidth="2" />
    ),
  },
};

/** Words on the lower half run the other way, so that they stand upright. */
const isLower = (angle: number): boolean => angle > 90 && angle < 270;

/** The order of tasting, from token to token. */
export function WayThrough({ inOrder }: { inOrder: Token[] }) {
  return (
    <polyline
      points={inOrder.map(({ point }) => `${point.x},${point.y}`).join(' ')}
      fill="none"
      stroke="var(--color-ink-soft)"
      strokeWidth="1.6"
      strokeDasharray="2 6"
      strokeLinecap="round"
    />
  );
}

/** Quarters of strength, and the hub where it is mild. */
export function StrengthRings() {
  return (
    <>
      {[2.5, 5, 7.5].map((i) => (
        <circle
          key={i}
          cx={CENTRE}
          cy={CENTRE}
          r={HUB + ((FIELD - HUB) * i) / 10}
          fill="none"
          stroke="var(--color-paper)"
          strokeWidth="1.6"
        />
      ))}
      <circle cx={CENTRE} cy={CENTRE} r={HUB} fill="var(--color-paper)" />
      <text
        x={CENTRE}
        y={CENTRE + 6}
        textAnchor="middle"
        fontSize="23.5"
        fill="var(--color-ink-soft)"
      >{say`mild`}</text>
    </>
  );
}

/** A good that a swap would bring. */
export function Ghost({ token }: { token: Token }) {
  return (
    <g
      transform={`translate(${token.point.x} ${token.point.y})`}
      opacity=".85"
      className="pointer-events-none"
    >
      <circle r={TOKEN} fill="#fdfaf2" stroke="#33607a" strokeWidth="2.5" strokeDasharray="5 4" />
      <g transform="translate(-20 -20)">
        <GoodPicture good={token.cheese} size={40} />
      </g>
    </g>
  );
}

/** A milk on the rim, with its name. */
export function MilkArc({ milk, share, from, to, id }: MilkShare & { id: string }) {
  const middle = (from + to) / 2;
  const lower = isLower(middle);
  const name = `${id}-${milk}-name`;
  return (
    <g>
      <path d={segment(CENTRE, RIM.inner, RIM.outer, from, to)} fill={`url(#${id}-${milk})`} />
      <path
        id={name}
        d={arc(CENTRE, lower ? RIM.label + 13 : RIM.label, middle - 60, middle + 60, lower)}
        fill="none"
      />
      <text fontSize="23.5" fontWeight="700" fill="var(--color-ink)">
        <textPath href={`#${name}`} startOffset="50%" textAnchor="middle">
          {word(milk)}
          {share !== 1 && ` ×${Number(share.toFixed(1))}`}
        </textPath>
      </text>
    </g>
  );
}

/** A family: filled, wanted, or neither, with its name along the rim. */
export function FamilySector({
  sector: { texture, from, to, filled, wanted },
  id,
}: {
  sector: Sector;
  id: string;
}) {
  return (
    <g>
      <path
        d={segment(CENTRE, HUB, FIELD, from + 0.5, to - 0.5)}
        fill={filled > 0 ? 'var(--color-shade)' : 'var(--color-paper-lit)'}
      />
      {wanted && (
        <path
          d={segment(CENTRE, HUB + 4, FIELD - 4, from + 2, to - 2)}
          fill="none"
          stroke="var(--color-annatto-text)"
          strokeWidth="2"
          strokeDasharray="7 6"
        />
      )}
      <text
        className="font-serif"
        fontSize="24"
        fontWeight={filled > 0 ? 600 : 400}
        fill={
          wanted ? 'var(--color-annatto-text)' : filled > 0 ? 'var(--color-ink)' : 'var(--color-ink-soft)'
        }
      >
        <textPath href={`#${id}-${texture}`} startOffset="50%" textAnchor="middle">
          {word(texture)}
        </textPath>
      </text>
    </g>
  );
}

/** What the drawing fills and writes along: milks, and an arc for each family. */
export function Patterns({ id, sectors }: { id: string; sectors: Sector[] }) {
  return (
    <defs>
      {Object.entries(MILK_LOOK).map(([milk, { colour, pattern }]) => (
        <pattern key={milk} id={`${id}-${milk}`} width="12" height="12" patternUnits="userSpaceOnUse">
          <rect width="12" height="12" fill={colour} />
          {pattern(colour)}
        </pattern>
      ))}
      {sectors.map(({ texture, from, to }) => {
        const lower = isLower((from + to) / 2);
        return (
          <path
            key={texture}
            id={`${id}-${texture}`}
            d={arc(CENTRE, lower ? LABELS + 13 : LABELS, from, to, lower)}
          />
        );
      })}
    </defs>
  );
}

/** A cheese where its family and strength put it, its age as the ring around it. */
export function WheelToken({
  token,
  number,
  focused,
  onFocus,
}: {
  token: Token;
  number?: number;
  focused: boolean;
  onFocus?: () => void;
}) {
  const { cheese, point, age } = token;
  const ring = TOKEN + 3;
  const length = 2 * Math.PI * ring;
  return (
    <g
      style={{ transform: `translate(${point.x}px, ${point.y}px)` }}
      className={clsx('moves', onFocus && 'cursor-pointer')}
      onClick={onFocus}
      data-good={cheese.id}
    >
      {focused && <circle r={TOKEN + 11} fill="none" stroke="#c9782b" strokeWidth="4" />}
      <circle r={ring + 2} fill="#fdfaf2" />
      <circle r={ring} fill="none" stroke="var(--color-line)" strokeWidth="4" />
      <circle
        r={ring}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth="4"
        strokeDasharray={`${length * age} ${length}`}
        transform="rotate(-90)"
      />
      <g transform="translate(-24 -24)">
        <GoodPicture good={cheese} size={48} />
      </g>
      {number !== undefined && (
        <g transform={`translate(${TOKEN * 0.78} ${-TOKEN * 0.82})`}>
          <circle r="16" fill="var(--color-ink)" />
          <text y="8" textAnchor="middle" fontSize="23.5" fontWeight="700" fill="var(--color-paper)">
            {number}
          </text>
        </g>
      )}
      <title>{`${cheese.name}: ${cheese.style}`}</title>
    </g>
  );
}
