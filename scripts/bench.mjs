/**
 * npm run bench: measured figures, never judged. With -- --json, rows { name, value, unit, aim, against }.
 * Every figure is the median of several runs on this machine.
 */
import { readFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { openBrowser } from './lib/browser.mjs';
import { startServer } from './lib/server.mjs';
import { ensureBrowser, ensureBuilt, ensureInstalled, ROOT } from './lib/setup.mjs';

const json = process.argv.includes('--json');
const log = console.log;
// With --json only the rows may be printed.
if (json) console.log = () => undefined;
await ensureInstalled();
await ensureBuilt();
await ensureBrowser();
console.log = log;

const rows = [];
const row = (name, value, unit, aim = null, against = null) => rows.push({ name, value, unit, aim, against });
const median = (xs) => [...xs].sort((a, b) => a - b)[Math.floor(xs.length / 2)];
const round = (x, digits = 1) => Math.round(x * 10 ** digits) / 10 ** digits;

/** Median milliseconds of a function over `runs`, after as many to warm up. */
function time(runs, fn) {
  for (let i = 0; i < runs; i++) fn();
  return median(
    Array.from({ length: runs }, () => {
      const start = performance.now();
      fn();
      return performance.now() - start;
    }),
  );
}

async function benchCore() {
  const core = await import(join(ROOT, 'core/dist/index.js'));
  const read = (path) => JSON.parse(readFileSync(join(ROOT, 'demo', path), 'utf8'));
  const counter = core.CounterFile.parse(read('counter.json')).goods;
  const house = core.House.parse(read('house.json'));
  const { order } = core.OrderFile.parse(read('orders/boatyard-launch-supper.json'));
  row(
    'plan() of a 14-guest order',
    round(
      time(100, () => core.plan(order, counter, house)),
      2,
    ),
    'ms',
    16,
  );
  const free = { locked: [], leftOut: [] };
  const options = { nodeLimit: core.DEFAULT_NODE_LIMIT };
  const ask = (brief) => time(20, () => core.pick(brief, counter, house, free, options));
  row(
    `pick 5 + 2 of ${counter.length} goods, to proof`,
    round(ask({ ...order.brief, budget: null }), 2),
    'ms',
  );
  row('the same under a budget', round(ask(order.brief), 2), 'ms');
}

async function benchServer() {
  const data = mkdtempSync(join(tmpdir(), 'rotula-bench-'));
  const firstAnswer = async () => {
    const start = performance.now();
    const server = await startServer({ data });
    await fetch(`${server.address}/api/orders`).then((answer) => answer.json());
    return { ms: performance.now() - start, server };
  };
  const fresh = await firstAnswer();
  row('first start to first answer, demo loaded', round(fresh.ms, 0), 'ms');
  await fresh.server.close();
  const starts = [];
  for (let i = 0; i < 5; i++) {
    const { ms, server } = await firstAnswer();
    starts.push(ms);
    if (i === 4) {
      const status = readFileSync(`/proc/${server.pid}/status`, 'utf8');
      row(
        'server memory at rest (resident)',
        round(Number(/VmRSS:\s+(\d+)/.exec(status)[1]) / 1024, 0),
        'MB',
      );
    }
    await server.close();
  }
  row('server start to first answer', round(median(starts), 0), 'ms', 3000);
  rmSync(data, { recursive: true, force: true });
}

/** What a page loads, by the browser's own list. */
async function benchPages() {
  const server = await startServer();
  const { driver, close } = await openBrowser();
  try {
    for (const [name, path, aim] of [
      ['first screen', '/', 160],
      ['an order, Pick', '/orders/boatyard-launch-supper/pick', null],
      ['an order, Walk (with its chart)', '/orders/boatyard-launch-supper/walk', null],
    ]) {
      await driver.get(server.address + path);
      await driver.wait(() => driver.executeScript("return !!document.querySelector('aside h2')"), 10_000);
      const scripts = await driver.executeScript(
        "return performance.getEntriesByType('resource').filter((e) => e.name.endsWith('.js')).map((e) => new URL(e.name).pathname)",
      );
      const bytes = [...new Set(scripts)]
        .filter((path) => !path.includes('.worker'))
        .reduce(
          (sum, path) => sum + gzipSync(readFileSync(join(ROOT, 'web/dist', path)), { level: 9 }).length,
          0,
        );
      row(`JavaScript of ${name}, gzipped`, round(bytes / 1000, 1), 'kB', aim);
    }
  } finally {
    await close();
    await server.close();
  }
}

await benchCore();
await benchServer();
await benchPages();
if (json) console.log(JSON.stringify(rows, null, 2));
else
  console.table(
    Object.fromEntries(
      rows.map(({ name, value, unit, aim }) => [name, { value, unit, aim: aim === null ? '' : `≤ ${aim}` }]),
    ),
  );
