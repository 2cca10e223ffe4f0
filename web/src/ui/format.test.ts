import { expect, test } from '@jest/globals';
import { House } from '@rotula/core';
import { formatFor, saysInUs, signed } from './format';

const metric = formatFor(House.parse({}));
const us = formatFor(House.parse({ units: 'US customary', currency: 'USD' }));

// Source: 1 oz = 28.349523125 g, 1 lb = 16 oz, 1 in = 25.4 mm, exactly (1959 agreement).
test('weights and lengths in the units of the house', () => {
  expect([metric.grams(277), metric.grams(1400), metric.mm(18)]).toEqual(['277 g', '1.40 kg', '18 mm']);
  expect([us.grams(453.59237), us.grams(56.69904625), us.mm(25.4)]).toEqual(['1.00 lb', '2.0 oz', '1.00 in']);
});

test('the sentences of core are said in the same units, everything else stands', () => {
  expect(saysInUs('85 to 115 g an adult')).toBe('3.0 to 4.1 oz an adult');
  expect(saysInUs('coins, 10 mm')).toBe('coins, 0.39 in');
  expect(saysInUs('14 people: 3 to 5 cheeses; 5 here')).toBe('14 people: 3 to 5 cheeses; 5 here');
  expect(metric.says('61 g of rind')).toBe('61 g of rind');
  expect(metric.says('ready when Ines tasted it, 2026-11-23')).toBe('ready when Ines tasted it, 23/11/2026');
  const american = formatFor(House.parse({ units: 'US customary', currency: 'USD', country: 'US' }));
  expect(american.says('28.35 g, tasted 2026-11-23')).toBe('1.0 oz, tasted 11/23/2026');
});

test('money by the currency’s own smallest unit', () => {
  expect(us.amount(18000)).toBe('180.00');
  expect(formatFor(House.parse({ currency: 'JPY' })).amount(18000)).toBe('18,000');
});

test('signed figures carry a true minus, and nothing is plain 0', () => {
  expect([signed(14), signed(-3), signed(0.04, 1)]).toEqual(['+14', '−3', '0']);
});
