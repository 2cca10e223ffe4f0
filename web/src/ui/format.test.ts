import { expect, test } from '@jest/globals';
import { House } from '@rotula/core';
import { formatFor, signed } from './format';

const metric = formatFor(House.parse({}));
const us = formatFor(House.parse({ units: 'US customary', currency: 'USD' }));

// Source: 1 oz = 28.349523125 g, 1 lb = 16 oz, 1 in = 25.4 mm, exactly (1959 agreement).
test('weights and lengths in the units of the house', () => {
  expect([metric.grams(277), metric.grams(1400), metric.mm(18)]).toEqual(['277 g', '1.40 kg', '18 mm']);
  expect([us.grams(453.59237), us.grams(56.69904625), us.mm(25.4)]).toEqual(['1.00 lb', '2.0 oz', '1.00 in']);
});

test('a range names its unit once, or both where they differ', () => {
  expect([metric.gramsRange(85, 115), metric.gramsRange(900, 1100)]).toEqual([
    '85 to 115 g',
    '900 g to 1.10 kg',
  ]);
  expect(us.gramsRange(85, 115)).toBe('3.0 to 4.1 oz');
});

test('lists read as they are said', () => {
  expect([metric.list(['a']), metric.list(['a', 'b']), metric.list(['a', 'b', 'c'])]).toEqual([
    'a',
    'a and b',
    'a, b and c',
  ]);
});

test('money by the currency’s own smallest unit', () => {
  expect(us.amount(18000)).toBe('180.00');
  expect(formatFor(House.parse({ currency: 'JPY' })).amount(18000)).toBe('18,000');
});

test('signed figures carry a true minus, and nothing is plain 0', () => {
  expect([signed(14), signed(-3), signed(0.04, 1)]).toEqual(['+14', '−3', '0']);
});
