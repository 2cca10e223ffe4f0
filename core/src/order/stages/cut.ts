import { cutsFor, type Cut } from '../../cut/index.js';
import { byHand, stage, without } from './row.js';

declare module './row.js' {
  interface Parts {
    cut: CutPart;
  }
}

export interface CutPart {
  readonly cuts: readonly Cut[];
}

export const cutStage = stage({
  id: 'cut',
  place: 4,
  reads: ['pick', 'portion'],
  fields: ['cuts'],
  tidy: (order, left) => ({ ...order, cuts: without(order.cuts, left) }),
  derive: ({ order }, { pick: { mains }, portion: { portions } }): CutPart => {
    const net = new Map(portions.mains.map((portion) => [portion.good.id, portion.net]));
    return { cuts: cutsFor(mains, net, order.cuts) };
  },
  summary: ({ cuts }) => byHand(cuts),
});
