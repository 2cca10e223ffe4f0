import { hslOf, type Cheese, type Shape } from '@rotula/core';
import { useId, type SVGProps } from 'react';
import { seeded } from '../seeded';

/** A cheese's cross-section in a 48 x 48 box, from its data alone. */

const RIND_COLOUR: Record<Cheese['rind']['kind'], string> = {
  none: '#cbb98f',
  bloomy: '#f6f4ec',
  washed: '#c06a33',
  natural: '#8d7450',
  rubbed: '#a3602f',
  cloth: '#a8926c',
  wax: '#a23b2a',
  'plastic coat': '#d8a13c',
  ash: '#4c4a46',
  leaf: '#5c7440',
  bark: '#6f4526',
};

const OUTLINES: Record<Shape, string> = {
  wheel: 'M24 4a20 20 0 1 1 0 40a20 20 0 1 1 0-40z',
  'half wheel': 'M3 33a21 21 0 0 1 42 0q0 3-3 3H6q-3 0-3-3z',
  'quarter wheel': 'M6 38V16q0-4 4-4 28 0 32 26 0 2-3 2H9q-3 0-3-2z',
  wedge: 'M4 36 41 12q3-1 3 2v20q0 3-3 3H6z',
  log: 'M12 12h24a12 12 0 0 1 0 24H12a12 12 0 0 1 0-24z',
  pyramid: 'M17 9h14q2 0 3 2l9 26q1 3-2 3H7q-3 0-2-3l9-26q1-2 3-2z',
  square: 'M9 7h30q4 0 4 4v26q0 4-4 4H9q-4 0-4-4V11q0-4 4-4z',
  block: 'M5 12h38q2 0 2 2v20q0 2-2 2H5q-2 0-2-2V14q0-2 2-2z',
  drum: 'M10 5h28q4 0 4 5v28q0 5-4 5H10q-4 0-4-5V10q0-5 4-5z',
  ball: 'M24 8a16 16 0 1 1 0 32a16 16 0 1 1 0-32z',
  tub: 'M6 13h36l-5 25q-1 3-4 3H15q-3 0-4-3z',
  'whole sausage': 'M12 14h24a10 10 0 0 1 0 20H12a10 10 0 0 1 0-20z',
  sliced: 'M24 4a20 20 0 1 1 0 40a20 20 0 1 1 0-40z',
};

const EYES = { none: [0, 0], pin: [12, 0.9], small: [9, 1.8], large: [6, 4.2] } as const;

function dots(random: () => number, n: number, size: number) {
  return Array.from({ length: n }, () => ({
    x: 8 + random() * 32,
    y: 9 + random() * 30,
    r: size * (0.7 + random() * 0.6),
  }));
}

/** A vein wanders to the right in three short curves. */
function vein(random: () => number): string {
  const swing = (most: number) => ((random() - 0.5) * most).toFixed(1);
  const bends = Array.from(
    { length: 3 },
    () => `q${(2 + random() * 2).toFixed(1)} ${swing(9)} ${(4 + random() * 4).toFixed(1)} ${swing(10)}`,
  );
  return `M${(4 + random() * 24).toFixed(1)} ${(9 + random() * 30).toFixed(1)}${bends.join('')}`;
}

/** What the eye sees on a rind: down on a bloom, ridges on a wash, weave on cloth, flecks on a natural crust. */
const RIND_GRAIN: Partial<Record<Cheese['rind']['kind'], SVGProps<SVGPathElement>>> = {
  bloomy: { stroke: '#b9b4a2', strokeWidth: 2.6, strokeDasharray: '0.8 2.4' },
  washed: { stroke: '#8f4a1c', strokeWidth: 4, strokeDasharray: '0.9 3.6' },
  natural: { stroke: '#5f4c31', strokeWidth: 5, strokeDasharray: '1.2 5.4' },
  rubbed: { stroke: '#6d3a18', strokeWidth: 3, strokeDasharray: '2.4 2.4' },
  cloth: { stroke: '#7d6a49', strokeWidth: 5, strokeDasharray: '0.7 1.5' },
  ash: { stroke: '#77746c', strokeWidth: 4, strokeDasharray: '0.8 2' },
  leaf: { stroke: '#3f5229', strokeWidth: 3, strokeDasharray: '4 3' },
  wax: { stroke: '#cf6a55', strokeWidth: 1.2 },
  'plastic coat': { stroke: '#f0c66a', strokeWidth: 1.2 },
};

/** Lightness by which a second colour must differ from the paste to be something in it (herbs, fruit, truffle). */
const SEEN = 0.2;

/** Is there something in the paste that shows? Veins, ash and the colours of a rind are drawn elsewhere. */
function speckles({ colours, look, rind }: Cheese): boolean {
  if (!colours[1] || look.veins > 0 || look.ashLine || !['none', 'bloomy', 'natural'].includes(rind.kind))
    return false;
  return Math.abs(hslOf(colours[0]!)[2] - hslOf(colours[1])[2]) > SEEN;
}

export function CheesePicture({ cheese }: { cheese: Cheese }) {
  const clip = useId();
  const random = seeded(cheese.id);
  const paste = cheese.colours[0]!;
  const rind = RIND_COLOUR[cheese.rind.kind];
  const thick = cheese.rind.kind === 'none' ? 1.2 : Math.min(5.5, 2 + cheese.rind.mm * 0.5);
  const outline = OUTLINES[cheese.form.shape];
  const [eyes, eyeSize] = EYES[cheese.look.eyes];
  const runs = cheese.paste === 'runny';
  const ripe =
    cheese.lots.some((lot) => lot.verdict?.says === 'at its peak') &&
    ['bloomy', 'soft', 'washed'].includes(cheese.texture);
  const pearls = cheese.form.shape === 'ball' && cheese.form.grams <= 40;
  if (pearls)
    return (
      <g stroke="#b9ad8c" strokeWidth="1">
        {[
          [15, 19, 8],
          [32, 17, 8.5],
          [24, 32, 9],
        ].map(([x, y, r]) => (
          <circle key={x} cx={x} cy={y} r={r} fill={paste} />
        ))}
      </g>
    );
  return (
    <>
      <clipPath id={clip}>
        <path d={outline} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <path d={outline} fill={paste} />
        {cheese.paste === 'runny' && <path d="M8 27q6-6 11 0t11 1 11-2v18H6z" fill="#fff8de" opacity=".75" />}
        {dots(random, eyes, eyeSize).map((d, i) => (
          <ellipse key={i} cx={d.x} cy={d.y} rx={d.r} ry={d.r * 0.85} fill="#00000026" />
        ))}
        {cheese.look.crystals &&
          dots(random, 16, 0.8).map((d, i) => (
            <circle key={i} cx={d.x} cy={d.y} r={d.r} fill="#fffdf2" opacity=".9" />
          ))}
        {(cheese.paste === 'crumbly' || cheese.paste === 'brittle') &&
          dots(random, 5, 1).map((d, i) => (
            <path
              key={i}
              d={`M${d.x} ${d.y}l${2 + d.r * 2} ${d.r * 2 - 2}`}
              stroke="#00000024"
              strokeWidth="1"
            />
          ))}
        {Array.from({ length: Math.round(cheese.look.veins * 5) }, (_, i) => (
          <path
            key={i}
            d={vein(random)}
            fill="none"
            stroke={cheese.colours[1] ?? '#33607a'}
            strokeWidth={1.2 + random() * 1.6}
            strokeLinecap="round"
          />
        ))}
        {cheese.look.ashLine && (
          <path d="M2 25q6-3 11 0t11-1 11 1 11-1" fill="none" stroke="#55524c" strokeWidth="2.2" />
        )}
        {(cheese.paste === 'creamy' || cheese.paste === 'wet') && (
          <path
            d="M12 16q8-6 17-3"
            fill="none"
            stroke="#fff"
            strokeWidth="2"
            strokeLinecap="round"
            opacity=".7"
          />
        )}
        {cheese.look.curd &&
          dots(random, 14, 3.4).map((d, i) => (
            <circle key={i} cx={d.x} cy={d.y} r={d.r} fill="none" stroke="#00000022" strokeWidth="1" />
          ))}
        {speckles(cheese) &&
          dots(random, 16, 1.3).map((d, i) => (
            <circle key={i} cx={d.x} cy={d.y} r={d.r} fill={cheese.colours[1]} />
          ))}
        {ripe && <path d={outline} fill="none" stroke="#fff3c4" strokeWidth={2 * thick + 6} opacity=".8" />}
        <path d={outline} fill="none" stroke={rind} strokeWidth={2 * thick} />
        <path d={outline} fill="none" {...RIND_GRAIN[cheese.rind.kind]} />
        {cheese.rind.kind === 'bark' && <path d="M0 0h7v48H0zM41 0h7v48h-7z" fill="#6f4526" />}
        {cheese.rind.kind === 'leaf' && <path d="M0 0h48v14L24 20 0 13z" fill="#5c7440" />}
      </g>
      <path d={outline} fill="none" stroke="#3b3329" strokeOpacity=".6" strokeWidth="1" />
      {runs && (
        <path d="M17 41q1 5 4 5t3-5z" fill={paste} stroke="#3b3329" strokeOpacity=".6" strokeWidth=".8" />
      )}
    </>
  );
}
