import {
  besideTotal,
  BESIDE_OF,
  netGrams,
  purchase,
  shareOf,
  type BesideFigure,
  type Purchase,
} from '../amount/index.js';
import type { Brief, Targets } from '../brief/index.js';
import { gramsOnHand, isCompanion, type Companion, type Good, type Main } from '../counter/index.js';
import { grams, NONE, reason, shareOut, type Grams, type Reason } from '../units/index.js';

/** What the loss between net and gross is: something that is taken off, or only what stays on the knife. */
export type Loss = 'rind' | 'cutting' | 'casing' | 'slicing';

declare module '../units/reason.js' {
  interface Rules {
    'rind and trim': { off: Grams; loss: Loss };
    'whole packs': { left: Grams };
    stock: { onHand: Grams; short: Grams };
    'for the table': { what: BesideFigure; sharedBy: number };
  }
}

export interface Portion extends Purchase {
  readonly good: Good;
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

/**
 * Grams to be eaten of every cheese and meat, by id. Each kind's total is split by shares and always adds up to it;
 * what the person set stands, and the rest of the total is split over the others (never below nothing).
 */
export function mainsNet(
  mains: readonly Main[],
  targets: Targets,
  choices: PortionChoices,
): Map<string, Grams> {
  const net = new Map<string, Grams>();
  for (const kind of ['cheese', 'meat'] as const) {
    const total = kind === 'cheese' ? targets.cheeses.total : targets.meats.total;
    const all = mains.filter((m) => m.kind === kind);
    const set = all.filter((m) => choices[m.id] !== undefined);
    const free = all.filter((m) => choices[m.id] === undefined);
    for (const main of set) net.set(main.id, grams(choices[main.id]!));
    const taken = set.reduce((sum, main) => sum + choices[main.id]!, 0);
    const left = netGrams(grams(Math.max(0, Math.round(total - taken))), free);
    free.forEach((main, i) => net.set(main.id, left[i]!));
  }
  return net;
}

function lossOf(main: Main): Loss {
  if (main.kind === 'meat') return main.contents.casing === 'none' || main.casingEaten ? 'slicing' : 'casing';
  return ['cut off', 'decoration'].includes(main.rind.verdict) ? 'rind' : 'cutting';
}

function mainPortion(main: Main, net: Grams, byHand: boolean, date: string): Portion {
  const bought = purchase(main, net);
  const reasons: Reason[] = [];
  const about = (effect: number) => ({ subject: main.id, effect });
  const { why } = shareOf(main);
  if (byHand) reasons.push(reason('by hand', NONE, about(0)));
  else if (why) reasons.push(why);
  const off = grams(bought.gross - bought.net);
  if (off >= 1) reasons.push(reason('rind and trim', { off, loss: lossOf(main) }, about(off)));
  const { left } = bought;
  if (bought.packs !== null && left >= 5)
    reasons.push(reason('whole packs', { left: grams(left) }, about(left)));
  const held = gramsOnHand(main, date);
  if (held !== null && held < bought.gross) {
    const [onHand, short] = [grams(held), grams(bought.gross - held)];
    reasons.push(reason('stock', { onHand, short }, about(-short)));
  }
  return { ...bought, good: main, byHand, reasons };
}

/** Companions that draw on the same figure of the practice table split its grams evenly. */
function companionPortions(
  companions: readonly Companion[],
  brief: Brief,
  choices: PortionChoices,
): Portion[] {
  return companions.map((companion) => {
    const what = BESIDE_OF[companion.role];
    const asked = choices[companion.id];
    if (asked !== undefined)
      return {
        ...purchase(companion, grams(asked)),
        good: companion,
        byHand: true,
        reasons: [reason('by hand', NONE, { subject: companion.id })],
      };
    if (!what) return { ...purchase(companion, grams(0)), good: companion, byHand: false, reasons: [] };
    const peers = companions.filter((c) => BESIDE_OF[c.role] === what);
    const shares = shareOut(
      besideTotal(brief, what),
      peers.map(() => 1),
    );
    const net = grams(shares[peers.indexOf(companion)]!);
    const why = reason(
      'for the table',
      { what, sharedBy: peers.length },
      { subject: companion.id, effect: net },
    );
    return {
      ...purchase(companion, net),
      good: companion,
      byHand: false,
      reasons: [why],
    };
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
  const net = mainsNet(mains, targets, choices);
  const main = mains.map((m) => mainPortion(m, net.get(m.id)!, choices[m.id] !== undefined, brief.servingAt));
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
