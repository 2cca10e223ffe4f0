import type { Millimetres } from '../../units/index.js';
import { gapOf } from '../geometry.js';
import { bearing, over, type Ground, type Placed } from './placed.js';
import type { BoardRule } from './boardRule.js';
import { PATTERN_RULES, type PatternRuleId } from './patternRules.js';
import { heightZone } from '../heights.js';
import { REACH } from '../reach.js';
import { strokeShort } from './stroke.js';

/** A third of the board, from the left as the guest sees it. */
export type Third = 'left' | 'middle' | 'right';

declare module '../../units/reason.js' {
  interface Rules {
    'no-bread-in-reach': { good: string; gap: Millimetres };
    'leans-on-nothing': { good: string; gap: Millimetres };
    'nothing-tall-in-a-third': { third: Third };
    'heavy-on-one-side': { hour: number };
    'no-room-for-the-knife': { good: string; gap: Millimetres };
  }
}

export type BoardRuleId =
  | 'no-bread-in-reach'
  | 'leans-on-nothing'
  | 'nothing-tall-in-a-third'
  | 'heavy-on-one-side'
  | 'no-room-for-the-knife'
  | PatternRuleId;

/** A fold stands by itself no further than this from what holds it. House's own figures. */
const LEANS = 15;
const HOLDS = 20;
/** As shares of the way to the rim: how far off its middle the middle of all that lies there may be unseen, and where it costs most. House's own figures. */
const UNSEEN = 0.06;
const LEANS_WITHIN = 8;
/** With fewer high things than thirds, none is asked for. */
export const THIRDS: readonly Third[] = ['left', 'middle', 'right'];

const thirdOf = ({ x }: Placed, { board }: Ground): Third =>
  THIRDS[Math.max(0, Math.min(2, Math.floor(3 * (x / board.length + 0.5))))]!;

/** From a thing to the nearest of these that it is not itself. mm */
function nearest(a: Placed, others: readonly Placed[]): number {
  let gap = Infinity;
  for (const b of others) if (b !== a) gap = Math.min(gap, gapOf(a.discs, b.discs));
  return gap;
}

const isTall = ({ thing }: Placed): boolean =>
  heightZone(thing.height) !== 'low' && thing.traits.kind !== 'tool';

/** Rules that ask for the whole board, each stated for every thing or third that misses it. */
export const BOARD_RULES: readonly BoardRule<BoardRuleId>[] = [
  {
    rule: 'leans-on-nothing',
    hard: true,
    watch: (placed) => {
      const folds = placed.filter(({ thing }) => thing.traits.leans);
      const holds = placed.filter(({ thing }) => thing.height >= HOLDS && thing.traits.kind !== 'tool');
      return () =>
        folds.map((a) => {
          const gap = nearest(a, holds);
          return {
            subject: a.thing.id,
            name: a.thing.name,
            gap,
            cost: gap === Infinity ? 0 : Math.min(2, over(gap - LEANS) / 40),
          };
        });
    },
  },
  {
    rule: 'no-bread-in-reach',
    hard: false,
    watch: (placed) => {
      const bread = placed.filter(({ thing }) => thing.traits.carrier);
      const soft = bread.length > 0 ? placed.filter(({ thing }) => thing.traits.soft) : [];
      return () =>
        soft.map((a) => {
          const gap = nearest(a, bread);
          return {
            subject: a.thing.id,
            name: a.thing.name,
            gap,
            cost: Math.min(2, over(gap - REACH) / 100),
          };
        });
    },
  },
  {
    rule: 'nothing-tall-in-a-third',
    hard: false,
    watch: (placed, ground) => {
      const tall = placed.filter(isTall);
      const thirds = tall.length < THIRDS.length ? [] : THIRDS;
      return () =>
        thirds
          .filter((third) => !tall.some((a) => thirdOf(a, ground) === third))
          .map((third) => ({ subject: '', name: third, gap: 0, cost: 0.8 }));
    },
  },
  {
    // Full and bare are shared out: the middle of all that lies there is the middle of the board. Common practice, no source.
    rule: 'heavy-on-one-side',
    hard: false,
    watch: (placed, { board }) => {
      const food = placed.filter(({ thing }) => thing.traits.kind !== 'tool');
      const total = food.reduce((sum, { thing }) => sum + thing.area, 0);
      const half = { x: board.length / 2, y: (board.round ? board.length : board.width) / 2 };
      return () => {
        let [x, y] = [0, 0];
        for (const one of food) {
          x += one.x * one.thing.area;
          y += one.y * one.thing.area;
        }
        const off = total === 0 ? 0 : Math.hypot(x / total / half.x, y / total / half.y);
        return [{ subject: '', name: '', gap: bearing(x, y), cost: LEANS_WITHIN * over(off - UNSEEN) }];
      };
    },
  },
  {
    rule: 'no-room-for-the-knife',
    hard: true,
    watch: (placed) => {
      const cut = placed.filter(({ thing }) =>
        placed.some(({ thing: tool }) => tool.traits.kind === 'tool' && tool.beside.includes(thing.id)),
      );
      return () =>
        cut.map((a) => {
          const gap = strokeShort(a, placed);
          return { subject: a.thing.id, name: a.thing.name, gap, cost: gap / 20 };
        });
    },
  },
  ...PATTERN_RULES,
];
