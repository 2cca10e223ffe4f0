import { pathToFileURL } from 'node:url';
import {
  byId,
  groundOf,
  lruMemoised,
  NoQuestion,
  PAPERS,
  plan,
  previewOf,
  printed,
  refuseInWords,
  runSearch,
  SEARCHES,
  withReadGoods,
  withReadings,
  withTaken,
  writtenPlan,
  type Good,
  type House,
  type Order,
  type OrderBody,
  type PaperGround,
  type PaperId,
  type PaperNeed,
  type Searched,
  type SearchId,
  type Shop,
  type Taking,
} from '@rotula/core';
import { CounterReader } from '../counter/counterReader.js';
import { TakingsReader } from '../counter/takings.js';
import { openReader } from '../database/database.js';
import type { Job, JobName, Jobs, SearchReply, Shelf } from './jobs.js';

/** Runs in a thread of its own, so that the server goes on answering. Answers are JSON text: what is large makes no copy. */

interface Stores {
  readonly counter: CounterReader;
  readonly takings: TakingsReader;
}
let stores: Stores | null = null;
let known: { readonly revision: number; readonly goods: readonly Good[] } | null = null;

function storesIn(dataDirectory: string): Stores {
  if (stores) return stores;
  const db = openReader(dataDirectory);
  return (stores = { counter: new CounterReader(db), takings: new TakingsReader(db) });
}

/** The same list again where nothing was cut since: all that is prepared for a counter is prepared once. */
const left = lruMemoised(
  ({ goods, takings, own }: { goods: readonly Good[]; takings: readonly Taking[]; own: string }) =>
    withTaken(goods, takings, new Set(own.split('\n'))),
  (a, b) => a.goods === b.goods && a.own === b.own && JSON.stringify(a.takings) === JSON.stringify(b.takings),
);

/** What lies there now: less what orders cut off it. @param own ids of the weighings of the order that looks */
async function goodsOf(shelf: Shelf, dataDirectory: string, own: readonly string[] = []) {
  if ('sent' in shelf) return withReadings(shelf.sent);
  const { counter, takings } = storesIn(dataDirectory);
  if (known?.revision !== shelf.stored)
    known = { revision: shelf.stored, goods: (await counter.all()).goods };
  return left({ goods: known.goods, takings: await takings.all(), own: own.join('\n') });
}

/** The document of an order, and the version of a stored one. */
function unstored(order: OrderBody | Order): { body: OrderBody; version: number | null } {
  if (!('version' in order)) return { body: withReadGoods(order), version: null };
  const { id: _, version, updatedAt: __, ...body } = order;
  return { body: withReadGoods(body), version };
}

const ownOf = ({ cutting }: Jobs['plan']['order']) => cutting.entries.map(({ id }) => id);

function searched<K extends SearchId>(id: K, asked: Searched[K]['request'], shop: Shop): SearchReply {
  const request = 'order' in asked ? { ...asked, order: withReadGoods(asked.order) } : asked;
  try {
    return { found: JSON.stringify(byId(runSearch(id, SEARCHES[id].question(request, shop)))) };
  } catch (fault) {
    // Its class would not survive the way out of the thread.
    if (fault instanceof NoQuestion) return { refused: fault.message };
    throw fault;
  }
}

type PaperText = (id: PaperId, ground: PaperGround, orderId: string) => Promise<string>;

/** What a paper is computed from, with what is searched for it. */
function paperGround(id: PaperId, order: OrderBody, house: House, shelf: readonly Good[]): PaperGround {
  const made = plan(order, shelf, house);
  const { needs, takes = [] } = PAPERS[id];
  const isNeeded = (need: PaperNeed) => needs.includes(need) || takes.includes(need);
  const { counter } = groundOf(order, shelf, house);
  const layouts = made.boards.laid.flatMap(({ key, question }) =>
    question && isNeeded('layouts') ? [[key, runSearch('lay', question)] as const] : [],
  );
  return {
    plan: made,
    order,
    house,
    counter,
    shelf,
    day: isNeeded('day') ? runSearch('clock', made.timing.question) : null,
    layouts: new Map(layouts),
  };
}

const RUNS: { readonly [K in JobName]: (ask: Jobs[K], dataDirectory: string) => Promise<unknown> } = {
  plan: async ({ order, house, shelf }, data) => {
    const { body, version } = unstored(order);
    const counter = await goodsOf(shelf, data, ownOf(body));
    const { goods } = groundOf(body, counter, house);
    return JSON.stringify(writtenPlan(plan(body, counter, house), goods, version));
  },
  preview: async ({ order, house, shelf }, data) => {
    const counter = await goodsOf(shelf, data, ownOf(order));
    return JSON.stringify(previewOf(plan(order, counter, house), counter));
  },
  paper: async ({ id, as, order, house, shelf, printer }, data) => {
    const { body } = unstored(order);
    const ground = paperGround(id, body, house, await goodsOf(shelf, data, ownOf(body)));
    if (as === 'data')
      return JSON.stringify({ paper: id, for: PAPERS[id].for, ...byId(printed(id, ground)) });
    const { paperText } = (await import(pathToFileURL(printer).href)) as { paperText: PaperText };
    return paperText(id, ground, order.id);
  },
  search: async ({ id, request, house, shelf }, data) => {
    const own = 'order' in request ? ownOf(request.order) : [];
    return searched(id, request, { counter: await goodsOf(shelf, data, own), house });
  },
};

refuseInWords();

export default async function run({ name, ask, dataDirectory }: Job): Promise<unknown> {
  return (RUNS[name] as (ask: unknown, data: string) => Promise<unknown>)(ask, dataDirectory);
}
