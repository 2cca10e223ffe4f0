/**
 * The server under long picks: while eight picks on 5,000 goods run, how long reading an order takes; and how soon the server
 * is gone when it is told to stop. Prints a table, judges nothing: npm run bench:door.
 */
import { join } from 'node:path';
import { startServer } from '../lib/server.mjs';
import { ensureBuilt, ensureInstalled, ROOT } from '../lib/setup.mjs';
import { percentile } from './stats.mjs';

await ensureInstalled();
await ensureBuilt();
const core = await import(join(ROOT, 'core/dist/index.js'));
const { seededMains } = await import(join(ROOT, 'core/dist/testing/counters.js'));

const PICKS = 8;
const READS = 400;
const server = await startServer();
const post = (path, body, type = 'application/json') =>
  fetch(server.address + path, { method: 'POST', headers: { 'Content-Type': type }, body });
const goods = seededMains(3, 4000, 1000);
await post(
  '/api/counter/changes/lines',
  [...core.linesOf(core.changeTo('five thousand', goods, new Map()))].join('\n'),
  'application/x-ndjson',
);
const ask = JSON.stringify({
  brief: {
    servingAt: '2027-01-09T19:00',
    guests: { adults: 30 },
    kinds: { cheeses: 9, meats: 5 },
    budget: { amount: 90000, per: 'total' },
  },
  search: { nodeLimit: core.HIGHEST_NODE_LIMIT },
});
const readOnce = async () => {
  const start = performance.now();
  await fetch(`${server.address}/api/orders/boatyard-launch-supper`).then((answer) => answer.json());
  return performance.now() - start;
};
const figures = (xs) => ({
  'median, ms': percentile(xs, 0.5).toFixed(1),
  'p99, ms': percentile(xs, 0.99).toFixed(1),
  'worst, ms': Math.max(...xs).toFixed(1),
});
async function reads() {
  const times = [];
  for (let i = 0; i < READS; i++) times.push(await readOnce());
  return times;
}

await readOnce();
const rows = { 'reading an order, nothing else asked': figures(await reads()) };
const stop = new AbortController();
const picks = Array.from({ length: PICKS }, () =>
  fetch(`${server.address}/api/pick`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: ask,
    signal: stop.signal,
  }).then(
    (answer) => answer.status,
    () => 'hung up',
  ),
);
let done = 0;
for (const pick of picks) void pick.then(() => done++);
rows[`the same while ${PICKS} picks on ${goods.length} goods run`] = figures(await reads());
rows['picks that were done by then'] = { 'median, ms': '', 'p99, ms': '', 'worst, ms': String(done) };
const start = performance.now();
await server.close();
rows['SIGTERM to gone, picks still running'] = { 'worst, ms': (performance.now() - start).toFixed(0) };
stop.abort();
console.table(rows);
