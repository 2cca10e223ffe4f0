import { expect, test } from '@jest/globals';
import { Cheese, measure, MILKS, TEXTURES, type Texture } from '@rotula/core';
import { Brief } from '@rotula/core';
import { CENTRE, FIELD, HUB, milkArcs, sectorsOf, TOKEN, tokensOf } from './wheelLayout';

const SENSE = {
  sweet: 2,
  sour: 2,
  salty: 4,
  bitter: 1,
  umami: 4,
  fat: 6,
  heat: 0,
  smoke: 0,
  funk: 2,
  persistence: 4,
};
const cheese = (
  id: string,
  texture: string,
  intensity: number,
  milk: { animal: string; share: number }[] = [{ animal: 'cow', share: 1 }],
) =>
  Cheese.parse({
    kind: 'cheese',
    id,
    name: id,
    style: 'test',
    price: { amount: 1, per: 'kg' },
    pack: { form: 'cut to order' },
    colours: ['#e9d6a2'],
    sense: { ...SENSE, intensity },
    texture,
    milk,
    ageDays: 100,
    rind: { kind: 'none', mm: 0, verdict: 'none' },
    form: { shape: 'wheel', grams: 1000 },
    paste: 'supple',
  });
const brief = Brief.parse({ servingAt: '2026-11-28T18:30', guests: { adults: 6 } });
const distance = (a: { x: number; y: number }, b: { x: number; y: number }) =>
  Math.hypot(a.x - b.x, a.y - b.y);

test('distance from the hub rises with strength, inside the field', () => {
  const radii = [1, 4, 7, 10].map((i) => {
    const [token] = tokensOf([cheese('c', 'firm', i)], '2026-11-28');
    return distance(token!.point, { x: CENTRE, y: CENTRE });
  });
  expect(radii).toEqual([...radii].sort((a, b) => a - b));
  expect(radii[0]!).toBeGreaterThan(HUB);
  expect(radii.at(-1)!).toBeLessThanOrEqual(FIELD);
});

test('fresh stands at the top and the families follow clockwise', () => {
  const [fresh] = tokensOf([cheese('a', 'fresh', 5)], '2026-11-28');
  const [soft] = tokensOf([cheese('b', 'soft', 5)], '2026-11-28');
  expect(fresh!.point.x).toBeCloseTo(CENTRE, 6);
  expect(fresh!.point.y).toBeLessThan(CENTRE);
  expect(soft!.point.x).toBeGreaterThan(CENTRE);
});

test('two of one family and strength stand side by side, neither hidden', () => {
  for (const strength of [4, 6, 9]) {
    const [a, b] = tokensOf([cheese('a', 'washed', strength), cheese('b', 'washed', strength)], '2026-11-28');
    expect(distance(a!.point, b!.point)).toBeGreaterThan(1.3 * TOKEN);
  }
});

test('the rim shows each milk by its share, all of the circle but the gaps', () => {
  const arcs = milkArcs([
    cheese('a', 'firm', 5),
    cheese('b', 'firm', 5, [
      { animal: 'goat', share: 0.5 },
      { animal: 'cow', share: 0.5 },
    ]),
  ]);
  expect(arcs.map((a) => [a.milk, a.share])).toEqual([
    ['cow', 1.5],
    ['goat', 0.5],
  ]);
  expect((arcs[0]!.to - arcs[0]!.from + 3) / (arcs[1]!.to - arcs[1]!.from + 3)).toBeCloseTo(3, 6);
  expect(milkArcs([]).length).toBe(0);
  expect(MILKS).toContain(arcs[0]!.milk);
});

test('a family is wanted when it is empty and a place went to a second of another', () => {
  const among =
    (families: readonly Texture[]) =>
    (...textures: string[]) =>
      sectorsOf(
        measure(
          textures.map((t, i) => cheese(`c${i}`, t, 3 + i)),
          brief,
        ).axes,
        new Set(families),
      );
  const sectors = among(TEXTURES);
  const wanted = (list: ReturnType<typeof sectors>) => list.filter((s) => s.wanted).map((s) => s.texture);
  expect(wanted(sectors('firm', 'firm', 'fresh')).length).toBeGreaterThan(0);
  // What people look for first is wanted before anything else, unless the table may not have it.
  expect(wanted(sectors('firm', 'fresh'))).toEqual(['bloomy', 'hard', 'blue']);
  expect(wanted(among(['firm', 'fresh', 'hard'])('firm', 'fresh'))).toEqual(['hard']);
  expect(wanted(among(['firm', 'fresh'])('firm', 'firm', 'fresh'))).toEqual([]);
  expect(wanted(sectors('bloomy', 'hard', 'blue'))).toEqual([]);
  // A very hard one is a hard one to whoever looks for it.
  expect(wanted(sectors('firm', 'very hard'))).toEqual(['bloomy', 'blue']);
  expect(sectors().some((s) => s.wanted)).toBe(false);
  expect(sectors().map((s) => s.texture)).toEqual([...TEXTURES]);
});
