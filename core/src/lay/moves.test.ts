import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Laying } from './fields.js';
import {
  bySchool,
  coverThing,
  divideThing,
  isKept,
  keepLayout,
  layAnew,
  letGo,
  putThing,
  sendTo,
  swapThings,
} from './moves.js';

const placed = [
  { id: 'halyard', x: -90, y: 10, turn: 30 },
  { id: 'halyard--2', x: 80, y: -20, turn: 0 },
  { id: 'chutney', x: 0, y: 60, turn: 719 },
];
const lies = { placed };
/** Another board's good is pinned by hand. */
const start = Laying.parse({ pins: { ham: { x: 1, y: 2, turn: 3 } }, seed: 7 });
const pinned = (laying: Laying) => Object.keys(laying.pins).sort();
const handsOf = (laying: Laying) =>
  Object.entries(laying.pins).flatMap(([id, { hand }]) => (hand ? [id] : []));

describe('a move of one thing', () => {
  test('put somewhere: it is pinned by hand, all others of its board stay where they lie, other boards too', () => {
    const laying = putThing(start, lies, 'chutney', { x: 5, y: 6, turn: -30 });
    expect(laying.pins['chutney']).toEqual({ x: 5, y: 6, turn: 330, hand: true });
    expect(laying.pins['halyard']).toEqual({ x: -90, y: 10, turn: 30, hand: false });
    expect(laying.pins['ham']).toEqual(start.pins['ham']);
    expect(handsOf(laying)).toEqual(['ham', 'chutney']);
  });
  test('let go: only it is free', () => {
    const kept = keepLayout(start, lies, 'x');
    expect(pinned(letGo(kept, lies, 'halyard'))).toEqual(['chutney', 'halyard--2', 'ham']);
  });
  test('changed with another: each has the other’s place and its own turn', () => {
    const laying = swapThings(start, lies, 'halyard', 'chutney');
    expect(laying.pins['halyard']).toEqual({ x: 0, y: 60, turn: 30, hand: true });
    expect(laying.pins['chutney']).toEqual({ x: -90, y: 10, turn: 359, hand: true });
    expect(swapThings(start, lies, 'halyard', 'ham')).toBe(start);
  });
  test('sent to another board: the good goes with all its places’ wish, and this place is free', () => {
    const laying = sendTo(start, lies, 'halyard--2', 'meats');
    expect(laying.sent).toEqual({ halyard: 'meats' });
    expect(pinned(laying)).toEqual(['chutney', 'halyard', 'ham']);
  });
});

test('under a bell and behind a divider, once each, and back; what nobody pinned is free', () => {
  const kept = keepLayout(start, lies, 'x');
  for (const [move, list] of [
    [coverThing, 'bells'],
    [divideThing, 'dividers'],
  ] as const) {
    const on = move(move(kept, 'halyard--2', true), 'halyard', true);
    expect(on[list]).toEqual(['halyard']);
    expect(pinned(on)).toEqual(['ham']);
    expect(move(on, 'halyard', false)[list]).toEqual([]);
  }
});

test('kept as it lies, with the boards it lies on; laid anew, only what hands put stays and the seed is another', () => {
  expect(isKept(start, lies)).toBe(false);
  const kept = keepLayout(start, lies, 'one board');
  expect(kept.choice).toBe('one board');
  expect(isKept(kept, lies)).toBe(true);
  const anew = layAnew(kept);
  expect(pinned(anew)).toEqual(['ham']);
  expect(anew.seed).toBe(8);
  const echoed = bySchool(kept, { colours: 'echo' });
  expect([echoed.schools.colours, echoed.schools.meats]).toEqual(['echo', start.schools.meats]);
});

// Law: whatever hands do, the order takes it, and what a person pinned by hand stays pinned until it is let go.
test('any moves give a laying that its schema takes', () => {
  const ids = fc.constantFrom(...placed.map(({ id }) => id));
  const at = fc.integer({ min: -400, max: 400 });
  const move = fc.oneof(
    fc.tuple(ids, at, at, fc.integer({ min: -2000, max: 2000 })).map(
      ([id, x, y, turn]) =>
        (l: Laying) =>
          putThing(l, lies, id, { x, y, turn }),
    ),
    fc.tuple(ids, ids).map(
      ([a, b]) =>
        (l: Laying) =>
          swapThings(l, lies, a, b),
    ),
    ids.map((id) => (l: Laying) => sendTo(l, lies, id, 'meats')),
    fc.tuple(ids, fc.boolean()).map(
      ([id, on]) =>
        (l: Laying) =>
          coverThing(l, id, on),
    ),
    fc.tuple(ids, fc.boolean()).map(
      ([id, on]) =>
        (l: Laying) =>
          divideThing(l, id, on),
    ),
    fc.constant(layAnew),
    fc.constant((l: Laying) => keepLayout(l, { placed: placed.slice(0, 2) }, 'x')),
  );
  fc.assert(
    fc.property(fc.array(move, { maxLength: 12 }), (moves) => {
      const laying = moves.reduce((now, make) => make(now), start);
      expect(Laying.parse(laying)).toEqual(laying);
      expect(laying.pins['ham']).toEqual(start.pins['ham']);
    }),
  );
});
