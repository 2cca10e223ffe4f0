import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { run } from './run.mjs';
import { ROOT } from './setup.mjs';

/** Dates on which programs trip, and where. The time is that of the wall in its zone. */
export const DATES = [
  { name: 'leap-day', at: '2028-02-29T10:00', zone: 'UTC' },
  // The night of either change of clocks in the European Union (Directive 2000/84/EC: last Sundays of March and October).
  { name: 'spring-forward', at: '2027-03-28T00:55', zone: 'Europe/Dublin' },
  { name: 'fall-back', at: '2027-10-31T01:30', zone: 'Europe/Dublin' },
  { name: 'new-years-eve', at: '2026-12-31T23:50', zone: 'Europe/Dublin' },
  { name: 'monday', at: '2027-06-14T08:00', zone: 'UTC' },
  { name: 'sunday', at: '2027-06-20T21:00', zone: 'UTC' },
  { name: '2031', at: '2031-08-15T12:00', zone: 'UTC' },
  { name: 'auckland', at: '2027-01-15T09:00', zone: 'Pacific/Auckland' },
  { name: 'los-angeles', at: '2027-04-02T20:00', zone: 'America/Los_Angeles' },
];

/** Rows that every `npm test` runs a part of its tests under. */
export const SHORT = ['leap-day', 'new-years-eve', 'auckland'];

/** What a test that touches dates holds. Core has no clock (eslint.config.mjs), and what needs a whole server is left out. */
const DATED = /new Date\(|Date\.now|FakeTimers|toISOString|wallClock|today/;
const QUICK = ['server/src/database', 'server/src/testing', 'web/src'];

/** Files of the unit tests that touch dates. */
export const datedTests = () =>
  QUICK.flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true })
      .filter((name) => /\.test\.tsx?$/.test(name))
      .map((name) => join(folder, name)),
  ).filter((file) => DATED.test(readFileSync(join(ROOT, file), 'utf8')));

const LIBRARY = [
  '/usr/lib/x86_64-linux-gnu/faketime/libfaketime.so.1',
  '/usr/lib/aarch64-linux-gnu/faketime/libfaketime.so.1',
];
const library = () => LIBRARY.find(existsSync);

/** libfaketime, from Debian's packages where we may install them. */
export async function ensureFakeTime() {
  if (library()) return;
  if (existsSync('/usr/bin/apt-get') && process.getuid?.() === 0) {
    await run('apt-get', ['update', '-qq'], { keep: true });
    await run('apt-get', ['install', '-y', '-qq', 'faketime'], {
      keep: true,
      env: { DEBIAN_FRONTEND: 'noninteractive' },
    });
  }
  if (!library())
    throw new Error(
      'Tests under other dates need libfaketime. On Debian, as root: apt-get install faketime.',
    );
}

/** Seconds since 1970 of a time on the wall of a zone. */
function secondsOf(at, zone) {
  const wanted = Date.parse(`${at}:00Z`);
  const wallOf = (instant) => {
    const parts = new Intl.DateTimeFormat('en-GB', {
      timeZone: zone,
      hourCycle: 'h23',
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
    }).formatToParts(instant);
    const of = (type) => parts.find((part) => part.type === type).value;
    return Date.parse(`${of('year')}-${of('month')}-${of('day')}T${of('hour')}:${of('minute')}:00Z`);
  };
  // Twice, so that a change of clocks between the guess and the answer is seen.
  let instant = wanted;
  for (let i = 0; i < 2; i++) instant += wanted - wallOf(instant);
  return instant / 1000;
}

/** Milliseconds by which a browser's pages are ahead. */
const SHIFT = 'ROTULA_TEST_SHIFT_MS';

/** The environment of a process for which it is that time, there. It goes on from now; children agree with it. */
export const under = ({ at, zone }) => ({
  TZ: zone,
  LD_PRELOAD: library(),
  FAKETIME: `${Math.round(secondsOf(at, zone) - Date.now() / 1000)}`.replace(/^(?!-)/, '+'),
  [SHIFT]: String(Math.round(secondsOf(at, zone) * 1000 - Date.now())),
  FAKETIME_DONT_FAKE_MONOTONIC: '1',
  DONT_FAKE_MONOTONIC: '1',
  FAKETIME_DONT_RESET: '1',
  // Times of files are left alone: a file that was just written is not of another year.
  NO_FAKE_STAT: '1',
});

/** The environment without the set clock: Chromium waits by the wall, and spins where that is another than the machine's. */
export const ownClock = ({ LD_PRELOAD: _, ...env }) => env;

/** What sets the clock of a page instead: a script that runs before its own; null: it keeps the machine's. */
export const shiftedBy = (env) =>
  env[SHIFT] &&
  `(() => {
    const Real = Date;
    const now = () => Real.now() + ${Number(env[SHIFT])};
    // The same prototype: dates in zones are made from its methods.
    globalThis.Date = new Proxy(Real, {
      construct: (real, parts, of) => Reflect.construct(real, parts.length === 0 ? [now()] : parts, of),
      apply: () => new Real(now()).toString(),
      get: (real, key) => (key === 'now' ? now : real[key]),
    });
  })()`;
