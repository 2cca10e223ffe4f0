import type { Millimetres } from '../../units/index.js';
import { gapOf } from '../geometry.js';
import type { LaySchools } from '../schools.js';
import { baseOf } from '../thing.js';
import type { BoardRule, Found } from './boardRule.js';
import { bearing, over, turnBetween, type Ground, type Placed } from './placed.js';

interface OfOneThing {
  readonly good: string;
  readonly gap: Millimetres;
}

declare module '../../units/reason.js' {
  interface Rules {
    'meat-away-from-the-patch': OfOneThing;
    'meat-not-mirrored': OfOneThing;
    'meat-out-of-three-areas': OfOneThing;
    'meat-off-the-diagonal': OfOneThing;
    'nothing-answers-it': OfOneThing;
    'an-even-group': OfOneThing;
  }
}

export type PatternRuleId =
  | 'meat-away-from-the-patch'
  | 'meat-not-mirrored'
  | 'meat-out-of-three-areas'
  | 'meat-off-the-diagonal'
  | 'nothing-answers-it'
  | 'an-even-group';

/** mm and degrees; the house's own figures. */
const IN_LINE_WITHIN = 8;
const MIRRORED = 30;
const ON_LINE = 25;
const IN_AREA = 15;
const GROUPED = 40;
/** Distance off the pattern that costs a point: without an upper end, so that the search feels its way from anywhere. */
const FAR = 60;
/** Two things answer each other when one is at most this many times the other. */
const ALIKE = 2.5;

const found = ({ thing }: Placed, gap: number, cost: number): Found => ({
  subject: thing.id,
  name: thing.name,
  gap,
  cost,
});

/** From a place mirrored left to right to the nearest of these, the thing itself too. mm */
const unanswered = ({ x, y }: Placed, others: readonly Placed[]): number =>
  Math.min(...others.map((b) => Math.hypot(-x - b.x, y - b.y)));

/** Each beside what is already of the patch, from the first on. */
function apartFromPatch(meats: readonly Placed[]): Found[] {
  const [first, ...left] = meats;
  const patch = first ? [first] : [];
  const out: Found[] = [];
  while (left.length > 0) {
    const gaps = left.map((a) => Math.min(...patch.map((b) => gapOf(a.discs, b.discs))));
    const at = gaps.indexOf(Math.min(...gaps));
    const [next] = left.splice(at, 1);
    patch.push(next!);
    out.push(found(next!, gaps[at]!, over(gaps[at]! - IN_LINE_WITHIN) / FAR));
  }
  return out;
}

/** Three areas a third of a turn apart, wherever the first lies; an area that stays empty is missed by the last meat. */
function outOfThree(meats: readonly Placed[]): Found[] {
  const at = meats.map(({ x, y }) => bearing(x, y));
  const from = (base: number): Found[] => {
    const areas = new Set<number>();
    const out = at.map((degrees, i) => {
      const area = Math.round(((degrees - base + 360) % 360) / 120) % 3;
      areas.add(area);
      const off = turnBetween(degrees, base + 120 * area);
      return found(meats[i]!, 0, over(off - IN_AREA) / 30);
    });
    const empty = Math.min(3, meats.length) - areas.size;
    return empty > 0 ? [...out, found(meats.at(-1)!, 0, 0.8 * empty)] : out;
  };
  const cost = (all: readonly Found[]) => all.reduce((sum, one) => sum + one.cost, 0);
  return at.map(from).reduce((best, one) => (cost(one) < cost(best) - 1e-12 ? one : best), from(at[0]!));
}

/** The nearer of the two diagonals. */
function offDiagonal(meats: readonly Placed[], { board }: Ground): Found[] {
  const [w, d] = [board.length, board.round ? board.length : board.width];
  const long = Math.hypot(w, d);
  const off = (side: 1 | -1) => meats.map(({ x, y }) => Math.abs(x * d - side * y * w) / long);
  const sum = (all: readonly number[]) => all.reduce((total, one) => total + one, 0);
  const [down, up] = [off(1), off(-1)];
  return (sum(down) < sum(up) ? down : up).map((gap, i) => found(meats[i]!, gap, over(gap - ON_LINE) / FAR));
}

/** What stands and has its like is answered by it left to right, or stands in the middle. */
const unansweredOf = (standing: readonly Placed[]): Found[] =>
  standing.flatMap((a) => {
    const like = standing.filter(
      ({ thing }) =>
        thing.lies === a.thing.lies &&
        Math.max(thing.area, a.thing.area) <= ALIKE * Math.min(thing.area, a.thing.area),
    );
    if (like.length < 2) return [];
    const gap = unanswered(a, like);
    return found(a, gap, over(gap - MIRRORED) / FAR);
  });

/** Bowls that stand together are one, three or five. */
function evenGroups(bowls: readonly Placed[]): Found[] {
  const group = bowls.map((_, i) => i);
  bowls.forEach((a, i) =>
    bowls.slice(0, i).forEach((b, j) => {
      if (gapOf(a.discs, b.discs) >= GROUPED || group[i] === group[j]) return;
      const [from, to] = [group[i]!, group[j]!];
      group.forEach((one, k) => (group[k] = one === from ? to : one));
    }),
  );
  return [...new Set(group)]
    .map((id) => bowls.filter((_, i) => group[i] === id))
    .filter((together) => together.length % 2 === 0)
    .map(([first]) => found(first!, 0, 0.5));
}

const isMeat = ({ thing }: Placed): boolean => thing.traits.kind === 'meat';
const isBowl = ({ thing }: Placed): boolean => thing.lies === 'vessel';
const stands = ({ thing }: Placed): boolean =>
  thing.lies !== 'patch' && thing.traits.kind !== 'tool' && thing.traits.kind !== 'garnish';

/** What a school looks at, and what it finds there. */
interface Pattern {
  readonly rule: PatternRuleId;
  readonly applies: (schools: LaySchools) => boolean;
  readonly of: (one: Placed) => boolean;
  readonly find: (of: readonly Placed[], ground: Ground) => Found[];
}

/** Schools of meat and of groups: each asks only where it was chosen. Common practice, no source. */
const PATTERNS: readonly Pattern[] = [
  {
    rule: 'meat-away-from-the-patch',
    applies: ({ meats }) => meats === 'one patch',
    of: isMeat,
    find: apartFromPatch,
  },
  {
    rule: 'meat-not-mirrored',
    applies: ({ meats }) => meats === 'mirrored',
    of: isMeat,
    find: (meats) =>
      meats.map((a) => {
        // Where it lies twice the other answers it; else another meat does, or its place in the middle.
        const again = meats.filter((b) => b !== a && baseOf(b.thing) === baseOf(a.thing));
        const gap = unanswered(a, again.length > 0 ? again : meats);
        return found(a, gap, over(gap - MIRRORED) / FAR);
      }),
  },
  {
    rule: 'meat-out-of-three-areas',
    applies: ({ meats }) => meats === 'three areas',
    of: isMeat,
    find: outOfThree,
  },
  {
    rule: 'meat-off-the-diagonal',
    applies: ({ meats }) => meats === 'diagonal',
    of: isMeat,
    find: offDiagonal,
  },
  {
    rule: 'nothing-answers-it',
    applies: ({ groups }) => groups === 'symmetry',
    of: stands,
    find: unansweredOf,
  },
  {
    rule: 'an-even-group',
    applies: ({ groups }) => groups === 'odd groups',
    of: isBowl,
    find: evenGroups,
  },
];

export const PATTERN_RULES: readonly BoardRule<PatternRuleId>[] = PATTERNS.map(
  ({ rule, applies, of, find }) => ({
    rule,
    hard: false,
    watch: (placed, ground) => {
      const own = applies(ground.schools) ? placed.filter(of) : [];
      return () => (own.length > 0 ? find(own, ground) : []);
    },
  }),
);
