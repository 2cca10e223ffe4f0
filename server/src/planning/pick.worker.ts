import { pick, type Brief, type Good, type House, type Pick, type Wishes } from '@rotula/core';

/** One question to the optimiser, as it is handed to a worker. */
export interface PickJob {
  readonly brief: Brief;
  readonly counter: readonly Good[];
  readonly house: House;
  readonly locks: Wishes;
  readonly nodeLimit: number;
}

/** Runs in a thread of its own, so that the server goes on answering. */
export default function run({ brief, counter, house, locks, nodeLimit }: PickJob): Pick {
  return pick(brief, counter, house, locks, { nodeLimit });
}
