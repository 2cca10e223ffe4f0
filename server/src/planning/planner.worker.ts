import {
  EXACTLY,
  foundOut,
  groundOf,
  lately,
  pick,
  plan,
  planOut,
  previewOf,
  refuseInWords,
  timingOf,
  withTaken,
  writtenPlan,
  type Good,
  type Taking,
} from '@rotula/core';
import { CounterReader } from '../counter/counterReader.js';
import { TakingsReader } from '../counter/takings.js';
import { openReader } from '../database/database.js';
import type { Job, JobName, Jobs, Shelf } from './jobs.js';

/** Runs in a thread of its own, so that the server goes on answering. Answers are JSON text: what is large makes no copy. */

interface Shop {
  readonly counter: CounterReader;
  readonly takings: TakingsReader;
}
let shop: Shop | null = null;
let known: { readonly revision: number; readonly goods: readonly Good[] } | null = null;

function shopIn(dataDirectory: string): Shop {
  if (shop) return shop;
  const db = openReader(dataDirectory);
  return (shop = { counter: new CounterReader(db), takings: new TakingsReader(db) });
}

/** The same list again where nothing was cut since: all that is prepared for a counter is prepared once. */
const left = lately(
  ({ goods, takings, own }: { goods: readonly Good[]; takings: readonly Taking[]; own: string }) =>
    withTaken(goods, takings, new Set(own.split('\n'))),
  (a, b) => a.goods === b.goods && a.own === b.own && JSON.stringify(a.takings) === JSON.stringify(b.takings),
);

/** What lies there now: less what orders cut off it. @param own ids of the weighings of the order that looks */
async function goodsOf(shelf: Shelf, dataDirectory: string, own: readonly string[] = []) {
  if ('asked' in shelf) return shelf.asked;
  const { counter, takings } = shopIn(dataDirectory);
  if (known?.revision !== shelf.stored)
    known = { revision: shelf.stored, goods: (await counter.all()).goods };
  return left({ goods: known.goods, takings: await takings.all(), own: own.join('\n') });
}

const ownOf = ({ cutting }: Jobs['plan']['order']) => cutting.entries.map(({ id }) => id);

const RUNS: { readonly [K in JobName]: (ask: Jobs[K], dataDirectory: string) => Promise<unknown> } = {
  plan: async ({ order, house, shelf }, data) =>
    JSON.stringify(planOut(plan(order, await goodsOf(shelf, data, ownOf(order)), house))),
  sentPlan: async ({ order, house, shelf }, data) => {
    const { id: _, version, updatedAt: __, ...body } = order;
    const counter = await goodsOf(shelf, data, ownOf(body));
    const { goods } = groundOf(body, counter, house);
    return writtenPlan({ version, plan: plan(body, counter, house) }, goods);
  },
  preview: async ({ order, house, shelf }, data) => {
    const counter = await goodsOf(shelf, data, ownOf(order));
    return JSON.stringify(previewOf(plan(order, counter, house), counter));
  },
  // Every good warmed by series and sections, the work backwards by branch and bound.
  clock: async ({ order, house, shelf }, data) => {
    const counter = await goodsOf(shelf, data, ownOf(order));
    return JSON.stringify(foundOut(timingOf(plan(order, counter, house).timing.asked, EXACTLY)));
  },
  pick: async ({ brief, house, locks, nodeLimit, shelf }, data) =>
    pick(brief, await goodsOf(shelf, data), house, locks, { nodeLimit }),
};

refuseInWords();

export default async function run({ name, ask, dataDirectory }: Job): Promise<unknown> {
  return (RUNS[name] as (ask: unknown, data: string) => Promise<unknown>)(ask, dataDirectory);
}
