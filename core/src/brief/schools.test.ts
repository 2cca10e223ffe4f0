import { describe, expect, test } from '@jest/globals';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, aMeat, demoCounter } from '../testing/goods.js';
import { isCheese } from '../counter/index.js';
import { Brief } from './brief.js';
import { House } from './house.js';
import { COVERS, COVER_SCHOOLS } from './schools.js';
import { inSeason, outOfSeason, seasonOf } from './season.js';
import { settled } from './settle.js';

// Source: common practice, no source, schools of cover.
describe('schools of cover', () => {
  const cheeses = demoCounter().filter(isCheese);
  test.each(COVER_SCHOOLS)('every place of "%s" can be filled on the demo counter', (school) => {
    for (const place of COVERS[school])
      expect({ place: place.id, filled: cheeses.some(place.fills) }).toEqual({
        place: place.id,
        filled: true,
      });
  });
  test('the counts are those that are taught', () => {
    expect(COVERS['five families'].map((p) => p.id)).toEqual([
      'fresh',
      'semi-soft',
      'bloomy',
      'hard',
      'blue',
    ]);
    expect(COVERS['five characters']).toHaveLength(5);
    expect(COVERS['three textures']).toHaveLength(3);
    expect(COVERS['hard and soft']).toHaveLength(2);
  });
});

describe('whose school is followed', () => {
  const house = House.parse({ cover: 'three milks', aim: 'contrast', company: 'a safe bet' });
  test('the house’s, unless the order has its own', () => {
    expect(settled(aBrief(), house).schools).toEqual({
      cover: 'three milks',
      aim: 'contrast',
      company: 'a safe bet',
    });
    const own = aBrief({ schools: { cover: 'five families', aim: null, company: 'free' } });
    expect(settled(own, house).schools).toEqual({ cover: 'five families', aim: 'contrast', company: 'free' });
  });
  test('a flight leaves no place to a cover', () => {
    const flight = aBrief({ flight: { kind: 'vertical', of: 'Tern Hill' } });
    expect(settled(flight, house).schools).toMatchObject({ cover: 'free', company: 'free' });
  });
});

describe('season', () => {
  const fruit = (style: string) => aCompanion('f', { style, role: 'fruit' });
  // Common practice, no source: a northern temperate year.
  test.each([
    ['strawberries', '2026-06-10', true],
    ['strawberries', '2026-12-10', false],
    ['ripe pear', '2026-11-01', true],
    ['tangerine', '2026-12-20', true],
    ['fresh fig', '2026-03-01', false],
  ])('%s on %s: %p', (style, date, at) => {
    expect(inSeason(fruit(style), { servingAt: date })).toBe(at);
    expect(outOfSeason(fruit(style), { servingAt: date })).toBe(!at);
  });
  test('what has no season is neither in nor out of it', () => {
    for (const good of [
      aMeat('m'),
      aCheese('c'),
      aCompanion('h', { role: 'honey', style: 'heather honey' }),
    ]) {
      expect(seasonOf(good)).toBeNull();
      expect([
        inSeason(good, { servingAt: '2026-06-10' }),
        outOfSeason(good, { servingAt: '2026-06-10' }),
      ]).toEqual([false, false]);
    }
  });
  test('young goat’s cheese is at its best while goats graze', () => {
    const young = aCheese('g', { texture: 'fresh', ageDays: 10, milk: [{ animal: 'goat', share: 1 }] });
    expect(inSeason(young, { servingAt: '2026-05-01' })).toBe(true);
    expect(inSeason(young, { servingAt: '2026-12-01' })).toBe(false);
  });
  test('a fruit is not found inside another word', () => {
    expect(seasonOf(fruit('pineapple rings'))).toBeNull();
    expect(seasonOf(fruit('grapefruit'))).toBeNull();
  });
});

describe('a brief left alone is sensible; nonsense is refused with what would do', () => {
  test('a head count and a time are enough', () => {
    expect(Brief.parse({ servingAt: '2026-11-28T18:30', guests: { adults: 4 } })).toMatchObject({
      role: 'drinks',
      setting: 'indoors',
      adventurous: 3,
      sweetTooth: 3,
      season: true,
      theme: null,
      flight: null,
      schools: { cover: null, aim: null, company: null },
    });
  });
  test.each([
    [{ servingAt: '28 November' }, 'a time is written'],
    [{ servingAt: '2026-02-31T25:00' }, 'no such day'],
    [{ budget: { amount: 0, per: 'total' } }, 'more than nothing'],
    [{ limits: [{ what: 'allergen:moon', severity: 'allergy', reach: 'board' }] }, 'no such limit'],
    [{ theme: { holds: 'mood', is: 'blue' } }, 'Invalid'],
    [{ travelMinutes: -5 }, 'Too small'],
  ])('%j', (part, says) => {
    const parsed = Brief.safeParse({ servingAt: '2026-11-28T18:30', guests: { adults: 4 }, ...part });
    expect(parsed.success).toBe(false);
    expect(parsed.error!.issues.map((issue) => issue.message).join(' ')).toContain(says);
  });
});
