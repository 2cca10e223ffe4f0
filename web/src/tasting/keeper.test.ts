import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { isDrink, probesFor, SessionBody, withExpected, type Session } from '@rotula/core';
import { demoCounter } from '../../../core/src/testing/goods';
import { ApiError } from '../api/client';
import { SessionKeeper, type KeepWorld } from './keeper';

const counter = demoCounter();
const drink = counter.filter(isDrink)[0]!;
const probes = probesFor(drink, counter);
const body = SessionBody.parse({
  drink: drink.id,
  startedAt: '2026-11-28T19:00',
  tasters: ['Ada', 'Bo'],
  probes: probes.map(({ role, good }) => ({ role, goodId: good.id })),
  goods: [drink, ...probes.map(({ good }) => good)].map((good) => ({ ...good, lots: [] })),
});
const probe = body.probes[0]!.goodId;
const expects = (taster: string, expected: -1 | 1) => (session: SessionBody) =>
  withExpected(session, { taster, probe, expected, at: `2026-11-28T19:0${expected + 2}:00.000Z` });
const stored = (session: SessionBody, version: number): Session => ({
  ...session,
  id: 's',
  version,
  updatedAt: '',
});

/** A world that answers what the test says, and remembers what was shown, sent and kept. */
function worldOf(answer: (version: number, session: SessionBody) => Promise<Session>) {
  const seen = {
    shown: [] as string[],
    session: body,
    trouble: null as string | null,
    draft: null as SessionBody | null,
    sent: [] as [number, number][],
  };
  const world: KeepWorld = {
    send: (version, session) => {
      seen.sent.push([version, session.notes.length]);
      return answer(version, session);
    },
    keepDraft: (session) => void (seen.draft = session),
    dropDraft: () => void (seen.draft = null),
    onSaved: () => undefined,
    show: (session, saving, trouble) => {
      seen.session = session;
      seen.trouble = trouble;
      seen.shown.push(saving);
    },
  };
  return { seen, world };
}
/** All that is due has happened. */
const settled = async () => {
  for (let i = 0; i < 20; i++) await Promise.resolve();
};

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

test('what is noted is kept as a draft, sent over its version, and the draft goes when it is saved', async () => {
  const { seen, world } = worldOf((version, session) => Promise.resolve(stored(session, version + 1)));
  const keeper = new SessionKeeper(world, 3, body);
  keeper.change(expects('Ada', 1));
  expect(seen.draft!.notes).toHaveLength(1);
  await settled();
  expect(seen).toMatchObject({ sent: [[3, 1]], draft: null });
  expect(seen.shown).toEqual(['not saved', 'saving', 'saved']);
});

test('two notes in one breath are both kept, one save at a time, the second over the version of the first', async () => {
  const { seen, world } = worldOf((version, session) => Promise.resolve(stored(session, version + 1)));
  const keeper = new SessionKeeper(world, 1, body);
  keeper.change(expects('Ada', 1));
  keeper.change(expects('Bo', -1));
  await settled();
  expect(seen.session.notes.map(({ taster }) => taster)).toEqual(['Ada', 'Bo']);
  expect(seen.sent).toEqual([
    [1, 1],
    [2, 2],
  ]);
});

test('what somebody else noted meanwhile is put together with mine and saved over theirs', async () => {
  const theirs = expects('Bo', -1)(body);
  const { seen, world } = worldOf((version, session) =>
    version === 1
      ? Promise.reject(new ApiError(409, 'elsewhere', stored(theirs, 5)))
      : Promise.resolve(stored(session, version + 1)),
  );
  new SessionKeeper(world, 1, body).change(expects('Ada', 1));
  await settled();
  expect(seen.sent.at(-1)).toEqual([5, 2]);
  expect(seen.session.notes.map(({ taster }) => taster).sort()).toEqual(['Ada', 'Bo']);
  expect(seen.shown.at(-1)).toBe('saved');
});

test('a server that is away is tried again, and nothing is lost; a refusal is said and not tried again', async () => {
  let away = true;
  const { seen, world } = worldOf((version, session) =>
    away ? Promise.reject(new ApiError(0, 'away')) : Promise.resolve(stored(session, version + 1)),
  );
  const keeper = new SessionKeeper(world, 1, body);
  keeper.change(expects('Ada', 1));
  await settled();
  expect(seen).toMatchObject({ trouble: 'away' });
  expect(seen.draft!.notes).toHaveLength(1);
  away = false;
  await jest.advanceTimersByTimeAsync(4000);
  expect(seen).toMatchObject({ trouble: null, draft: null });
  expect(seen.shown.at(-1)).toBe('saved');
  const refused = worldOf(() => Promise.reject(new ApiError(400, 'no taster')));
  new SessionKeeper(refused.world, 1, body).change(expects('Ada', 1));
  await settled();
  await jest.advanceTimersByTimeAsync(20_000);
  expect(refused.seen.sent).toHaveLength(1);
  expect(refused.seen.trouble).toBe('no taster');
});

test('a draft that was found is sent though nothing was changed since', async () => {
  const { seen, world } = worldOf((version, session) => Promise.resolve(stored(session, version + 1)));
  await new SessionKeeper(world, 2, body, expects('Ada', 1)(body)).send();
  expect(seen.sent).toEqual([[2, 1]]);
  await new SessionKeeper(world, 2, body).send();
  expect(seen.sent).toHaveLength(1);
});
