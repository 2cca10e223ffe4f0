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
/** Ovens that take two trays of one temperature, and three minutes to heat or change. */
const room = (hands: number, ovens = 1, benches = hands): Room => ({
  hands,
  benches,
  cars: 1,
  ovens,
  trays: 2,
  heats: 3,
});
const ask = (jobs: readonly Job[], there: Room = room(1), mostBefore: number | null = null) => ({
  jobs,
  room: there,
  mostBefore,
  nodes: NODES,
  seed: 1,
});
const startsOf = (jobs: readonly Job[], there?: Room) =>
  Object.fromEntries(scheduleDay(ask(jobs, there)).placed.map(({ id, start }) => [id, start]));

describe('the day backwards', () => {
  test('one after the other with one pair of hands, side by side with two', () => {
    const jobs = [job('a', 10), job('b', 20)];
    expect(scheduleDay(ask(jobs)).cost).toEqual({ tooEarly: 0, out: 0, first: 30 });
    expect(scheduleDay(ask(jobs, room(2))).cost).toEqual({ tooEarly: 0, out: 0, first: 20 });
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
  test('two trays of one temperature share an oven; another temperature waits until it has changed, or has its own', () => {
    const bake = (id: string, heat: number) => job(id, 10, { hands: 0, oven: 1, heat });
    expect(startsOf([bake('a', 220), bake('b', 220)])).toEqual({ a: -10, b: -10 });
    const three = Object.values(startsOf([bake('a', 220), bake('b', 220), bake('c', 220)]));
    expect(three.sort((a, b) => b - a)).toEqual([-10, -10, -20]);
    const two = [bake('disc', 220), bake('toast', 190)];
    expect(Object.values(startsOf(two)).sort((a, b) => b - a)).toEqual([-10, -23]);
    expect(startsOf(two, room(1, 2))).toEqual({ disc: -10, toast: -10 });
  });
  test('one car does one thing after the other; a second one goes beside it', () => {
    const drives = ['a', 'b'].map((id) => job(id, 10, { car: 1 }));
    expect(Object.values(startsOf(drives, room(2))).sort((a, b) => b - a)).toEqual([-10, -20]);
    expect(startsOf(drives, { ...room(2), cars: 2 })).toEqual({ a: -10, b: -10 });
    expect(quickDay(ask(drives, room(2))).bound.first).toBe(20);
  });
  test('where hands are too few it says by how many minutes, and one pair more mends it', () => {
    const jobs = [1, 2, 3].map((n) => job(`slice ${n}`, 10, { within: 15 }));
    expect(scheduleDay(ask(jobs)).cost.tooEarly).toBe(5 + 15);
    expect(scheduleDay(ask(jobs, room(3))).cost.tooEarly).toBe(0);
    expect(scheduleDay(ask([job('cut', 40)], room(1), 30)).cost.tooEarly).toBe(10);
  });
  test('one place at the bench holds back the second pair of hands, but not what is laid', () => {
    const jobs = [job('cut', 10, { bench: 1 }), job('wash', 10, { bench: 1 }), job('lay', 10)];
    expect(scheduleDay(ask(jobs, room(3, 1, 3))).cost.first).toBe(10);
    expect(scheduleDay(ask(jobs, room(3, 1, 1))).cost.first).toBe(20);
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
        bench: fc.constantFrom<0 | 1>(0, 1, 1),
        car: fc.constantFrom<0 | 1>(0, 0, 1),
        oven: fc.constantFrom<0 | 1>(0, 0, 0, 1, 1),
        heat: fc.constantFrom(190, 220),
        after: fc.nat(20),
        within: fc.option(fc.integer({ min: 4, max: 12 })),
        due: fc.option(fc.integer({ min: 1, max: 8 })),
        endsBefore: fc.constantFrom(0, 0, 0, 2),
      }),
      { minLength: 2, maxLength: most },
    )
    .map((rows) =>
      rows.map(({ after, oven, bench, car, ...row }, i) =>
        job(`j${i}`, row.minutes, {
          ...row,
          oven,
          hands: oven ? 0 : 1,
          bench: oven ? 0 : bench,
          car: oven || bench ? 0 : car,
          after: after % 3 === 0 && i > 0 ? [`j${after % i}`] : [],
        }),
      ),
    );

test('as good as every order tried, to seven jobs', () => {
  fc.assert(
    fc.property(aDay(7), fc.integer({ min: 1, max: 2 }), (jobs, hands) => {
      const there = room(hands, 1, 1);
      const best = Math.min(
        ...permutations(jobs).flatMap((order) => {
          const day = new Backwards(jobs, there);
          // An order in which something stands before what it must come before is none.
          for (const one of order) {
            if (!day.ready(one)) return [];
            day.place(one);
          }
          return [costOf(scheduleCost(jobs, day.begins, null))];
        }),
      );
      const found = scheduleDay(ask(jobs, there));
      expect(found.exact).toBe(true);
      expect(costOf(found.cost)).toBe(best);
    }),
    { numRuns: 12, seed: 3 },
  );
});

test('no bound is above what is found, and nobody has three things in two hands', () => {
  fc.assert(
    fc.property(aDay(18), fc.integer({ min: 1, max: 3 }), (jobs, hands) => {
      const asked = { ...ask(jobs, room(hands)), nodes: 300 };
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
  { hands, benches, cars, ovens, trays, heats }: Room,
  weights: { early: number; out: number; first: number },
) {
  const horizon = 40;
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
  const minutes = Array.from({ length: horizon }, (_, minute) => minute);
  for (const minute of minutes) {
    for (const [what, most] of [
      ['hands', hands],
      ['bench', benches],
      ['car', cars],
    ] as const) {
      const busy = jobs.flatMap((one, j) =>
        one[what] > 0
          ? times(j)
              .filter((t) => minute < t && minute >= t - one.minutes)
              .map((t) => `+ ${x(j, t)}`)
          : [],
      );
      if (busy.length > 0) lines.push(` ${what}${minute}: ${busy.join(' ')} <= ${most}`);
    }
  }
  // y[heat, m] = ovens at that temperature: enough for its trays, and one while it heats up for any of them.
  const temperatures = [...new Set(jobs.filter(({ oven }) => oven > 0).map(({ heat }) => heat))];
  const y = (heat: number, minute: number) => `y${heat}_${minute}`;
  for (const minute of temperatures.length > 0 ? minutes : []) {
    for (const heat of temperatures) {
      const own = jobs.flatMap((one, j) => (one.oven > 0 && one.heat === heat ? [j] : []));
      const inIt = own.flatMap((j) =>
        times(j)
          .filter((t) => minute < t && minute >= t - jobs[j]!.minutes)
          .map((t) => `- ${x(j, t)}`),
      );
      if (inIt.length > 0)
        lines.push(` trays${heat}_${minute}: ${trays} ${y(heat, minute)} ${inIt.join(' ')} >= 0`);
      for (const j of own) {
        const waits = times(j)
          .filter((t) => minute >= t && minute < t + heats)
          .map((t) => `- ${x(j, t)}`);
        if (waits.length > 0) lines.push(` warm${j}_${minute}: ${y(heat, minute)} ${waits.join(' ')} >= 0`);
      }
    }
    lines.push(
      ` ovens${minute}: ${temperatures.map((heat) => `+ ${y(heat, minute)}`).join(' ')} <= ${ovens}`,
    );
  }
  lines.push('General', ...temperatures.flatMap((heat) => minutes.map((minute) => ` ${y(heat, minute)}`)));
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
    const there = room(1 + (i % 2), 1 + (i % 3 === 0 ? 1 : 0), 1);
    const { cost, exact } = scheduleDay(ask(jobs, there));
    const solved = highs.solve(lpOf(jobs, there, weights));
    expect(exact).toBe(true);
    expect(solved.Status).toBe('Optimal');
    expect(cost.tooEarly * weights.early + cost.out * weights.out + cost.first).toBeCloseTo(
      solved.ObjectiveValue,
      4,
    );
  }
});
