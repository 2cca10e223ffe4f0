import type { WalkStep } from '@rotula/core';
import { Area, AreaChart, ReferenceDot, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { say } from '../language/say';

/** Strength along the walk, what is left over at each step, where it is cleared and where it is too much; loaded only where it is shown. */
export default function PalateCurve({ steps }: { steps: readonly WalkStep[] }) {
  const data = steps.map(({ number, main, left }) => ({
    step: String(number),
    strength: main.sense.intensity,
    left: Math.round(left * 10) / 10,
  }));
  const axis = { stroke: '#465056', tick: { fill: '#b9bab2', fontSize: 14 } };
  const summary = steps.map(
    ({ number, main, left, cleanse, tooMuch }) =>
      `${number}: ${main.sense.intensity}, ${say`left over`} ${left.toFixed(1)}${cleanse ? say`, cleared before` : ''}${tooMuch ? say`, too much` : ''}`,
  );
  return (
    <div role="img" aria-label={say`Strength along the walk: ${summary.join('; ')}`}>
      <ResponsiveContainer width="100%" height={150}>
        <AreaChart data={data} margin={{ left: -28, right: 8, top: 6 }} accessibilityLayer={false}>
          <XAxis dataKey="step" {...axis} />
          <YAxis domain={[0, 10]} ticks={[0, 5, 10]} {...axis} />
          {steps
            .filter(({ cleanse }) => cleanse)
            .map(({ number }) => (
              <ReferenceLine
                key={number}
                x={String(number)}
                stroke="#7fb2d6"
                strokeDasharray="2 3"
                strokeWidth={2}
              />
            ))}
          <Area
            dataKey="strength"
            stroke="#e9b44c"
            strokeWidth={3}
            fill="#e9b44c"
            fillOpacity={0.22}
            isAnimationActive={false}
          />
          <Area
            dataKey="left"
            stroke="#b9bab2"
            strokeDasharray="4 4"
            strokeWidth={2}
            fill="none"
            isAnimationActive={false}
          />
          {steps
            .filter(({ tooMuch }) => tooMuch)
            .map(({ number, left }) => (
              <ReferenceDot
                key={number}
                x={String(number)}
                y={Math.min(10, left)}
                r={6}
                fill="#d9745f"
                stroke="none"
              />
            ))}
        </AreaChart>
      </ResponsiveContainer>
      <p className="text-sm text-chalk-soft">{say`Blue lines: the palate is cleared. Red: more is left over than the good can bear.`}</p>
    </div>
  );
}
