import { expect, test } from '@jest/globals';
import { aCheese } from '../testing/goods.js';
import { heldCounter, NO_SNAPSHOT, snapshotOf } from './snapshot.js';

const DAY = '2026-12-05T18:00';
const guess = aCheese('c', {
  price: { amount: 0, per: 'kg' },
  milk: [{ animal: 'sheep', share: 1 }],
  from: { price: 'not known', animal: 'name', shape: 'typical' },
});
const held = (now: typeof guess) =>
  heldCounter({ ...NO_SNAPSHOT, goods: { c: snapshotOf(guess, null, DAY) } }, [now], DAY, false)[0];

test('what was a guess when it was kept is taken from the counter once somebody states it', () => {
  const now = aCheese('c', {
    price: { amount: 3290, per: 'kg' },
    milk: [{ animal: 'goat', share: 1 }],
    from: { shape: 'typical' },
  });
  expect(held(now)).toMatchObject({
    price: { amount: 3290 },
    milk: [{ animal: 'goat', share: 1 }],
    from: { shape: 'typical' },
  });
});

test('what was stated when it was kept stays as it was, and a guess of either is one', () => {
  const stated = aCheese('c', { price: { amount: 2000, per: 'kg' } });
  const kept = heldCounter(
    { ...NO_SNAPSHOT, goods: { c: snapshotOf(stated, null, DAY) } },
    [aCheese('c', { price: { amount: 3290, per: 'kg' }, from: { animal: 'typical' } })],
    DAY,
    false,
  )[0];
  expect(kept).toMatchObject({ price: { amount: 2000 }, from: { animal: 'typical' } });
});
