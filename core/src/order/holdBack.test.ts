import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { aGuest } from '../testing/guests.js';
import { aBrief } from '../testing/briefs.js';
import { anOrder } from '../testing/orders.js';
import { holdBack } from './holdBack.js';
import { OrderBody } from './order.js';

const saved = anOrder({ title: 'saved', note: 'kept' });

test('a document that is whole goes as it is', () => {
  const order = anOrder({ title: 'new' });
  expect(holdBack(order, saved)).toEqual({ order, refused: [] });
  expect(holdBack(order, saved).order).toBe(order);
});

test.each([
  ['brief.occasion', { brief: { ...aBrief(), occasion: 'x'.repeat(121) } }],
  [
    'selection.goods',
    { selection: { ...saved.selection, goods: Array.from({ length: 30 }, (_, i) => `g${i}`) } },
  ],
  [
    'brief.persons.0.note',
    { brief: { ...aBrief(), persons: [aGuest('taste:blue', 'card', { note: 'x'.repeat(501) })] } },
  ],
  ['title', { title: '   ' }],
  ['note', { note: 'x'.repeat(4001) }],
])('a %s that cannot be stored is named, and the rest goes', (field, wrong) => {
  const order = { ...saved, customer: 'new customer', ...wrong } as OrderBody;
  const { order: sent, refused } = holdBack(order, saved);
  expect(refused.map((r) => r.field)).toEqual([field]);
  expect(refused[0]!.says).toMatch(/./);
  expect(OrderBody.safeParse(sent).success).toBe(true);
  expect(sent.customer).toBe('new customer');
});

test('fewer heads than guests with limits: both are named, and both stay as they were', () => {
  const brief = {
    ...aBrief({ guests: { adults: 1 } }),
    persons: [aGuest('taste:blue', 'card', { count: 2 })],
  };
  const { order, refused } = holdBack({ ...saved, brief, customer: 'new customer' }, saved);
  expect(refused.map((r) => r.field)).toEqual(['brief.guests', 'brief.persons']);
  expect(refused[0]!.says).toBe('2 adults have limits, but 1 come: count more of them, or fewer with limits');
  expect(OrderBody.safeParse(order).success).toBe(true);
  expect(order.customer).toBe('new customer');
});

test('however many fields are wrong, what is sent can be stored', () => {
  const text = fc.string({ maxLength: 300 });
  fc.assert(
    fc.property(text, text, text, fc.integer({ min: -5, max: 20_000 }), (title, occasion, place, adults) => {
      const brief = { ...saved.brief, occasion, place, guests: { ...saved.brief.guests, adults } };
      const { order, refused } = holdBack({ ...saved, title, brief }, saved);
      expect(OrderBody.safeParse(order).success).toBe(true);
      if (refused.length === 0) expect(order).toEqual({ ...saved, title, brief });
    }),
  );
});
