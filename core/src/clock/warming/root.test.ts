import { expect, test } from '@jest/globals';
import { rootBetween } from './root.js';

// A function that is flat on one side and steep on the other: the rule of false position alone creeps for hundreds of steps.
test.each([
  ['a ninth power', (x: number) => x ** 9 - 0.5, [0, 3], 0.5 ** (1 / 9)],
  ['the same mirrored', (x: number) => 0.5 - (3 - x) ** 9, [0, 3], 3 - 0.5 ** (1 / 9)],
  ['an exponential', (x: number) => Math.exp(x) - 1.5, [-4, 6], Math.log(1.5)],
  ['x = cos x (Dottie’s number, from memory)', (x: number) => x - Math.cos(x), [0, 1], 0.7390851332151607],
] as const)('%s: its root is found', (_, f, [from, to], root) => {
  expect(rootBetween(f, from, to)).toBeCloseTo(root, 9);
});
