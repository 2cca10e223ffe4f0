import {
  besidePerAdult,
  BESIDE_OF,
  purchase,
  shareOf,
  splitAmong,
  yieldOf,
  type Purchase,
  type Waste,
} from '../amount/index.js';
import type { BesideFigure, Brief, Role, Targets } from '../brief/index.js';
import { gramsOnHand, isCompanion, type Companion, type Good, type Main } from '../counter/index.js';
import { grams, NONE, reason, shareOut, type Grams, type Reason } from '../units/index.js';

/** What the loss between net and gross is: something that is taken off, or only what stays on the knife. */
export type Loss = 'rind' | 'cutting' | 'casing' | 'slicing';

declare module '../units/reason.js' {
  interface Rules {
    'rind and trim': { off: Grams; loss: Loss };
    'whole packs': { left: Grams };
    'least cut': { left: Grams };
    'not eaten': { off: Grams; waste: Waste };
    stock: { onHand: Grams; short: Grams };
    'no use in this role': { what: BesideFigure; role: Role };
    'not for everyone': { what: BesideFigure; heads: number };
    'for the table': { what: BesideFigure; sharedBy: number };
  }
}

export interface Portion extends Purchase {
  readonly good: Good;
  /** Heads at the board that eat of it. */
  readonly eaters: number;
  /** What the person set, or null: computed. */
  readonly byHand: boolean;
  readonly reasons: readonly Reason[];
}

export interface Portions {
  readonly mains: readonly Portion[];
  readonly companions: readonly Portion[];
  readonly netCheese: Grams;
  readonly netMeat: Grams;
  readonly net: Grams;
  readonly gross: Grams;
}

/** Net grams that a person set, by good id. */
export type PortionChoices = Readonly<Record<string, number>>;

/** Grams to be eaten of every good of a kind, and for how many heads. */
interface Share {
  readonly net: Grams;
  readonly eaters: number;
}

/** Goods that stand for each other, in whole grams; what a person set stands, and the others share what is left. */
function sharesOf(
  brief: Brief,
  goods: readonly Good[],
  perAdult: number,
  weightOf: (good: Good) => number,
  choices: PortionChoices,
): { shares: Map<string, Share>; without: number } {
  const { grams: wanted, eaters, without } = splitAmong(brief, goods, perAdult, (i) => weightOf(goods[i]!));
  const total = wanted.reduce((sum, g) => sum + g, 0);
  const set = goods.map((good) => choices[good.id]);
  const taken = set.reduce<number>((sum, g) => sum + (g ?? 0), 0);
  const asked = wanted.map((g, i) => (set[i] === undefined ? g : 0));
  const left = asked.some((g) => g > 0) ? Math.max(0, Math.round(total - taken)) : 0;
  const free = shareOut(left, asked);
  const shares = goods.map((good, i): [string, Share] => [
    good.id,
    { net: grams(set[i] ?? free[i]!), eaters: eaters[i]! },
  ]);
  return { shares: new Map(shares), without };
}

/**
 * Grams to be eaten of every cheese and meat, and for how many heads, by id. Each kind's total is what the guests at the
 * board eat of it, split by shares; what the person set stands, and the rest is split over the others (never below nothing).
 */
export function mainsNet(
  mains: readonly Main[],
  brief: Brief,
  targets: Targets,
  choices: PortionChoices,
): Map<string, Share> {
  const weightOf = (good: Good) => shareOf(good as Main, brief.shares).share;
  return new Map(
    (['cheese', 'meat'] as const).flatMap((kind) => {
      const { perHead } = kind === 'cheese' ? targets.cheeses : targets.meats;
      const all = mains.filter((main) => main.kind === kind);
      return [...sharesOf(brief, all, perHead, weightOf, choices).shares];
    }),
  );
}

function lossOf(main: Main): Loss {
  if (main.kind === 'meat') return main.contents.casing === 'none' || main.casingEaten ? 'slicing' : 'casing';
  return ['cut off', 'decoration'].includes(main.rind.verdict) ? 'rind' : 'cutting';
}

function mainPortion(main: Main, { net, eaters }: Share, byHand: boolean, brief: Brief): Portion {
  const bought = purchase(main, net, brief.practice);
  const reasons: Reason[] = [];
  const about = (effect: number) => ({ subject: main.id, effect });
  const { why } = shareOf(main, brief.shares);
  if (byHand) reasons.push(reason('by hand', NONE, about(0)));
  else if (why) reasons.push(why);
  const off = grams(bought.gross - bought.net);
  if (off >= 1) reasons.push(reason('rind and trim', { off, loss: lossOf(main) }, about(off)));
  const { left } = bought;
  if (left >= 5)
    reasons.push(
      reason(bought.packs === null ? 'least cut' : 'whole packs', { left: grams(left) }, about(left)),
    );
  const held = gramsOnHand(main, brief.servingAt);
  if (held !== null && held < bought.gross) {
    const [onHand, short] = [grams(held), grams(bought.gross - held)];
    reasons.push(reason('stock', { onHand, short }, about(-short)));
  }
  return { ...bought, good: main, eaters, byHand, reasons };
}

/** Companions that draw on the same figure of the practice table split its grams among those who eat of them. */
function companionPortions(
  companions: readonly Companion[],
  brief: Brief,
  choices: PortionChoices,
): Portion[] {
  const figures = [...new Set(companions.map(({ role }) => BESIDE_OF[role]))];
  const byFigure = new Map(
    figures.map((what) => {
      const peers = companions.filter(({ role }) => BESIDE_OF[role] === what);
      return [what, { ...sharesOf(brief, peers, besidePerAdult(brief, what), () => 1, choices), peers }];
    }),
  );
  return companions.map((good): Portion => {
    const what = BESIDE_OF[good.role];
    const { shares, peers, without } = byFigure.get(what)!;
    const { net, eaters } = shares.get(good.id)!;
    const about = { subject: good.id, effect: net };
    const byHand = choices[good.id] !== undefined;
    const reasons: Reason[] = byHand
      ? [reason('by hand', NONE, { subject: good.id })]
      : besidePerAdult(brief, what) === 0
        ? [reason('no use in this role', { what, role: brief.role }, about)]
        : [reason('for the table', { what, sharedBy: peers.length }, about)];
    const waste = yieldOf(good)?.waste;
    const bought = purchase(good, net, brief.practice);
    const off = grams(bought.gross - bought.net);
    if (waste && off >= 1)
      reasons.push(reason('not eaten', { off, waste }, { subject: good.id, effect: off }));
    if (without > 0) reasons.push(reason('not for everyone', { what, heads: without }, about));
    return { ...bought, good, eaters, byHand, reasons };
  });
}

/** Weights of the whole order; its money is summed over the lines of all stages (order/plan.ts). */
export function portionsFor(
  mains: readonly Main[],
  beside: readonly Good[],
  brief: Brief,
  targets: Targets,
  choices: PortionChoices,
): Portions {
  const net = mainsNet(mains, brief, targets, choices);
  const main = mains.map((m) => mainPortion(m, net.get(m.id)!, choices[m.id] !== undefined, brief));
  const companions = companionPortions(beside.filter(isCompanion), brief, choices);
  const sum = (portions: readonly Portion[], key: 'net' | 'gross') =>
    portions.reduce((total, portion) => total + portion[key], 0);
  const ofKind = (kind: Main['kind']) =>
    grams(
      sum(
        main.filter((p) => p.good.kind === kind),
        'net',
      ),
    );
  return {
    mains: main,
    companions,
    netCheese: ofKind('cheese'),
    netMeat: ofKind('meat'),
    net: grams(sum(main, 'net')),
    gross: grams(sum(main, 'gross')),
  };
}
