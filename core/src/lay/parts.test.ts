import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import type { Cheese } from '../counter/index.js';
import { areaOf, type Cut, type CutStyleId } from '../cut/index.js';
import { holds } from './geometry.js';
import { layOut } from './layout.js';
import { mainThing } from './mainThing.js';
import { colourGap } from './rules/index.js';
import { PATTERN_RULES } from './rules/patternRules.js';
import { USUAL_SCHOOLS } from './schools.js';
import { arrange, type Arrangement } from './solve.js';
import { baseOf } from './thing.js';
import { aBrief } from '../testing/briefs.js';
import { aCheese, aCompanion, demoCounter } from '../testing/goods.js';
import { anOrder } from '../testing/orders.js';
import { plan, usesGood } from '../testing/planned.js';

/** Boards that differ: by kind, and the tiers of a stand. */

const counter = demoCounter();
const goods = ['wren-curd', 'halyard', 'tarpot', 'slate-quay', 'bosun-ham', 'harbourmaster'];
type Lay = { readonly schools?: object; readonly [field: string]: unknown };
const boardsOf = (brief: object, { schools = {}, ...lay }: Lay = {}, picked: readonly string[] = goods) => {
  const order = anOrder({
    brief: aBrief({ guests: { adults: 14 }, ...brief }),
    selection: { goods: picked },
  });
  const asked = { ...order.lay, ...lay, schools: { ...USUAL_SCHOOLS, ...schools } };
  return plan({ ...order, lay: asked }, counter, DEFAULT_HOUSE).boards;
};
const idsOf = ({ things }: { readonly things: readonly { readonly id: string }[] }) =>
  things.map(({ id }) => id);

describe('by kind', () => {
  const way = boardsOf({}).choices.find(({ spread }) => spread === 'by kind')!;
  const { laid } = boardsOf({}, { choice: way.id });

  test('cheeses lie on one, meats on the other, everything once, each board with a place for all of it', () => {
    expect(laid.map(({ key }) => key)).toEqual(['cheeses', 'meats']);
    const [cheeses, meats] = laid.map(({ things }) => things);
    expect(cheeses!.some(({ traits }) => traits.kind === 'meat')).toBe(false);
    expect(meats!.some(({ traits }) => traits.kind === 'cheese')).toBe(false);
    const together = boardsOf({}).laid.flatMap(idsOf);
    expect(laid.flatMap(idsOf).sort()).toEqual([...together].sort());
    for (const { question, things } of laid)
      expect(layOut({ ...question!, steps: 2000 }).placed).toHaveLength(things.length);
  });

  test('no board of the shop is taken more often than there are', () => {
    const used = way.parts.map(({ board }) => board);
    for (const { id, count } of used)
      expect(used.filter((one) => one.id === id).length).toBeLessThanOrEqual(count);
  });

  test('what is sent to another board lies there, with its copies, and nothing is lost', () => {
    const moved = boardsOf({}, { choice: way.id, sent: { halyard: 'meats' } }).laid;
    expect(idsOf(moved[1]!)).toContain('halyard');
    expect(moved.flatMap(idsOf).sort()).toEqual(laid.flatMap(idsOf).sort());
    // A place that this way does not have is no place.
    expect(boardsOf({}, { choice: way.id, sent: { halyard: 'top tier' } }).laid.map(idsOf)).toEqual(
      laid.map(idsOf),
    );
  });
});

test('one guest more or less keeps the way that a person took', () => {
  const box = { surface: 'boxes' };
  const large = boardsOf(box).choices.find(({ parts }) => parts[0]!.board.id === 'large box')!;
  const more = boardsOf({ ...box, guests: { adults: 15 } }, { choice: large.id });
  expect(more.choice).toMatchObject({ id: large.id, many: 15 });
  const kinds = boardsOf({}).choices.find(({ spread }) => spread === 'by kind')!;
  expect(boardsOf({ guests: { adults: 9 } }, { choice: kinds.id }).choice!.spread).toBe('by kind');
});

describe('a stand of tiers', () => {
  test('is offered only where the brief asks for one; the heaviest goods lie below', () => {
    expect(boardsOf({}).choices.some(({ spread }) => spread === 'tiers')).toBe(false);
    const { choices } = boardsOf({ surface: 'tiered stand' });
    const way = choices.find(({ spread }) => spread === 'tiers')!;
    const { laid } = boardsOf({ surface: 'tiered stand' }, { choice: way.id });
    expect(laid.map(({ key }) => key)).toEqual(['bottom tier', 'middle tier', 'top tier']);
    const heaviest = laid.map(({ things }) =>
      things.filter(({ traits }) => traits.kind !== 'companion').map(({ grams }) => grams),
    );
    const all = heaviest.flat();
    expect(Math.max(...heaviest[0]!)).toBe(Math.max(...all));
    for (const id of goods) expect(laid.flatMap(idsOf).filter((one) => one === id)).toHaveLength(1);
    expect(laid.every(({ facts }) => facts.includes('turn it with even weight'))).toBe(true);
  });
});

// Source: common practice, no source: a loaded board of 60 cm weighs 8 to 12 kg; one of 76 cm that is a third full of food is near it.
test('a loaded board weighs what it should', () => {
  const { laid } = boardsOf({});
  for (const { board, weight, things } of laid) {
    const food = things.reduce((sum, { grams }) => sum + grams, 0);
    expect(weight).toBeGreaterThan(food);
    if (board.length >= 600 && board.material === 'wood') {
      expect(weight).toBeGreaterThan(8000);
      expect(weight).toBeLessThan(16000);
    }
  }
});

test('garnish stands on the table: its allergens are told, its price is in the sum, the order keeps it; a guest’s limit takes it off and says so', () => {
  const sesame = aCompanion('sesame', {
    name: 'Toasted Sesame',
    role: 'garnish',
    price: { amount: 300, per: 'piece' },
    pack: { form: 'piece', grams: 20 },
    allergens: { contains: ['sesame'], rest: 'free' },
  });
  const order = anOrder({ brief: aBrief(), selection: { goods } });
  const asked = { ...order, lay: { ...order.lay, garnish: [{ id: 'sesame', sprigs: 4 }] } };
  const shelf = [...counter, sesame];
  const without = plan(order, shelf, DEFAULT_HOUSE);
  const withIt = plan(asked, shelf, DEFAULT_HOUSE);
  const bring = (made: typeof withIt) =>
    made.allergens.contains.filter(({ id }) => id === 'sesame').flatMap(({ goods: bringing }) => bringing);
  expect(bring(withIt)).toContain('sesame');
  expect(bring(without)).not.toContain('sesame');
  expect(withIt.sum.price - without.sum.price).toBe(300);
  expect(usesGood(asked, 'sesame')).toBe(true);
  const limits = [{ what: 'allergen:sesame', severity: 'allergy', reach: 'board', guests: 1, who: '' }];
  const stopped = plan({ ...asked, brief: aBrief({ limits }) }, shelf, DEFAULT_HOUSE);
  expect(stopped.boards.garnish).toEqual([]);
  expect(stopped.advice.map(({ rule }) => rule)).toContain('garnish-kept-off');
});

describe('schools of laying', () => {
  const all = (places: string, brief: object = {}) =>
    boardsOf(brief, { schools: { colours: 'contrast', places } }).laid.flatMap(({ things }) => things);
  const grams = (things: ReturnType<typeof all>) =>
    things.filter(({ traits }) => traits.kind !== 'tool').reduce((sum, one) => sum + one.grams, 0);
  const copies = (things: ReturnType<typeof all>) =>
    things.filter(({ id, traits }) => id.includes('--') && traits.kind === 'companion').length;
  // Common practice, no source: repeat a thing at two or three places on a walk-around board, cluster it once on a tasting board.
  test('in one place nothing lies twice; scattered more does, on a seated table too; no gram is lost', () => {
    expect(copies(all('clustered'))).toBe(0);
    expect(copies(all('scattered'))).toBeGreaterThan(copies(all('as the table asks')));
    expect(copies(all('scattered', { table: 'seated' }))).toBeGreaterThan(0);
    expect(copies(all('as the table asks', { table: 'seated' }))).toBe(0);
    expect(grams(all('scattered'))).toBeCloseTo(grams(all('clustered')), 6);
  });
  test('where colours go on, more of what lies side by side is alike', () => {
    // One board may be lucky: the mean of a few is compared.
    const alike = (colours: string) => [1, 2, 3].reduce((sum, seed) => sum + alikeOn(colours, seed), 0);
    const alikeOn = (colours: string, seed: number) => {
      const [board] = boardsOf({}, { seed, schools: { colours, places: 'clustered' } }).laid;
      const question = { ...board!.question!, steps: 6000 };
      const { placed } = layOut(question);
      const of = new Map(board!.things.map((thing) => [thing.id, thing]));
      const food = placed.filter(({ id }) => of.get(id)!.traits.kind !== 'tool');
      const gaps = food.flatMap((a, i) =>
        food
          .slice(i + 1)
          .flatMap((b) =>
            Math.hypot(a.x - b.x, a.y - b.y) < 150
              ? [colourGap(of.get(a.id)!.traits.colour, of.get(b.id)!.traits.colour)]
              : [],
          ),
      );
      return gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length;
    };
    expect(alike('echo')).toBeLessThan(alike('contrast'));
  });
  const missesOf = (rule: string, { placed, ground }: Arrangement) =>
    PATTERN_RULES.find((row) => row.rule === rule)!
      .watch(placed, ground)()
      .reduce((sum, { cost }) => sum + cost, 0);
  test('symmetry is what the search then lays: what lies twice answers itself, left and right', () => {
    const lay = { schools: { ...USUAL_SCHOOLS, places: 'scattered', groups: 'symmetry' } };
    const [board] = boardsOf({}, lay).laid;
    const laidBy = (groups: 'symmetry' | 'free') =>
      arrange({ ...board!.question!, steps: 6000, schools: { ...USUAL_SCHOOLS, groups } });
    const [answered, free] = [laidBy('symmetry'), laidBy('free')];
    const misses = (of: Arrangement) => missesOf('nothing-answers-it', { ...of, ground: answered.ground });
    expect(misses(answered)).toBeLessThan(0.6 * misses(free));
  });
  test('each school of meats is what the search then lays: nearer to its pattern than any other school comes', () => {
    const meats = [...goods, 'deckhand', 'quayside-peppered'];
    // On a board with room: a pattern needs some.
    const together = boardsOf({}, {}, meats)
      .choices.filter(({ spread }) => spread === 'together')
      .sort((a, b) => a.many - b.many || a.fullness - b.fullness)[0]!.id;
    const lay = { choice: together, schools: { ...USUAL_SCHOOLS, places: 'clustered' } };
    const question = { ...boardsOf({}, lay, meats).laid[0]!.question!, steps: 15_000 };
    const rows = (
      [
        [{ meats: 'one patch' }, 'meat-away-from-the-patch'],
        [{ meats: 'mirrored' }, 'meat-not-mirrored'],
        [{ meats: 'three areas' }, 'meat-out-of-three-areas'],
        [{ meats: 'diagonal' }, 'meat-off-the-diagonal'],
      ] as const
    ).map(([school, rule]) => ({
      rule,
      laid: arrange({ ...question, schools: { ...USUAL_SCHOOLS, ...school } }),
    }));
    for (const { rule, laid } of rows) {
      const misses = (of: Arrangement) => missesOf(rule, { ...of, ground: laid.ground });
      const others = rows.flatMap((row) => (row.rule === rule ? [] : [misses(row.laid)]));
      const mean = others.reduce((sum, one) => sum + one, 0) / others.length;
      expect(misses(laid)).toBeLessThan(0.6 * mean);
    }
  });
  // Common practice, no source: mirrored, in three areas or along a diagonal; common practice, no source.
  test.each([
    ['as they go', ['bosun-ham'], 1],
    ['one patch', ['bosun-ham'], 1],
    ['mirrored', ['bosun-ham'], 2],
    ['mirrored', ['bosun-ham', 'deckhand'], 4],
    ['three areas', ['bosun-ham'], 3],
    ['three areas', ['bosun-ham', 'deckhand'], 4],
    ['three areas', ['bosun-ham', 'deckhand', 'harbourmaster'], 3],
    ['diagonal', ['bosun-ham'], 3],
  ] as const)('meats that lie %s, of %j, lie in %i places, and no gram is lost', (meats, picked, places) => {
    const meatOf = (school: string) =>
      boardsOf({}, { schools: { ...USUAL_SCHOOLS, meats: school } }, ['halyard', 'tarpot', ...picked])
        .laid.flatMap(({ things }) => things)
        .filter(({ traits }) => traits.kind === 'meat');
    const sum = (things: ReturnType<typeof meatOf>) => things.reduce((total, { grams: g }) => total + g, 0);
    const parts = meatOf(meats);
    expect(parts).toHaveLength(places);
    expect(new Set(parts.map(({ id }) => id)).size).toBe(places);
    expect(sum(parts)).toBeCloseTo(sum(meatOf('as they go')), 6);
  });
  test('a meat that is mirrored lies left and right, not twice on the middle line', () => {
    const lay = { schools: { ...USUAL_SCHOOLS, meats: 'mirrored' } };
    const [board] = boardsOf({}, lay, ['halyard', 'tarpot', 'bosun-ham']).laid;
    const [one, other] = arrange({ ...board!.question!, steps: 6000 }).placed.filter(
      ({ thing }) => thing.traits.kind === 'meat',
    );
    expect(Math.sign(one!.x)).toBe(-Math.sign(other!.x));
    expect(Math.hypot(one!.x + other!.x, one!.y - other!.y)).toBeLessThan(60);
  });
  test('a meat of which there is little is parted less, and what lies in a box is not', () => {
    const lay = { schools: { ...USUAL_SCHOOLS, meats: 'three areas' } };
    const parts = (brief: object) =>
      boardsOf(brief, lay, ['halyard', 'bosun-ham'])
        .laid.flatMap(({ things }) => things)
        .filter(({ id }) => id.startsWith('bosun-ham'));
    expect(parts({ guests: { adults: 1 } })).toHaveLength(2);
    expect(parts({ surface: 'boxes', role: 'box' }).every(({ id }) => id === 'bosun-ham')).toBe(true);
  });
  test('in odd groups what lies in several places lies in three, left and right in two', () => {
    const counts = (groups: string) =>
      [4, 6, 8, 14, 20].flatMap((adults) => {
        const brief = { guests: { adults }, table: 'walk around' };
        const { laid } = boardsOf(brief, { schools: { places: 'scattered', groups } });
        const ids = laid.flatMap(({ things }) =>
          things.flatMap((thing) => (thing.traits.kind === 'companion' ? [baseOf(thing)] : [])),
        );
        return [...new Set(ids)].map((id) => ids.filter((one) => one === id).length);
      });
    expect(counts('free')).toContain(2);
    expect(counts('odd groups').every((n) => n === 1 || n === 3)).toBe(true);
    expect(Math.max(...counts('symmetry'))).toBe(2);
  });
});

describe('what stands whole', () => {
  const disc = aCheese('w', { form: { shape: 'wheel', grams: 1000, diameter: 200, height: 40 } });
  const half = aCheese('h', { form: { shape: 'half wheel', grams: 500, diameter: 200, height: 40 } });
  const standing = (main: Cheese, grams: number, styleId: CutStyleId = 'spread blue') => {
    const cut = { styleId, whole: true, net: grams, pieces: 1, pieceGrams: 60, height: 40, outline: [] };
    const laid = { main, cut: cut as unknown as Cut, step: 1, share: 1 };
    return mainThing(laid, [], aBrief(), 1);
  };
  const round = Math.PI * 100 ** 2;
  test('a share of a wheel is the wedge of it that it is, its cut faces to the top; a whole one has none', () => {
    for (const [main, grams] of [
      [disc, 250],
      [disc, 500],
      [half, 500],
      [half, 250],
    ] as const) {
      const thing = standing(main, grams);
      expect(areaOf(thing.outline)).toBeCloseTo((grams / 1000) * round, -1);
      expect(thing.traits.face).toBe(0);
      // The apex, or the flat of a half, is what lies highest; the rind is below.
      const ys = thing.outline.map(([, y]) => y);
      const highest = thing.outline.filter(([, y]) => y < Math.min(...ys) + 1);
      expect(highest.every(([x]) => Math.abs(x) < 101)).toBe(true);
      expect(Math.max(...ys)).toBeGreaterThan(0);
    }
    expect(standing(disc, 1000).traits.face).toBeNull();
    expect(areaOf(standing(disc, 1000).outline)).toBeCloseTo(round, -1);
  });
  test('with its first wedge out the gap weighs what the wedge does, and looks to the top', () => {
    const thing = standing(disc, 1000, 'first wedge out');
    // 60 of 1000 g are 21.6 degrees; less than 24 is not seen.
    expect(areaOf(thing.outline)).toBeCloseTo(round * (1 - 24 / 360), -1);
    expect(thing.traits.face).toBe(0);
    expect(holds(thing.outline, 0, -60)).toBe(false);
    expect(holds(thing.outline, 0, 60)).toBe(true);
  });
});
