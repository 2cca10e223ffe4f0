import type { ReactNode } from 'react';

/** What lies on the board after the cut, drawn plainly in the colour of the good; 72 x 48. */
const DRAWN: Record<string, (c: string) => ReactNode> = {
  whole: (c) => (
    <>
      <circle cx="34" cy="25" r="19" fill={c} />
      <path d="M34 25L50 14M34 25L53 24" fill="none" />
      <path d="M42 24L62 12l2 10z" fill={c} />
    </>
  ),
  pearl: (c) => (
    <>
      {[
        [16, 30],
        [31, 32],
        [46, 29],
        [24, 17],
        [40, 16],
      ].map(([x, y]) => (
        <circle key={`${x}`} cx={x} cy={y} r="8" fill={c} />
      ))}
    </>
  ),
  wedge: (c) => (
    <>
      {[0, 1, 2].map((i) => (
        <path key={i} d={`M${8 + i * 20} 38l8-28q7 3 9 9z`} fill={c} />
      ))}
    </>
  ),
  coin: (c) => (
    <>
      {[0, 1, 2, 3].map((i) => (
        <ellipse key={i} cx={16 + i * 13} cy="25" rx="10" ry="16" fill={c} />
      ))}
    </>
  ),
  triangle: (c) => (
    <>
      {[0, 1, 2, 3].map((i) => (
        <path key={i} d={`M${6 + i * 12} ${40 - i * 3}L${34 + i * 9} 8l4 7z`} fill={c} />
      ))}
    </>
  ),
  cube: (c) => (
    <>
      {[
        [8, 24],
        [30, 24],
        [19, 8],
        [48, 22],
      ].map(([x, y]) => (
        <path key={`${x}`} d={`M${x} ${y}l5-4h12v12l-5 4h-12zM${x} ${y}h12v12m0-12l5-4`} fill={c} />
      ))}
    </>
  ),
  slice: (c) => (
    <>
      {[0, 1, 2, 3, 4].map((i) => (
        <rect
          key={i}
          x={8 + i * 10}
          y={10}
          width="20"
          height="30"
          rx="2"
          fill={c}
          transform={`rotate(${-14 + i * 7} 36 60)`}
        />
      ))}
    </>
  ),
  chunk: (c) => (
    <>
      <path d="M8 36l4-16 14-6 8 10-3 14z" fill={c} />
      <path d="M36 40l2-18 12-10 14 8-2 16-12 6z" fill={c} />
    </>
  ),
  nugget: (c) => (
    <>
      {[
        [8, 28],
        [24, 14],
        [26, 32],
        [44, 22],
        [56, 34],
        [52, 10],
      ].map(([x, y]) => (
        <path key={`${x}`} d={`M${x} ${y}l5-5 7 2 1 7-6 4-6-2z`} fill={c} />
      ))}
    </>
  ),
  baton: (c) => (
    <>
      {[-24, -8, 8, 24].map((a) => (
        <rect
          key={a}
          x="32"
          y="6"
          width="8"
          height="36"
          rx="1.500"
          fill={c}
          transform={`rotate(${a} 36 8)`}
        />
      ))}
    </>
  ),
  crumble: (c) => (
    <>
      {[
        [10, 34, 5],
        [20, 26, 7],
        [32, 34, 6],
        [34, 20, 6],
        [46, 30, 8],
        [58, 36, 4],
        [24, 38, 3],
        [50, 18, 4],
      ].map(([x, y, r]) => (
        <circle key={`${x}${y}`} cx={x} cy={y} r={r} fill={c} />
      ))}
    </>
  ),
  spoonful: (c) => (
    <>
      <path d="M6 24q0 18 20 18t20-18z" fill={c} />
      <path d="M40 20L62 6q5-1 3 4L44 24" fill="#d9d4c6" />
    </>
  ),
  ribbon: (c) => <path d="M6 34q6-24 14-8t14-10 12 12 18-14q2 22-10 22-34 8-48-2z" fill={c} />,
  river: (c) => (
    <>
      {[0, 1, 2, 3, 4].map((i) => (
        <path key={i} d={`M${6 + i * 12} ${22 + (i % 2) * 8}a9 9 0 0 1 18 0z`} fill={c} />
      ))}
    </>
  ),
  rose: (c) => (
    <>
      <circle cx="36" cy="24" r="19" fill={c} />
      <path d="M36 24q8-8 2-12t-14 6 2 20 20-2 4-18" fill="none" />
    </>
  ),
  'quarter fold': (c) => (
    <>
      {[0, 1, 2].map((i) => (
        <path key={i} d={`M${14 + i * 20} 40q-12-16-4-26 4 6 8 0 4 8 8 2 4 12-12 24z`} fill={c} />
      ))}
    </>
  ),
  fan: (c) => (
    <>
      {[-30, -10, 10, 30].map((a) => (
        <path key={a} d="M36 44a16 16 0 0 1 0-32z" fill={c} transform={`rotate(${a} 36 44)`} />
      ))}
    </>
  ),
  roll: (c) => (
    <>
      {[0, 1, 2].map((i) => (
        <g key={i}>
          <rect x={8 + i * 20} y="12" width="15" height="28" rx="7" fill={c} />
          <ellipse cx={15.5 + i * 20} cy="15" rx="7" ry="4" fill={c} />
        </g>
      ))}
    </>
  ),
  shingles: (c) => (
    <>
      {[0, 1, 2, 3, 4].map((i) => (
        <circle key={i} cx={16 + i * 10} cy="25" r="10" fill={c} />
      ))}
    </>
  ),
  'bias slices': (c) => (
    <>
      {[0, 1, 2, 3].map((i) => (
        <ellipse
          key={i}
          cx={14 + i * 14}
          cy="25"
          rx="8"
          ry="14"
          fill={c}
          transform={`rotate(24 ${14 + i * 14} 25)`}
        />
      ))}
    </>
  ),
  bowl: (c) => (
    <>
      <path d="M10 22h52q-2 20-26 20T10 22z" fill="#fdfaf2" />
      <path d="M14 22q22-14 44 0z" fill={c} />
    </>
  ),
  mound: (c) => <path d="M8 40q8-26 28-26t28 26z" fill={c} />,
};

export function CutPicture({ look, colour, size = 72 }: { look: string; colour: string; size?: number }) {
  return (
    <svg
      width={size}
      height={(size * 48) / 72}
      viewBox="0 0 72 48"
      aria-hidden
      className="shrink-0"
      stroke="#3b3329"
      strokeWidth="1.300"
      strokeLinejoin="round"
    >
      {DRAWN[look]?.(colour)}
    </svg>
  );
}
