import { pick, withTaken, type Brief, type Good, type House, type Pick, type Wishes } from '@rotula/core';
import { CounterReader } from '../counter/counterReader.js';
import { takingsOf } from '../counter/takings.js';
import { openReader, type Reader } from '../database/database.js';

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

let shop: { readonly db: Reader; readonly counter: CounterReader } | null = null;

/** Runs in a thread of its own, so that the server goes on answering. */
export default async function run(job: PickJob): Promise<Pick> {
  const { brief, house, locks, nodeLimit, dataDirectory } = job;
  return pick(brief, job.counter ?? (await shelf(dataDirectory)), house, locks, { nodeLimit });
}

/** The shop's own counter, less what orders cut off it. */
async function shelf(dataDirectory: string): Promise<readonly Good[]> {
  const db = shop?.db ?? openReader(dataDirectory);
  shop ??= { db, counter: new CounterReader(db) };
  const [{ goods }, takings] = await Promise.all([shop.counter.all(), takingsOf(db)]);
  return withTaken(goods, takings);
}
