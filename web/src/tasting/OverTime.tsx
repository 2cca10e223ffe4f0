import { overTime, type evidenceOf, type Session } from '@rotula/core';
import { Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { Format } from '../ui/format';
import { say } from '../language/say';

/** Session by session in time: by how much its notes were missed by the usual weights, and by what the sessions before it had taught. */
export default function OverTime({
  sessions,
  evidence,
  format,
}: {
  sessions: readonly Session[];
  evidence: ReturnType<typeof evidenceOf>;
  format: Format;
}) {
  const when = new Map(sessions.map(({ id, startedAt }) => [id, format.shortDay(startedAt)]));
  const data = overTime(evidence).map(({ session, prior, learnt }) => ({
    at: when.get(session) ?? '',
    prior: Math.round(100 * prior) / 100,
    learnt: Math.round(100 * learnt) / 100,
  }));
  const axis = { stroke: '#465056', tick: { fill: '#b9bab2', fontSize: 14 } };
  const summary = data
    .map(({ at, prior, learnt }) => say`${at}: usual ${prior}, learnt ${learnt}`)
    .join('; ');
  return (
    <div role="img" aria-label={say`Missed by, session by session: ${summary}`} data-over-time>
      <ResponsiveContainer width="100%" height={150}>
        <LineChart data={data} margin={{ left: -20, right: 8, top: 6 }} accessibilityLayer={false}>
          <XAxis dataKey="at" {...axis} minTickGap={40} />
          <YAxis domain={[0, 'auto']} {...axis} />
          <Line
            dataKey="prior"
            stroke="#b9bab2"
            strokeWidth={2}
            strokeDasharray="4 4"
            isAnimationActive={false}
          />
          <Line dataKey="learnt" stroke="#e9b44c" strokeWidth={3} isAnimationActive={false} />
        </LineChart>
      </ResponsiveContainer>
      <p className="text-sm text-chalk-soft">{say`Dashed: the usual weights. Full: what the sessions before had taught.`}</p>
    </div>
  );
}
