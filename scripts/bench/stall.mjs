/**
 * The server under long questions and many of them: how long a read takes while eight days of 2,000 boxes are planned, what a
 * full queue answers, and the resident memory over 20,000 requests. Prints tables, judges nothing: npm run bench:stall
 * (`-- 4000`: the number of requests).
 */
import { readFileSync } from 'node:fs';
import { startServer } from '../lib/server.mjs';
import { ensureBuilt, ensureInstalled } from '../lib/setup.mjs';
import { percentile } from './stats.mjs';

await ensureInstalled();
await ensureBuilt();

const REQUESTS = Number(process.argv[2] ?? 20_000);
const ORDER = '/api/orders/boatyard-launch-supper';
const server = await startServer();
const get = (path) => fetch(server.address + path).then((answer) => answer.json());
const send = (method, path, body, signal) =>
  fetch(server.address + path, {
    method,
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
    signal,
  });

const order = await get(ORDER);
const { id: _i, version: _v, updatedAt: _u, ...body } = order;
const boxes = (n, hour) => ({
  order: {
    ...body,
    title: `${n} boxes`,
    brief: {
      ...body.brief,
      servingAt: `2031-01-0${hour}T12:30`,
      role: 'box',
      surface: 'boxes',
      guests: { adults: n },
    },
  },
});

async function readsUntil(done) {
  const times = [];
  while (!done()) {
    const start = performance.now();
    await get(ORDER);
    times.push(performance.now() - start);
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
  return times;
}
const figures = (xs) => ({
  reads: xs.length,
  'median, ms': percentile(xs, 0.5).toFixed(1),
  'p99, ms': percentile(xs, 0.99).toFixed(1),
  'worst, ms': Math.max(...xs).toFixed(1),
});

await get(ORDER);
const rows = {};
let n = 0;
rows['nothing else asked'] = figures(await readsUntil(() => n++ > 400));
for (const [name, count, guests] of [
  ['eight days of 2,000 boxes', 8, 2000],
  ['one day of 10,000 guests in boxes', 1, 10_000],
]) {
  let left = count;
  const start = performance.now();
  const statuses = [];
  const asked = Array.from({ length: count }, (_, i) =>
    send('POST', '/api/search/clock', boxes(guests, i + 1))
      .then(async (answer) => (statuses.push(answer.status), answer.text()))
      .finally(() => left--),
  );
  rows[`while ${name} are planned`] = figures(await readsUntil(() => left === 0));
  await Promise.all(asked);
  rows[`while ${name} are planned`]['took, s'] = ((performance.now() - start) / 1000).toFixed(1);
  rows[`while ${name} are planned`].statuses = [...new Set(statuses)].join(' ');
}
console.table(rows);

const stop = new AbortController();
const told = await Promise.all(
  Array.from({ length: 90 }, (_, i) =>
    Promise.race([
      send('POST', '/api/search/clock', boxes(2000, 1 + (i % 8)), stop.signal).then(
        ({ status, headers }) =>
          `${status}${status === 429 ? `, come back in ${headers.get('retry-after')} s` : ''}`,
        () => 'withdrawn',
      ),
      new Promise((resolve) => setTimeout(resolve, 4000, 'still waiting after 4 s')),
    ]),
  ),
);
stop.abort();
console.log('90 such questions at once:');
console.table(told.reduce((all, one) => ({ ...all, [one]: (all[one] ?? 0) + 1 }), {}));

const resident = () => {
  const [, kb] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'));
  return (Number(kb) / 1024).toFixed(0);
};
const memory = {};
let { version } = order;
for (let done = 1; done <= REQUESTS; done++) {
  const turn = done % 10;
  if (turn === 0) {
    const answer = await send('PUT', ORDER, { version, order: { ...body, note: `request ${done}` } });
    version = (await answer.json()).version;
  } else if (turn === 1) await get('/api/counter');
  else if (turn === 2) await get('/api/orders');
  else if (turn === 3) await fetch(`${server.address}${ORDER}/plan`).then((a) => a.text());
  else if (turn === 4) await send('POST', '/api/plan', { order: body }).then((a) => a.text());
  else if (turn === 5) await send('POST', '/api/orders', { title: '' }).then((a) => a.text());
  else await get(turn < 8 ? '/api/house' : ORDER);
  if (done % (REQUESTS / 10) === 0) memory[`after ${done} requests`] = { 'resident, MB': resident() };
}
console.table(memory);
await server.close();
