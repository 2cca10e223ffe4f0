import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sector } from '../cut/index.js';
import type { Board } from './boards.js';
import { behindDividers } from './dividers.js';
import { BOARD_RULES } from './rules/boardRules.js';
import { totalCost } from './rules/judge.js';
import { PAIR_RULES } from './rules/pairRules.js';
import type { Ground, Placed } from './rules/placed.js';
import { PATTERN_RULES } from './rules/patternRules.js';
import { PLACE_RULES } from './rules/placeRules.js';
import { GROUP_SCHOOLS, MEAT_SCHOOLS, USUAL_SCHOOLS, type LaySchools } from './schools.js';
import { PLAIN, type Thing, type Traits } from './thing.js';

/** Every rule of laying alone: when it speaks, what silences it, and that it never rises when things get better. */

const BOARD: Board = {
  id: 'b',
  name: 'b',
  material: 'wood',
  length: 760,
  width: 760,
  round: true,
  rim: 0,
  thick: 28,
  count: 1,
};
const GROUND: Ground = { board: BOARD, carried: false, sides: 2, apart: false, schools: USUAL_SCHOOLS };

const thing = (id: string, traits: Partial<Traits> = {}, more: Partial<Thing> = {}): Thing => ({
  id,
  name: id,
  lies: 'whole',
  outline: sector(30, 0, 360),
  area: Math.PI * 900,
  height: 20,
  grams: 100,
  pieces: 1,
  colours: ['#888888'],
  traits: { ...PLAIN, kind: 'cheese', colour: '#888888', ...traits },
  vessel: null,
  beside: [],
  ...more,
});
const at = (one: Thing, x: number, y = 0, towards: number | null = null): Placed => ({
  thing: one,
  x,
  y,
  turn: 0,
  discs: [{ x, y, r: 30 }],
  towards,
  pinned: false,
});
const bowl = (id: string, traits: Partial<Traits> = {}) =>
  thing(id, { kind: 'companion', ...traits }, { lies: 'vessel' });

const reachOf = (outline: Thing['outline']) => Math.max(...outline.map(([x, y]) => Math.hypot(x, y)));
const pair = (rule: string) => PAIR_RULES.find((row) => row.rule === rule)!;
const cost = (rule: string, a: Thing, b: Thing, gap: number, ground = GROUND) =>
  pair(rule).of(a, b, ground) ? Math.max(0, pair(rule).cost(at(a, 0), at(b, gap + 60), gap)) : 0;

describe('two things', () => {
  // Distances: docs/trade.md `lay/rules/pairRules APART` (washed rind from what is delicate 150 mm, wet from crisp a bowl's width; common practice).
  test.each([
    ['strong-beside-delicate', thing('a', { strong: true }), thing('b', { delicate: true }), 100, 160],
    ['wet-beside-crisp', thing('a', { wet: true }), thing('b', { crisp: true }), 40, 90],
    // Common practice, no source: a hot dish 60 mm from anything cold.
    ['hot-beside-cold', thing('a', { hot: true }), thing('b', { cold: true }), 40, 61],
    ['juice-on-pale', thing('a', { runs: true }), thing('b', { colour: '#fdf8ea' }), 5, 20],
    ['avoided-beside-suited', thing('a', { avoided: true }), thing('b'), 10, 40],
    ['soft-beside-soft', thing('a', { soft: true }), thing('b', { soft: true }), 20, 70],
    ['wall-of-bowls', bowl('a'), bowl('b'), 5, 40],
    [
      'repeated-side-by-side',
      thing('a', { kind: 'companion' }),
      thing('a--2', { kind: 'companion' }),
      50,
      260,
    ],
    ['one-colour', thing('a'), thing('b'), 2, 60],
  ] as const)(
    '%s: near it speaks, far it is silent, and of others it says nothing',
    (rule, a, b, near, far) => {
      expect(cost(rule, a, b, near)).toBeGreaterThan(0);
      expect(cost(rule, b, a, near)).toBeCloseTo(cost(rule, a, b, near), 9);
      expect(cost(rule, a, b, far)).toBe(0);
      // From where it is said to be silent it is.
      expect(cost(rule, a, b, pair(rule).silentFrom)).toBe(0);
      const other = thing('c', { kind: 'meat', colour: '#203060' });
      if (rule !== 'avoided-beside-suited')
        expect(cost(rule, other, thing('d', { kind: 'meat', colour: '#e8c020' }), near)).toBe(0);
    },
  );
  test('what belongs together costs the more the further it lies: companions and knives', () => {
    const cheese = thing('a');
    const jam = thing('j', { kind: 'companion' }, { beside: ['a'] });
    const knife = thing('a--knife-1', { kind: 'tool' }, { beside: ['a'] });
    for (const [rule, other] of [
      ['apart-from-its-company', jam],
      ['knife-away-from-its-cheese', knife],
    ] as const) {
      expect(cost(rule, cheese, other, 0)).toBe(0);
      expect(cost(rule, cheese, other, 60)).toBeGreaterThan(cost(rule, cheese, other, 30));
      expect(cost(rule, thing('z'), other, 60)).toBe(0);
    }
  });
  test('a bowl holds what a guest avoids; food that touches matters only where a guest minds', () => {
    const held = bowl('a', { avoided: true });
    expect(cost('avoided-beside-suited', { ...held, vessel: {} as never }, thing('b'), 0)).toBe(0);
    expect(cost('kinds-touch', thing('a'), thing('b'), 0)).toBe(0);
    expect(cost('kinds-touch', thing('a'), thing('b'), 0, { ...GROUND, apart: true })).toBeGreaterThan(0);
  });
  test('a divider stops juice, damp and crumbs, not smell or heat; it takes its wall’s room', () => {
    const walled = (one: Thing) => behindDividers([one], [one.id])[0]!;
    for (const [rule, a, b] of [
      ['wet-beside-crisp', thing('a', { wet: true }), thing('b', { crisp: true })],
      ['juice-on-pale', thing('a', { runs: true }), thing('b', { colour: '#fdf8ea' })],
    ] as const) {
      expect(cost(rule, a, b, 5)).toBeGreaterThan(0);
      expect([cost(rule, walled(a), b, 5), cost(rule, a, walled(b), 5)]).toEqual([0, 0]);
    }
    const [avoided, suited] = [thing('a', { avoided: true }), thing('b')];
    expect(cost('avoided-beside-suited', avoided, suited, 0)).toBeGreaterThan(0);
    expect(cost('avoided-beside-suited', walled(avoided), suited, 0)).toBe(0);
    // A wall round the other leaves it open all the same.
    expect(cost('avoided-beside-suited', avoided, walled(suited), 0)).toBeGreaterThan(0);
    for (const [rule, a, b] of [
      ['strong-beside-delicate', thing('a', { strong: true }), thing('b', { delicate: true })],
      ['hot-beside-cold', thing('a', { hot: true }), thing('b', { cold: true })],
      ['overlaps', thing('a'), thing('b')],
    ] as const)
      expect(cost(rule, walled(a), walled(b), 0)).toBeGreaterThan(0);
    expect(reachOf(walled(thing('a')).outline)).toBeCloseTo(reachOf(thing('a').outline) + 6, 9);
    const patch = thing('p', {}, { lies: 'patch' });
    expect(Math.sqrt(walled(patch).area / Math.PI)).toBeCloseTo(36, 9);
    expect(walled(patch).outline).toBe(patch.outline);
    // What has a wall, or needs none, stays as it is.
    for (const one of [bowl('a'), thing('k', { kind: 'tool' }), thing('u', {}, { bare: thing('u') })])
      expect(walled(one)).toBe(one);
    expect(behindDividers([thing('a--2')], ['a'])[0]!.divided).toBeDefined();
  });
  test('by the other school it is the break of colours that costs, not their likeness', () => {
    const [red, yellow] = ['#902020', '#e8c020'].map((colour) => thing(colour, { colour })) as [Thing, Thing];
    const echo: Ground = { ...GROUND, schools: { ...USUAL_SCHOOLS, colours: 'echo' } };
    expect(cost('colours-break', red, yellow, 2, echo)).toBeGreaterThan(0);
    expect(cost('colours-break', red, yellow, 21, echo)).toBe(0);
    expect(cost('colours-break', thing('a'), thing('b'), 2, echo)).toBe(0);
    expect(cost('one-colour', thing('a'), thing('b'), 2, echo)).toBe(0);
    expect(cost('colours-break', red, yellow, 2)).toBe(0);
  });
  test('overlapping is hard, and never cheaper the deeper it is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (gap, more) => {
          expect(cost('overlaps', thing('a'), thing('b'), gap - more)).toBeGreaterThanOrEqual(
            cost('overlaps', thing('a'), thing('b'), gap),
          );
        },
      ),
    );
    expect(pair('overlaps').hard).toBe(true);
  });
});

const place = (rule: string, one: Placed, ground = GROUND) =>
  PLACE_RULES.find((row) => row.rule === rule)!.cost(one, ground);

describe('one thing', () => {
  // Source: common practice, no source: 40 mm from an edge without a rim, 80 when carried; bowls 20; a hand reaches 350 mm.
  test('what rolls keeps off the rim, further when it is carried; a rim holds it', () => {
    const nuts = at(thing('n', { rolls: true }), 315);
    expect(place('rolls-near-the-rim', nuts)).toBeGreaterThan(0);
    expect(place('rolls-near-the-rim', at(nuts.thing, 300))).toBe(0);
    expect(place('rolls-near-the-rim', at(nuts.thing, 290), { ...GROUND, carried: true })).toBeGreaterThan(0);
    expect(place('rolls-near-the-rim', nuts, { ...GROUND, board: { ...BOARD, rim: 20 } })).toBe(0);
  });
  test('nothing stands over the rim, of a knife only the blade', () => {
    expect(place('over-the-rim', at(thing('a'), 360))).toBeGreaterThan(0);
    expect(place('over-the-rim', at(thing('a'), 340))).toBe(0);
    const knife = {
      ...at(thing('k', { kind: 'tool' }), 340),
      discs: [300, 330, 360, 390].map((x) => ({ x, y: 0, r: 20 })),
    };
    expect(place('over-the-rim', knife)).toBe(0);
    expect(place('over-the-rim', { ...knife, discs: [...knife.discs].reverse() })).toBeGreaterThan(0);
  });
  test('bowls stand inside the rim, jam near it', () => {
    expect(place('bowl-at-the-rim', at(bowl('b'), 340))).toBeGreaterThan(0);
    expect(place('bowl-at-the-rim', at(bowl('b'), 320))).toBe(0);
    const jam = bowl('j', { drips: true });
    expect(place('jam-far-from-the-rim', at(jam, 0))).toBeGreaterThan(0);
    expect(place('jam-far-from-the-rim', at(jam, 260))).toBe(0);
  });
  test('the walk runs clockwise from the top', () => {
    expect(place('against-the-walk', at(thing('a'), 200, 0, 90))).toBe(0);
    expect(place('against-the-walk', at(thing('a'), -200, 0, 90))).toBeGreaterThan(2);
    // Meats in a pattern of their own leave it.
    const mirrored: Ground = { ...GROUND, schools: { ...USUAL_SCHOOLS, meats: 'mirrored' } };
    const meat = at(thing('m', { kind: 'meat' }), -200, 0, 90);
    expect(place('against-the-walk', meat, mirrored)).toBe(0);
    expect(place('against-the-walk', meat)).toBeGreaterThan(2);
    expect(place('against-the-walk', at(thing('a'), -200, 0, 90), mirrored)).toBeGreaterThan(2);
  });
  // Common practice, no source: whole pieces may stand at the rim, cut face outwards.
  test('a cut face looks at the nearest guest; in the middle of a round it is seen from anywhere', () => {
    const cut = (x: number, y: number, turn: number): Placed => ({
      ...at(thing('c', { face: 0 }), x, y),
      turn,
    });
    const round: Ground = { ...GROUND, sides: 4 };
    expect(place('face-turned-away', cut(200, 0, 90), round)).toBe(0);
    expect(place('face-turned-away', cut(200, 0, 270), round)).toBe(1);
    expect(place('face-turned-away', cut(200, 0, 0), round)).toBeLessThan(1);
    expect(place('face-turned-away', cut(0, 10, 0), round)).toBe(0);
    // From one side all faces look at those who stand there; from two at the nearer of them.
    expect(place('face-turned-away', cut(0, -200, 180), { ...GROUND, sides: 1 })).toBe(0);
    expect(place('face-turned-away', cut(0, -200, 0))).toBe(0);
    expect(place('face-turned-away', cut(0, 200, 0))).toBe(1);
    expect(place('face-turned-away', at(thing('w'), 200))).toBe(0);
  });
  test('within 350 mm of a hand, from the sides that are open', () => {
    const far = at(thing('a'), 0, -20);
    expect(place('out-of-reach', far, { ...GROUND, sides: 1 })).toBeGreaterThan(0);
    expect(place('out-of-reach', at(thing('a'), 0, 60), { ...GROUND, sides: 1 })).toBe(0);
    expect(place('out-of-reach', far)).toBeGreaterThan(0);
    expect(place('out-of-reach', at(thing('a'), 300, 0), { ...GROUND, sides: 4 })).toBe(0);
  });
});

const whole = (rule: string, placed: readonly Placed[], ground = GROUND) =>
  BOARD_RULES.find((row) => row.rule === rule)!
    .watch(placed, ground)()
    .filter(({ cost: c }) => c > 0);

describe('the whole board', () => {
  test('bread within an arm of what is soft, where there is bread', () => {
    const soft = at(thing('s', { soft: true }), -300);
    const bread = thing('l', { kind: 'companion', carrier: true });
    expect(whole('no-bread-in-reach', [soft])).toEqual([]);
    expect(whole('no-bread-in-reach', [soft, at(bread, 300)])).toMatchObject([{ subject: 's' }]);
    expect(whole('no-bread-in-reach', [soft, at(bread, 0)])).toEqual([]);
  });
  test('a fold leans on something that stands', () => {
    const fold = at(thing('f', { kind: 'meat', leans: true }), 0);
    expect(whole('leans-on-nothing', [fold, at(thing('a', {}, { height: 40 }), 200)])).toMatchObject([
      { subject: 'f' },
    ]);
    expect(whole('leans-on-nothing', [fold, at(thing('a', {}, { height: 40 }), 65)])).toEqual([]);
    expect(whole('leans-on-nothing', [fold, at(thing('a', {}, { height: 10 }), 65)])).toEqual([]);
  });
  test('every third has something tall, once there are three that are', () => {
    const tall = (id: string, x: number) => at(thing(id, {}, { height: 60 }), x);
    expect(whole('nothing-tall-in-a-third', [tall('a', 300), tall('b', 300)])).toEqual([]);
    expect(whole('nothing-tall-in-a-third', [tall('a', 300), tall('b', 310), tall('c', 0)])).toMatchObject([
      { name: 'left' },
    ]);
    expect(whole('nothing-tall-in-a-third', [tall('a', 300), tall('b', 0), tall('c', -300)])).toEqual([]);
  });
  // Common practice, no source: what is full and what is bare are shared out over the board.
  test('what lies there has its middle near the middle of the board; a knife weighs nothing', () => {
    const heap = (id: string, x: number, area = 5000) => at(thing(id, {}, { area }), x);
    expect(whole('heavy-on-one-side', [heap('a', 200), heap('b', -200)])).toEqual([]);
    expect(whole('heavy-on-one-side', [heap('a', 200), heap('b', -100, 10_000)])).toEqual([]);
    const [right] = whole('heavy-on-one-side', [heap('a', 200), heap('b', -50)]);
    expect(right).toMatchObject({ gap: 90 });
    const [further] = whole('heavy-on-one-side', [heap('a', 300), heap('b', -50)]);
    expect(further!.cost).toBeGreaterThan(right!.cost);
    const knife = at(thing('k', { kind: 'tool' }, { area: 50_000 }), 300);
    expect(whole('heavy-on-one-side', [heap('a', 200), heap('b', -200), knife])).toEqual([]);
  });
});

// Common practice, no source: a knife's width, 30 mm, beside every whole piece (common practice).
describe('room for the knife', () => {
  const cheese = at(thing('c'), 0);
  const knife = at(thing('c--knife', { kind: 'tool' }, { beside: ['c'] }), 0, 80);
  const ring = (far: number, height = 40, many = 12) =>
    Array.from({ length: many }, (_, i) => {
      const a = (2 * Math.PI * i) / 12;
      return at(thing(`r${i}`, {}, { height }), far * Math.cos(a), far * Math.sin(a));
    });
  const told = (placed: readonly Placed[]) => whole('no-room-for-the-knife', placed);
  test('walled in on all sides it has none; a gap, low neighbours or a wider ring give it some', () => {
    expect(told([cheese, knife, ...ring(65)])).toMatchObject([{ subject: 'c' }]);
    expect(told([cheese, knife, ...ring(65, 40, 8)])).toEqual([]);
    expect(told([cheese, knife, ...ring(65, 15)])).toEqual([]);
    expect(told([cheese, knife, ...ring(95)])).toEqual([]);
    expect(told([cheese, ...ring(65)])).toEqual([]);
  });
  test('a brick that is walled in has none though it is long; with one long side free it has', () => {
    const brick = (of: Placed): Placed => ({ ...of, discs: [-60, 0, 60].map((x) => ({ x, y: 0, r: 30 })) });
    const wall = (x: number, y: number, i: number) => at(thing(`w${i}`, {}, { height: 40 }), x, y);
    const above = [-120, -60, 0, 60, 120].map((x, i) => wall(x, -65, i));
    const below = [-120, -60, 0, 60, 120].map((x, i) => wall(x, 65, 10 + i));
    const ends = [wall(-125, 0, 20), wall(125, 0, 21)];
    expect(told([brick(cheese), knife, ...above, ...below, ...ends])).toMatchObject([{ subject: 'c' }]);
    expect(told([brick(cheese), knife, ...above, ...ends])).toEqual([]);
  });
  test('the nearer they crowd, the dearer', () => {
    const [near] = told([cheese, knife, ...ring(65)]);
    const [wider] = told([cheese, knife, ...ring(75)]);
    expect(near!.cost).toBeGreaterThan(wider!.cost);
  });
});

describe('schools of meat and of groups', () => {
  const by = (schools: Partial<LaySchools>): Ground => ({
    ...GROUND,
    schools: { ...USUAL_SCHOOLS, ...schools },
  });
  const meat = (id: string, x: number, y: number) => at(thing(id, { kind: 'meat' }), x, y);
  const ids = (rule: string, placed: readonly Placed[], schools: Partial<LaySchools>) =>
    whole(rule, placed, by(schools)).map(({ subject }) => subject);
  test('none speaks where it was not chosen', () => {
    const placed = [meat('a', 10, 0), meat('b', 200, 90), at(bowl('x'), 0), at(bowl('y'), 70)];
    for (const { rule } of PATTERN_RULES) expect(whole(rule, placed)).toEqual([]);
  });
  test('one patch: each touches one that is of it already, so that two pairs are not one patch', () => {
    const row = [meat('a', 0, 0), meat('b', 64, 0), meat('c', 128, 0)];
    expect(ids('meat-away-from-the-patch', row, { meats: 'one patch' })).toEqual([]);
    const pairs = [meat('a', -200, 0), meat('b', -140, 0), meat('c', 140, 0), meat('d', 200, 0)];
    expect(ids('meat-away-from-the-patch', pairs, { meats: 'one patch' })).toHaveLength(1);
  });
  test('mirrored: one answers the other left to right, or lies in the middle', () => {
    const answered = [meat('a', -150, 40), meat('b', 150, 40), meat('c', 0, -90)];
    expect(ids('meat-not-mirrored', answered, { meats: 'mirrored' })).toEqual([]);
    expect(ids('meat-not-mirrored', [...answered, meat('d', 80, -90)], { meats: 'mirrored' })).toEqual(['d']);
  });
  test('three areas: a third of a turn apart and none empty, wherever the first is', () => {
    const spot = (degrees: number, id: string) =>
      meat(id, 200 * Math.sin((degrees * Math.PI) / 180), -200 * Math.cos((degrees * Math.PI) / 180));
    for (const from of [0, 37, 100]) {
      const three = [spot(from, 'a'), spot(from + 120, 'b'), spot(from + 240, 'c')];
      expect(ids('meat-out-of-three-areas', three, { meats: 'three areas' })).toEqual([]);
    }
    const two = [spot(0, 'a'), spot(5, 'b'), spot(120, 'c')];
    expect(ids('meat-out-of-three-areas', two, { meats: 'three areas' })).toEqual(['c']);
    const between = [spot(0, 'a'), spot(120, 'b'), spot(240, 'c'), spot(180, 'd')];
    expect(ids('meat-out-of-three-areas', between, { meats: 'three areas' })).toEqual(['d']);
  });
  test('a diagonal, whichever of the two is nearer', () => {
    const down = [meat('a', -150, -150), meat('b', 0, 0), meat('c', 150, 150)];
    const up = down.map((one) => meat(one.thing.id, -one.x, one.y));
    expect(ids('meat-off-the-diagonal', down, { meats: 'diagonal' })).toEqual([]);
    expect(ids('meat-off-the-diagonal', up, { meats: 'diagonal' })).toEqual([]);
    expect(ids('meat-off-the-diagonal', [...down, meat('d', 150, 0)], { meats: 'diagonal' })).toEqual(['d']);
  });
  test('symmetry: what stands is answered by its like; a bowl does not answer a wheel, nor a small one a large one', () => {
    const large = thing('l', {}, { area: 9000 });
    const told = (placed: readonly Placed[]) => ids('nothing-answers-it', placed, { groups: 'symmetry' });
    expect(told([at(thing('a'), -200), at(thing('b'), 200), at(bowl('m'), 0, 100)])).toEqual([]);
    const apart = [at(thing('a'), -200, 100), at(thing('b'), 200)];
    expect(told(apart).sort()).toEqual(['a', 'b']);
    expect(told([...apart, at(bowl('m'), -200), at(large, 200, 100)]).sort()).toEqual(['a', 'b']);
    expect(told([at(thing('a'), -200), at(large, 200, 100)])).toEqual([]);
  });
  test('odd groups: bowls that stand together are one, three or five', () => {
    const bowls = (...xs: number[]) => xs.map((x, i) => at(bowl(`b${i}`), x));
    const told = (placed: readonly Placed[]) => ids('an-even-group', placed, { groups: 'odd groups' });
    expect(told(bowls(0, 90))).toEqual(['b0']);
    expect(told(bowls(0, 90, 180))).toEqual([]);
    expect(told(bowls(0, 200))).toEqual([]);
    expect(told(bowls(0, 90, 180, 270))).toEqual(['b0']);
    expect(told(bowls(0, 180, 90))).toEqual([]);
  });
});

test('a board mirrored with its walk costs the same, wherever things lie', () => {
  const spot = fc.record({
    x: fc.integer({ min: -380, max: 380 }),
    y: fc.integer({ min: -380, max: 380 }),
    turn: fc.integer({ min: 0, max: 359 }),
  });
  const schools = fc.record({
    meats: fc.constantFrom(...MEAT_SCHOOLS),
    groups: fc.constantFrom(...GROUP_SCHOOLS),
    sides: fc.constantFrom<1 | 2 | 4>(1, 2, 4),
  });
  fc.assert(
    fc.property(fc.array(spot, { minLength: 2, maxLength: 8 }), schools, (spots, { sides, ...school }) => {
      const ground: Ground = { ...GROUND, sides, schools: { ...USUAL_SCHOOLS, ...school } };
      const things = spots.map((_, i) =>
        thing(
          `t${i}`,
          {
            kind: i > 4 ? 'meat' : 'cheese',
            strong: i === 0,
            delicate: i === 1,
            soft: i % 2 === 0,
            face: i === 2 ? 0 : null,
          },
          { height: 20 + 15 * i, lies: i > 2 && i < 6 ? 'vessel' : 'whole' },
        ),
      );
      const knife = thing('t2--knife', { kind: 'tool' }, { beside: ['t2'] });
      const laid = (by: 1 | -1) => [
        ...spots.map(({ x, y, turn }, i) => ({
          ...at(things[i]!, by * x, y, i === 0 ? 90 * by + 180 : null),
          turn: by * turn,
        })),
        at(knife, by * 300, 0),
      ];
      const [left, right] = [totalCost(laid(1), ground), totalCost(laid(-1), ground)];
      expect(right).toBeCloseTo(left, 6);
    }),
  );
});
