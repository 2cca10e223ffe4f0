import type { Point, Thing } from '@rotula/core';
import { memo } from 'react';

/** What is drawn on the things: the step of the walk, who has the eye, and what hands put there. */
export const Markers = memo(function Markers({
  things,
  middles,
  steps,
  pinned,
  focus,
  wide,
}: {
  things: readonly Thing[];
  middles: ReadonlyMap<string, Point>;
  steps: ReadonlyMap<string, number>;
  pinned: ReadonlySet<string>;
  focus: string | null;
  wide: number;
}) {
  return things.map(({ id }) => {
    const at = middles.get(id);
    if (!at) return null;
    const step = steps.get(id);
    return (
      <g key={id} transform={`translate(${at[0]} ${at[1]})`} pointerEvents="none">
        {focus === id && <circle r={wide / 26} fill="none" stroke="#8f4a0e" strokeWidth={wide / 160} />}
        {step !== undefined && (
          <>
            <circle r={wide / 46} fill="#f7f1e4" stroke="#2a2520" strokeWidth={wide / 420} />
            <text y={wide / 120} textAnchor="middle" fontSize={wide / 38} fontWeight={700} fill="#2a2520">
              {step}
            </text>
          </>
        )}
        {pinned.has(id) && (
          <circle
            cx={wide / 40}
            cy={-wide / 40}
            r={wide / 110}
            fill="#a23b2a"
            stroke="#f7f1e4"
            strokeWidth={wide / 500}
          />
        )}
      </g>
    );
  });
});
