import { describe, expect, test } from '@jest/globals';
import { besideTotal } from '../amount/index.js';
import {
  DEFAULT_HOUSE,
  House,
  inSeason,
  inSeasonOn,
  outOfSeason,
  settled,
  type Brief,
} from '../brief/index.js';
import { isCheese, isMain, type Cheese, type Main } from '../counter/index.js';
import { homeOf, measure, originsOf, surpriseOf } from '../balance/index.js';
import { gentlerFor, NO_WISHES, pick } from '../pick/index.js';
import { isDivisive, LENSES, tagsOf } from '../sense/index.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, aMeat, demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan } from '../testing/planned.js';
import { besideSteps, cheeseFor } from './index.js';

const counter = demoCounter();
const settledBrief = (more = {}) => settled(aBrief(more), DEFAULT_HOUSE);
const proposed = (more: Record<string, unknown>): Main[] => {
  const { goodIds } = pick(aBrief(more), counter, DEFAULT_HOUSE, NO_WISHES, { nodeLimit: 3000 });
  return goodIds!.map((id) => counter.find((good) => good.id === id) as Main);
};
const STEPS = [1, 2, 3, 4, 5];

// Source: common practice, no source: "timid guests want cow's milk and a known name; adventurous ones want the pungent and the odd".
describe('how adventurous', () => {
  test('the more timid, the more of the cheeses are cow’s milk and the less pungent they are', () => {
    // Over tables of several sizes: a single board of a few cheeses may tie.
    const boards = STEPS.map((adventurous) =>
      [4, 8, 14].flatMap((adults) =>
        proposed({ adventurous, guests: { adults, children: 0, under5: 0, infants: 0 } }).filter(isCheese),
      ),
    );
    const cow = (cheeses: readonly Cheese[]) =>
      cheeses.reduce((sum, { milk }) => sum + (milk.find((m) => m.animal === 'cow')?.share ?? 0), 0) /
      cheeses.length;
    const funk = (cheeses: readonly Cheese[]) => Math.max(...cheeses.map(({ sense }) => sense.funk));
    expect(cow(boards[0]!)).toBeGreaterThan(cow(boards[4]!));
    expect(funk(boards[0]!)).toBeLessThan(funk(boards[4]!));
  });
});

describe('the sweet tooth', () => {
  const sweet = aCheese('s', { flavours: ['caramel'] }, { sweet: 6 });
  test('has five steps that differ, in what is picked and in how much that is sweet stands beside', () => {
    const fits = STEPS.map((sweetTooth) => measure([sweet], settledBrief({ sweetTooth })).fit);
    const honey = STEPS.map((sweetTooth) => besideTotal(aBrief({ sweetTooth }), 'honey'));
    for (const rising of [fits, honey])
      for (let i = 1; i < STEPS.length; i++) expect(rising[i]!).toBeGreaterThan(rising[i - 1]!);
    expect(fits[2]).toBe(0);
  });
  test('bread is the same for all of them', () => {
    expect(new Set(STEPS.map((sweetTooth) => besideTotal(aBrief({ sweetTooth }), 'bread'))).size).toBe(1);
  });
});

describe('what the brief asks is used', () => {
  const order = anOrder({ selection: { goods: ['halyard', 'slate-quay', 'kestrel-ash', 'bosun-ham'] } });
  const withBrief = (part: Partial<Brief>) =>
    JSON.stringify(
      plan({ ...order, brief: { ...order.brief, ...part } }, counter, DEFAULT_HOUSE),
      (key, value) => (key === 'brief' ? undefined : value),
    );
  const now = withBrief({});
  test.each<[keyof Brief, Partial<Brief>]>([
    ['role', { role: 'meal' }],
    ['setting', { setting: 'outdoors, hot' }],
    ['light', { light: 'dim' }],
    ['surface', { surface: 'salt block' }],
    ['travelMinutes', { travelMinutes: 40 }],
    ['drinkers', { drinkers: 0 }],
    ['adventurous', { adventurous: 1 }],
    ['sweetTooth', { sweetTooth: 5 }],
    ['lowCarb', { lowCarb: 2 }],
    ['apart', { apart: 1 }],
    ['table', { table: 'seated' }],
    ['hours', { hours: 6 }],
    ['manner', { manner: 'lavish' }],
    ['openSides', { openSides: 1 }],
    ['roomCelsius', { roomCelsius: 25 as never }],
    ['journeyCelsius', { journeyCelsius: 25 as never, travelMinutes: 30 }],
  ])('%s changes the plan', (_, part) => expect(withBrief(part)).not.toBe(now));
});

test('the size of a table is read where it is the board', () => {
  const order = anOrder({
    brief: aBrief({ surface: 'bare table' }),
    selection: { goods: ['halyard', 'bosun-ham'] },
  });
  const size = { length: 1800 as never, width: 800 as never };
  const on = (tableSize: typeof size | null) =>
    plan({ ...order, brief: { ...order.brief, tableSize } }, counter, DEFAULT_HOUSE).boards.choice!.parts[0]!
      .board;
  expect(on(size)).toMatchObject(size);
  expect(on(null)).not.toMatchObject(size);
});

describe('season', () => {
  // Source: common practice, no source: strawberries are a thing of May to July; in the southern half of November to January.
  test('the southern year is turned by six months', () => {
    const strawberries = aCompanion('s', { role: 'fruit', style: 'strawberries' });
    const at = (country: string, servingAt: string) =>
      inSeason(strawberries, settled(aBrief({ servingAt }), House.parse({ country })));
    expect([at('GB', '2027-06-12T18:00'), at('NZ', '2027-06-12T18:00')]).toEqual([true, false]);
    expect([at('GB', '2026-12-12T18:00'), at('NZ', '2026-12-12T18:00')]).toEqual([false, true]);
  });
  test('the list names what is at its best on the day, and nothing that is out of season', () => {
    const day = settledBrief({ servingAt: '2026-11-28T18:00' });
    const list = inSeasonOn(counter, day);
    expect(list.length).toBeGreaterThan(2);
    for (const good of list) expect(outOfSeason(good, day)).toBe(false);
    expect(list.map(({ style }) => style).join()).not.toMatch(/strawberr/);
  });
});

describe('where it comes from', () => {
  test('countries are counted, home ground against travelled', () => {
    const from = (id: string, country: string) => aCheese(id, { origin: { region: id, country } });
    const shelf = [from('a', 'Here'), from('b', 'Here'), from('c', 'There'), from('d', 'Yonder')];
    expect(homeOf(shelf)).toBe('Here');
    expect(originsOf([shelf[0]!, shelf[2]!, shelf[3]!], 'Here')).toMatchObject({
      regions: 3,
      home: 'Here',
      atHome: 1,
      travelled: 2,
      countries: [{ country: 'Here', goods: 1 }, { country: 'There' }, { country: 'Yonder' }],
    });
  });
});

describe('the surprise and the optional', () => {
  test('a surprise says what few others on the counter are', () => {
    const cows = ['a', 'b', 'c', 'd', 'e', 'f'].map((id) => aCheese(id));
    const odd = aCheese('odd', {
      known: 'surprise',
      milk: [{ animal: 'buffalo', share: 1 }],
      rind: { kind: 'leaf', mm: 1, verdict: 'decoration' },
    });
    expect(surpriseOf(odd, [...cows, odd])!.figures.odd).toEqual([
      { of: 'milk', is: 'buffalo' },
      { of: 'rind', is: 'leaf' },
    ]);
    expect(surpriseOf(cows[0]!, cows)).toBeNull();
    for (const main of counter.filter(isMain))
      if (main.known === 'surprise') expect(surpriseOf(main, counter)!.figures.odd.length).toBeGreaterThan(0);
  });
  test('a divisive good has a gentler version of its own kind, and what divides nobody has none', () => {
    const strong = counter.find(({ id }) => id === 'blackwater-blue') as Cheese;
    const gentler = gentlerFor(strong, counter, [strong], settledBrief()) as Cheese;
    expect(isDivisive(strong)).toBe(true);
    expect([gentler.texture, gentler.sense.intensity < strong.sense.intensity]).toEqual(['blue', true]);
    const plain = counter.find((good) => isMain(good) && !isDivisive(good)) as Main;
    expect(gentlerFor(plain, counter, [], settledBrief())).toBeNull();
  });
});

// Source: common practice, no source, five tastes over the whole board: drinks stand beside it, and "spicy" is a family.
test('a drink brings no taste to the board; spicy is a family of companions', () => {
  const wine = counter.find((good) => good.kind === 'drink')!;
  const tastes: readonly string[] = LENSES.find(({ id }) => id === 'tastes')!.tags;
  expect(tagsOf(wine).filter((tag) => tastes.includes(tag))).toEqual([]);
  expect(LENSES.find(({ id }) => id === 'families')!.tags).toContain('spicy');
  expect(tagsOf(aCompanion('hot', {}, { heat: 4 }))).toContain('spicy');
});

describe('advice on the whole board names what would mend it', () => {
  const adviceOn = (goods: readonly Main[], more: readonly Main[] = [], brief = {}) =>
    plan(
      anOrder({ brief: aBrief(brief), selection: { goods: goods.map(({ id }) => id) } }),
      [...goods, ...more],
      DEFAULT_HOUSE,
    ).advice;
  test('all strong: a gentle cheese of the counter is named as relief', () => {
    const strong = ['a', 'b', 'c'].map((id) => aCheese(id, {}, { intensity: 8 }));
    const gentle = aCheese('gentle', { name: 'Gentle' }, { intensity: 3 });
    const of = (more: readonly Main[]) =>
      adviceOn(strong, more).find(({ rule }) => rule === 'strong-with-no-relief')!.figures;
    expect(of([gentle])).toMatchObject({ relief: 'Gentle' });
    expect(of([])).toMatchObject({ relief: null });
  });
  test('one milk on most of the board is said, unless it is the theme or a timid table’s cow', () => {
    const cows = ['a', 'b', 'c', 'd'].map((id) => aCheese(id));
    const ewe = aCheese('ewe', { name: 'Ewe', milk: [{ animal: 'sheep', share: 1 }] });
    const rules = (brief: object) => adviceOn(cows, [ewe], brief).map(({ rule }) => rule);
    const told = adviceOn(cows, [ewe]).find(({ rule }) => rule === 'one-milk')!;
    expect(told.figures).toEqual({ animal: 'cow', cheeses: 4, of: 4, instead: 'Ewe' });
    expect(rules({ theme: { holds: 'milk', is: 'cow' } })).not.toContain('one-milk');
    expect(rules({ adventurous: 1 })).not.toContain('one-milk');
  });
  test('a jump of three points is said, with what lies between', () => {
    const at = (id: string, intensity: number) => aCheese(id, { name: id }, { intensity });
    const told = adviceOn([at('mild', 3), at('near', 5), at('far', 8)], [at('bridge', 6.5)]);
    expect(told.filter(({ rule }) => rule === 'strength-jumps').map(({ figures }) => figures)).toEqual([
      { from: 'near', to: 'far', points: 3, between: 'bridge' },
    ]);
  });
  test('every meat has a cheese that suits it, or another meat is offered that has', () => {
    const fresh = aCheese('fresh', { texture: 'fresh' }, { intensity: 2, funk: 0, salty: 2, sweet: 2 });
    const hot = aMeat('hot', { name: 'Hot' }, { intensity: 9, heat: 8, salty: 6 });
    const mild = aMeat('mild', { name: 'Mild' }, { intensity: 3, heat: 0, salty: 4 });
    expect([cheeseFor(hot as never, [fresh]), cheeseFor(mild as never, [fresh])?.id]).toEqual([
      null,
      'fresh',
    ]);
    const told = adviceOn([fresh, hot], [mild]).find(({ rule }) => rule === 'meat-without-its-cheese')!;
    expect(told.figures).toEqual({ meat: 'Hot', instead: 'Mild' });
    expect(adviceOn([fresh, mild]).some(({ rule }) => rule === 'meat-without-its-cheese')).toBe(false);
  });
});

describe('money beside the cheese', () => {
  // Source: common practice, no source, money: after kinds and a second meat come rarer cheese and nuts.
  test('nuts are the first step, each step names a good not yet there, its cost and what it brings', () => {
    const p = plan(
      anOrder({ selection: { goods: ['halyard', 'slate-quay', 'bosun-ham'] } }),
      counter,
      DEFAULT_HOUSE,
    );
    const onBoard = [...p.mains, ...p.pairs.set.map(({ beside }) => beside)];
    const steps = besideSteps(p.mains, onBoard, counter, p.brief);
    expect(steps[0]!.good.role).toBe('nut');
    for (const { good, cost } of steps) {
      expect(onBoard.map(({ id }) => id)).not.toContain(good.id);
      expect(cost).toBeGreaterThan(0);
    }
  });
  test('nothing picked: nothing stands beside it, nothing is bought, nothing is shopped for', () => {
    const empty = plan(anOrder({}), counter, DEFAULT_HOUSE);
    expect([empty.pairs.set, empty.portions.companions, empty.sum.price]).toEqual([[], [], 0]);
  });
});
