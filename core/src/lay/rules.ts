import { lab } from 'd3-color';
import { remembered, reason, type Millimetres, type Reason } from '../units/index.js';
import { millimetres } from '../units/index.js';
import type { Board } from './boards.js';
import { gapOf, insideOf, type Disc } from './geometry.js';
import type { Thing } from './things.js';

/** The names of two things that lie near each other, and how near. */
interface Two {
  readonly one: string;
  readonly other: string;
  readonly gap: Millimetres;
}
interface One {
  readonly good: string;
  readonly gap: Millimetres;
}

declare module '../units/reason.js' {
  interface Rules {
    overlaps: Two;
    'strong beside delicate': Two;
    'wet beside crisp': Two;
    'juice on pale': Two;
    'apart from its company': Two;
    'soft beside soft': Two;
    'anchors crowd': Two;
    'one colour': Two;
    'over the rim': One;
    'rolls near the rim': One;
    'bowl at the rim': One;
    'against the walk': One;
    'out of reach': One;
  }
}

/** A thing where it lies: its middle, its turn, and the discs that it takes there. */
export interface Placed {
  readonly thing: Thing;
  x: number;
  y: number;
  turn: number;
  discs: readonly Disc[];
  /** Where on the rim its step of the walk stands, degrees clockwise from the top; null: it has none. */
  readonly towards: number | null;
  readonly pinned: boolean;
}

/** How a board is met: carried things must not roll, and hands come from so many sides. */
export interface Ground {
  readonly board: Board;
  readonly carried: boolean;
  readonly sides: 1 | 2 | 4;
}

export type PairRuleId =
  | 'overlaps'
  | 'strong beside delicate'
  | 'wet beside crisp'
  | 'juice on pale'
  | 'apart from its company'
  | 'soft beside soft'
  | 'anchors crowd'
  | 'one colour';
export type PlaceRuleId =
  'over the rim' | 'rolls near the rim' | 'bowl at the rim' | 'against the walk' | 'out of reach';

/** No piece is the size of the plan: whole things may be so much larger and still fit. */
const SLACK = 1.05;
/** A patch gives way by so much of its radius; it is grown into the room that there is. */
const GIVES = 0.3;
const APART_STRONG = 150;
const APART_WET = 80;
const APART_JUICE = 15;
const APART_SOFT = 60;
const TOUCHES = 8;
const ROLLS = { still: 40, carried: 80 };
const BOWL = 20;
const REACH = 350;

const over = (x: number): number => (x > 0 ? x : 0);
const either = (a: Thing, b: Thing, one: (thing: Thing) => boolean, other: (thing: Thing) => boolean) =>
  (one(a) && other(b)) || (one(b) && other(a));

const labOf = remembered((colour: string) => lab(colour));
/** How far two colours lie apart for the eye (CIE 1976); 20 and more is plainly seen. */
export function colourGap(a: string, b: string): number {
  const [p, q] = [labOf(a), labOf(b)];
  return Math.hypot(p.l - q.l, p.a - q.a, p.b - q.b);
}
const isPale = ({ traits }: Thing) => traits.kind === 'cheese' && labOf(traits.colour).l > 80;

/** Room that a thing keeps free of another's, beyond their discs; below 0 it may be entered so far. */
function roomBetween(a: Thing, b: Thing, ra: number, rb: number): number {
  if (a.lies === 'patch' && b.lies === 'patch') return -GIVES * Math.min(ra, rb);
  if (a.lies === 'patch' || b.lies === 'patch') return -GIVES * 0.6 * Math.min(ra, rb);
  return (SLACK - 1) * (ra + rb);
}

/** A difference of so much is plainly seen (trade, section 14). */
const SEEN_APART = 20;
/** One of them is a good, the other what belongs beside it; said at the companion. */
const isCompany = (a: Thing, b: Thing): boolean =>
  (a.traits.kind === 'companion' && a.beside.includes(b.id)) ||
  (b.traits.kind === 'companion' && b.beside.includes(a.id));

interface PairRule {
  readonly rule: PairRuleId;
  readonly hard: boolean;
  /** Does it concern these two at all, wherever they lie? Told once for a board. */
  readonly of: (a: Thing, b: Thing) => boolean;
  readonly cost: (a: Placed, b: Placed, gap: number) => number;
}

/** How two things get on, each a small function of the gap between them; house's own figures but for those of the trade (section 14). */
const PAIR_RULES: readonly PairRule[] = [
  {
    rule: 'overlaps',
    hard: true,
    of: () => true,
    cost: (a, b, gap) => over(roomBetween(a.thing, b.thing, a.discs[0]!.r, b.discs[0]!.r) - gap) / 10,
  },
  {
    rule: 'strong beside delicate',
    hard: true,
    of: (a, b) =>
      either(
        a,
        b,
        ({ traits }) => traits.strong,
        ({ traits }) => traits.delicate,
      ),
    cost: (_a, _b, gap) => over(APART_STRONG - gap) / 50,
  },
  {
    rule: 'wet beside crisp',
    hard: true,
    of: (a, b) =>
      either(
        a,
        b,
        ({ traits }) => traits.wet,
        ({ traits }) => traits.crisp,
      ),
    cost: (_a, _b, gap) => over(APART_WET - gap) / 30,
  },
  {
    rule: 'juice on pale',
    hard: true,
    of: (a, b) => either(a, b, ({ traits }) => traits.runs, isPale),
    cost: (_a, _b, gap) => over(APART_JUICE - gap) / 15,
  },
  {
    rule: 'apart from its company',
    hard: false,
    of: isCompany,
    cost: (_a, _b, gap) => Math.min(2, over(gap - TOUCHES) / 80),
  },
  {
    rule: 'soft beside soft',
    hard: false,
    of: (a, b) => a.traits.soft && b.traits.soft,
    cost: (_a, _b, gap) => over(APART_SOFT - gap) / APART_SOFT,
  },
  {
    rule: 'anchors crowd',
    hard: false,
    of: (a, b) => a.traits.kind === 'cheese' && b.traits.kind === 'cheese',
    cost: (a, b) => 1.5 * Math.exp(-Math.hypot(a.x - b.x, a.y - b.y) / 110),
  },
  {
    rule: 'one colour',
    hard: false,
    of: (a, b) => a.traits.kind === b.traits.kind && colourGap(a.traits.colour, b.traits.colour) < SEEN_APART,
    cost: (a, b, gap) =>
      gap < 20 ? over(SEEN_APART - colourGap(a.thing.traits.colour, b.thing.traits.colour)) / 40 : 0,
  },
];

/** The rules that concern two things. */
export const rulesBetween = (a: Thing, b: Thing): readonly PairRule[] =>
  PAIR_RULES.filter((rule) => rule.of(a, b));

interface PlaceRule {
  readonly rule: PlaceRuleId;
  readonly hard: boolean;
  readonly cost: (a: Placed, ground: Ground) => number;
}

/** Degrees clockwise from the top, as it is seen. */
const bearing = (x: number, y: number): number => ((Math.atan2(x, -y) * 180) / Math.PI + 360) % 360;
const apart = (a: number, b: number): number => Math.abs(((a - b + 540) % 360) - 180);

const PLACE_RULES: readonly PlaceRule[] = [
  {
    rule: 'over the rim',
    hard: true,
    cost: (a, { board }) =>
      over((a.thing.lies === 'patch' ? -0.35 * a.discs[0]!.r : 2) - insideOf(board, a.discs)) / 8,
  },
  {
    rule: 'rolls near the rim',
    hard: true,
    cost: (a, { board, carried }) =>
      a.thing.traits.rolls && board.rim < 8
        ? over((carried ? ROLLS.carried : ROLLS.still) - insideOf(board, a.discs) - GIVES * a.discs[0]!.r) /
          20
        : 0,
  },
  {
    rule: 'bowl at the rim',
    hard: true,
    cost: (a, { board }) =>
      a.thing.lies === 'vessel' && board.rim < 8 ? over(BOWL - insideOf(board, a.discs)) / 10 : 0,
  },
  {
    rule: 'against the walk',
    hard: false,
    cost: (a) => (a.towards === null ? 0 : apart(bearing(a.x, a.y), a.towards) / 30),
  },
  {
    rule: 'out of reach',
    hard: false,
    // The guest stands below; where they come from all sides, the nearest counts.
    cost: (a, { board, sides }) => {
      const deep = board.round ? board.length : board.width;
      const front = deep / 2 - a.y;
      const far = sides === 1 ? front : Math.min(front, deep - front);
      return over(far - REACH) / 100;
    },
  },
];

/** What a rule that is hard weighs against those that are not. */
const HARD = 8;

/** What two things cost each other, by the rules that concern them. */
export function pairCost(a: Placed, b: Placed, rules: readonly PairRule[]): number {
  const gap = gapOf(a.discs, b.discs);
  let sum = 0;
  for (const { hard, cost } of rules) {
    const c = cost(a, b, gap);
    if (c > 0) sum += hard ? HARD * c : c;
  }
  return sum;
}

/** What a thing costs where it lies. */
export function placeCost(a: Placed, ground: Ground): number {
  let sum = 0;
  for (const { hard, cost } of PLACE_RULES) {
    const c = cost(a, ground);
    if (c > 0) sum += hard ? HARD * c : c;
  }
  return sum;
}

/** Told where it costs so much. */
const WORTH_SAYING = 0.15;

export interface Told {
  readonly reason: Reason;
  readonly hard: boolean;
}

/** Every rule that costs something on a board, the hard and the dearest first. */
export function toldOf(placed: readonly Placed[], ground: Ground): Told[] {
  const told: Told[] = [];
  placed.forEach((a, i) => {
    for (const { rule, hard, cost } of PLACE_RULES) {
      const c = cost(a, ground);
      if (c < WORTH_SAYING) continue;
      const gap = millimetres(Math.round(insideOf(ground.board, a.discs)));
      told.push({
        hard,
        reason: reason(rule, { good: a.thing.name, gap }, { subject: a.thing.id, effect: -c }),
      });
    }
    placed.slice(i + 1).forEach((b) => {
      const gap = gapOf(a.discs, b.discs);
      for (const { rule, hard, cost } of rulesBetween(a.thing, b.thing)) {
        const c = cost(a, b, gap);
        if (c < WORTH_SAYING) continue;
        const figures = { one: a.thing.name, other: b.thing.name, gap: millimetres(Math.round(over(gap))) };
        told.push({
          hard,
          reason: reason(rule, figures, { subject: `${a.thing.id} ${b.thing.id}`, effect: -c }),
        });
      }
    });
  });
  return told.sort((a, b) => Number(b.hard) - Number(a.hard) || a.reason.effect - b.reason.effect);
}
