import { describe, expect, test } from '@jest/globals';
import { limitRow } from '../testing/guests.js';
import { dayWays } from './index.js';
import { stepsOf } from '../cut/index.js';
import { counter, HOUSE, made, order, outing, placed, startOf } from '../testing/day.js';
import { clockWays, plan, type Plan } from '../testing/planned.js';

/** What stands out of the cold, and what the work must keep to. */

const DIP = { extras: ['yoghurt-dip', 'clover-meadow'] };
const standing = (of: Plan, key: string) => of.timing.standing.find((one) => one.key === key)!;
const told = (of: Plan, rule: string) => of.advice.filter((one) => one.rule === rule);

describe('what is served cold beside the cheese', () => {
  // FDA Food Code 1-201.10: dips of milk are kept cold; honey is not.
  test('a dip has a time to be gone by, honey has none', () => {
    const bowl = standing(made({}, {}, {}, DIP), 'yoghurt-dip#1');
    expect(bowl.most).toBe(120);
    expect(bowl.offBy - bowl.out).toBeLessThanOrEqual(bowl.most);
    expect(made({}, {}, {}, DIP).timing.standing.some(({ good }) => good.id === 'clover-meadow')).toBe(false);
  });
  test('it is laid last of all, out of the cold at that minute; each wave has a bowl of its own', () => {
    const of = made({}, { hours: 3 }, {}, DIP);
    const laid = of.timing.tasks.find(({ kind }) => kind === 'lay cold')!;
    expect(laid.goods).toContain('yoghurt-dip');
    expect(-startOf(of, laid.id)!).toBeLessThanOrEqual(10);
    expect(standing(of, 'yoghurt-dip#1').out).toBe(Math.min(-5, startOf(of, laid.id)!));
    const alone = made({ hands: 1, moved: { [laid.id]: -9 } }, { hours: 3 }, {}, DIP);
    expect(standing(alone, 'yoghurt-dip#1')).toMatchObject({ out: -9, safeUntil: 111 });
    const [, second] = of.timing.question.party.waves;
    expect(standing(of, 'yoghurt-dip#2').out).toBe(second!.on - 5);
  });
  // Common practice, no source: butter spreads when it has stood for half an hour.
  test('butter stands until it spreads, and no longer than it may', () => {
    const butter = { extras: ['cultured-butter'] };
    const out = (brief: object, more: object = {}) =>
      standing(made({ hands: 4 }, brief, {}, { ...butter, ...more }), 'cultured-butter#1').out;
    expect(out({ hours: 1 })).toBe(-30);
    expect(out({ hours: 3 }, { waves: { count: 1, first: null } })).toBeGreaterThan(-30);
    // Nobody is there to take it out before the work may begin.
    const late = { hands: 4, earliest: '2027-06-12T18:20' };
    const rushed = made(late, { hours: 1, servingAt: '2027-06-12T18:40' }, {}, butter);
    expect(standing(rushed, 'cultured-butter#1').out).toBeGreaterThanOrEqual(-20);
    const { goods } = made({ hands: 4 }, { hours: 1 }, {}, butter).timing.tasks.find(
      ({ kind, goods: own }) => kind === 'take out' && own.includes('cultured-butter'),
    )!;
    expect(goods).toContain('cultured-butter');
  });
  test('one bowl over three hours is too long: told, with ways out that come to what they say', () => {
    const waves = { waves: { count: 1, first: null } };
    const asked = order({}, { hours: 3, servingAt: '2027-06-12T18:30' }, { ...DIP, ...waves });
    const of = plan(asked, counter, HOUSE);
    const bowl = standing(of, 'yoghurt-dip#1');
    expect(bowl.early).toBe(180 - bowl.safeUntil);
    expect(told(of, 'safe-time-ends-first').map(({ subject }) => subject)).toEqual(['yoghurt-dip#1']);
    const ways = clockWays(asked, counter, HOUSE, bowl.key);
    expect(ways.map(({ id }) => id).sort()).toEqual(['later start', 'one more wave', 'shorter party']);
    for (const { change, short, served } of ways) {
      const then = standing(plan({ ...asked, ...change }, counter, HOUSE), bowl.key);
      expect(then.early).toBe(short);
      expect(short).toBeLessThan(bowl.early);
      expect(served).toBeNull();
    }
    // It ends when it would have ended.
    expect(ways.find(({ id }) => id === 'later start')).toMatchObject({
      to: '2027-06-12T19:00',
      change: { brief: { servingAt: '2027-06-12T19:00', hours: 2.5 } },
    });
  });
  test('on a board that goes out whole, or is carried open, it leaves the cold with the board', () => {
    const whole = made({ way: 'whole board' }, { hours: 1 }, {}, DIP);
    expect(outing(whole, 'halyard').out).toBeLessThan(-10);
    expect(standing(whole, 'yoghurt-dip#1').out).toBe(outing(whole, 'halyard').out);
    const open = made({}, { travelMinutes: 30 }, {}, DIP);
    const { leaves } = open.timing.question.party.journey!;
    expect(standing(open, 'yoghurt-dip#1').out).toBeLessThanOrEqual(leaves);
    expect(open.cautions.find(({ rule }) => rule === 'out-of-the-cold')!.goods).toContain('yoghurt-dip');
  });
});

describe('how long it may stand', () => {
  const procedure = { procedure: 'time as control' } as const;
  test('on a plate of its own the advice holds, whatever the procedure of the house', () => {
    const limits = [{ ...limitRow('allergen:gluten'), reach: 'own plate' }];
    const of = made({}, { limits }, procedure);
    const onPlates = of.timing.outings.filter(({ plate }) => plate !== null);
    expect(onPlates.length).toBeGreaterThan(0);
    for (const { most } of onPlates) expect(most).toBe(120);
    expect(outing(of, 'tarpot').most).toBe(240);
  });
  test('at the customer’s no written procedure runs', () => {
    expect(outing(made({ keeper: 'customer' }, {}, procedure), 'tarpot').most).toBe(120);
  });
  // USDA FSIS: one hour above 32 degrees.
  test('an hour where the way there is hot, unless it is carried cold', () => {
    const most = (journeyCelsius: number) =>
      outing(made({}, { travelMinutes: 20, journeyCelsius }, procedure), 'tarpot').most;
    expect(most(34)).toBe(60);
    expect(most(24)).toBe(240);
  });
  test('a good that is too long for warming is told once', () => {
    const of = made({ hands: 1 });
    const short = told(of, 'out-too-long').map(({ subject }) => subject);
    expect(short).toContain('halyard#1');
    for (const { subject } of told(of, 'safe-time-ends-first')) expect(short).not.toContain(subject);
  });
});

describe('what the work keeps to', () => {
  test('nothing leaves the cold before anybody is there', () => {
    const of = made({ earliest: '2027-06-12T18:00' }, { servingAt: '2027-06-12T18:40', hours: 1 });
    expect(outing(made({}, { hours: 1 }), 'halyard').out).toBeLessThan(-40);
    for (const { out, wave } of of.timing.outings)
      if (wave.number === 1) expect(out).toBeGreaterThanOrEqual(-40);
  });
  test('what is laid sooner is out sooner', () => {
    const of = made({ hands: 1 });
    const laid = of.timing.outings.filter(({ wave }) => wave.number === 1);
    const sooner = laid.filter(
      ({ good, needs, most, off }) => startOf(of, `lay:${good.id}`)! < Math.max(-needs, off - most),
    );
    expect(sooner.length).toBeGreaterThan(0);
    for (const { good, out } of laid) expect(out).toBeLessThanOrEqual(startOf(of, `lay:${good.id}`)!);
  });
  test('with hands enough all is still cut before it leaves the cold', () => {
    const of = made({ hands: 8 });
    for (const { good, thing, request: ask, out } of of.timing.outings)
      if (thing.lies !== 'whole' && ask.at === 0)
        expect(placed(of, `cut:${good.id}`)!.end).toBeLessThanOrEqual(out);
    const pieces = of.timing.outings.filter(({ thing }) => thing.lies !== 'whole').map(({ good }) => good.id);
    for (const { kind, goods, job } of of.timing.tasks)
      if (kind === 'take out')
        expect(job.after).toEqual(goods.filter((id) => pieces.includes(id)).map((id) => `cut:${id}`));
  });
  test('what leaves the cold for an own plate is told apart from the same good on the board', () => {
    const limits = [{ ...limitRow('diet:vegetarian'), reach: 'own plate' }];
    const of = made({}, { limits });
    const out = of.timing.tasks.filter(({ kind }) => kind === 'take out');
    const plated = of.timing.outings.filter(({ plate }) => plate !== null).map(({ good }) => good.id);
    expect(plated.length).toBeGreaterThan(0);
    expect(out.flatMap(({ forPlates }) => forPlates).sort()).toEqual(plated.sort());
    const first = out.filter(({ wave }) => wave === 1).flatMap(({ goods }) => goods);
    expect(new Set(first).size).toBe(first.length);
  });
  test('a wave is taken away when the first of it must be', () => {
    const of = made({}, { travelMinutes: 40, hours: 1.5 });
    const first = Math.min(...of.timing.standing.map(({ offBy }) => offBy));
    expect(first).toBeLessThan(90);
    expect(startOf(of, 'away:1')).toBe(first);
  });
  test('paper comes off late, where it stays on at all', () => {
    const within = (inPaper: boolean) =>
      made({ inPaper }).timing.tasks.find(({ id }) => id === 'unwrap:halyard')!.job.within;
    expect(within(true)).toBe(35);
    expect(within(false)).toBeNull();
  });
  test('a board is wrapped when all lies on it', () => {
    const of = made({ hands: 6 }, { travelMinutes: 30 }, {}, DIP);
    const laid = of.timing.tasks.filter(({ kind }) => ['lay', 'lay cold', 'garnish'].includes(kind));
    expect(laid.length).toBeGreaterThan(3);
    for (const { id } of laid) expect(placed(of, id)!.end).toBeLessThanOrEqual(startOf(of, 'wrap')!);
  });
  test('what is baked has no time out of the cold, and is laid from the oven', () => {
    const of = made({ hot: [{ id: 'halyard', way: 'baked' }] });
    expect(of.timing.standing.some(({ good }) => good.id === 'halyard')).toBe(false);
    expect(startOf(of, 'lay:halyard')!).toBeGreaterThanOrEqual(placed(of, 'oven:halyard')!.end);
    expect(of.timing.tasks.find(({ id }) => id === 'lay:halyard')!.job.after).toContain('oven:halyard');
    // Last of all: nothing else of the board waits for it, and it is eaten soon after the oven.
    for (const { id, job } of of.timing.tasks)
      if (id !== 'wrap') expect(job.after).not.toContain('lay:halyard');
    expect(placed(of, 'oven:halyard')!.end).toBeGreaterThanOrEqual(-10);
  });
  test('where the bench is too small, a place more is a way out; hands alone are none', () => {
    const late = { earliest: '2027-06-12T18:00', hands: 3, benches: 1 };
    const of = made(late, { servingAt: '2027-06-12T18:35' });
    const ways = dayWays(of.timing.question);
    const left = (id: string) => ways.find((way) => way.id === id)?.tooEarly ?? Infinity;
    expect(left('one place at the bench more')).toBeLessThan(of.timing.day.cost.tooEarly);
    expect(left('one pair of hands more')).toBeGreaterThan(left('one place at the bench more'));
    // A place for each pair of hands unless somebody said.
    const ids = (clock: object) =>
      dayWays(made(clock, { servingAt: '2027-06-12T18:35' }).timing.question).map(({ id }) => id);
    expect(ids({ earliest: '2027-06-12T18:00', hands: 1 })).toContain('one pair of hands more');
    expect(ids({ earliest: '2027-06-12T18:00', hands: 1 })).not.toContain('one place at the bench more');
  });
  // Common practice, no source: a hot dish 60 mm from anything cold, its room kept from the start.
  test('on the board a place of its dish waits for it, away from what is cold', () => {
    const bake = { hot: [{ id: 'halyard', way: 'baked' as const }] };
    // On one board: of two that are alike the one disc stands between (layKept.test.ts).
    const one = made(bake).boards.choices.find(({ spread, many }) => spread === 'together' && many === 1)!;
    const of = made(bake, {}, {}, { lay: { ...order().lay, choice: one.id } });
    const thing = (id: string, there = of) =>
      there.boards.laid.flatMap(({ things }) => things).find((one) => one.id === id)!;
    expect(thing('halyard').traits).toMatchObject({ hot: true, cold: false, late: true });
    expect(thing('halyard').lies).toBe('whole');
    expect(thing('halyard').area).toBeGreaterThan(thing('halyard', made()).area);
    expect(thing('tarpot').traits).toMatchObject({ hot: false, cold: true });
    // Whatever cut a person chose before: what is to be baked stays whole, and no other cut is offered.
    const asked = made(
      { hot: [{ id: 'halyard', way: 'baked' }] },
      {},
      {},
      { cuts: { halyard: 'centre wedges' } },
    );
    expect(asked.cuts.find(({ goodId }) => goodId === 'halyard')).toMatchObject({
      styleId: 'baked whole',
      whole: true,
      byHand: false,
      others: [],
    });
    const dish = asked.ahead.get('halyard')!;
    expect(dish).toMatchObject({ whole: 0, held: 0, guideCuts: 0 });
    const cheese = asked.mains.find(({ id }) => id === 'halyard')!;
    const cut = asked.cuts.find(({ goodId }) => goodId === 'halyard')!;
    expect(stepsOf(cheese, cut, dish).map(({ rule }) => rule)).toEqual(['bake-whole']);
    expect(made().cuts.flatMap(({ others }) => others)).not.toContain('baked whole');
    expect(of.timing.tasks.some(({ id }) => id === 'cut:halyard' || id === 'unwrap:halyard')).toBe(false);
  });
  // Common practice, no source (docs/trade.md `cut/hot HOT_ROWS`): a disc at 220 degrees, toast at 190.
  test('one oven does one heat after the other', () => {
    const hot = [
      { id: 'halyard', way: 'baked' as const },
      { id: 'baguette', way: 'toasted' as const },
    ];
    const apart = (ovens: number) => {
      const of = made({ hot, ovens });
      const [disc, toast] = [placed(of, 'oven:halyard')!, placed(of, 'oven:baguette')!];
      return Math.max(disc.start - toast.end, toast.start - disc.end);
    };
    expect(apart(1)).toBeGreaterThanOrEqual(15);
    expect(apart(2)).toBeLessThan(15);
  });
  // Common practice, no source: three hours in the cold or half an hour in iced water.
  test('bottles go into iced water where there is no time for the cold', () => {
    const chill = (earliest: string | null) =>
      made(
        { earliest },
        { servingAt: '2027-06-12T18:30' },
        {},
        { drinks: 'with the order' },
      ).timing.tasks.find(({ id }) => id === 'chill')!;
    expect(chill(null)).toMatchObject({ kind: 'chill', job: { minutes: 180 } });
    expect(chill('2027-06-12T16:30')).toMatchObject({ kind: 'ice bottles', job: { minutes: 30 } });
  });
});
