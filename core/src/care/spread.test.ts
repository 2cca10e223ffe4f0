import { expect, test } from '@jest/globals';
import { ALLERGENS, GLUTEN_CEREALS, TREE_NUTS } from '../counter/index.js';
import { proposedReach } from './persons.js';
import { worstSpread } from './spread.js';

// Source: common practice, no source.
test('every allergen of the published list spreads in some way, and what is proposed follows from it', () => {
  for (const { id } of ALLERGENS) expect([id, worstSpread([id])]).toEqual([id, expect.any(String)]);
  const proposed = (what: string, more: object = {}) =>
    proposedReach({ limits: [{ what, severity: 'allergy' }], severe: false, ...more });
  const loose = [...TREE_NUTS, ...GLUTEN_CEREALS, 'peanuts', 'sesame'].map((id) =>
    worstSpread([id as never]),
  );
  expect(new Set(loose)).toEqual(new Set(['loose']));
  expect(['tree nuts', 'peanuts', 'sesame', 'gluten'].map((id) => proposed(`allergen:${id}`))).toEqual(
    Array(4).fill('not loose'),
  );
  expect(
    ['milk', 'eggs', 'mustard', 'fish', 'sulphites', 'lupin', 'celery'].map((id) =>
      proposed(`allergen:${id}`),
    ),
  ).toEqual(Array(7).fill('own plate'));
  expect(proposed('allergen:sulphites', { severe: true })).toBe('board');
  expect(proposedReach({ limits: [{ what: 'taste:blue', severity: 'dislike' }], severe: false })).toBe(
    'card',
  );
});
