/**
 * Malformed requests to every door: half characters in every string, duplicates, the huge, the deep, the wrong; while the queues
 * are full. Each must be answered 4xx, at once, in words, with nothing of SQL or a stack. Prints a table, judges by its exit code:
 * npm run bench:malformed (`-- 2000`: their number).
 */
import { join } from 'node:path';
import { startServer } from '../lib/server.mjs';
import { ensureBuilt, ensureInstalled, ROOT } from '../lib/setup.mjs';
import { percentile } from './stats.mjs';

await ensureInstalled();
await ensureBuilt();
const { chance } = await import(join(ROOT, 'core/dist/units/chance.js'));

const REQUESTS = Number(process.argv[2] ?? 20_000);
const AT_ONCE = 6;
const HALVES = ['\ud83e', 'x\udc00', '\ud800\ud800'];
const server = await startServer();
const get = (path) => fetch(server.address + path).then((answer) => answer.json());
const order = await get('/api/orders/boatyard-launch-supper');
const { version: houseVersion, unreadable: _n, ...house } = await get('/api/house');
const { goods } = await get('/api/counter');
const [{ id: sessionId, version: sessionVersion, updatedAt: _s, ...session }] = (await get('/api/tastings'))
  .sessions;
const good = goods.find(({ lots }) => lots.length > 0);
const { id: _i, version: _v, updatedAt: _u, ...body } = order;

/** Every door that takes a body, with one that it would take. */
const DOORS = [
  ['PUT', '/api/orders/boatyard-launch-supper', { version: order.version, order: body }],
  ['POST', '/api/orders', { title: 'x', brief: body.brief }],
  ['PUT', '/api/house', { version: houseVersion, house }],
  ['PUT', `/api/tastings/${sessionId}`, { version: sessionVersion, session }],
  ['POST', '/api/tastings', session],
  ['POST', '/api/counter/changes', { name: 'x', put: [{ good, was: 'x' }], remove: [] }],
  ['POST', '/api/plan', { order: body }],
  ['POST', '/api/search/clock', { order: body }],
  ['POST', '/api/search/pick', { brief: body.brief }],
  ['POST', '/api/pick', { brief: body.brief }],
];

function pathsIn(value, is, path = []) {
  const own = is(value) ? [path] : [];
  if (typeof value !== 'object' || value === null) return own;
  return [...own, ...Object.entries(value).flatMap(([key, inside]) => pathsIn(inside, is, [...path, key]))];
}
const at = (value, [key, ...rest], put) =>
  key === undefined
    ? put
    : Array.isArray(value)
      ? value.map((inside, i) => (String(i) === key ? at(inside, rest, put) : inside))
      : { ...value, [key]: at(value[key], rest, put) };

const random = chance(31);
const one = (all) => all[Math.floor(random() * all.length)];
const strings = DOORS.map(([, , value]) => pathsIn(value, (v) => typeof v === 'string'));
const numbers = DOORS.map(([, , value]) => pathsIn(value, (v) => typeof v === 'number'));

/** Ways to be wrong: the text that is sent. */
const WRONG = {
  'half a character': (i) => JSON.stringify(at(DOORS[i][2], one(strings[i]), one(HALVES))),
  'half a character as a key': (i) => JSON.stringify({ ...DOORS[i][2], [one(HALVES)]: 1 }),
  'a control character': (i) => JSON.stringify(at(DOORS[i][2], one(strings[i]), 'a\u0000b')),
  'text where a number is': (i) =>
    JSON.stringify(at(DOORS[i][2], one(numbers[i].length ? numbers[i] : strings[i]), {})),
  'a figure without bounds': (i) =>
    JSON.stringify(at(DOORS[i][2], one(numbers[i].length ? numbers[i] : strings[i]), 1e300)),
  'a list instead': (i) => JSON.stringify([DOORS[i][2]]),
  nothing: () => 'null',
  'no JSON': (i) => JSON.stringify(DOORS[i][2]).slice(0, -1 - Math.floor(random() * 40)),
  deep: () => '{"brief":'.repeat(3000) + '1' + '}'.repeat(3000),
  'the same good twice': () =>
    JSON.stringify({
      name: 'x',
      put: [
        { good, was: null },
        { good, was: null },
      ],
      remove: [],
    }),
  huge: () => `{"title":"${'x'.repeat(5_300_000)}"}`,
};
/** A few megabytes each: now and then. */
const RARE = { huge: 0.002, deep: 0.2 };

const kinds = Object.keys(WRONG);
const rows = Object.fromEntries(kinds.map((kind) => [kind, { sent: 0, '4xx': 0, other: 0 }]));
const times = [];
const odd = [];
const LEAKS = /SQLITE|INSERT |SELECT |\bat .*\.(js|ts):\d|node_modules/;

// The queues are full meanwhile: what is wrong is refused before it waits.
const stop = new AbortController();
const boxes = {
  order: { ...body, brief: { ...body.brief, role: 'box', surface: 'boxes', guests: { adults: 2000 } } },
};
const fill = () =>
  Array.from({ length: 80 }, () =>
    fetch(`${server.address}/api/search/clock`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(boxes),
      signal: stop.signal,
    }).catch(() => undefined),
  );
fill();

let left = REQUESTS;
async function client() {
  while (left-- > 0) {
    const kind = one(kinds.filter((k) => random() < (RARE[k] ?? 1)));
    if (!kind) continue;
    const i = Math.floor(random() * DOORS.length);
    const [method, path] = kind === 'the same good twice' ? DOORS[5] : DOORS[i];
    const text = WRONG[kind](i);
    const start = performance.now();
    const answer = await fetch(server.address + path, {
      method,
      headers: { 'Content-Type': 'application/json' },
      body: text,
    }).catch((fault) => ({ status: 0, text: async () => String(fault.cause ?? fault) }));
    const said = await answer.text();
    if (kind !== 'huge') times.push(performance.now() - start);
    rows[kind].sent++;
    // A body refused by its length may be cut off while it is still sent.
    const refused = (answer.status >= 400 && answer.status < 500) || (kind === 'huge' && answer.status === 0);
    rows[kind][refused ? '4xx' : 'other']++;
    if (!refused || LEAKS.test(said))
      odd.push(`${kind} ${method} ${path}: ${answer.status} ${said.slice(0, 160)}`);
  }
}
await Promise.all(Array.from({ length: AT_ONCE }, client));
stop.abort();
console.table(rows);
console.log(
  `p50 ${percentile(times, 0.5).toFixed(1)} ms, p99 ${percentile(times, 0.99).toFixed(1)} ms, queues full`,
);
for (const line of [...new Set(odd)].slice(0, 12)) console.log(line);
await server.close();
process.exit(odd.length === 0 ? 0 : 1);
