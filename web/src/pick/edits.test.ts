import { describe, expect, test } from '@jest/globals';
import { briefFingerprint, OrderBody } from '@rotula/core';
import { addByHand, bringBack, leaveOut, swap, takeLot, takeProposal, toggleLock } from './edits';

const order = OrderBody.parse({
  title: 'x',
  brief: { servingAt: '2026-11-28T18:30' },
  selection: { goods: ['a', 'b', 'c'], locked: ['a'], leftOut: ['z'] },
  portions: { a: 100, b: 50 },
  cuts: { b: 'cubes' },
  pairs: { b: { sweet: 'pear' } },
  walk: ['c', 'b', 'a'],
});

test('a proposal replaces the goods, remembers its brief and forgets a walk by hand', () => {
  const next = takeProposal({ ...order, state: 'new' }, ['d', 'e']);
  expect(next.selection).toMatchObject({
    goods: ['d', 'e'],
    locked: ['a'],
    briefFingerprint: briefFingerprint(order.brief),
  });
  expect([next.walk, next.state]).toEqual([null, 'in work']);
});

test('a lock is turned on and off', () => {
  expect(toggleLock(order, 'b').selection.locked).toEqual(['a', 'b']);
  expect(toggleLock(order, 'a').selection.locked).toEqual([]);
});

describe('leaving out', () => {
  const next = leaveOut(order, 'b');
  test('takes the good and all that was set for it', () => {
    expect(next.selection).toMatchObject({ goods: ['a', 'c'], leftOut: ['z', 'b'] });
    expect([next.portions, next.cuts, next.pairs, next.walk]).toEqual([{ a: 100 }, {}, {}, ['c', 'a']]);
  });
  test('unlocks it', () => expect(leaveOut(order, 'a').selection.locked).toEqual([]));
  test('can be taken back', () => expect(bringBack(next, 'b').selection.leftOut).toEqual(['z']));
  test('changes nothing of the order it was given', () =>
    expect(order.selection.goods).toEqual(['a', 'b', 'c']));
});

test('adding by hand allows what was left out, and never names a good twice', () => {
  expect(addByHand(order, 'z').selection).toMatchObject({ goods: ['a', 'b', 'c', 'z'], leftOut: [] });
  expect(addByHand(order, 'a').selection.goods).toEqual(['b', 'c', 'a']);
});

test('a swap keeps the place and drops what was set for the good that goes', () => {
  const next = swap(order, 'b', 'z');
  expect(next.selection).toMatchObject({ goods: ['a', 'z', 'c'], leftOut: [] });
  expect(next.portions).toEqual({ a: 100 });
  expect(swap(order, 'a', 'z').selection.locked).toEqual([]);
});

describe('which lot is taken', () => {
  const taken = takeLot(order, 'b', 'b-old');
  test('is a decision of the order, and can be let go again', () => {
    expect(taken.selection.lots).toEqual({ b: 'b-old' });
    expect(takeLot(taken, 'b', null).selection.lots).toEqual({});
  });
  test('goes with the good when it is left out or swapped', () => {
    expect(leaveOut(taken, 'b').selection.lots).toEqual({});
    expect(swap(taken, 'b', 'd').selection.lots).toEqual({});
    expect(leaveOut(taken, 'a').selection.lots).toEqual({ b: 'b-old' });
  });
});
