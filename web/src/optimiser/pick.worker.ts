import {
  alternativesTo,
  clockWays,
  EXACTLY,
  layOut,
  oneMore,
  pick,
  priceSteps,
  timingOf,
  troubleOf,
  type Alternative,
  type Ask,
  type ClockWay,
  type Found,
  type Good,
  type House,
  type Layout,
  type LayQuestion,
  type OneMore,
  type Pick,
  type OrderBody,
  type PriceStep,
  type Timing,
  type TimingAsked,
  type Trouble,
} from '@rotula/core';
import { expose } from 'comlink';

/** What each budget buys, and what one more kind would bring. */
export interface MoneyAnswer {
  readonly steps: readonly PriceStep[];
  readonly more: readonly OneMore[];
}

/** What searches, off the main thread. One question at a time; a page that no longer wants the answer ends the worker. */
const worker = {
  pick: (
    ask: Ask,
    counter: readonly Good[],
    house: House,
    nodeLimit: number,
    onBest?: (found: Found) => void,
  ): Pick =>
    pick(ask.brief, counter, house, ask.wishes, {
      nodeLimit,
      onBest: (found) => {
        onBest?.(found);
        return false;
      },
    }),

  alternatives: (
    best: Pick,
    ask: Ask,
    counter: readonly Good[],
    house: House,
    nodeLimit: number,
  ): Alternative[] => alternativesTo(best, ask.brief, counter, house, ask.wishes, { nodeLimit }),

  trouble: (ask: Ask, counter: readonly Good[], house: House): Trouble => troubleOf(ask, counter, house),

  more: (ask: Ask, counter: readonly Good[], house: House, nodeLimit: number): OneMore[] =>
    oneMore(ask.brief, counter, house, ask.wishes, { nodeLimit }),

  money: (
    ask: Ask,
    counter: readonly Good[],
    house: House,
    nodeLimit: number,
    onStep: (steps: readonly PriceStep[]) => void,
  ): MoneyAnswer => ({
    steps: priceSteps(ask.brief, counter, house, ask.wishes, {
      nodeLimit,
      onStep: (steps) => {
        onStep(steps);
        return false;
      },
    }),
    more: oneMore(ask.brief, counter, house, ask.wishes, { nodeLimit }),
  }),

  layOut: (question: LayQuestion): Layout => layOut(question),

  timing: (asked: TimingAsked): Timing => timingOf(asked, EXACTLY),

  clockWays: (order: OrderBody, shelf: readonly Good[], house: House, key: string): ClockWay[] =>
    clockWays(order, shelf, house, key),
};
export type PickWorker = typeof worker;

expose(worker);
