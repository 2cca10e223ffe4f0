import type { PriceStep } from '@rotula/core';
import { CartesianGrid, Line, LineChart, ReferenceDot, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { Format } from '../ui/format';
import { say } from '../language/say';

const CHALK = '#b9bab2';

/** Best raw balance against money. Knees are ringed; the cross-hair ring is what is on the board now. */
export default function PriceCurve({
  steps,
  now,
  format,
  onShow,
}: {
  steps: readonly PriceStep[];
  now: { cost: number; raw: number };
  format: Format;
  onShow: (step: number) => void;
}) {
  const units = (minor: number) => minor / format.minorPerUnit;
  const points = steps.map((s, i) => ({ cost: units(s.cost), raw: s.raw, knee: s.knee !== null, i }));
  const text = { fill: CHALK, fontSize: 14 };
  const says = steps.map((s) => `${format.amount(s.cost)}: ${s.raw.toFixed(1)}`).join('; ');
  return (
    <div className="h-56" role="img" aria-label={say`Best raw balance by money. ${says}`}>
      <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 360, height: 224 }}>
        <LineChart
          data={points}
          margin={{ top: 12, right: 16, bottom: 8, left: -12 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="#465056" vertical={false} />
          <XAxis
            dataKey="cost"
            type="number"
            domain={['dataMin', 'dataMax']}
            tick={text}
            stroke={CHALK}
            tickFormatter={(x: number) => x.toFixed(0)}
          />
          <YAxis
            domain={['dataMin - 2', 'dataMax + 2']}
            tick={text}
            stroke={CHALK}
            tickFormatter={(x: number) => x.toFixed(0)}
          />
          <Line
            dataKey="raw"
            type="stepAfter"
            stroke="#e9b44c"
            strokeWidth={3}
            isAnimationActive={false}
            dot={({ cx, cy, payload }: { cx?: number; cy?: number; payload?: (typeof points)[number] }) => (
              <circle
                key={payload?.i}
                cx={cx}
                cy={cy}
                r={payload?.knee ? 8 : 4}
                fill={payload?.knee ? '#23292c' : '#e9b44c'}
                stroke="#e9b44c"
                strokeWidth={3}
                className="cursor-pointer"
                onClick={() => payload && onShow(payload.i)}
              />
            )}
          />
          <ReferenceDot
            x={units(now.cost)}
            y={now.raw}
            r={7}
            fill="none"
            stroke="#f1ede1"
            strokeWidth={2.5}
            ifOverflow="extendDomain"
            label={{ value: say`now`, fill: '#f1ede1', fontSize: 14, position: 'bottom' }}
          />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
