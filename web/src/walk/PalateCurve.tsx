import type { WalkStep } from '@rotula/core';
import { Area, AreaChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { say } from '../language/say';

/** Strength along the walk, and what lingers after each step; loaded only where it is shown. */
export default function PalateCurve({ steps }: { steps: readonly WalkStep[] }) {
  const data = steps.map(({ number, main }) => ({
    step: String(number),
    strength: main.sense.intensity,
    lingers: main.sense.persistence,
  }));
  const axis = { stroke: '#465056', tick: { fill: '#b9bab2', fontSize: 14 } };
  return (
    <div
      role="img"
      aria-label={say`Strength along the walk: ${steps.map((s) => s.main.sense.intensity).join(', ')}`}
    >
      <ResponsiveContainer width="100%" height={150}>
        <AreaChart data={data} margin={{ left: -28, right: 8, top: 6 }} accessibilityLayer={false}>
          <XAxis dataKey="step" {...axis} />
          <YAxis domain={[0, 10]} ticks={[0, 5, 10]} {...axis} />
          <Area
            dataKey="lingers"
            stroke="#b9bab2"
            strokeDasharray="4 4"
            fill="none"
            isAnimationActive={false}
          />
          <Area
            dataKey="strength"
            stroke="#e9b44c"
            strokeWidth={3}
            fill="#e9b44c"
            fillOpacity={0.22}
            isAnimationActive={false}
          />
        </AreaChart>
      </ResponsiveContainer>
    </div>
  );
}
