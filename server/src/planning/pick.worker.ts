import { pick, type Brief, type Good, type House, type Pick, type Wishes } from '@rotula/core';
import { CounterReader } from '../counter/counterReader.js';
import { openReader } from '../database/database.js';

/** One question to the optimiser, as it is handed to a worker. */
export interface PickJob {
  readonly brief: Brief;
  /** Asked along, or null for the shop's own, which the worker reads itself: thousands of goods make no trip. */
  readonly counter: readonly Good[] | null;
  readonly dataDirectory: string;
  readonly house: House;
  readonly locks: Wishes;
  readonly nodeLimit: number;
}

let shop: CounterReader | null = null;

/** Runs in a thread of its own, so that the server goes on answering. */
export default async function run(job: PickJob): Promise<Pick> {
  const { brief, house, locks, nodeLimit, dataDirectory } = job;
  shop ??= new CounterReader(openReader(dataDirectory));
  const counter = job.counter ?? (await shop.all()).goods;
  return pick(brief, counter, house, locks, { nodeLimit });
}
