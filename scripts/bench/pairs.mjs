/**
 * npm run bench:pairs: the pairing judged on every good and companion of the demo that a monger would call so
 * (core/src/testing/reference/pair-styles.json). A row holds when it holds on all of them. `pairs` is what the weights are fitted
 * to and the customs were made with in view; the others were committed before the model was asked of any of their rows.
 * With --fails, the rows that do not hold.
 */
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT } from '../lib/setup.mjs';

await ensureInstalled();
await ensureBuilt();
const dist = (path) => import(join(ROOT, 'core/dist', path));
const { scoreOf } = await dist('pair/rank.js');
const { WEIGHTS } = await dist('pair/weights.js');
const { pairRows, rowHolds } = await dist('testing/pairRows.js');
const { demoCounter } = await dist('testing/goods.js');
const { perturbedCounter, popularity } = await import('../lib/pairJudge.mjs');

process.chdir(ROOT);
const SEEDS = 20;
const CUSTOMS = ['by-custom', 'against-custom'];
/** The same weights with what custom says left out. */
const untold = Object.fromEntries(
  Object.entries(WEIGHTS).map(([kind, of]) => [
    kind,
    { ...of, ...Object.fromEntries(CUSTOMS.filter((id) => id in of).map((id) => [id, 0])) },
  ]),
);

const counter = demoCounter();
const moved = Array.from({ length: SEEDS }, (_, i) => perturbedCounter(counter, i + 1));

function judged(table) {
  const rows = pairRows(counter, table);
  const share = (n) => `${n} of ${rows.length} (${Math.round((100 * n) / rows.length)} %)`;
  const held = rows.filter((row) => rowHolds(row, scoreOf));
  const always = rows.map(() => true);
  for (const other of moved)
    pairRows(other, table).forEach((row, i) => (always[i] &&= rowHolds(row, scoreOf)));
  const figures = {
    'rows that hold on every good that is meant': share(held.length),
    'the same with no custom told': share(
      rows.filter((row) => rowHolds(row, (host, beside) => scoreOf(host, beside, untold))).length,
    ),
    'by mere popularity, left out by style': share(
      rows.filter((row) => rowHolds(row, popularity(rows, row))).length,
    ),
    [`in all of ${SEEDS} seeded perturbations by up to 1`]: share(always.filter(Boolean).length),
  };
  return { figures, failed: rows.filter((row) => !held.includes(row)) };
}

const TABLES = ['pairs', 'pairs-unseen', 'pairs-unseen-later', 'pairs-unseen-third'];
const all = Object.fromEntries(TABLES.map((table) => [table, judged(table)]));
const [{ figures }] = Object.values(all);
console.table(
  Object.fromEntries(
    Object.keys(figures).map((name) => [
      name,
      Object.fromEntries(TABLES.map((table) => [table, all[table].figures[name]])),
    ]),
  ),
);
if (process.argv.includes('--fails'))
  for (const table of TABLES)
    for (const row of all[table].failed) {
      const at = row.goods.map((host) => {
        const scores = row.candidates.map((b) => scoreOf(host, b));
        return `${host.id} ${row.besides.map((b) => 1 + scores.filter((s) => s > scoreOf(host, b)).length).join('/')}`;
      });
      console.log(
        `${table} | ${row.style} | ${row.kind}: ${row.companion} | ${row.expected} of ${row.candidates.length} | ${at.join(', ')}`,
      );
    }
