import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { chokingRowOf, fitsLimit, LIMITS, newLimit, notForSmall } from '../care/index.js';
import { aGuest, limitRow } from '../testing/guests.js';
import { boardEatersOf, boardGroupsOf, DEFAULT_HOUSE, eatersOf } from '../brief/index.js';
import { isMain, type Companion, type Good } from '../counter/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, aMeat, demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan } from '../testing/planned.js';

const counter = demoCounter();
const picked = ['wren-curd', 'halyard', 'cinder-ewe', 'tarpot', 'slate-quay', 'bosun-ham', 'fennel-coil'];
const planOf = (brief: Record<string, unknown>, goods: readonly Good[] = counter) =>
  plan(anOrder({ brief: aBrief(brief), selection: { goods: picked } }), goods, DEFAULT_HOUSE);
const onPlate = (what: string) => ({ ...limitRow(what), reach: 'own plate' });

describe('an own plate is food', () => {
  test('a guest without gluten gets cheese, meat, a bread without gluten, fruit and something sweet', () => {
    const [plate] = planOf({ limits: [onPlate('allergen:gluten')] }).ownPlates;
    const parts = plate!.lines.map(({ part }) => part);
    expect(parts).toEqual(expect.arrayContaining(['cheese', 'meat', 'bread', 'fruit', 'sweet']));
    for (const { good } of plate!.lines)
      expect(fitsLimit(good, limitRow('allergen:gluten')).fits).toBe('yes');
    expect(plate!.missing).toEqual([]);
  });

  test('its grams are the usual share of the role; cheese and meat come from the board where it suits', () => {
    // A drink with no dinner: 85 to 115 g of cheese and 50 to 60 g of meat an adult (docs/trade.md `brief/practice GRAMS_PER_ADULT`); mid 100 and 55.
    const [plate] = planOf({ limits: [onPlate('allergen:gluten')] }).ownPlates;
    const sum = (part: string) =>
      plate!.lines.filter((l) => l.part === part).reduce((all, l) => all + l.net, 0);
    expect([sum('cheese'), sum('meat'), sum('bread')]).toEqual([100, 55, 40]);
    for (const line of plate!.lines.filter((l) => isMain(l.good))) expect(line.onBoard).toBe(true);
    for (const line of plate!.lines) expect(line.gross).toBeGreaterThanOrEqual(line.net);
  });

  test('where neither cheese nor meat may be, spreads, vegetables and nuts make up the weight', () => {
    const [plate] = planOf({ limits: [onPlate('diet:vegan')] }).ownPlates;
    const inPlace = plate!.lines.filter((l) => l.part === 'in place');
    expect(inPlace.length).toBeGreaterThan(1);
    expect(inPlace.reduce((all, l) => all + l.net, 0)).toBe(155);
    expect(plate!.missing).toEqual(['cheese', 'meat']);
  });

  test('without cheese the meat is half as much again, and the rest of its weight comes from what is beside', () => {
    const [plate] = planOf({ limits: [onPlate('allergen:milk')] }).ownPlates;
    const sum = (part: string) =>
      plate!.lines.filter((l) => l.part === part).reduce((all, l) => all + l.net, 0);
    expect([sum('cheese'), sum('meat'), sum('in place')]).toEqual([0, 55 + 28, 100 - 28]);
  });

  test('nothing lies on it of which there is nothing', () => {
    // A nibble has no nuts; and of little meat the spread makes up all.
    for (const what of LIMITS.map(({ id }) => id))
      for (const role of ['nibble', 'dessert'])
        for (const { lines } of planOf({ role, limits: [onPlate(what)] }).ownPlates)
          expect(lines.filter(({ net }) => net <= 0).map(({ good }) => `${what} ${good.id}`)).toEqual([]);
  });

  test('limits of one guest share a plate that meets them all; others have their own', () => {
    const three = [
      { ...onPlate('allergen:milk'), who: 'Ada' },
      { ...onPlate('allergen:gluten'), who: 'ada ' },
      onPlate('diet:vegetarian'),
    ];
    const { ownPlates } = planOf({ limits: three });
    expect(ownPlates).toHaveLength(2);
    for (const { good } of ownPlates[0]!.lines)
      for (const limit of three.slice(0, 2)) expect(fitsLimit(good, limit as never).fits).toBe('yes');
  });

  test('what nothing on the counter serves is said', () => {
    const wheat = aCompanion('loaf', { role: 'bread', allergens: { contains: ['wheat'], rest: 'free' } });
    const [plate] = planOf({ limits: [onPlate('allergen:gluten')] }, [aCheese('halyard'), wheat]).ownPlates;
    expect(plate!.missing).toContain('bread');
  });
});

// Source: common practice, no source: six of twelve guests on an own plate are not fed from the board.
test('the board stops feeding those who eat from their own plate', () => {
  const all = planOf({ guests: { adults: 12 } });
  const half = planOf({ guests: { adults: 12 }, limits: [{ ...onPlate('diet:vegan'), guests: 6 }] });
  expect(half.targets.boardEaters).toBe(6);
  expect(half.targets.cheeses.total).toBe(all.targets.cheeses.total / 2);
  expect(half.portions.netMeat).toBe(all.portions.netMeat / 2);
});

describe('a plate is for somebody', () => {
  const guestsOn = (adults: number, ...limits: object[]) =>
    planOf({ guests: { adults }, limits }).ownPlates.map(({ who, guests, limits: of }) => [
      who,
      guests,
      of.map(({ what }) => what).join(' '),
    ]);
  const of = (what: string, who: string, guests = 1) => ({ ...onPlate(what), who, guests });
  test('there is none for nobody: no guests, or fewer than plates', () => {
    expect(guestsOn(0, of('diet:vegan', 'Ada'))).toEqual([]);
    // Three take a plate, two come: the second meets what the third asked for, so that no limit is lost.
    expect(
      guestsOn(2, of('diet:vegan', 'Ada'), of('allergen:fish', 'Bo'), of('allergen:eggs', 'Cy')),
    ).toEqual([
      ['Ada', 1, 'diet:vegan'],
      ['Bo', 1, 'allergen:fish allergen:eggs'],
    ]);
    // Each plate leaves a head to those after it.
    expect(guestsOn(5, of('diet:vegan', 'Ada', 9), of('allergen:fish', 'Bo', 3))).toEqual([
      ['Ada', 4, 'diet:vegan'],
      ['Bo', 1, 'allergen:fish'],
    ]);
  });
  test('it meets every limit that bears its guest’s name, whatever the reach of each', () => {
    const limits = [
      of('allergen:fish', 'Ada'),
      { ...limitRow('taste:blue'), reach: 'card', who: ' ada ' },
      { ...limitRow('allergen:sesame'), reach: 'card', who: 'ADA' },
      { ...limitRow('taste:hot'), reach: 'card', who: 'Bo' },
    ];
    expect(guestsOn(6, ...limits)).toEqual([['Ada', 1, 'allergen:fish taste:blue allergen:sesame']]);
    const p = planOf({ guests: { adults: 6 }, limits });
    const [plate] = p.ownPlates;
    for (const { good } of plate!.lines)
      for (const limit of plate!.limits) expect(fitsLimit(good, limit).fits).toBe('yes');
    // Whoever eats from a plate is no guest of the board as well.
    expect(boardGroupsOf(p.brief).reduce((sum, group) => sum + group.heads, 0)).toBe(5);
  });
});

test('whoever has a plate: nothing on it is against a limit, nobody is counted twice, no grams are lost', () => {
  const ids = LIMITS.map((rule) => rule.id);
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.constantFrom(...ids), { minLength: 1, maxLength: 4 }),
      fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 4, maxLength: 4 }),
      fc.integer({ min: 0, max: 8 }),
      fc.integer({ min: 0, max: 4 }),
      fc.boolean(),
      (what, guests, adults, children, sameGuest) => {
        const limits = what.map((id, i) => ({
          ...onPlate(id),
          guests: guests[i],
          who: sameGuest ? 'X' : '',
        }));
        const brief = { guests: { adults, children }, limits };
        const p = planOf(brief);
        const eaters = p.ownPlates.reduce((sum, plate) => sum + plate.eaters, 0);
        expect(boardEatersOf(p.brief) + eaters).toBeCloseTo(eatersOf(p.brief), 9);
        for (const plate of p.ownPlates) {
          for (const { good, net, gross } of plate.lines) {
            for (const limit of plate.limits) expect(fitsLimit(good, limit).fits).toBe('yes');
            expect(net).toBeGreaterThanOrEqual(0);
            expect(Number.isFinite(gross)).toBe(true);
          }
          const ids = plate.lines.map(({ good }) => good.id);
          expect(new Set(ids).size).toBe(ids.length);
        }
      },
    ),
    { numRuns: 40 },
  );
});

describe('children under 5', () => {
  // Source: public-health advice on choking, widely published.
  test('they have plates of their own, in forms that they cannot choke on; the board stays as it is', () => {
    const p = planOf({ guests: { adults: 6, under5: 2 } });
    const [plate, ...more] = p.ownPlates;
    expect(more).toEqual([]);
    expect(plate).toMatchObject({ small: true, guests: 2, person: null });
    for (const { good } of plate!.lines) expect(notForSmall(good)).toBeNull();
    for (const { good, net } of plate!.lines)
      if (chokingRowOf(good))
        expect(p.children).toContainEqual(expect.objectContaining({ good, grams: net }));
    expect(p.mains.map(({ id }) => id)).toEqual(planOf({ guests: { adults: 6 } }).mains.map(({ id }) => id));
    expect(planOf({ guests: { adults: 6 } }).children).toEqual([]);
  });

  test('a child with an allergy has a plate that meets both', () => {
    const persons = [aGuest('allergen:gluten', 'own plate', { head: 'under5', who: 'Mo' })];
    const p = planOf({ guests: { adults: 6, under5: 2 }, persons });
    expect(p.ownPlates.map(({ who, guests, small }) => [who, guests, small])).toEqual([
      ['Mo', 1, true],
      ['', 1, true],
    ]);
    for (const { good } of p.ownPlates[0]!.lines) {
      expect(fitsLimit(good, newLimit('allergen:gluten')).fits).toBe('yes');
      expect(notForSmall(good)).toBeNull();
    }
  });

  test.each([
    ['walnut halves', { role: 'nut', rolls: true, crunch: 8 }, 'finely ground'],
    ['grape in clusters', { role: 'fruit', rolls: true, crunch: 4 }, 'quartered lengthways'],
    ['cherry tomato', { role: 'vegetable', rolls: true, crunch: 2 }, 'quartered lengthways'],
    ['green olive, stoned', { role: 'brine', rolls: true, crunch: 3 }, 'stoned, quartered lengthways'],
    ['young carrot', { role: 'vegetable', crunch: 8 }, 'in thin ribbons'],
  ])('%s', (style, more, form) => {
    const beside = aCompanion('b', { style, ...more });
    const p = plan(
      anOrder({
        brief: aBrief({ guests: { adults: 4, under5: 1 } }),
        selection: { goods: ['c'] },
        extras: ['b'],
      }),
      [aCheese('c', { texture: 'bloomy' }), beside],
      DEFAULT_HOUSE,
    );
    expect(p.children.find((line) => line.good.id === 'b')?.form).toBe(form);
  });

  // Source: public-health advice on choking names sausages of every making; the trade's list says thin strips.
  // Source: public-health advice on feeding young children (NHS, FSA), from memory: no raw milk, no cheese that ripens by mould,
  // no soft blue, no pâté, no raw sausage.
  test.each([
    ['raw milk', aCheese('g', { texture: 'hard', treatment: 'raw' })],
    ['ripened by mould', aCheese('g', { texture: 'bloomy', treatment: 'pasteurised' })],
    ['soft blue', aCheese('g', { texture: 'blue', treatment: 'pasteurised' })],
    ['pâté', aMeat('g', { process: 'pate' })],
    ['raw spreadable sausage', aMeat('g', { process: 'raw spreadable' })],
    ['dry raw sausage', aMeat('g', { process: 'fermented', build: 'coarse' })],
    ['milk treated nobody knows how', aCheese('g', { texture: 'firm', treatment: 'unknown' })],
  ])('%s is on no plate of theirs; something of its kind is, if there is any', (_, good) => {
    const mild = aCheese('mild', { texture: 'firm', treatment: 'pasteurised' });
    const ham = aMeat('ham', { process: 'cooked', build: 'whole muscle' });
    const p = plan(
      anOrder({ brief: aBrief({ guests: { adults: 4, under5: 2 } }), selection: { goods: ['g'] } }),
      [good, mild, ham],
      DEFAULT_HOUSE,
    );
    expect(p.children.find((line) => line.good.id === 'g')).toMatchObject({ form: null, grams: 0 });
    expect(p.ownPlates[0]!.lines.map((line) => line.good.id)).toEqual(['mild', 'ham']);
  });

  // Source: public-health advice on choking, widely published, names pearls; 20 g is a ball that a small child can choke on.
  test('pearls of 20 g are quartered', () => {
    const pearls = aCheese('p', {
      name: 'Little Rounds',
      texture: 'fresh',
      treatment: 'pasteurised',
      rind: { kind: 'none', mm: 0, verdict: 'none' },
      form: { shape: 'ball', grams: 20, diameter: 33 },
    });
    const p = plan(
      anOrder({ brief: aBrief({ guests: { adults: 4, under5: 1 } }), selection: { goods: ['p'] } }),
      [pearls],
      DEFAULT_HOUSE,
    );
    expect(p.children).toMatchObject([{ good: { id: 'p' }, form: 'quartered' }]);
  });

  test.each([
    ['hot-smoked', 'casing off, in thin strips'],
    ['cooked', 'casing off, in thin strips'],
  ])('a %s sausage in thin strips', (process, form) => {
    const sausage = aMeat('s', { process, build: 'coarse' });
    const p = plan(
      anOrder({ brief: aBrief({ guests: { adults: 4, under5: 1 } }), selection: { goods: ['s'] } }),
      [sausage],
      DEFAULT_HOUSE,
    );
    expect(p.children).toMatchObject([{ good: { id: 's' }, form }]);
  });

  test('what is on an own plate or offered between steps has its safe form too', () => {
    const p = planOf({ guests: { adults: 6, under5: 2 }, limits: [onPlate('allergen:gluten')] });
    const offered = [
      ...p.ownPlates.flatMap((plate) => plate.lines.map(({ good }) => good)),
      ...(p.walk.steps.some((step) => step.cleanse) && p.cleanser ? [p.cleanser] : []),
    ];
    for (const good of offered) {
      const form = notForSmall(good) ? null : chokingRowOf(good)?.form;
      if (form !== undefined) expect(p.children.find((line) => line.good.id === good.id)?.form).toBe(form);
    }
  });

  test('their plate holds nothing without a safe form; no plate has honey where an infant sits', () => {
    const [nutty, plain] = ['a-nut-thin', 'plain-thin'].map((id) =>
      aCompanion(id, { role: 'cracker', crunch: 3 }),
    ) as [Companion, Companion];
    const shop = [
      aCheese('c', { texture: 'firm', treatment: 'pasteurised' }),
      { ...nutty, allergens: { ...nutty.allergens, contains: ['hazelnut' as const] } },
      plain,
      aCompanion('a-honey', { role: 'honey', contents: { honey: 'yes' } }),
      aCompanion('quince', { role: 'preserve' }),
    ];
    const brief = aBrief({
      guests: { adults: 4, under5: 1, infants: 1 },
      limits: [onPlate('allergen:fish')],
    });
    const p = plan(anOrder({ brief, selection: { goods: ['c'] } }), shop, DEFAULT_HOUSE);
    const idsOf = (small: boolean) =>
      p.ownPlates
        .filter((plate) => plate.small === small)
        .flatMap(({ lines }) => lines.map(({ good }) => good.id));
    expect(idsOf(true)).toEqual(expect.arrayContaining(['plain-thin', 'quince']));
    expect(idsOf(true)).not.toContain('a-nut-thin');
    expect([...idsOf(true), ...idsOf(false)]).not.toContain('a-honey');
  });

  test('popcorn has no safe form: it is on no plate of theirs', () => {
    const popcorn = aCompanion('a-pop', { style: 'salted popcorn', role: 'cracker', crunch: 8 });
    const rice = aCompanion('rice-thin', { role: 'cracker', crunch: 3 });
    const brief = aBrief({ guests: { adults: 4, under5: 1 } });
    const p = plan(
      anOrder({ brief, selection: { goods: ['c'] }, extras: ['a-pop'] }),
      [aCheese('c', { texture: 'firm', treatment: 'pasteurised' }), popcorn, rice],
      DEFAULT_HOUSE,
    );
    expect(p.children.find((line) => line.good.id === 'a-pop')).toMatchObject({ form: null });
    expect(p.ownPlates[0]!.lines.map(({ good }) => good.id)).toEqual(['c', 'rice-thin']);
  });
});
