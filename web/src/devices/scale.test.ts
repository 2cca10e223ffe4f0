import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { simulatedScale, type Reading } from './scale';

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

function readings(aim: number, seed: number, tare = false): Reading[] {
  const scale = simulatedScale(aim, seed);
  if (tare) scale.tare();
  const all: Reading[] = [];
  scale.watch((reading) => all.push(reading));
  jest.advanceTimersByTime(5000);
  return all;
}

test('it swings, settles once, and then says no more', () => {
  const all = readings(300, 1);
  expect(all.filter(({ settled }) => settled)).toHaveLength(1);
  expect(all.at(-1)!.settled).toBe(true);
  expect(new Set(all.map(({ grams }) => grams)).size).toBeGreaterThan(2);
});
test('a practised hand is within 5 %, and not the same every time', () => {
  const ends = Array.from({ length: 40 }, (_, seed) => readings(300, seed * 7919).at(-1)!.grams);
  for (const grams of ends) expect(Math.abs(grams - 300)).toBeLessThanOrEqual(16);
  expect(new Set(ends).size).toBeGreaterThan(8);
});
test('tared, it says nothing of what lies on it', () => {
  expect(readings(300, 3, true).at(-1)!.grams).toBe(0);
});
test('stopped, it is silent', () => {
  const all: Reading[] = [];
  simulatedScale(300, 1).watch((reading) => all.push(reading))();
  jest.advanceTimersByTime(2000);
  expect(all).toEqual([]);
});
