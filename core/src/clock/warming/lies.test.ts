import { describe, expect, test } from '@jest/globals';
import { rectangle, sector } from '../../cut/index.js';
import { PLAIN, type Thing } from '../../lay/index.js';
import { aCheese } from '../../testing/goods.js';
import { filmOf } from './film.js';
import { warmerOf, type Lying } from './lies.js';
import { standing } from './body.js';
import { responseOf } from './response.js';
import type { Response } from './series.js';

const LYING: Lying = { film: 8, start: 4, room: 21, coldBelow: false, wrappedFor: null };
const SIDE = 75;
const thing = (lies: Thing['lies'], pieces: number, height: number, side = SIDE): Thing => ({
  id: 'a',
  name: 'a',
  lies,
  outline: rectangle(-side / 2, -side / 2, side / 2, side / 2),
  area: side * side * pieces,
  height,
  grams: 30 * pieces,
  pieces,
  colours: [],
  traits: { ...PLAIN, kind: 'cheese', colour: '#fff' },
  vessel: null,
  beside: [],
});
const shaped = (shape: 'pyramid' | 'square') =>
  aCheese('a', { form: { shape, grams: 220, diameter: null, height: 65, length: SIDE, width: SIDE } });

describe('how a good lies', () => {
  // Common practice, no source: a face on wood takes about 4 W/m2K against 8 in air.
  test('wood below takes half, a cold surface nothing', () => {
    const below = (lying: Partial<Lying>) => {
      const { body } = warmerOf(shaped('square'), thing('whole', 1, 65), { ...LYING, ...lying });
      return body.ways.flatMap((way) => (way.kind === 'slab' ? [way.below[0]!.film] : []));
    };
    expect(below({})).toContain(4);
    expect(below({ coldBelow: true })).toContain(0);
    // The cold of a slab holds for half an hour; paper that comes off later still comes off.
    const films = (lying: Partial<Lying>) =>
      warmerOf(shaped('square'), thing('whole', 1, 65), { ...LYING, ...lying }).body.ways.find(
        (way) => way.kind === 'slab' && way.below[0]!.film === 0,
      );
    expect(films({ coldBelow: true })).toMatchObject({ below: [{ from: 0 }, { from: 30, film: 4 }] });
    expect(films({ coldBelow: true, wrappedFor: 50 })).toMatchObject({
      below: [{ from: 0 }, { from: 30 }, { from: 50, film: 4 }],
    });
  });
  // Incropera: the film is reckoned at the mean of the surface's way from its start to the air, for a ball of the same area.
  test('where nobody measured the film it is that of still air, half way from cold to room', () => {
    const { body } = warmerOf(shaped('square'), thing('whole', 1, 65), { ...LYING, film: null });
    const area = 2 * SIDE * SIDE + 4 * SIDE * 65;
    const film = filmOf(Math.sqrt(area / Math.PI), 12.5, 21);
    const below = body.ways.flatMap((way) => (way.kind === 'slab' ? [way.below[0]!.film] : []));
    expect(below).toContainEqual(expect.closeTo(film / 2, 9));
    // A heap has the area of a round of its patch: twice its plan, and its rim.
    const heap = warmerOf(shaped('square'), thing('patch', 8, 20, 25), { ...LYING, film: null });
    const radius = Math.sqrt((8 * 25 * 25) / Math.PI);
    const around = 2 * Math.PI * radius * (radius + 20);
    expect(heap.film).toBeCloseTo(filmOf(Math.sqrt(around / Math.PI), 12.5, 21), 9);
  });
  test('a log that lies warms as a cylinder of half its thickness, and along its length', () => {
    const log = aCheese('l', {
      form: { shape: 'log', grams: 200, diameter: 42, height: null, length: 120, width: null },
    });
    const lying: Thing = { ...thing('whole', 1, 42), outline: rectangle(-60, -21, 60, 21) };
    expect(warmerOf(log, lying, LYING).body.ways).toMatchObject([
      { kind: 'cylinder', radius: 21 },
      { kind: 'slab', thick: 120 },
    ]);
  });
  // Common practice, no source: a handful is a heap, two or three pieces lie apart.
  test('four pieces are a heap, three lie each by itself', () => {
    const lies = (pieces: number) => warmerOf(shaped('square'), thing('patch', pieces, 20, 25), LYING).lies;
    expect(lies(3)).toBe('piece by piece');
    expect(lies(4)).toBe('as one heap');
  });
});

/** Explicit differences in three dimensions of a frustum whose top is half its base: minutes to each share of the excess. */
function frustumMinutes(
  { base, high, film, under }: { base: number; high: number; film: number; under: number },
  { conductivity, store }: { conductivity: number; store: number },
  shares: readonly number[],
): number[] {
  const CELL = 5;
  const [n, layers] = [Math.round(base / CELL), Math.round(high / CELL)];
  const [dx, dz] = [base / n / 1000, high / layers / 1000];
  const inside = (i: number, j: number, l: number) => {
    if (l < 0 || l >= layers) return false;
    const half = (base * (1 - 0.5 * ((l + 0.5) / layers))) / 2;
    const at = (k: number) => Math.abs(((k + 0.5) / n) * base - base / 2);
    return at(i) < half && at(j) < half;
  };
  const ids = new Map<string, number>();
  for (let l = 0; l < layers; l++)
    for (let i = 0; i < n; i++)
      for (let j = 0; j < n; j++) if (inside(i, j, l)) ids.set(`${i} ${j} ${l}`, ids.size);
  const slant = (Math.hypot(high, base / 4) * 1.5 * base * 2) / 1e6;
  const sides = [
    [1, 0, 0],
    [-1, 0, 0],
    [0, 1, 0],
    [0, -1, 0],
    [0, 0, 1],
    [0, 0, -1],
  ] as const;
  let stairs = 0;
  const cells = [...ids.keys()].map((key) => {
    const [i, j, l] = key.split(' ').map(Number) as [number, number, number];
    return sides.map(([a, b, c]) => {
      const area = c === 0 ? dx * dz : dx * dx;
      const away = c === 0 ? dx : dz;
      const next = ids.get(`${i + a} ${j + b} ${l + c}`);
      const face = c < 0 ? 'under' : c > 0 && l === layers - 1 ? 'top' : 'side';
      if (next === undefined && face === 'side') stairs += area;
      return { next, area, away, face };
    });
  });
  // Stairs have more face than the slope that they stand for.
  const filmOf = { under, top: film, side: (film * slant) / stairs };
  const flows = cells.map((faces) => ({
    next: faces.flatMap(({ next, area, away }) =>
      next === undefined ? [] : [{ next, by: (conductivity * area) / away }],
    ),
    out: faces.reduce(
      (sum, { next, area, away, face }) =>
        next === undefined ? sum + area / (1 / filmOf[face as 'top'] + away / 2 / conductivity) : sum,
      0,
    ),
  }));
  const holds = store * dx * dx * dz;
  const step =
    (0.9 * holds) /
    Math.max(...flows.map(({ next, out }) => out + next.reduce((sum, { by }) => sum + by, 0)));
  let excess = flows.map(() => 1);
  const at: number[] = [];
  for (let time = 0; at.length < shares.length; time += step) {
    if (Math.max(...excess) <= shares[at.length]!) at.push(time / 60);
    const now = excess;
    excess = flows.map(
      ({ next, out }, c) =>
        now[c]! +
        (step / holds) *
          next.reduce((sum, { next: o, by }) => sum + by * (now[o]! - now[c]!), -out * now[c]!),
    );
  }
  return at;
}

// What is printed beside a pyramid: right within five in a hundred, against differences in three dimensions.
test('a pyramid warms as the block of its volume, within what is said', () => {
  const { body, paste } = warmerOf(shaped('pyramid'), thing('whole', 1, 65), LYING);
  expect(body.standsFor).toEqual({ shape: 'pyramid', within: 0.05 });
  const shares = [0.6, 0.41, 0.29];
  const response = responseOf(body, paste, 300);
  const told = shares.map((share) => {
    for (let minute = 0; minute < 300; minute++) if (response(minute).heart <= share) return minute;
    return NaN;
  });
  const store = paste.density * paste.heat;
  const real = frustumMinutes(
    { base: SIDE, high: 65, film: 8, under: 4 },
    { conductivity: paste.conductivity, store },
    shares,
  );
  told.forEach((minutes, i) => expect(Math.abs(minutes / real[i]! - 1)).toBeLessThan(0.05));
});

test('a wheel with its first wedge out warms as the smaller one that it stands for, within what is said', () => {
  const minutesTo = (response: Response, left: number): number => {
    for (let minute = 1; minute < 470; minute++) if (response(minute).heart <= left) return minute;
    return Infinity;
  };
  for (const [diameter, height] of [
    [110, 35],
    [160, 90],
    [200, 60],
  ] as const)
    for (const open of [24, 70]) {
      const main = aCheese('a', { form: { shape: 'wheel', grams: 400, diameter, height } });
      const outline = sector(diameter / 2, -90 + open / 2, 270 - open / 2);
      const { body, paste } = warmerOf(main, { ...thing('whole', 1, height), outline }, LYING);
      const [, up] = body.ways;
      if (up?.kind !== 'slab') throw new Error('a wheel has a height');
      const exact = responseOf(standing(outline, height, up.below, up.above), paste, 480);
      for (const left of [0.6, 0.4, 0.25]) {
        const by = minutesTo(responseOf(body, paste, 480), left) / minutesTo(exact, left) - 1;
        expect(Math.abs(by)).toBeLessThan(body.standsFor!.within!);
      }
    }
  // A half wheel, and one that is whole, stand for themselves.
  const half = sector(55, 0, 180);
  for (const outline of [sector(55, 0, 360), half])
    expect(
      warmerOf(shaped('square'), { ...thing('whole', 1, 40), outline }, LYING).body.standsFor,
    ).toBeNull();
});
