import { mainsNet, type GoodShare } from '../amount/index.js';
import { hotRow } from './hot.js';
import { isBoxed } from '../brief/index.js';
import { waresOn } from '../counter/index.js';
import { cuttingOrder, type CuttingStep } from './sequence.js';
import { cutsFor } from './cuts.js';
import { cutTableOf } from './suit.js';
import { kitOf, knivesFor, wearOf, type Tool } from './knives.js';
import type { Cut } from './cut.js';
import type { CutStyleId } from './style.js';
import { grams, money, type Grams, type Money } from '../units/index.js';
import type { Cutting } from './fields.js';
import { weighedOf } from './weighed.js';
import { cutRow } from './row.js';
import { stage } from '../stage/index.js';

declare module '../stage/stage.js' {
  interface Parts {
    cut: CutPart;
  }
}

/** A good that was weighed: what the scale said, and by how much it is over what was aimed at (below nothing: under). */
export interface Weighed {
  readonly grams: number;
  readonly target: number;
  readonly over: Grams;
  readonly simulated: boolean;
}

export interface CutPart {
  /** Grams to be eaten of each cheese and meat, and by how many heads. */
  readonly shares: ReadonlyMap<string, GoodShare>;
  readonly cuts: readonly Cut[];
  /** What the scale said of what is cut already. */
  readonly weighed: ReadonlyMap<string, Weighed>;
  /** In which order they are cut. */
  readonly sequence: readonly CuttingStep[];
  /** Blades behind the counter, and what guests take it with. */
  readonly cutting: readonly Tool[];
  readonly serving: readonly Tool[];
}

/** The cut of what is baked. */
const BAKED: CutStyleId = 'baked whole';

/** Targets as they froze at the first cut, with what was made up on them since. */
const frozenIn = ({ targets, madeUp }: Cutting): Record<string, number> =>
  Object.fromEntries(Object.entries(targets).map(([id, net]) => [id, Math.max(0, net + (madeUp[id] ?? 0))]));

export const cutStage = stage(cutRow, {
  derive: ({ order, house, counter }, { brief: { brief, targets }, pick: { mains } }): CutPart => {
    const table = cutTableOf(brief, house);
    const { cutting } = order;
    // From the first cut on the targets stand, whatever else of the order changes.
    const aimed = mainsNet(mains, brief, targets, { ...order.portions, ...frozenIn(cutting) });
    // What comes hot in its dish is not cut before.
    const baked = order.clock.hot.flatMap(({ id, way }) => (hotRow(way).dish ? [[id, BAKED] as const] : []));
    const choices = { ...order.cuts, ...Object.fromEntries(baked) };
    const first = cutsFor(mains, aimed, choices, table, brief.servingAt);
    const weighed = new Map(
      first.flatMap((cut): [string, Weighed][] => {
        const found = weighedOf(cutting, cut.goodId);
        return found ? [[cut.goodId, { ...found, over: grams(found.grams - found.target) }]] : [];
      }),
    );
    // The scale is the truth: what was cut is what is eaten, as much of it as this cut leaves.
    const shares = new Map(
      [...aimed].map(([id, share], i): [string, GoodShare] => {
        const found = weighed.get(id);
        const { gross, net } = first[i]!;
        const kept = gross > 0 ? net + (found?.over ?? 0) * (net / gross) : 0;
        return [id, found ? { ...share, net: grams(Math.max(0, Math.round(kept))) } : share];
      }),
    );
    const cuts = weighed.size > 0 ? cutsFor(mains, shares, choices, table, brief.servingAt) : first;
    const kits = kitOf(waresOn(counter), brief.wares);
    const uses = (of: 'knife' | 'serving') => cuts.map((cut, i) => ({ main: mains[i]!, tool: cut[of] }));
    // What is in a box is cut: only what is spooned needs a tool there.
    const taken = isBoxed(brief) ? uses('serving').filter(({ tool }) => tool === 'spoon') : uses('serving');
    return {
      shares,
      cuts,
      weighed,
      sequence: cuttingOrder(mains),
      cutting: knivesFor(uses('knife'), 'fewest', kits),
      serving: knivesFor(taken, house.knives, kits),
    };
  },
  lines: ({ cut: { cuts, cutting, serving } }, { house }) => {
    const seconds = cuts.reduce((sum, cut) => sum + cut.seconds, 0);
    const charged = (subject: string, price: Money) =>
      price > 0 ? [{ subject, good: null, for: 'service' as const, amount: null, price, cost: price }] : [];
    return [
      ...charged('cutting', money((house.wage * seconds) / 3600)),
      ...charged('wear', wearOf([...cutting, ...serving], house.wareShare)),
    ];
  },
});
