/**
 * npm run bench: measured figures, never judged. With -- --json, rows { name, value, unit, aim, against }.
 * Every figure is the median of several runs on this machine.
 */
import { readFileSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openBrowser } from '../lib/browser.mjs';
import { startServer } from '../lib/server.mjs';
import { ensureBrowser, ensureBuilt, ensureInstalled, ROOT } from '../lib/setup.mjs';
import { benchCore } from './core.mjs';
import { benchDrag } from './drag.mjs';
import { benchSizes } from './sizes.mjs';
import { median, round } from './stats.mjs';

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

const ORDER = '/orders/boatyard-launch-supper';

/** When pages are painted, by the browser's own performance entries. */
async function benchPages() {
  const server = await startServer();
  const { driver, close } = await openBrowser();
  const ready = () =>
    driver.wait(() => driver.executeScript("return !!document.querySelector('aside h2')"), 10_000);
  try {
    row('first screen, Largest Contentful Paint', round(await paint(driver, server.address, ready), 0), 'ms');
    for (const stage of ['pick', 'walk', 'clock'])
      row(
        `${stage} opened by its address, Largest Contentful Paint`,
        round(await paint(driver, `${server.address}${ORDER}/${stage}`, ready), 0),
        'ms',
      );
    await benchInteractions(driver, server.address, ready);
  } finally {
    await close();
    await server.close();
  }
}

/** Median Largest Contentful Paint of a page over cold loads. */
async function paint(driver, address, ready) {
  const paints = [];
  for (let i = 0; i < 5; i++) {
    await driver.sendDevToolsCommand('Network.clearBrowserCache', {});
    await driver.get(address);
    await ready();
    paints.push(
      await driver.executeAsyncScript(
        "const done = arguments[0]; new PerformanceObserver((list) => done(list.getEntries().at(-1).startTime)).observe({ type: 'largest-contentful-paint', buffered: true })",
      ),
    );
  }
  return median(paints);
}

/** Interaction to next paint: the longest event of each real key or click, by Event Timing (8 ms steps). */
async function benchInteractions(driver, address, ready) {
  const slowest = () =>
    driver.executeAsyncScript(
      'const done = arguments[0]; requestAnimationFrame(() => setTimeout(() => done(Math.max(0, ...window.slow.splice(0))), 150))',
    );
  const watch = () =>
    driver.executeScript(
      "window.slow = []; new PerformanceObserver((list) => window.slow.push(...list.getEntries().map((e) => e.duration))).observe({ type: 'event', durationThreshold: 16 })",
    );
  const worstOf = async (name, acts, aim = 100) => {
    const values = [];
    for (const act of acts) {
      await act();
      values.push(await slowest());
    }
    row(name, Math.max(...values), 'ms', aim);
  };
  const key = (text) => () => driver.actions().sendKeys(text).perform();
  const click = (css) => async () =>
    driver
      .actions()
      .click(await driver.findElement({ css }))
      .perform();
  await driver.get(`${address}${ORDER}/pick`);
  await ready();
  await watch();
  const stages = ['brief', 'portion', 'cut', 'pair', 'walk', 'papers', 'pick'];
  const tour = [...stages, ...stages].map((stage) => click(`nav[aria-label="Stages"] a[href$="/${stage}"]`));
  await worstOf('stage change by a click, interaction to next paint (worst of 14)', tour);
  const undo = click('[aria-label^="Undo: "]');
  const leaveOut = click('[aria-label^="Leave out "]');
  await worstOf('leave out and undo, interaction to next paint (worst of 6)', [
    leaveOut,
    undo,
    leaveOut,
    undo,
    leaveOut,
    undo,
  ]);
  await driver.get(`${address}/counter`);
  await ready();
  await watch();
  await driver.executeScript("document.querySelector('[role=listbox]').focus()");
  await worstOf(
    'walking the counter of 248 goods, interaction to next paint (worst of 12)',
    Array.from({ length: 12 }, () => key('\uE00F')),
  );
  const drawn = await driver.executeAsyncScript(`
    const done = arguments[0];
    const list = document.querySelector('[role=listbox]');
    const pictures = [...list.querySelectorAll('svg')];
    const host = document.createElement('div');
    const start = performance.now();
    for (let i = 0; i < 300; i++) host.append(pictures[i % pictures.length].cloneNode(true));
    document.body.append(host);
    host.getBoundingClientRect();
    requestAnimationFrame(() => setTimeout(() => { done(performance.now() - start); host.remove(); }));`);
  row('300 drawn goods laid out and painted at once', round(drawn, 0), 'ms');
}

/** A counter of more than a thousand goods: finding and sorting; then a file of 20,000 rows, seen and taken in. */
async function benchCounter() {
  const core = await import(join(ROOT, 'core/dist/index.js'));
  const { seededMains } = await import(join(ROOT, 'core/dist/testing/counters.js'));
  const server = await startServer();
  const { driver, close } = await openBrowser();
  const see = (script, ms = 60_000) => driver.wait(() => driver.executeScript(script), ms);
  try {
    const goods = seededMains(3, 800, 200);
    await fetch(`${server.address}/api/counter/changes`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(core.changeTo('a thousand more', goods, new Map())),
    });
    await driver.get(`${server.address}/counter`);
    await see("return !!document.querySelector('#find-on-counter')");
    await driver.executeScript(
      "window.slow = []; new PerformanceObserver((list) => window.slow.push(...list.getEntries().map((e) => e.duration))).observe({ type: 'event', durationThreshold: 16 })",
    );
    const box = await driver.findElement({ css: '#find-on-counter' });
    for (const letter of 'cheese 12') await box.sendKeys(letter);
    const worst = await driver.executeAsyncScript(
      'const done = arguments[0]; setTimeout(() => done(Math.max(0, ...window.slow)), 500)',
    );
    row('typing in the find box of 1,248 goods, interaction to next paint (worst of 9)', worst, 'ms', 100);
    await benchIntake(core, seededMains(9, 8000, 2000), server, driver, see);
  } finally {
    await close();
    await server.close();
  }
}

async function benchIntake(core, goods, server, driver, see) {
  const { default: Papa } = await import('papaparse');
  const renamed = goods.map((good) => ({ ...good, id: `in-${good.id}` }));
  const path = join(mkdtempSync(join(tmpdir(), 'rotula-bench-')), 'list.csv');
  const table = core.tableOf(renamed);
  writeFileSync(path, Papa.unparse(table));
  await driver.get(`${server.address}/counter/intake`);
  await see("return !!document.querySelector('input[type=file]')");
  let start = performance.now();
  await driver.findElement({ css: 'input[type=file]' }).sendKeys(path);
  const button =
    "[...document.querySelectorAll('button')].find((b) => /accepted rows? in/.test(b.textContent))";
  await see(`return !!${button}`);
  const seen = performance.now() - start;
  start = performance.now();
  await driver.executeScript(`${button}.click()`);
  await see("return document.body.innerText.includes('taken in. One undo')");
  const taken = performance.now() - start;
  row(`a CSV of ${table.length - 1} rows read, checked and shown`, round(seen / 1000, 1), 's');
  row('and taken in: stored on the server, shown on the counter', round(taken / 1000, 1), 's');
  row('both together', round((seen + taken) / 1000, 1), 's', 5);
}

/** `-- --pages`, `-- --counter` and so on: only that part. */
const PARTS = {
  core: () => benchCore(row),
  server: benchServer,
  sizes: () => benchSizes(row),
  pages: benchPages,
  counter: benchCounter,
  drag: () => benchDrag(row),
};
const asked = Object.keys(PARTS).filter((part) => process.argv.includes(`--${part}`));
for (const part of asked.length > 0 ? asked : Object.keys(PARTS)) await PARTS[part]();
if (json) console.log(JSON.stringify(rows, null, 2));
else
  console.table(
    Object.fromEntries(
      rows.map(({ name, value, unit, aim }) => [name, { value, unit, aim: aim === null ? '' : `≤ ${aim}` }]),
    ),
  );
