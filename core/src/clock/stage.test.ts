import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { safetyOf, type House } from '../brief/index.js';
import { safeTimeOf } from '../care/index.js';
import { dayWays, EXACTLY, shiftsOf, timingOf } from './index.js';
import { roughly } from './warming/warm.js';
import { anyShop } from '../testing/anyShop.js';
import { counter, GOODS, HOUSE, made, order, outing, startOf, type Clock } from '../testing/day.js';
import { aBrief } from '../testing/briefs.js';
import { aGuest } from '../testing/guests.js';
import { clockWays, plan } from '../testing/planned.js';

describe('out-of-the-cold', () => {
  const now = made();
  test('the larger the piece, the sooner; smoked fish and pâté come straight from the cold', () => {
    expect(outing(now, 'halyard').needs).toBeGreaterThan(outing(now, 'slate-quay').needs);
    const fish = counter.find(
      (good) => good.kind === 'meat' && good.animals.some(({ animal }) => animal === 'fish'),
    )!;
    const there = made({}, {}, {}, { selection: { goods: [...GOODS, fish.id] } });
    expect(outing(there, fish.id).band).toBeNull();
    expect(outing(there, fish.id).needs).toBeLessThanOrEqual(5);
  });
  // Common practice, no source: thin slices and cubes in a quarter to half an hour.
  test('folded slices warm in a quarter to half an hour', () => {
    const { needs } = outing(now, 'bosun-ham');
    expect(needs).toBeGreaterThanOrEqual(10);
    expect(needs).toBeLessThanOrEqual(35);
  });
  test('a warmer room needs less, a colder one more, and below its band it is said that it never gets there', () => {
    const needs = (roomCelsius: number) => outing(made({}, { roomCelsius }), 'tarpot').needs;
    expect(needs(24)).toBeLessThan(needs(21));
    expect(needs(19)).toBeGreaterThan(needs(21));
    const cold = made({}, { roomCelsius: 12 });
    expect(outing(cold, 'tarpot').warming.lead).toBeNull();
    expect(
      cold.advice.some(({ rule, subject }) => rule === 'never-warm-enough' && subject === 'tarpot'),
    ).toBe(true);
  });
  test('fat is told in the heat, and only there', () => {
    const rules = (brief: object) => made({}, brief).advice.map(({ rule }) => rule);
    expect(rules({ roomCelsius: 28 })).toContain('fat-shows');
    expect(rules({})).not.toContain('fat-shows');
  });
  test('a lower target, a stronger film, and no paper take less time', () => {
    const needs = (clock: Clock) => outing(made(clock), 'halyard').needs;
    expect(needs({ targets: { halyard: 10 } })).toBeLessThan(needs({}));
    const filmed = (film: number) =>
      outing({ timing: timingOf({ ...now.timing.question, film }) }, 'halyard').needs;
    expect(filmed(15)).toBeLessThan(filmed(6));
    const exact = (clock: Clock) => timingOf(made(clock).timing.question, EXACTLY);
    expect(outing({ timing: exact({ inPaper: false }) }, 'halyard').needs).toBeLessThan(
      outing({ timing: exact({ inPaper: true }) }, 'halyard').needs,
    );
  });
  test('a board from the cold slows it from below, and makes nothing safe for longer', () => {
    const [warm, cold] = [made(), made({ coldBelow: true })];
    expect(outing(cold, 'tarpot').needs).toBeGreaterThan(outing(warm, 'tarpot').needs);
    expect(outing(cold, 'tarpot').most).toBe(outing(warm, 'tarpot').most);
  });
  test('the board taken out whole has one time for all, and says which are wrong', () => {
    const whole = made({ way: 'whole board' });
    const outs = new Set(whole.timing.outings.filter(({ wave }) => wave.number === 1).map(({ out }) => out));
    expect(outs.size).toBe(1);
    // The most tender good decides, whatever a house entered for another.
    const safeLimits = [
      { what: 'tarpot', minutes: 300, ground: 'aw 0.90', source: 'maker’s sheet' },
    ] as never;
    const mixed = timingOf({
      ...whole.timing.question,
      safety: { ...whole.timing.question.safety, own: safeLimits },
    });
    expect(new Set(mixed.outings.filter(({ wave }) => wave.number === 1).map(({ out }) => out)).size).toBe(1);
    // But for the minutes in which it is laid.
    for (const { early } of mixed.outings) expect(early).toBeLessThanOrEqual(5);
    const told = whole.advice.filter(({ rule }) => rule.endsWith('with-the-board'));
    expect(told.length).toBeGreaterThan(0);
    expect(told.every(({ figures }) => (figures as { boxed: boolean }).boxed)).toBe(false);
  });
});

describe('safe time', () => {
  const most = (clock: Clock, brief: object, house: Partial<House>, id = 'halyard') => {
    const good = counter.find((one) => one.id === id)!;
    const safety = safetyOf(
      aBrief({ guests: { adults: 12 }, ...brief }),
      { ...HOUSE, ...house },
      clock.keeper === 'customer',
    );
    return safeTimeOf(good, safety).most;
  };
  // FDA Food Code 3-501.19 and USDA FSIS consumer advice, as in the reference table of times and temperatures.
  test('two hours by the advice, four and six under a written procedure, one above 32 degrees', () => {
    expect(most({}, {}, {})).toBe(120);
    expect(most({}, {}, { country: 'US', procedure: 'time as control' })).toBe(240);
    expect(most({}, { roomCelsius: 20 }, { procedure: 'time as control, cool room' })).toBe(360);
    // Never above 21 degrees: else the four hours of the same paragraph.
    expect(most({}, { roomCelsius: 23 }, { procedure: 'time as control, cool room' })).toBe(240);
    expect(most({}, { roomCelsius: 34 }, { procedure: 'time as control' })).toBe(60);
  });
  test('at a customer’s home, and with guests at risk, the advice holds whatever the procedure', () => {
    const house = { procedure: 'time as control' } as const;
    expect(most({ keeper: 'customer' }, {}, house)).toBe(120);
    const limits = [{ what: 'risk:pregnant', severity: 'medical', reach: 'card', guests: 1 }];
    expect(most({}, { limits }, house)).toBe(120);
    expect(most({}, { guests: { adults: 12, under5: 2 } }, house)).toBe(120);
  });
  test('a longer time is only what the house entered for that good or class', () => {
    const entered = (what: string): Partial<House> => ({
      safeLimits: [{ what, minutes: 300, ground: 'aw 0.90, pH 5.2', source: 'maker’s sheet' } as never],
    });
    expect(most({}, {}, entered('hard low-moisture cheese'), 'tarpot')).toBe(300);
    expect(most({}, {}, entered('hard low-moisture cheese'), 'halyard')).toBe(120);
    expect(most({}, {}, entered('bosun-ham'), 'bosun-ham')).toBe(300);
    expect(most({}, { roomCelsius: 34 }, entered('bosun-ham'), 'bosun-ham')).toBe(60);
  });
  test('a reading moves the forecast of that good, two tell its film, and no limit', () => {
    const reading = (after: number, celsius: number) => ({
      goodId: 'halyard',
      after,
      celsius,
      simulated: true,
    });
    const [none, one, two] = [
      made(),
      made({ readings: [reading(20, 12)] }),
      made({ readings: [reading(20, 12), reading(40, 17)] }),
    ];
    expect(outing(one, 'halyard').needs).toBeLessThan(outing(none, 'halyard').needs);
    expect(outing(one, 'tarpot').needs).toBe(outing(none, 'tarpot').needs);
    expect(outing(one, 'halyard').warming.fitted).toBeNull();
    expect(outing(two, 'halyard').warming.fitted).toBeGreaterThan(outing(none, 'halyard').warming.film);
    for (const read of [one, two]) expect(outing(read, 'halyard').most).toBe(outing(none, 'halyard').most);
  });
});

describe('where warming and safe time collide', () => {
  const now = made();
  test('safe comes first: it is out no longer than it may, and the advice names the tightest once a wave', () => {
    const tight = outing(now, 'halyard');
    expect(tight.short).toBeGreaterThan(0);
    expect(now.timing.tight!.key).toBe('halyard#1');
    expect(tight.offBy - tight.out).toBeLessThanOrEqual(tight.most);
    const told = now.advice.filter(({ rule }) => rule === 'out-too-long');
    expect(told.map(({ subject }) => subject)).toEqual(['halyard#1']);
    expect(told[0]!.figures).toMatchObject({ good: 'Halyard', safe: 120, over: tight.short });
  });
  test('every way out is what the order then comes to', () => {
    const ways = clockWays(order(), counter, HOUSE, 'halyard#1');
    expect(ways.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['cut smaller', 'one more wave', 'lower target']),
    );
    for (const { change, short } of ways) {
      const then = plan({ ...order(), ...change }, counter, HOUSE);
      const of = then.timing.outings.find(({ key }) => key === 'halyard#1');
      expect(of?.short ?? 0).toBe(short);
      expect(short).toBeLessThan(now.timing.tight!.short);
    }
  });
  test('a room in which it never gets warm is no way out', () => {
    // In air of 15 the heart reaches 13; in air of 12 it never does.
    const ways = clockWays(order({}, { roomCelsius: 15 }), counter, HOUSE, 'halyard#1');
    expect(ways.length).toBeGreaterThan(0);
    expect(ways.map(({ id }) => id)).not.toContain('cooler room');
  });
  test('where nothing collides there is no way out to take', () => {
    expect(clockWays(order({}, { hours: 1 }), counter, HOUSE, 'slate-quay#1')).toEqual([]);
  });
});

describe('what travels', () => {
  const travel = { travelMinutes: 30 };
  test('a board carried open has left the cold when it leaves; in the cold box its minutes do not count', () => {
    const open = made({}, travel);
    const { leaves, arrives } = open.timing.question.party.journey!;
    for (const one of open.timing.outings) expect(one.out).toBeLessThanOrEqual(leaves);
    const cold = made({ chilled: true }, { ...travel, journeyCelsius: 4 });
    for (const one of cold.timing.outings) expect(one.out).toBeGreaterThanOrEqual(arrives);
    // A box of 12 degrees is no cold box, whatever was ticked.
    expect(
      made({ chilled: true }, { ...travel, journeyCelsius: 12 }).timing.question.party.journey!.chilled,
    ).toBe(false);
  });
  test('carried open it is off sooner than its wave ends, and that is told; a way so long that its time is over is a caution', () => {
    const open = made({}, { ...travel, hours: 1.5 });
    const one = outing(open, 'halyard');
    expect(one.early).toBe(one.off - (one.out + one.most));
    expect(one.early).toBeGreaterThan(0);
    expect(open.advice.map(({ rule }) => rule)).toContain('safe-time-ends-first');
    expect(open.dangers.map(({ rule }) => rule)).not.toContain('safe-time-over-when-served');
    const ways = clockWays(order({}, { ...travel, hours: 1.5 }), counter, HOUSE, 'halyard#1');
    expect(ways.map(({ id }) => id)).toContain('carry it cold');
    const far = made({}, { travelMinutes: 120 });
    expect(far.dangers.find(({ rule }) => rule === 'safe-time-over-when-served')!.goods).toContain('halyard');
    expect(
      made({ chilled: true }, { travelMinutes: 120, journeyCelsius: 4 }).dangers.map(({ rule }) => rule),
    ).not.toContain('safe-time-over-when-served');
  });
  test('wrapped before it is loaded, loaded before it leaves, set up after', () => {
    const of = made({}, travel);
    const at = (id: string) => startOf(of, id)!;
    expect(at('wrap')).toBeLessThan(at('load'));
    expect(at('load')).toBeLessThan(at('travel'));
    expect(at('travel')).toBeLessThan(at('set-up'));
    const there = made({ way: 'where it is served' }, travel);
    expect(startOf(there, 'lay:vessels') ?? startOf(there, 'lay:halyard')!).toBeGreaterThan(
      startOf(there, 'travel')!,
    );
  });
});

describe('the work', () => {
  const of = made();
  test('cut while it is cold, bread and apple late, cards early, nobody in two places', () => {
    for (const { good: main, thing, out } of of.timing.outings.filter(({ wave }) => wave.number === 1))
      if (thing.lies !== 'whole') expect(startOf(of, `cut:${main.id}`)!).toBeLessThan(out + 1);
    expect(startOf(of, 'cards')!).toBeLessThan(-14);
    for (const { task, start } of shiftsOf(of.timing, 2))
      if (task.job.within !== null && start < 0) expect(-start).toBeLessThanOrEqual(task.job.within);
  });
  test('cutting takes the seconds of the cut, in whole minutes', () => {
    const cuts = of.timing.tasks.filter(({ id }) => id.startsWith('cut:'));
    expect(cuts.length).toBeGreaterThan(2);
    for (const { id, job } of cuts) {
      const cut = of.cuts.find(({ goodId }) => `cut:${goodId}` === id)!;
      expect(job.minutes).toBe(Math.max(1, Math.round(cut.seconds / 60)));
    }
  });
  test('more hands begin later; minutes, moves and what is left out are what a person said', () => {
    // The day is searched; what warms need not be exact for it.
    const first = (clock: Clock) =>
      timingOf(made(clock).timing.question, { ...EXACTLY, reckon: roughly }).day.cost.first;
    expect(first({ hands: 3 })).toBeLessThan(first({ hands: 1 }));
    const set = made({ minutes: { cards: 40 }, moved: { 'cut:tarpot': -90 }, dropped: ['clean-slicer'] });
    expect(set.timing.tasks.find(({ id }) => id === 'cards')!.job.minutes).toBe(40);
    expect(startOf(set, 'cut:tarpot')).toBe(-90);
    expect(startOf(set, 'clean-slicer')).toBeUndefined();
  });
  test('what does not fit before anybody begins is said, with its minutes', () => {
    const late = made({ hands: 1, earliest: '2027-06-12T18:00' }, { servingAt: '2027-06-12T18:30' });
    const told = late.advice.find(({ rule }) => rule === 'work-begun-too-early');
    expect(told?.figures).toMatchObject({ hands: 1 });
    // And what helps, each planned through.
    const { question: asked, day } = late.timing;
    const ways = dayWays(asked);
    expect(ways.map(({ id }) => id)).toContain('one pair of hands more');
    expect(ways.find(({ id }) => id === 'begin earlier')!.tooEarly).toBe(0);
    for (const way of ways) expect(way.tooEarly).toBeLessThan(day.cost.tooEarly);
    expect(dayWays(made().timing.question)).toEqual([]);
  });
  // Common practice, no source (docs/trade.md `cut/hot HOT_ROWS`): 10 min at 220 degrees, to the table within 15, eaten from 5 after.
  test('a disc is baked last of all, grapes earlier to cool, and hands are free while they bake', () => {
    const hot = made({ hot: [{ id: 'halyard', way: 'baked' }] });
    const oven = hot.timing.day.placed.find(({ id }) => id === 'oven:halyard')!;
    expect(oven.end - oven.start).toBe(10);
    expect(oven.end).toBeLessThanOrEqual(-5);
    expect(oven.end).toBeGreaterThanOrEqual(-15);
    expect(hot.advice.some(({ rule }) => rule === 'no-oven')).toBe(false);
    expect(
      made({ hot: [{ id: 'halyard', way: 'baked' }], ovens: 0 }).advice.some(
        ({ rule }) => rule === 'no-oven',
      ),
    ).toBe(true);
  });
  test('a wave is brought when the one before is eaten, and a box has one', () => {
    const long = made({}, { hours: 3 });
    const [one, two] = long.timing.question.party.waves;
    expect(one!.off).toBe(two!.on);
    expect(startOf(long, 'bring:2')).toBe(two!.on - 5);
    expect(made({}, { hours: 3, role: 'box', surface: 'boxes' }).timing.question.party.waves).toHaveLength(1);
  });
});

test('whatever is ordered: nothing is out longer than it may, every time is one, and both answers keep it', () => {
  fc.assert(
    fc.property(anyShop, ({ order: any, shelf, house }) => {
      const { timing } = plan(any, shelf, house);
      for (const one of [timing, timingOf(timing.question, EXACTLY)]) {
        for (const { out, offBy, most, wave, atTable, safeUntil } of one.outings) {
          expect(offBy - out).toBeLessThanOrEqual(most);
          expect(safeUntil - out).toBe(most);
          expect(out).toBeLessThan(wave.on);
          expect(Number.isFinite(atTable.heart + atTable.face)).toBe(true);
        }
        for (const { start, end } of one.day.placed) {
          expect(Number.isInteger(start)).toBe(true);
          expect(end).toBeGreaterThan(start);
        }
      }
    }),
    { numRuns: 8, seed: 4 },
  );
});

describe('own plates', () => {
  const guests = [aGuest('allergen:sesame', 'own plate'), aGuest('allergen:milk', 'own plate')];
  const of = made({}, { persons: guests });
  const { tasks } = of.timing;
  const plates = tasks.filter(({ kind }) => kind === 'own plate');
  // Common practice, no source: whoever has an allergy is served first, with what is clean.
  test('each has work of its own, before anything is cut for the board, with the goods of that plate', () => {
    expect(plates.map(({ plate, forPlates }) => [plate, forPlates])).toEqual(
      of.ownPlates.map(({ lines }, i) => [i, lines.map(({ good }) => good.id)]),
    );
    const cut = tasks.filter(({ kind }) => ['unwrap', 'cut', 'slice', 'wash and cut', 'fill'].includes(kind));
    expect(cut.length).toBeGreaterThan(4);
    for (const day of [of.timing, timingOf(of.timing.question, EXACTLY)]) {
      const at = new Map(day.day.placed.map((one) => [one.id, one]));
      const last = Math.max(...plates.map(({ id }) => at.get(id)!.end));
      for (const { id } of cut) expect(at.get(id)!.start).toBeGreaterThanOrEqual(last);
    }
  });
  test('the slicer is stripped before a plate is sliced, and only then', () => {
    expect(tasks.some(({ kind }) => kind === 'slice')).toBe(true);
    expect(tasks.some(({ kind }) => kind === 'strip slicer')).toBe(true);
    for (const { job } of plates)
      if (job.after.includes('strip-slicer'))
        expect(startOf(of, 'strip-slicer')! + of.timing.question.minutes.slicerClean).toBeLessThanOrEqual(
          startOf(of, job.id)!,
        );
    const vegan = made({}, { persons: [aGuest('diet:vegan', 'own plate')] }).timing.tasks;
    expect(vegan.some(({ kind }) => kind === 'own plate')).toBe(true);
    expect(vegan.some(({ kind }) => kind === 'strip slicer')).toBe(false);
    expect(made().timing.tasks.some(({ kind }) => kind === 'own plate')).toBe(false);
  });
});
