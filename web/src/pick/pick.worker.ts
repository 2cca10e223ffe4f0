import { pick, type Brief, type Good, type House } from '@rotula/core';
import { expose } from 'comlink';

/** The optimiser, off the main thread. */
const worker = {
  pick(
    brief: Brief,
    counter: readonly Good[],
    house: House,
    locked: readonly string[],
    leftOut: readonly string[],
    nodeLimit: number,
  ) {
    return pick(brief, counter, house, { locked, leftOut }, { nodeLimit });
  },
};
export type PickWorker = typeof worker;

expose(worker);
