import { mainsNet, type GoodShare } from '../../amount/index.js';
import { waresOn } from '../../counter/index.js';
import { cutsFor, knivesFor, cutTableOf, type Cut, type Tool } from '../../cut/index.js';
import { byHand, stage, without } from './row.js';

declare module './row.js' {
  interface Parts {
    cut: CutPart;
  }
}

export interface CutPart {
  /** Grams to be eaten of each cheese and meat, and by how many heads. */
  readonly shares: ReadonlyMap<string, GoodShare>;
  readonly cuts: readonly Cut[];
  /** Blades behind the counter, and what guests take it with. */
  readonly cutting: readonly Tool[];
  readonly serving: readonly Tool[];
}

export const cutStage = stage({
  id: 'cut',
  place: 4,
  reads: ['brief', 'pick'],
  fields: ['cuts'],
  tidy: (order, left) => ({ ...order, cuts: without(order.cuts, left) }),
  derive: ({ order, house, counter }, { brief: { brief, targets }, pick: { mains } }): CutPart => {
    const shares = mainsNet(mains, brief, targets, order.portions);
    const cuts = cutsFor(mains, shares, order.cuts, cutTableOf(brief, house), brief.servingAt);
    const wares = waresOn(counter);
    const uses = (of: 'knife' | 'serving') => cuts.map((cut, i) => ({ main: mains[i]!, tool: cut[of] }));
    return {
      shares,
      cuts,
      cutting: knivesFor(uses('knife'), 'fewest', wares),
      serving: knivesFor(uses('serving'), house.knives, wares),
    };
  },
  summary: ({ cuts }) => byHand(cuts),
});
