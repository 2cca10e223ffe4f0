import { expect, test } from '@jest/globals';
import { plan, type Reason } from '@rotula/core';
import { seededShops } from '../../../core/src/testing/anyShop';
import { formatFor } from '../ui/format';
import { say } from '../language/say';
import './lay';
import './menu';
import { sentence } from './sentence';

/** What no sentence may hold: the tail of a sum, or a figure that is none. */
const RAW = /\d\.\d{3,}|\d[eE][+-]\d|NaN|Infinity|undefined|\[object/;

/** Every reason in a plan, wherever it stands: advice, cautions, what speaks for a cut, a pair, a place. */
function* reasonsIn(value: unknown, seen = new Set<object>()): Generator<Reason> {
  if (typeof value !== 'object' || value === null || seen.has(value)) return;
  seen.add(value);
  if ('rule' in value && 'figures' in value && 'effect' in value) yield value as Reason;
  const inside = value instanceof Map || value instanceof Set ? [...value.values()] : Object.values(value);
  for (const part of inside) yield* reasonsIn(part, seen);
}

test('figures reach sentences through the formats only: all that 150 seeded orders say', () => {
  const rules = new Set<string>();
  const raw: string[] = [];
  for (const { order, shelf, house } of seededShops(31, 150)) {
    const made = plan(order, shelf, house);
    const format = formatFor(house);
    for (const why of reasonsIn([
      made.advice,
      made.cautions,
      made.portions,
      made.targets,
      made.pairs.byGood,
    ])) {
      rules.add(why.rule);
      const said = sentence(why, format);
      if (RAW.test(said)) raw.push(`${why.rule}: ${said}`);
    }
  }
  expect([...new Set(raw)].slice(0, 5)).toEqual([]);
  // Else nothing was asked of it.
  expect(rules.size).toBeGreaterThan(60);
});

test('a sum of fractions is told as a person would', () => {
  expect(say`a jump of ${1.2 * 3}`).toBe('a jump of 3.6');
  expect(say`${7} of ${0.1 + 0.2}`).toBe('7 of 0.3');
});
