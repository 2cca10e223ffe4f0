import { describe, expect, test } from '@jest/globals';
import { dayWays } from './index.js';
import { counter, HOUSE, made, order, outing, placed, startOf } from '../testing/day.js';
import { clockWays, plan, type Plan } from '../testing/planned.js';

/** Finished boards wait in the cold and are carried: where room there is short, time is. Common practice, no source. */

const MANY = { guests: { adults: 120 }, servingAt: '2027-06-12T18:30' };
const CARRIED = { ...MANY, travelMinutes: 20 };
const WHOLE = { way: 'whole board', hands: 4 } as const;
const boardsOf = (of: Plan) => of.timing.question.places.boards;
const ids = (of: Plan, start: string) =>
  of.timing.tasks.flatMap(({ id }) => (id.startsWith(start) ? [id] : []));

describe('what one run of the car does not carry', () => {
  test('goes before: there and back, and the rest is loaded when the car is back', () => {
    const of = made({ ...WHOLE, carPlaces: 1 }, CARRIED);
    const runs = boardsOf(of);
    expect(runs).toBeGreaterThan(1);
    expect(ids(of, 'there-and-back').length).toBe(runs - 1);
    expect(ids(made(WHOLE, CARRIED), 'there-and-back')).toEqual([]);
    const drives = [...ids(of, 'there-and-back'), 'travel'].map((id) => placed(of, id)!);
    drives.sort((a, b) => a.start - b.start);
    expect(drives.at(-1)!.start).toBe(of.timing.question.party.journey!.leaves);
    drives.slice(1).forEach(({ start }, i) => expect(start).toBeGreaterThanOrEqual(drives[i]!.end));
    for (const id of ids(of, 'there-and-back')) expect(placed(of, id)!.end - startOf(of, id)!).toBe(40);
    expect(startOf(of, 'load')!).toBeGreaterThanOrEqual(drives.at(-2)!.end);
  });
  test('uncooled it is out of the cold from the first run on; as many cars as runs set off together', () => {
    const one = made(WHOLE, CARRIED);
    const slow = made({ ...WHOLE, carPlaces: 1 }, CARRIED);
    const runs = boardsOf(slow);
    const { leaves } = slow.timing.question.party.journey!;
    // There and back takes 40 minutes, loading 5 by the house's figure.
    expect(outing(slow, 'tarpot').out).toBeLessThanOrEqual(leaves - (runs - 1) * 45);
    expect(outing(slow, 'tarpot').out).toBeLessThan(outing(one, 'tarpot').out);
    const fast = made({ ...WHOLE, hands: 8, carPlaces: 1, cars: runs }, CARRIED);
    expect(outing(fast, 'tarpot').out).toBe(outing(one, 'tarpot').out);
    expect(ids(fast, 'travel').map((id) => startOf(fast, id))).toEqual(Array(runs).fill(leaves));
  });
  test('what travels finished has its bread and crackers on it: nothing of it is late', () => {
    const of = made({ ...WHOLE, way: 'whole board' }, { travelMinutes: 20 });
    const late = of.timing.tasks.filter(
      ({ kind, job }) => (kind === 'wash and cut' || kind === 'fill') && job.within !== null,
    );
    expect(late).toEqual([]);
    const stays = made(WHOLE, {}).timing.tasks;
    expect(stays.some(({ kind, job }) => kind === 'fill' && job.within !== null)).toBe(true);
  });
  test('cars wait for drivers', () => {
    expect(made({ ...WHOLE, hands: 1, cars: 3 }, CARRIED).timing.question.room.cars).toBe(1);
  });
  test('another car is a way out for what is out too long', () => {
    const asked = order({ ...WHOLE, carPlaces: 1 }, { ...CARRIED, hours: 1 });
    const of = plan(asked, counter, HOUSE);
    const late = of.timing.standing.find(({ early }) => early > 0)!;
    const way = clockWays(asked, counter, HOUSE, late.key).find(({ id }) => id === 'one car more')!;
    expect(way.change.clock).toMatchObject({ cars: 2 });
  });
  test('and for work that is begun too early, where somebody can drive it', () => {
    const late = { ...WHOLE, carPlaces: 1, earliest: '2027-06-12T16:45' };
    const of = made(late, CARRIED);
    const way = dayWays(of.timing.question).find(({ id }) => id === 'one car more')!;
    expect(made({ ...late, cars: 2 }, CARRIED).timing.day.cost.tooEarly).toBe(way.tooEarly);
    expect(way.tooEarly).toBeLessThan(of.timing.day.cost.tooEarly);
    const alone = made({ ...late, hands: 1 }, CARRIED).timing.question;
    expect(dayWays(alone).some(({ id }) => id === 'one car more')).toBe(false);
  });
  test('finished where it is served nothing goes twice', () => {
    const of = made({ ...WHOLE, way: 'where it is served', carPlaces: 1 }, CARRIED);
    expect(ids(of, 'there-and-back')).toEqual([]);
  });
});

describe('boards that find no room in the cold', () => {
  test('are laid straight before they leave it; the work is the same in all', () => {
    const minutes = (of: Plan) =>
      of.timing.tasks.reduce((sum, { kind, job }) => sum + (kind === 'lay' ? job.minutes : 0), 0);
    const all = made(WHOLE, MANY);
    const some = made({ ...WHOLE, coldPlaces: 1 }, MANY);
    const straight = some.timing.tasks.filter(({ boards }) => boards === 'straight');
    expect(all.timing.tasks.every(({ boards }) => boards === null)).toBe(true);
    expect(straight.length).toBeGreaterThan(3);
    // Each piece of work is rounded to a minute.
    expect(Math.abs(minutes(some) - minutes(all))).toBeLessThanOrEqual(straight.length);
    const out = -outing(all, 'tarpot').out;
    for (const { job } of straight) expect(job.due).toBe(out);
    // Each of the two waits only for its own: what lies below on the same boards.
    const after = (id: string) => some.timing.tasks.find((one) => one.id === id)!.job.after;
    const laid = (id: string) => after(id).filter((one) => one.startsWith('lay:'));
    expect(laid('lay:tarpot').some((id) => id.endsWith(':straight'))).toBe(false);
    expect(laid('lay:tarpot:straight')).toEqual(laid('lay:tarpot').map((id) => `${id}:straight`));
    expect(laid('lay:tarpot').length).toBeGreaterThan(0);
  });
  test('with none in the cold nothing is laid ahead, and what is laid sooner is out sooner', () => {
    const none = made({ ...WHOLE, hands: 1, coldPlaces: 0 }, MANY);
    const lays = none.timing.tasks.filter(({ kind }) => kind === 'lay');
    expect(lays.every(({ boards }) => boards === 'straight')).toBe(true);
    const laid = startOf(none, 'lay:tarpot:straight')!;
    expect(outing(none, 'tarpot').out).toBe(laid);
    expect(laid).toBeLessThan(outing(made({ ...WHOLE, hands: 1 }, MANY), 'tarpot').out);
  });
  test('room for all of them is a way out for what is then out too long', () => {
    const asked = order({ ...WHOLE, hands: 1, coldPlaces: 0 }, { ...MANY, hours: 2 });
    const of = plan(asked, counter, HOUSE);
    const late = of.timing.standing.find(({ key, early }) => key === 'tarpot#1' && early > 0)!;
    const way = clockWays(asked, counter, HOUSE, late.key).find(({ id }) => id === 'room in the cold')!;
    const then = plan({ ...asked, ...way.change }, counter, HOUSE);
    expect(outing(then, 'tarpot').early).toBeLessThan(late.early);
    const wide = order(WHOLE, { ...MANY, hours: 2 });
    expect(clockWays(wide, counter, HOUSE, late.key).some(({ id }) => id === way.id)).toBe(false);
    // Laid one by one nothing waits in the cold on its board.
    const each = order({ way: 'one by one', hands: 1, coldPlaces: 0 }, { ...MANY, hours: 4 });
    const tight = plan(each, counter, HOUSE).timing.standing.find(({ early }) => early > 0)!;
    expect(clockWays(each, counter, HOUSE, tight.key).some(({ id }) => id === way.id)).toBe(false);
  });
  test('a cold van takes them in again: its minutes do not count', () => {
    const brief = { ...CARRIED, journeyCelsius: 4 };
    const of = made({ ...WHOLE, hands: 1, chilled: true, coldPlaces: 0 }, brief);
    const { leaves, arrives } = of.timing.question.party.journey!;
    const laid = startOf(of, 'lay:tarpot:straight')!;
    expect(laid).toBeLessThan(leaves);
    expect(outing(of, 'tarpot').out).toBe(laid + arrives - leaves);
  });
});
