import { expect, test } from '@jest/globals';
import { aCompanion, demoCounter } from '../testing/goods.js';
import { edibleShare } from './edible.js';

const of = (style: string, more = {}) => edibleShare(aCompanion('x', { style, ...more }));

// Source: USDA National Nutrient Database, refuse (skin, core, stones), from memory; within three points.
test.each([
  ['fresh pineapple', 'fruit', 51],
  ['ripe orange melon', 'fruit', 51],
  ['tangerine', 'fruit', 74],
  ['pear', 'fruit', 90],
  ['fresh cherry', 'fruit', 90],
  ['soft date', 'dried fruit', 90],
  ['strawberry', 'fruit', 94],
  ['raw fennel', 'vegetable', 72],
])('%s yields about its edible share', (style, role, percent) => {
  expect(Math.abs(100 * of(style, { role }) - percent)).toBeLessThanOrEqual(3);
});

test('what has lost its stones loses none again, and berries are eaten whole', () => {
  expect(of('stoned prune', { role: 'dried fruit' })).toBe(1);
  expect(of('dried apricot', { role: 'dried fruit' })).toBe(1);
  expect(of('blueberry')).toBe(1);
});

test('olives lose brine, and their stones where they have them', () => {
  const stoned = of('green olive, stoned', { role: 'brine' });
  const whole = of('wrinkled black olive', { role: 'brine' });
  expect(stoned).toBeLessThan(1);
  expect(whole).toBeCloseTo(0.8 * stoned, 9);
});

test('a jar in brine counts without its liquid: as it says, else by the usual share', () => {
  const jar = { role: 'brine', pack: { form: 'jar', grams: 330 } };
  expect(of('small gherkin', { ...jar, drainedGrams: 198 })).toBeCloseTo(0.6, 9);
  expect(of('small gherkin', jar)).toBe(0.55);
});

test('the shop’s own figure stands above the table', () => {
  expect(of('fresh pineapple', { edibleShare: 0.6 })).toBe(0.6);
});

test('every companion of the demo is eaten at a share above a half', () => {
  for (const good of demoCounter())
    if (good.kind === 'companion') expect(edibleShare(good)).toBeGreaterThan(0.4);
});
