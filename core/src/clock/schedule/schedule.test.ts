import fc from 'fast-check';
import * as highsModule from 'highs';
import { permutations } from '../../testing/goods.js';
import type { Job, Room } from './job.js';
import { costOf, PLAIN_JOB } from './job.js';
import { Backwards, scheduleCost } from './place.js';
import { quickDay } from './quick.js';
import { scheduleDay } from './schedule.js';

interface Highs {
  solve(program: string): { Status: string; ObjectiveValue: number };
}
/** The package is a CommonJS function; how an import sees it depends on who transforms it. */
const loadHighs = ((highsModule as { default?: unknown }).default ?? highsModule) as () => Promise<Highs>;

const NODES = 200_000;
const job = (id: string, minutes: number, more: Partial<Job> = {}): Job => ({
  id,
  minutes,
  ...PLAIN_JOB,
  ...more,
});
const ask = (
  jobs: readonly Job[],
  room: Room = { hands: 1, ovens: 1 },
  mostBefore: number | null = null,
) => ({
  jobs,
  room,
  mostBefore,
  nodes: NODES,
  seed: 1,
});
const startsOf = (jobs: readonly Job[], room?: Room) =>
  Object.fromEntries(scheduleDay(ask(jobs, room)).placed.map(({ id, start }) => [id, start]));

describe('the day backwards', () => {
  test('one after the other with one pair of hands, side by side with two', () => {
    const jobs = [job('a', 10), job('b', 20)];
    expect(scheduleDay(ask(jobs)).cost).toEqual({ tooEarly: 0, out: 0, first: 30 });
    expect(scheduleDay(ask(jobs, { hands: 2, ovens: 1 })).cost).toEqual({ tooEarly: 0, out: 0, first: 20 });
  });
  test('what must be late comes last, and what is out of the cold nearest to serving', () => {
    const at = startsOf([job('cards', 15), job('bread', 5, { within: 10 }), job('lay', 10, { due: 12 })]);
    // Bread begins within ten minutes; of the two orders the one that keeps that costs the laying three minutes.
    expect(at).toEqual({ bread: -5, lay: -15, cards: -30 });
  });
  test('the oven runs while hands do something else', () => {
    const at = startsOf([
      job('bake', 10, { hands: 0, oven: 1, endsBefore: 5, within: 25 }),
      job('fill', 3, { after: [] }),
      job('disc', 4, {}),
    ]);
    expect(at.bake).toBe(-15);
    expect(Math.min(at.fill!, at.disc!)).toBe(-7);
  });
  test('where hands are too few it says by how many minutes, and one pair more mends it', () => {
    const jobs = [1, 2, 3].map((n) => job(`slice ${n}`, 10, { within: 15 }));
    expect(scheduleDay(ask(jobs)).cost.tooEarly).toBe(5 + 15);
    expect(scheduleDay(ask(jobs, { hands: 3, ovens: 1 })).cost.tooEarly).toBe(0);
    expect(scheduleDay(ask([job('cut', 40)], { hands: 1, ovens: 1 }, 30)).cost.tooEarly).toBe(10);
  });
  test('what a person fixed stands, and the rest goes round it', () => {
    const at = startsOf([job('a', 10, { fixed: -15 }), job('b', 10)]);
    expect(at.a).toBe(-15);
    expect(at.b === -25).toBe(true);
  });
});

/** A day of few jobs, with followers among later ones only. */
const aDay = (most: number) =>
  fc
    .array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 4 }),
        oven: fc.constantFrom<0 | 1>(0, 0, 0, 1),
        after: fc.nat(20),
        within: fc.option(fc.integer({ min: 4, max: 12 })),
        due: fc.option(fc.integer({ min: 1, max: 8 })),
        endsBefore: fc.constantFrom(0, 0, 0, 2),
      }),
      { minLength: 2, maxLength: most },
    )
    .map((rows) =>
      rows.map(({ after, oven, ...row }, i) =>
        job(`j${i}`, row.minutes, {
          ...row,
          oven,
          hands: oven ? 0 : 1,
          after: after % 3 === 0 && i > 0 ? [`j${after % i}`] : [],
        }),
      ),
    );

test('as good as every order tried, to seven jobs', () => {
  fc.assert(
    fc.property(aDay(7), fc.integer({ min: 1, max: 2 }), (jobs, hands) => {
      const room = { hands, ovens: 1 };
      const best = Math.min(
        ...permutations(jobs).flatMap((order) => {
          const day = new Backwards(jobs, room);
          // An order in which something stands before what it must come before is none.
          for (const one of order) {
            if (!day.ready(one)) return [];
            day.place(one);
          }
          return [costOf(scheduleCost(jobs, day.begins, null))];
        }),
      );
      const found = scheduleDay(ask(jobs, room));
      expect(found.exact).toBe(true);
      expect(costOf(found.cost)).toBe(best);
    }),
    { numRuns: 12, seed: 3 },
  );
});

test('no bound is above what is found, and nobody has three things in two hands', () => {
  fc.assert(
    fc.property(aDay(18), fc.integer({ min: 1, max: 3 }), (jobs, hands) => {
      const asked = { ...ask(jobs, { hands, ovens: 1 }), nodes: 300 };
      const [quick, found] = [quickDay(asked), scheduleDay(asked)];
      expect(costOf(found.bound)).toBeLessThanOrEqual(costOf(found.cost));
      expect(costOf(found.cost)).toBeLessThanOrEqual(costOf(quick.cost));
      for (let minute = -120; minute < 0; minute++) {
        const busy = found.placed.filter(
          ({ id, start, end }) =>
            start <= minute && minute < end && jobs.find((one) => one.id === id)!.hands > 0,
        );
        expect(busy.length).toBeLessThanOrEqual(hands);
      }
      for (const one of jobs)
        for (const id of one.after)
          expect(found.placed.find((p) => p.id === id)!.end).toBeLessThanOrEqual(
            found.placed.find((p) => p.id === one.id)!.start,
          );
      expect(scheduleDay(asked)).toEqual(found);
    }),
    { numRuns: 25, seed: 5 },
  );
});

/** The day as a mixed-integer program, minute by minute: x[j, t] = job j begins t minutes before serving. */
function lpOf(
  jobs: readonly Job[],
  { hands, ovens }: Room,
  weights: { early: number; out: number; first: number },
) {
  const horizon = 26;
  const x = (j: number, t: number) => `x${j}_${t}`;
  const times = (j: number) =>
    Array.from({ length: horizon + 1 }, (_, t) => t).filter(
      (t) => t >= jobs[j]!.endsBefore + jobs[j]!.minutes,
    );
  const lines = ['Minimize', ` obj: ${weights.first} first`];
  jobs.forEach((one, j) => {
    for (const t of times(j)) {
      const early = one.within === null ? 0 : Math.max(0, t - one.within);
      const out = one.due === null ? 0 : Math.max(0, t - one.due);
      const cost = weights.early * early + weights.out * out;
      if (cost > 0) lines.push(` + ${cost} ${x(j, t)}`);
    }
  });
  lines.push('Subject To');
  jobs.forEach((one, j) => {
    lines.push(
      ` one${j}: ${times(j)
        .map((t) => `+ ${x(j, t)}`)
        .join(' ')} = 1`,
    );
    lines.push(
      ` first${j}: first ${times(j)
        .map((t) => `- ${t} ${x(j, t)}`)
        .join(' ')} >= 0`,
    );
    for (const id of one.after) {
      const before = jobs.findIndex((b) => b.id === id);
      // It begins at least its own length before the other begins.
      lines.push(
        ` after${j}_${before}: ${times(before)
          .map((t) => `+ ${t} ${x(before, t)}`)
          .join(' ')} ${times(j)
          .map((t) => `- ${t} ${x(j, t)}`)
          .join(' ')} >= ${jobs[before]!.minutes}`,
      );
    }
  });
  for (const [what, most] of [
    ['hands', hands],
    ['oven', ovens],
  ] as const)
    for (let minute = 0; minute < horizon; minute++) {
      const busy = jobs.flatMap((one, j) =>
        one[what] > 0
          ? times(j)
              .filter((t) => minute < t && minute >= t - one.minutes)
              .map((t) => `+ ${x(j, t)}`)
          : [],
      );
      if (busy.length > 0) lines.push(` ${what}${minute}: ${busy.join(' ')} <= ${most}`);
    }
  lines.push('Binary', ...jobs.flatMap((_, j) => times(j).map((t) => ` ${x(j, t)}`)), 'End');
  return lines
    .map((line) => (line.length < 200 ? line : line.replace(/(.{120,}?) (?=[+-] )/g, '$1\n ')))
    .join('\n');
}

// A general solver (HiGHS) on the same day written as a time-indexed program, 20 seeded days.
test('as good as a general solver, on 20 seeded days', async () => {
  const highs = await loadHighs();
  const days = fc.sample(aDay(6), { numRuns: 20, seed: 11 });
  const weights = { early: 10_000, out: 100, first: 1 };
  for (const [i, jobs] of days.entries()) {
    const room = { hands: 1 + (i % 2), ovens: 1 };
    const { cost, exact } = scheduleDay(ask(jobs, room));
    const solved = highs.solve(lpOf(jobs, room, weights));
    expect(exact).toBe(true);
    expect(solved.Status).toBe('Optimal');
    expect(cost.tooEarly * weights.early + cost.out * weights.out + cost.first).toBeCloseTo(
      solved.ObjectiveValue,
      4,
    );
  }
});
