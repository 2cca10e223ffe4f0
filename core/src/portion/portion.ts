import {
  besidePerAdult,
  BESIDE_OF,
  purchase,
  shareOf,
  sharesOf,
  yieldOf,
  type GoodShare,
  type PortionChoices,
  type Purchase,
  type Waste,
} from '../amount/index.js';
import type { BesideFigure, Brief, Role } from '../brief/index.js';
import type { Cut } from '../cut/index.js';
import { gramsOnHand, isCompanion, trimOf, type Companion, type Good, type Main } from '../counter/index.js';
import { grams, NONE, reason, type Grams, type Reason } from '../units/index.js';

/** What the loss between net and gross is: something that is taken off, or only what stays on the knife. */
export type Loss = 'rind' | 'cutting' | 'casing' | 'slicing';

declare module '../units/reason.js' {
  interface Rules {
    'rind-and-trim': { off: Grams; loss: Loss };
    'whole-packs': { left: Grams };
    'least-cut': { left: Grams };
    'rest-of-the-wheel': { left: Grams };
    'peel-and-stones': { off: Grams; waste: Waste };
    stock: { onHand: Grams; short: Grams };
    'no-use-in-this-role': { what: BesideFigure; role: Role };
    'not-for-everyone': { what: BesideFigure; heads: number };
    'for-the-table': { what: BesideFigure; sharedBy: number };
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

function lossOf(main: Main): Loss {
  if (main.kind === 'meat') return main.contents.casing === 'none' || main.casingEaten ? 'slicing' : 'casing';
  return trimOf(main.rind) > 0 ? 'rind' : 'cutting';
}

function mainPortion(
  main: Main,
  { net, eaters }: GoodShare,
  cut: Cut,
  byHand: boolean,
  brief: Brief,
): Portion {
  const bought = purchase(main, net, brief.practice, cut);
  const reasons: Reason[] = [];
  const about = (effect: number) => ({ subject: main.id, effect });
  const { why } = shareOf(main, brief.shares);
  if (byHand) reasons.push(reason('by-hand', NONE, about(0)));
  else if (why) reasons.push(why);
  const off = grams(bought.gross - bought.net);
  if (off >= 1) reasons.push(reason('rind-and-trim', { off, loss: lossOf(main) }, about(off)));
  const { left } = bought;
  if (left >= 5)
    reasons.push(
      reason(
        bought.packs !== null
          ? 'whole-packs'
          : cut.wheel?.way === 'the rest of it'
            ? 'rest-of-the-wheel'
            : 'least-cut',
        { left: grams(left) },
        about(left),
      ),
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
      ? [reason('by-hand', NONE, { subject: good.id })]
      : besidePerAdult(brief, what) === 0
        ? [reason('no-use-in-this-role', { what, role: brief.role }, about)]
        : [reason('for-the-table', { what, sharedBy: peers.length }, about)];
    const waste = yieldOf(good)?.waste;
    const bought = purchase(good, net, brief.practice);
    const off = grams(bought.gross - bought.net);
    if (waste && off >= 1)
      reasons.push(reason('peel-and-stones', { off, waste }, { subject: good.id, effect: off }));
    if (without > 0) reasons.push(reason('not-for-everyone', { what, heads: without }, about));
    return { ...bought, good, eaters, byHand, reasons };
  });
}

/**
 * Weights of the whole order; its money is summed over the lines of all stages (order/plan.ts).
 * @param shares grams to be eaten and heads, by good id (amount/net.ts)
 * @param cuts how each is cut, and what that takes
 */
export function portionsFor(
  mains: readonly Main[],
  beside: readonly Good[],
  brief: Brief,
  shares: ReadonlyMap<string, GoodShare>,
  cuts: readonly Cut[],
  choices: PortionChoices,
): Portions {
  const cutOf = new Map(cuts.map((cut) => [cut.goodId, cut]));
  const main = mains.map((m) =>
    mainPortion(m, shares.get(m.id)!, cutOf.get(m.id)!, choices[m.id] !== undefined, brief),
  );
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
