import { lab } from 'd3-color';
import { memoised, type Millimetres } from '../../units/index.js';
import { baseOf, type Thing } from '../thing.js';
import { colourGap, over, SEEN_APART, type Ground, type Placed } from './placed.js';

/** The names of two things that lie near each other, and how near. */
interface Two {
  readonly one: string;
  readonly other: string;
  readonly gap: Millimetres;
}

declare module '../../units/reason.js' {
  interface Rules {
    overlaps: Two;
    'strong-beside-delicate': Two;
    'wet-beside-crisp': Two;
    'hot-beside-cold': Two;
    'juice-on-pale': Two;
    'avoided-beside-suited': Two;
    'kinds-touch': Two;
    'apart-from-its-company': Two;
    'knife-away-from-its-cheese': Two;
    'soft-beside-soft': Two;
    'anchors-crowd': Two;
    'one-colour': Two;
    'colours-break': Two;
    'wall-of-bowls': Two;
    'repeated-side-by-side': Two;
  }
}

export type PairRuleId =
  | 'overlaps'
  | 'strong-beside-delicate'
  | 'wet-beside-crisp'
  | 'hot-beside-cold'
  | 'juice-on-pale'
  | 'avoided-beside-suited'
  | 'kinds-touch'
  | 'apart-from-its-company'
  | 'knife-away-from-its-cheese'
  | 'soft-beside-soft'
  | 'anchors-crowd'
  | 'one-colour'
  | 'colours-break'
  | 'wall-of-bowls'
  | 'repeated-side-by-side';

export interface PairRule {
  readonly rule: PairRuleId;
  readonly hard: boolean;
  /** Does it concern these two at all, wherever they lie? Told once for a board. */
  readonly of: (a: Thing, b: Thing, ground: Ground) => boolean;
  /** Gap at which it costs nothing, mm; Infinity: it may cost at any distance. */
  readonly silentFrom: number;
  /** What it costs at this gap; never less when they are nearer, or further for those that belong together. */
  readonly cost: (a: Placed, b: Placed, gap: number) => number;
}

/** No piece is the size of the plan: whole things may be larger by this share and still fit. */
const SLACK = 1.05;
/** A patch gives way by this share of its radius; it is grown into the room that there is. */
const GIVES = 0.3;
const PATCH_GIVES_WAY = 0.6;

/** Distances in mm: strong, wet, hot, soft and touching are common practice, the rest the house's (docs/trade.md `lay/rules/pairRules APART`). */
const APART = {
  strong: 150,
  wet: 80,
  hot: 60,
  juice: 15,
  avoided: 30,
  touching: 12,
  soft: 60,
  bowls: 25,
  again: 200,
  colour: 20,
};
const TOUCHES = 8;
/** No two things are so large that their slack is more. */
const OVERLAP_ROOM = 60;

const either = (a: Thing, b: Thing, one: (thing: Thing) => boolean, other: (thing: Thing) => boolean) =>
  (one(a) && other(b)) || (one(b) && other(a));
const has =
  (trait: 'strong' | 'delicate' | 'wet' | 'crisp' | 'hot' | 'cold' | 'runs' | 'avoided') => (thing: Thing) =>
    thing.traits[trait];
/** A wall between them: juice and damp stay where they are. */
const noWall = (a: Thing, b: Thing) => !a.divided && !b.divided;
const isTool = ({ traits }: Thing) => traits.kind === 'tool';

const lightOf = memoised((colour: string) => lab(colour).l);
const isPale = ({ traits }: Thing): boolean => traits.kind === 'cheese' && lightOf(traits.colour) > 80;

/** Room that a thing keeps free of another's, beyond their discs; below 0: how far it may be entered. */
function roomBetween(a: Thing, b: Thing, ra: number, rb: number): number {
  if (a.lies === 'patch' && b.lies === 'patch') return -GIVES * Math.min(ra, rb);
  if (a.lies === 'patch' || b.lies === 'patch') return -GIVES * PATCH_GIVES_WAY * Math.min(ra, rb);
  return (SLACK - 1) * (ra + rb);
}

/** Two goods whose colours are seen together. */
const areNeighbours = (a: Thing, b: Thing): boolean => !isTool(a) && !isTool(b) && baseOf(a) !== baseOf(b);
const tones = (a: Thing, b: Thing): number => colourGap(a.traits.colour, b.traits.colour);

/** One of them is a good, the other what belongs beside it; said at the companion. */
const isCompany = (a: Thing, b: Thing): boolean =>
  (a.traits.kind === 'companion' && a.beside.includes(b.id)) ||
  (b.traits.kind === 'companion' && b.beside.includes(a.id));
const isItsKnife = (a: Thing, b: Thing): boolean =>
  (isTool(a) && a.beside.includes(b.id)) || (isTool(b) && b.beside.includes(a.id));

/** What a guest of this board must not eat, where neither a bowl nor a divider holds it. */
export const liesOpenlyAvoided = (thing: Thing): boolean =>
  !isTool(thing) && thing.traits.avoided && thing.vessel === null && !thing.divided;
/** What every guest of this board may eat. */
export const isSuited = (thing: Thing): boolean => !isTool(thing) && !thing.traits.avoided;
/** Between the two, as they lie: so many mm and no less. */
export const AVOIDED_APART_MM = APART.avoided;

/** How two things get on, each a small function of the gap between them. */
export const PAIR_RULES: readonly PairRule[] = [
  {
    rule: 'overlaps',
    hard: true,
    silentFrom: OVERLAP_ROOM,
    of: () => true,
    cost: (a, b, gap) => over(roomBetween(a.thing, b.thing, a.discs[0]!.r, b.discs[0]!.r) - gap) / 10,
  },
  {
    rule: 'strong-beside-delicate',
    hard: true,
    silentFrom: APART.strong,
    of: (a, b) => either(a, b, has('strong'), has('delicate')),
    cost: (_a, _b, gap) => over(APART.strong - gap) / 50,
  },
  {
    rule: 'wet-beside-crisp',
    hard: true,
    silentFrom: APART.wet,
    of: (a, b) => noWall(a, b) && either(a, b, has('wet'), has('crisp')),
    cost: (_a, _b, gap) => over(APART.wet - gap) / 30,
  },
  {
    rule: 'hot-beside-cold',
    hard: true,
    silentFrom: APART.hot,
    of: (a, b) => either(a, b, has('hot'), has('cold')),
    cost: (_a, _b, gap) => over(APART.hot - gap) / 30,
  },
  {
    rule: 'juice-on-pale',
    hard: true,
    silentFrom: APART.juice,
    of: (a, b) => noWall(a, b) && either(a, b, has('runs'), isPale),
    cost: (_a, _b, gap) => over(APART.juice - gap) / 15,
  },
  {
    // What a guest at this board must not eat lies a knife's width from what they may; a bowl holds it.
    rule: 'avoided-beside-suited',
    hard: true,
    silentFrom: APART.avoided,
    of: (a, b) => (liesOpenlyAvoided(a) && isSuited(b)) || (liesOpenlyAvoided(b) && isSuited(a)),
    cost: (_a, _b, gap) => over(APART.avoided - gap) / 15,
  },
  {
    rule: 'kinds-touch',
    hard: false,
    silentFrom: APART.touching,
    of: (a, b, { apart }) => apart && !isTool(a) && !isTool(b) && baseOf(a) !== baseOf(b),
    cost: (_a, _b, gap) => over(APART.touching - gap) / 24,
  },
  {
    rule: 'apart-from-its-company',
    hard: false,
    silentFrom: Infinity,
    of: isCompany,
    cost: (_a, _b, gap) => Math.min(2, over(gap - TOUCHES) / 80),
  },
  {
    rule: 'knife-away-from-its-cheese',
    hard: false,
    silentFrom: Infinity,
    of: isItsKnife,
    cost: (_a, _b, gap) => Math.min(4, over(gap - TOUCHES) / 25),
  },
  {
    rule: 'soft-beside-soft',
    hard: false,
    silentFrom: APART.soft,
    of: (a, b) => a.traits.soft && b.traits.soft,
    cost: (_a, _b, gap) => over(APART.soft - gap) / APART.soft,
  },
  {
    // Each far from all others: three come to lie in a triangle, five in a ring.
    rule: 'anchors-crowd',
    hard: false,
    silentFrom: Infinity,
    of: (a, b) => a.traits.kind === 'cheese' && b.traits.kind === 'cheese',
    cost: (a, b) => 1.5 * Math.exp(-Math.hypot(a.x - b.x, a.y - b.y) / 110),
  },
  {
    rule: 'one-colour',
    hard: false,
    silentFrom: APART.colour,
    of: (a, b, { schools }) =>
      schools.colours === 'contrast' && areNeighbours(a, b) && tones(a, b) < SEEN_APART,
    cost: (a, b, gap) =>
      (over(APART.colour - gap) / APART.colour) * (over(SEEN_APART - tones(a.thing, b.thing)) / 40),
  },
  {
    // The other school: from place to place the colours go on.
    rule: 'colours-break',
    hard: false,
    silentFrom: APART.colour,
    of: (a, b, { schools }) => schools.colours === 'echo' && areNeighbours(a, b) && tones(a, b) > SEEN_APART,
    cost: (a, b, gap) =>
      (over(APART.colour - gap) / APART.colour) *
      Math.min(0.5, over(tones(a.thing, b.thing) - SEEN_APART) / 80),
  },
  {
    rule: 'wall-of-bowls',
    hard: false,
    silentFrom: APART.bowls,
    of: (a, b) => a.lies === 'vessel' && b.lies === 'vessel',
    cost: (_a, _b, gap) => over(APART.bowls - gap) / 50,
  },
  {
    // A thing that serves many lies in several places: each within reach of its own.
    rule: 'repeated-side-by-side',
    hard: false,
    silentFrom: APART.again,
    of: (a, b) => baseOf(a) === baseOf(b) && !isTool(a) && !isTool(b),
    cost: (_a, _b, gap) => over(APART.again - gap) / 300,
  },
];

/** The rules that concern two things. */
export const rulesBetween = (a: Thing, b: Thing, ground: Ground): readonly PairRule[] =>
  PAIR_RULES.filter((rule) => rule.of(a, b, ground));
