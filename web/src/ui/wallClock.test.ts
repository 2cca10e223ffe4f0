import { expect, test } from '@jest/globals';
import { wallClock } from './wallClock';

test('over midnight it is the next day', () => {
  const { wall } = wallClock('2026-11-28T23:30', 'Europe/Dublin');
  expect(wall(45)).toBe('2026-11-29T00:15');
  expect(wall(-60)).toBe('2026-11-28T22:30');
});

// IANA time zones: in Dublin clocks went from 02:00 back to 01:00 on 25 October 2026, and from 01:00 to 02:00 on 29 March 2026.
test('a night with an hour twice, and one with an hour less', () => {
  const autumn = wallClock('2026-10-25T00:30', 'Europe/Dublin');
  expect(autumn.wall(60)).toBe('2026-10-25T01:30');
  expect(autumn.wall(120)).toBe('2026-10-25T01:30');
  expect(autumn.wall(180)).toBe('2026-10-25T02:30');
  const spring = wallClock('2026-03-29T00:30', 'Europe/Dublin');
  expect(spring.wall(30)).toBe('2026-03-29T02:00');
  expect(spring.minutesTo('2026-03-29T03:00')).toBe(90);
});

test('the instant is that of the place, whatever zone the reader is in', () => {
  expect(wallClock('2026-07-01T18:30', 'America/New_York').instant(0).toISOString()).toBe(
    '2026-07-01T22:30:00.000Z',
  );
  expect(wallClock('2026-07-01T18:30', 'Australia/Sydney').instant(-30).toISOString()).toBe(
    '2026-07-01T08:00:00.000Z',
  );
});
