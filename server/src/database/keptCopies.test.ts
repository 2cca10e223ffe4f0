import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { copyIsDue, keptCopies } from './keptCopies.js';

const DAY = 86_400_000;
/** Noon of a day by the machine's own clock, some days before another: a change of clocks moves no day. */
const noon = (daysAgo: number) => new Date(2031, 6, 16 - daysAgo, 12);

describe('seven days, four weeks, twelve months', () => {
  test('a shop that is copied every night for two years keeps what is asked, and no more', () => {
    const times = Array.from({ length: 730 }, (_, i) => noon(i));
    const kept = times.filter((_, i) => keptCopies(times)[i]);
    // Wednesday 16 July 2031: seven days; Sundays 13, 6 July and 29 June end the weeks before; months end on their last day.
    const days = kept.map((at) => `${at.getMonth() + 1}-${at.getDate()}`);
    expect(days).toEqual([
      ...['7-16', '7-15', '7-14', '7-13', '7-12', '7-11', '7-10'],
      ...['7-6', '6-30', '6-29'],
      ...['5-31', '4-30', '3-31', '2-28', '1-31', '12-31', '11-30', '10-31', '9-30', '8-31'],
    ]);
  });
  test('the newest always stays, and all of a young shop’s last five; never more than 28', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 1000 * DAY }), { minLength: 1, maxLength: 200 }),
        (ages) => {
          const times = ages.sort((a, b) => a - b).map((age) => new Date(noon(0).getTime() - age));
          const kept = keptCopies(times);
          expect(kept.slice(0, 5).every(Boolean)).toBe(true);
          expect(kept.filter(Boolean).length).toBeLessThanOrEqual(5 + 7 + 4 + 12);
          // Each of the last seven days on which one was made has its newest.
          const dayOf = (at: Date) => at.toDateString();
          for (const day of [...new Set(times.map(dayOf))].slice(0, 7))
            expect(kept[times.findIndex((at) => dayOf(at) === day)]).toBe(true);
        },
      ),
    );
  });
});

test.each([
  ['never made', null, new Date(2031, 0, 1, 0, 10), true],
  ['made yesterday evening, now it is morning', new Date(2031, 0, 1, 22), new Date(2031, 0, 2, 8), true],
  ['made this morning', new Date(2031, 0, 2, 7), new Date(2031, 0, 2, 23), false],
  ['made late, before the night is over', new Date(2031, 0, 1, 22), new Date(2031, 0, 2, 1), false],
  ['running over New Year', new Date(2030, 11, 31, 3, 1), new Date(2031, 0, 1, 3, 1), true],
  ['a clock that was put back', new Date(2031, 0, 3), new Date(2031, 0, 2, 12), false],
])('a copy is due: %s', (_, last, now, due) => {
  expect(copyIsDue(last, now)).toBe(due);
});
