import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { canonicalText, hashOf } from '../units/index.js';
import { limitRow } from '../testing/guests.js';
import { aBrief } from '../testing/briefs.js';
import { briefFingerprint } from './fingerprint.js';

const base = briefFingerprint(aBrief());

test.each([
  [{ adventurous: 5 }],
  [{ sweetTooth: 5 }],
  [{ season: false }],
  [{ light: 'dim' }],
  [{ setting: 'outdoors, hot' }],
  [{ theme: { holds: 'milk', is: 'goat' } }],
  [{ schools: { cover: 'three milks', aim: null, company: null } }],
  [{ budget: { amount: 9000, per: 'total' } }],
  [{ limits: [limitRow('taste:blue')] }],
  [{ guests: { adults: 13 } }],
])('the pick can feel %j', (more) => expect(briefFingerprint(aBrief(more))).not.toBe(base));

test.each([
  [{ place: 'the slipway' }],
  [{ occasion: 'a launch' }],
  [{ surface: 'slate' }],
  [{ travelMinutes: 20 }],
  [{ manner: 'lavish' }],
  [{ apart: 1 }],
])('the pick cannot feel %j', (more) => expect(briefFingerprint(aBrief(more))).toBe(base));

test('equal values have equal text, whatever the order of their keys', () => {
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (record) => {
      const turned = Object.fromEntries(Object.entries(record).reverse());
      expect(canonicalText(turned)).toBe(canonicalText(record));
      expect(hashOf(canonicalText(turned))).toBe(hashOf(canonicalText(record)));
    }),
  );
});

test('a hash is 14 hexadecimal digits, and one letter changes it', () => {
  fc.assert(
    fc.property(fc.string(), (text) => {
      expect(hashOf(text)).toMatch(/^[0-9a-f]{14}$/);
      expect(hashOf(`${text}.`)).not.toBe(hashOf(text));
    }),
  );
});
