import { courseOf, EXACTLY, FAT_SHOWS, FILM_RANGE, type Outing } from '@rotula/core';
import { useMemo } from 'react';
import {
  Area,
  ComposedChart,
  Line,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { useWorkbench } from '../frame/context';
import { degreesOf } from '../ui/degrees';
import { say } from '../language/say';
import type { ClockDesk } from './useClock';

const POINTS = 40;

/** The heart of a good over the hours, with the range of its film, its band, and the face of it; loaded only where it is shown. */
export default function WarmCurve({ one, desk }: { one: Outing; desk: ClockDesk }) {
  const { house, format } = useWorkbench();
  const degrees = useMemo(() => degreesOf(house), [house]);
  const until = Math.max(one.offBy, one.out + 60);
  const data = useMemo(() => {
    const [usual, strong, weak] = [1, 1 + FILM_RANGE, 1 - FILM_RANGE].map((by) =>
      courseOf(one.request, one.out, EXACTLY.reckon, by),
    );
    return Array.from({ length: POINTS + 1 }, (_, i) => {
      const minute = one.out + ((until - one.out) * i) / POINTS;
      const { heart, face } = usual!.at(minute);
      return {
        minute,
        heart: degrees.exact(heart),
        face: degrees.exact(face),
        range: [degrees.exact(weak!.at(minute).heart), degrees.exact(strong!.at(minute).heart)],
      };
    });
  }, [one, until, degrees]);
  const axis = { stroke: '#465056', tick: { fill: '#b9bab2', fontSize: 14 } };
  const room = degrees.shown(one.request.lying.room);
  const top = Math.max(degrees.shown(FAT_SHOWS), room) + 2;
  const { band } = one;
  const label = say`${one.good.name}: ${format.celsius(one.request.lying.start)} at ${desk.time(one.out)}, ${format.celsius(one.atTable.heart)} at the heart at ${desk.time(one.wave.on)}`;
  return (
    <div role="img" aria-label={label} data-curve>
      <ResponsiveContainer width="100%" height={190}>
        <ComposedChart data={data} margin={{ left: -22, right: 10, top: 8 }} accessibilityLayer={false}>
          <XAxis
            dataKey="minute"
            type="number"
            domain={[one.out, until]}
            ticks={[one.out, one.wave.on, until]}
            tickFormatter={(minute: number) => desk.time(Math.round(minute))}
            {...axis}
          />
          <YAxis domain={[degrees.shown(0), top]} {...axis} />
          {band && (
            <ReferenceArea
              y1={degrees.shown(band.low)}
              y2={degrees.shown(band.high)}
              fill="#a9c585"
              fillOpacity={0.28}
            />
          )}
          <ReferenceLine y={room} stroke="#b9bab2" strokeDasharray="2 4" />
          <ReferenceLine x={one.wave.on} stroke="#c9782b" strokeWidth={2} />
          <Area dataKey="range" stroke="none" fill="#e9b44c" fillOpacity={0.25} isAnimationActive={false} />
          <Line
            dataKey="face"
            stroke="#d99a86"
            strokeWidth={2}
            strokeDasharray="5 4"
            dot={false}
            isAnimationActive={false}
          />
          <Line dataKey="heart" stroke="#e9b44c" strokeWidth={3} dot={false} isAnimationActive={false} />
        </ComposedChart>
      </ResponsiveContainer>
      <p className="text-sm text-chalk-soft">
        {say`Gold: the heart, with a draught more or less; dashed: the face; green: where it tastes of itself; dotted: the room.`}
      </p>
    </div>
  );
}
