import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isDrink, isMain, Lot, type Drink } from '../counter/index.js';
import { scoreOf } from '../pair/index.js';
import { demoCounter } from '../testing/goods.js';
import {
  isFinished,
  mergedSession,
  nextStep,
  noteOf,
  progressOf,
  reopened,
  waitUntil,
  withAlone,
  withExpected,
  withTasted,
} from './course.js';
import { HOT_PROBE, probesFor } from './probes.js';
import { profileOf } from './profile.js';
import { SessionBody } from './session.js';
import { PROBE_ROLES } from './words.js';

const counter = demoCounter();
const drinks = counter.filter(isDrink);
const wine = drinks.find(({ id }) => id === 'spiced-red')!;
const bare = <G extends { lots: readonly unknown[] }>(good: G) => ({ ...good, lots: [] });

const session = (drink: Drink, tasters: readonly string[], more: object = {}): SessionBody => {
  const probes = probesFor(drink, counter);
  return SessionBody.parse({
    drink: drink.id,
    startedAt: '2026-11-28T19:00',
    tasters,
    probes: probes.map(({ role, good }) => ({ role, goodId: good.id })),
    goods: [drink, ...probes.map(({ good }) => good)].map(bare),
    ...more,
  });
};
const FELT = { acid: 1, sweet: 1, tannin: 1, heat: 1, body: 1 };
const at = (minute: number) => new Date(Date.parse('2026-11-28T19:00:00Z') + minute * 60_000).toISOString();

/** A session noted to its end, every bite by the same rule. */
function noted(start: SessionBody, sits: (probe: string, taster: string) => number): SessionBody {
  let now = start;
  for (let minute = 0; minute < 500; minute++) {
    const step = nextStep(now);
    if (step.what === 'done') return now;
    const { taster } = step;
    if (step.what === 'alone') now = withAlone(now, { taster, felt: FELT, words: [], at: at(minute) });
    else if (step.what === 'expect')
      now = withExpected(now, { taster, probe: step.probe, expected: 1, at: at(minute) });
    else
      now = withTasted(now, {
        taster,
        probe: step.probe,
        sits: sits(step.probe, taster) as 0,
        moved: { acid: 1 },
        words: ['fresh'],
        at: at(minute),
      });
  }
  throw new Error('the session never ends');
}

// Source: common practice, no source: sharp fruit, creamy, sharp cheese, mild and hot cured, sweet fruit; hot and salty probes last.
describe('probes', () => {
  test.each(drinks.map(({ id }) => id))('of %s are one for each role, each once, hot last', (id) => {
    const drink = drinks.find((one) => one.id === id)!;
    const probes = probesFor(drink, counter);
    expect(probes.map(({ role }) => role).sort()).toEqual([...PROBE_ROLES].sort());
    expect(new Set(probes.map(({ good }) => good.id)).size).toBe(probes.length);
    const hot = probes.map(({ good }) => good.sense.heat >= HOT_PROBE);
    expect(hot.indexOf(true)).toBe(hot.filter((is) => !is).length);
    expect(probes[0]!.role).toBe('sharp fruit');
    const salty = probes.filter((_, i) => !hot[i]).map(({ good }) => good.sense.salty >= 6);
    if (salty.includes(true)) expect(salty.indexOf(true)).toBe(salty.filter((is) => !is).length);
  });
  test('stand for what they are called; the matched one suits the drink best of all that is left', () => {
    const by = Object.fromEntries(probesFor(wine, counter).map(({ role, good }) => [role, good]));
    expect(by['sharp fruit']!.sense.sour).toBeGreaterThan(by['sweet fruit']!.sense.sour);
    expect(by['sweet fruit']!.sense.sweet).toBeGreaterThan(by['sharp fruit']!.sense.sweet);
    expect(by['hot cured']!.sense.heat).toBeGreaterThan(by['mild cured']!.sense.heat + 3);
    const others = counter.filter(isMain).filter((main) => !Object.values(by).includes(main));
    for (const main of others)
      expect(scoreOf(main, wine)).toBeLessThanOrEqual(scoreOf(by['matched good']!, wine));
  });
  test('the order of the counter does not matter, and an empty one has none', () => {
    expect(probesFor(wine, [...counter].reverse())).toEqual(probesFor(wine, counter));
    expect(probesFor(wine, [])).toEqual([]);
  });
});

describe('the course of a session', () => {
  test('goes from the drink alone over every probe by every taster, skips nothing, and ends', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 4 }), (many) => {
        const tasters = Array.from({ length: many }, (_, i) => `T${i}`);
        const start = session(wine, tasters);
        expect(nextStep(start)).toEqual({ what: 'alone', taster: 'T0' });
        const done = noted(start, () => 1);
        expect(isFinished(done)).toBe(true);
        const { all } = progressOf(done);
        expect(progressOf(done).done).toBe(all);
        expect(all).toBe(many * (1 + PROBE_ROLES.length));
        expect(done.notes).toHaveLength(many * PROBE_ROLES.length);
        // Each is expected before it is tasted, in the recorded order.
        expect(done.notes.map(({ probe }) => probe)).toEqual(
          done.probes.flatMap(({ goodId }) => tasters.map(() => goodId)),
        );
        expect(SessionBody.parse(done)).toEqual(done);
      }),
      { numRuns: 4 },
    );
  });
  test('is taken up where it was left, and a bite that is opened once more comes next', () => {
    const done = noted(session(wine, ['Ada']), () => 1);
    const probe = done.probes[2]!.goodId;
    const open = reopened(done, 'Ada', probe);
    expect(nextStep(open)).toEqual({ what: 'taste', taster: 'Ada', probe });
    expect(noteOf(open, 'Ada', probe)).toMatchObject({ expected: 1, sits: null, moved: { acid: 1 } });
    const stored = SessionBody.parse(JSON.parse(JSON.stringify(open)));
    expect(nextStep(stored)).toEqual(nextStep(open));
  });
  // Source: common practice, no source: two minutes after a hot one.
  test('two minutes pass after something hot, for whoever had it, and none after the rest', () => {
    const start = session(wine, ['Ada', 'Bo']);
    const hot = start.probes.at(-1)!.goodId;
    const mild = start.probes[0]!.goodId;
    const note = (taster: string, probe: string, minute: number) => ({
      taster,
      probe,
      expected: 0,
      sits: 0,
      at: at(minute),
    });
    const after = {
      ...start,
      notes: [note('Ada', mild, 1), note('Ada', hot, 5), note('Bo', mild, 6)],
    } as SessionBody;
    expect(waitUntil(after, 'Ada')).toBe(at(7));
    expect(waitUntil(after, 'Bo')).toBeNull();
    expect(waitUntil(start, 'Ada')).toBeNull();
  });
  test('two screens put together lose no note; of what both noted the later stands', () => {
    const start = session(wine, ['Ada', 'Bo']);
    const first = start.probes[0]!.goodId;
    const expects = (taster: string, expected: -1 | 1, minute: number) =>
      withExpected(start, { taster, probe: first, expected, at: at(minute) });
    const merged = mergedSession(expects('Ada', 1, 1), expects('Bo', -1, 2));
    expect(merged.notes.map(({ taster, expected }) => [taster, expected])).toEqual([
      ['Ada', 1],
      ['Bo', -1],
    ]);
    expect(mergedSession(expects('Ada', 1, 5), expects('Ada', -1, 3)).notes).toMatchObject([{ expected: 1 }]);
    expect(mergedSession(expects('Ada', 1, 3), expects('Ada', -1, 5)).notes).toMatchObject([
      { expected: -1 },
    ]);
    const alone = withAlone(start, { taster: 'Bo', felt: FELT, words: [], at: at(1) });
    expect(mergedSession(start, alone).alone).toEqual(alone.alone);
    expect(mergedSession(alone, start).alone).toEqual(alone.alone);
  });
});

describe('what was found out about a drink', () => {
  const TODAY = '2026-11-28';
  const clash = (probe: string) => (probe === probesFor(wine, counter)[0]!.good.id ? -2 : 1);
  const own = noted(session(wine, ['Ada', 'Bo']), clash);
  test('means over all tasters, the best and the worst, versatile only without a clash', () => {
    const found = profileOf(wine, [own], drinks, TODAY);
    expect(found).toMatchObject({ sessions: 1, notes: 2 * PROBE_ROLES.length, versatile: 'in between' });
    expect(found.worst!.good.id).toBe(own.probes[0]!.goodId);
    expect(found.worst!.sits).toBe(-2);
    expect(found.best!.sits).toBe(1);
    expect(found.best!.moved).toEqual({ acid: 1 });
    expect(profileOf(wine, [noted(session(wine, ['Ada']), () => 1)], drinks, TODAY).versatile).toBe(
      'versatile',
    );
    expect(profileOf(wine, [noted(session(wine, ['Ada']), () => -2)], drinks, TODAY).versatile).toBe(
      'choosy',
    );
    expect(profileOf(wine, [], drinks, TODAY)).toMatchObject({
      sessions: 0,
      probes: [],
      best: null,
      worst: null,
    });
  });
  test('is like the drink that was noted most alike, and by its scales while none was', () => {
    const [a, b] = drinks.filter(({ id }) => id !== wine.id);
    const twin = noted(session(a!, ['Ada']), (probe) => clash(probe));
    const other = noted(session(b!, ['Ada']), (probe) => -clash(probe));
    expect(profileOf(wine, [own, twin, other], drinks, TODAY).like).toEqual({ drink: a, by: 'notes' });
    const near = { ...wine, id: 'near-red', body: Math.min(10, wine.body + 0.5) };
    expect(profileOf(wine, [own], [...drinks, near], TODAY).like).toEqual({ drink: near, by: 'scales' });
    expect(profileOf(wine, [own], [wine], TODAY).like).toBeNull();
  });
  test('a tannic red rests and keeps; it is tasted again before it is past, within a year, and never when it is', () => {
    const came = (receivedOn: string) => ({
      ...wine,
      tannin: 8,
      lots: [Lot.parse({ id: 'l', pieces: 6, receivedOn })],
    });
    const young = profileOf(came('2026-11-01'), [], drinks, TODAY);
    expect(young.from! > TODAY).toBe(true);
    expect(young.again).toBe(young.from);
    const ready = profileOf(came('2025-01-01'), [own], drinks, TODAY);
    expect(ready.from! < TODAY && ready.until! > TODAY).toBe(true);
    expect(ready.again! > '2026-11-28' && ready.again! <= '2027-11-28').toBe(true);
    expect(profileOf(came('2000-01-01'), [own], drinks, TODAY).again).toBeNull();
    const told = {
      ...wine,
      lots: [Lot.parse({ id: 'l', pieces: 1, bestFrom: '2026-01-01', bestUntil: '2027-01-01' })],
    };
    expect(profileOf(told, [], drinks, TODAY)).toMatchObject({ from: '2026-01-01', until: '2027-01-01' });
    expect(profileOf({ ...wine, lots: [] }, [], drinks, TODAY)).toMatchObject({ from: null, until: null });
  });
});
