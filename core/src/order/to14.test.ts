import { describe, expect, test } from '@jest/globals';
import { briefFingerprint, DEFAULT_HOUSE, plateGuestsOf } from '../brief/index.js';
import { canonicalText, hashOf } from '../units/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { OrderBody } from './order.js';
import { plan } from './plan.js';
import { to14 } from './to14.js';

/** An order of format 13 with these rows of limits. */
const order13 = (limits: readonly object[], more: Record<string, unknown> = {}) => {
  const { persons: _, steamed: __, ...brief } = aBrief({ guests: { adults: 4, children: 1 } });
  return { ...anOrder({}), ...more, brief: { ...brief, limits } };
};
const row = (what: string, more: object = {}) => ({
  what,
  severity: 'allergy',
  reach: 'own plate',
  guests: 1,
  who: '',
  note: '',
  ...more,
});
const lifted = (limits: readonly object[], more = {}) =>
  OrderBody.parse(to14(order13(limits, more) as never));

describe('rows of limits become guests', () => {
  test('rows of one name are one guest, with the strictest reach and every note', () => {
    const { brief } = lifted([
      row('allergen:fish', { who: 'Ada', note: 'since school' }),
      row('taste:blue', { who: ' ada ', severity: 'dislike', reach: 'card' }),
      row('allergen:sesame', { who: 'ADA', reach: 'board', note: 'a little' }),
    ]);
    expect(brief.persons).toMatchObject([
      { who: 'Ada', count: 1, reach: 'board', note: 'since school; a little', unsure: false },
    ]);
    expect(brief.persons[0]!.limits.map(({ what }) => what)).toEqual([
      'allergen:fish',
      'taste:blue',
      'allergen:sesame',
    ]);
  });
  test('rows without a name are groups of their own count, by kinds of heads, never more than come', () => {
    const { brief } = lifted([row('diet:vegan', { guests: 9, severity: 'diet' })]);
    expect(brief.persons.map(({ count, head }) => [count, head])).toEqual([
      [4, 'adult'],
      [1, 'child'],
    ]);
  });
  test('two plates without a name meet the limits of both until somebody says; of a finished order they stay as they were', () => {
    const two = [row('allergen:milk'), row('allergen:gluten')];
    const platesOf = (state: string) =>
      plateGuestsOf(lifted(two, { state }).brief).map(({ limits }) => limits.map(({ what }) => what));
    expect(platesOf('in work')).toEqual([
      ['allergen:milk', 'allergen:gluten'],
      ['allergen:gluten', 'allergen:milk'],
    ]);
    expect(platesOf('finished')).toEqual([['allergen:milk'], ['allergen:gluten']]);
    const open = plan(lifted(two, { state: 'in work' }), demoCounter(), DEFAULT_HOUSE);
    expect(open.dangers.map(({ rule }) => rule)).toEqual(['guests-unsure']);
  });
  test('small children are no limit any more', () => {
    expect(lifted([row('risk:young', { reach: 'board' })]).brief.persons).toEqual([]);
  });
});

test('whoever had seen the brief has still seen it; whoever had not has not', () => {
  const limits = [row('allergen:milk', { who: 'Ada' })];
  const unfelt = ['place', 'occasion', 'table', 'surface', 'travelMinutes', 'manner', 'apart', 'lowCarb'];
  const alsoUnfelt = [
    'hours',
    'roomCelsius',
    'journeyCelsius',
    'timeZone',
    'tableSize',
    'openSides',
    'wares',
  ];
  const { brief } = order13(limits);
  const at13 = hashOf(
    canonicalText(
      Object.fromEntries(Object.entries(brief).filter(([key]) => ![...unfelt, ...alsoUnfelt].includes(key))),
    ),
  );
  const withPrint = (briefFingerprint: string) =>
    lifted(limits, { selection: { ...anOrder({}).selection, briefFingerprint } });
  const seen = withPrint(at13);
  expect(seen.selection.briefFingerprint).toBe(briefFingerprint(seen.brief));
  const unseen = withPrint('other');
  expect(unseen.selection.briefFingerprint).toBe('other');
});
