import { expect, test } from '@jest/globals';
import { aGuest } from '../testing/guests.js';
import { asOneGuest, freeHeads, freeKind, withPerson } from './moves.js';

const guests = { adults: 2, children: 1, under5: 0, infants: 0 };

test('two plates of one guest: each limit once, at its strictest; the strictest reach; a note that still fits', () => {
  const [mild, strict] = [
    aGuest('allergen:fish', 'card', { unsure: true, note: 'x'.repeat(400) }),
    aGuest(['allergen:fish', 'diet:vegan'], 'own plate', {
      unsure: true,
      note: 'y'.repeat(400),
      severe: true,
    }),
  ];
  const disliked = { ...mild, limits: [{ what: 'allergen:fish', severity: 'dislike' as const }] };
  const [one, ...more] = asOneGuest([disliked, strict, aGuest('taste:blue', 'card')]);
  expect(one).toMatchObject({ reach: 'own plate', severe: true, unsure: false });
  expect(one!.limits).toEqual([
    { what: 'allergen:fish', severity: 'allergy' },
    { what: 'diet:vegan', severity: 'diet' },
  ]);
  expect(one!.note).toHaveLength(500);
  expect(more).toHaveLength(1);
});

test('no more guests of a kind have limits than come', () => {
  const persons = [aGuest('taste:blue', 'card', { count: 2 })];
  expect(freeHeads({ guests, persons }, 'adult')).toBe(0);
  expect(freeKind({ guests, persons })).toBe('child');
  expect(withPerson({ guests, persons }, 0, { count: 9 })[0]!.count).toBe(2);
  expect(freeHeads({ guests: { adults: 0, children: 0, under5: 0, infants: 0 }, persons }, 'adult')).toBe(
    Infinity,
  );
});
