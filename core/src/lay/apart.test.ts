import { describe, expect, test } from '@jest/globals';
import { DEFAULT_HOUSE } from '../brief/index.js';
import { boundsOf, type Polygon } from '../cut/index.js';
import { aBrief } from '../testing/briefs.js';
import { demoCounter } from '../testing/goods.js';
import { aGuest } from '../testing/guests.js';
import { anOrder } from '../testing/orders.js';
import { plan } from '../testing/planned.js';
import { holds, movedOutline } from './geometry.js';
import { layOut } from './layout.js';
import type { LayQuestion } from './question.js';
import type { Thing } from './thing.js';

/** What a guest of the board must not eat lies apart as it is laid: every outline drawn on a raster of its own, and measured there. */

const counter = demoCounter();
const PICKED = ['wren-curd', 'halyard', 'tarpot', 'slate-quay', 'bosun-ham', 'harbour-mortadella'];
/** Steps of the search: enough that things find a place, and a fraction of a second. */
const STEPS = 2500;
const ASKED_MM = 30;
const RASTER_MM = 2;

function asked(what: string): LayQuestion[] {
  // A matter of choice: whoever it harms has a plate of their own.
  const severity = what.startsWith('allergen') ? 'dislike' : 'diet';
  const guest = { ...aGuest(what, 'card', { count: 2 }), limits: [{ what, severity } as const] };
  const { laid } = plan(
    anOrder({
      brief: aBrief({ guests: { adults: 12 }, persons: [guest] }),
      selection: { goods: PICKED },
    }),
    counter,
    DEFAULT_HOUSE,
  ).boards;
  return laid.flatMap(({ question }) => (question ? [{ ...question, steps: STEPS }] : []));
}

type Dot = readonly [number, number];

/** The dots of a raster that lie in an outline and have one beside them that does not: between two of these is the least distance. */
function rimOf(outline: Polygon): Dot[] {
  if (outline.length < 3) return [];
  const { min, max } = boundsOf(outline);
  const [left, top] = [Math.floor(min[0] / RASTER_MM), Math.floor(min[1] / RASTER_MM)];
  const [right, low] = [Math.ceil(max[0] / RASTER_MM), Math.ceil(max[1] / RASTER_MM)];
  const isIn = (x: number, y: number) => holds(outline, x * RASTER_MM, y * RASTER_MM);
  const rows = Array.from({ length: low - top + 3 }, (_, y) =>
    Array.from({ length: right - left + 3 }, (_, x) => isIn(left + x - 1, top + y - 1)),
  );
  return rows.flatMap((row, y) =>
    row.flatMap((inside, x): Dot[] =>
      inside && !(row[x - 1] && row[x + 1] && rows[y - 1]?.[x] && rows[y + 1]?.[x])
        ? [[(left + x - 1) * RASTER_MM, (top + y - 1) * RASTER_MM]]
        : [],
    ),
  );
}

const isOpen = ({ traits, vessel, divided }: Thing) => traits.avoided && vessel === null && !divided;

/** The least distance on the raster between what is avoided and lies open, and what everybody may eat; by pair. */
function gapsOf(question: LayQuestion) {
  const layout = layOut(question);
  const dots = new Map(
    question.things.map((thing): [string, Dot[]] => {
      const patch = layout.patches.find(({ id }) => id === thing.id);
      const place = layout.placed.find(({ id }) => id === thing.id)!;
      return [thing.id, rimOf(patch?.outline ?? movedOutline(thing.outline, place.x, place.y, place.turn))];
    }),
  );
  const foods = question.things.filter(({ traits }) => traits.kind !== 'tool');
  const gaps = foods.filter(isOpen).flatMap((a) =>
    foods
      .filter(({ traits }) => !traits.avoided)
      .map((b) => {
        let least = Infinity;
        for (const [x, y] of dots.get(a.id)!)
          for (const [u, v] of dots.get(b.id)!) least = Math.min(least, Math.hypot(x - u, y - v));
        const told = layout.violations.some(
          ({ hard, reason: { rule, subject } }) =>
            hard && rule === 'avoided-beside-suited' && subject === [a.id, b.id].sort().join(' '),
        );
        return {
          pair: `${a.name} ${b.name}`,
          least,
          told,
          hasPatch: a.lies === 'patch' || b.lies === 'patch',
        };
      }),
  );
  return { layout, gaps };
}

describe.each(['diet:vegetarian', 'allergen:tree nuts', 'diet:no pork', 'taste:blue'])('%s', (what) => {
  const questions = asked(what);
  test('what they must not eat lies apart as it is grown, or it is said', () => {
    const all = questions.flatMap((question) => gapsOf(question).gaps);
    expect(all.length).toBeGreaterThan(0);
    // A raster of 2 mm finds the edge within one of its steps.
    const near = all.filter(({ least, told }) => least < ASKED_MM - RASTER_MM && !told);
    expect(near).toEqual([]);
  });
});

test('what finds no room apart says so, with its share; behind a divider it may lie beside', () => {
  const [question] = asked('diet:vegetarian');
  // A board so small that not everything finds room.
  const { board } = question!;
  const tight = { ...question!, board: { ...board, length: board.length * 0.7, width: board.width * 0.7 } };
  const { layout } = gapsOf(tight as LayQuestion);
  const short = layout.patches.filter((patch) => patch.short >= 0.1).map(({ id }) => id);
  expect(short.length).toBeGreaterThan(0);
  const said = layout.violations.filter(({ reason: { rule } }) => rule === 'no-room-apart');
  expect(said.map(({ reason: { subject } }) => subject).sort()).toEqual(short.sort());
  expect(said.every(({ hard }) => hard)).toBe(true);
  const walled = tight.things.map((thing) => (thing.traits.avoided ? { ...thing, divided: thing } : thing));
  const free = layOut({ ...tight, things: walled } as LayQuestion);
  expect(free.violations.some(({ reason: { rule } }) => rule === 'no-room-apart')).toBe(false);
});

test('what a person laid too near is a danger, which somebody may take on; further away it is none', () => {
  const guest = aGuest('milk:cow', 'card', { count: 2 });
  const order = anOrder({
    brief: aBrief({ guests: { adults: 12 }, persons: [guest] }),
    selection: { goods: ['halyard', 'kestrel-ash', 'cinder-ewe'] },
  });
  const { choice, laid } = plan(order, counter, DEFAULT_HOUSE).boards;
  const { things, board } = laid[0]!;
  const foods = things.filter(({ lies, traits }) => lies !== 'patch' && traits.kind !== 'tool');
  const cows = foods.find((thing) => isOpen(thing))!;
  const other = foods.find(({ traits }) => !traits.avoided)!;
  /** Everything in a row, the cheese of cow’s milk at a place of its own. */
  const dangersAt = (x: number, y: number) => {
    const pins = Object.fromEntries(
      things.map(({ id }, i) => [id, { x: -board.length / 2 + 20 * i, y: 0, turn: 0, hand: true }]),
    );
    const lay = {
      ...order.lay,
      choice: choice!.id,
      pins: {
        ...pins,
        [other.id]: { x: 0, y: 0, turn: 0, hand: true },
        [cows.id]: { x, y, turn: 0, hand: true },
      },
    };
    return plan({ ...order, lay }, counter, DEFAULT_HOUSE).dangers.filter(
      ({ rule, goods }) => rule === 'avoided-lies-near' && goods.includes(other.id),
    );
  };
  expect(dangersAt(10, 0)).toMatchObject([{ mustMend: false }]);
  expect(dangersAt(10_000, 10_000)).toEqual([]);
});
