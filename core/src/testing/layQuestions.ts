import { DEFAULT_HOUSE, type Brief } from '../brief/index.js';
import { isMain } from '../counter/index.js';
import type { Layout, LayQuestion, Pin } from '../lay/index.js';
import { discsOf, gapOf, insideOf, movedDiscs, patchDisc } from '../lay/geometry.js';
import { layOut } from '../lay/layout.js';
import { chance } from '../units/index.js';
import { plan } from '../order/plan.js';
import { aBrief } from './briefs.js';
import { demoCounter } from './goods.js';
import { anOrder } from './orders.js';

/** A board of a seeded order, as its plan asks for it. */
export interface SeededBoard {
  readonly question: LayQuestion;
  readonly manner: Brief['manner'];
  readonly guests: number;
}

const MANNERS = ['usual', 'plain', 'lavish', 'usual'] as const;
const TABLES = ['walk around', 'seated', 'against a wall'] as const;

/** Boards of seeded orders on the demo's counter: 4 to 8 goods, 4 to 24 guests, every manner and table. */
export function seededLayQuestions(many: number, seed = 3): SeededBoard[] {
  const counter = demoCounter();
  const mains = counter.filter(isMain);
  const random = chance(seed);
  return Array.from({ length: many }, (_, i) => {
    const goods = [...mains]
      .map((main) => [random(), main] as const)
      .sort(([a], [b]) => a - b)
      .slice(0, 4 + (i % 5))
      .map(([, { id }]) => id);
    const guests = 4 + Math.floor(20 * random());
    const manner = MANNERS[i % MANNERS.length]!;
    const brief = aBrief({ guests: { adults: guests }, manner, table: TABLES[i % TABLES.length] });
    const { laid } = plan(anOrder({ brief, selection: { goods } }), counter, DEFAULT_HOUSE).boards;
    return { question: laid[0]!.question!, manner, guests };
  });
}

/** The layout that needs no thought: cheeses in a ring, then everything else, the largest first, where it finds the freest room. */
export function ringAndFill(question: LayQuestion): Layout {
  const { things, board } = question;
  const pins: Record<string, Pin> = {};
  const laid: { readonly discs: ReturnType<typeof movedDiscs> }[] = [];
  const shapeOf = (thing: (typeof things)[number]) =>
    thing.lies === 'patch' ? [patchDisc(thing.area)] : discsOf(thing.outline);
  const put = (thing: (typeof things)[number], x: number, y: number) => {
    pins[thing.id] = { x, y, turn: 0 };
    laid.push({ discs: movedDiscs(shapeOf(thing), x, y, 0) });
  };
  const deep = board.round ? board.length : board.width;
  const cheeses = things.filter(({ traits }) => traits.kind === 'cheese');
  cheeses.forEach((thing, i) => {
    const a = (2 * Math.PI * i) / cheeses.length - Math.PI / 2;
    put(thing, 0.3 * board.length * Math.cos(a), 0.3 * deep * Math.sin(a));
  });
  for (const thing of things.filter((one) => !cheeses.includes(one)).sort((a, b) => b.area - a.area)) {
    let best: readonly [number, number] = [0, 0];
    let most = -Infinity;
    for (let x = -board.length / 2; x <= board.length / 2; x += 15)
      for (let y = -deep / 2; y <= deep / 2; y += 15) {
        const discs = movedDiscs(shapeOf(thing), x, y, 0);
        const room = Math.min(insideOf(board, discs), ...laid.map((other) => gapOf(discs, other.discs)));
        if (room > most) [best, most] = [[x, y], room];
      }
    put(thing, ...best);
  }
  return layOut({ ...question, pins, steps: 0 });
}
