import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dateFrom, dateOrderOf, isRealTime, timeFrom } from './civil.js';

const TODAY = '2026-11-26';

describe('dates as people type them', () => {
  test.each([
    ['01052027', '2027-05-01'],
    ['12022026', '2026-02-12'],
    ['12.2.2026', '2026-02-12'],
    ['12/02/26', '2026-02-12'],
    ['12-2-2026', '2026-02-12'],
    ['2026-02-12', '2026-02-12'],
    ['20260212', '2026-02-12'],
    ['12 Feb 2026', '2026-02-12'],
    ['Sat 28 November', '2026-11-28'],
    ['1 March', '2027-03-01'],
    ['28/11', '2026-11-28'],
    ['3.2.', '2027-02-03'],
    ['29.2.2028', '2028-02-29'],
  ])('%s where the day comes first is %s', (typed, date) =>
    expect(dateFrom(typed, 'day first', TODAY)).toBe(date),
  );
  test.each([
    ['05012027', '2027-05-01'],
    ['5/1/2027', '2027-05-01'],
    ['May 1st, 2027', '2027-05-01'],
    ['11/28', '2026-11-28'],
  ])('%s where the month comes first is %s', (typed, date) =>
    expect(dateFrom(typed, 'month first', TODAY)).toBe(date),
  );
  test.each([
    '30.2.2026',
    '31/4/2026',
    '29.2.2027',
    '2026-13-01',
    '12.2.20266',
    '99999',
    'soon',
    '',
    '0.0.2026',
  ])('%s is no day', (typed) => expect(dateFrom(typed, 'day first', TODAY)).toBeNull());
  test('whatever is written in the form of a country is read back', () => {
    const day = fc.date({ min: new Date('2000-01-01'), max: new Date('2099-12-31'), noInvalidDate: true });
    fc.assert(
      fc.property(day, fc.constantFrom('GB', 'US', 'SE', 'IE', 'DE'), (date, country) => {
        const iso = date.toISOString().slice(0, 10);
        const shown = new Intl.DateTimeFormat(`en-${country}`, {
          day: 'numeric',
          month: 'numeric',
          year: 'numeric',
          timeZone: 'UTC',
        }).format(date);
        expect(dateFrom(shown, dateOrderOf(country), TODAY)).toBe(iso);
      }),
    );
  });
});

describe('times as people type them', () => {
  test.each([
    ['18:30', '18:30'],
    ['1830', '18:30'],
    ['18.30', '18:30'],
    ['18h30', '18:30'],
    ['18h', '18:00'],
    ['7', '07:00'],
    ['6pm', '18:00'],
    ['6:30 p.m.', '18:30'],
    ['12 am', '00:00'],
    ['12:15 pm', '12:15'],
  ])('%s is %s', (typed, time) => expect(timeFrom(typed)).toBe(time));
  test.each(['25:00', '18:75', '13pm', '0 pm', 'noon', ''])('%s is no time', (typed) =>
    expect(timeFrom(typed)).toBeNull(),
  );
});

test('there is no 30 February, and no year of five digits', () => {
  expect(isRealTime('2026-02-28T18:30')).toBe(true);
  expect(isRealTime('2026-02-30T18:30')).toBe(false);
  expect(isRealTime('20266-02-28T18:30')).toBe(false);
  expect(isRealTime('2026-02-28T24:00')).toBe(false);
});
