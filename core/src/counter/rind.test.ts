import { expect, test } from '@jest/globals';
import { aCheese, aCompanion, aMeat } from '../testing/goods.js';
import { facesOf } from './faces.js';
import { trimOf } from './rind.js';

/** Which face of a good is eaten, off or left on: common practice, no source. */

const faces = (kind: string, verdict: string) =>
  facesOf(aCheese('c', { rind: { kind, mm: 3, verdict } })).map(({ face, is }) => `${face} ${is}`);

test.each([
  ['bloomy', 'eaten', ['all round eaten']],
  ['washed', 'guest decides', ['all round as you like']],
  ['wax', 'cut off', ['all round off']],
  ['rubbed', 'handle', ['top and bottom off', 'rim handle']],
  ['bark', 'cut off', ['top off', 'rim collar']],
  ['bark', 'decoration', ['top off', 'rim collar']],
  ['leaf', 'decoration', ['all round show face']],
  ['none', 'none', []],
])('%s, %s', (kind, verdict, expected) => {
  expect(faces(kind, verdict)).toEqual(expected);
});

test('a casing is eaten or comes off; what has none has no face', () => {
  const sausage = (casing: string, casingEaten: boolean) =>
    facesOf(aMeat('m', { contents: { casing }, casingEaten }));
  expect(sausage('pork', true)).toEqual([{ face: 'casing', is: 'eaten' }]);
  expect(sausage('pork', false)).toEqual([{ face: 'casing', is: 'off' }]);
  expect(sausage('none', false)).toEqual([]);
  expect(facesOf(aCompanion('x'))).toEqual([]);
});

test('what is not eaten is taken off the weight, a plastic coat with the paste under it', () => {
  const off = (kind: string, verdict: string) => trimOf({ kind, mm: 2, verdict });
  expect(['eaten', 'guest decides', 'cut off', 'handle', 'decoration'].map((v) => off('natural', v))).toEqual(
    [0, 0, 2, 2, 2],
  );
  expect(off('plastic coat', 'cut off')).toBe(7);
});
