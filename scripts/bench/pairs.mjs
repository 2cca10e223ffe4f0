/**
 * npm run bench:pairs: the pairing judged by pairs.csv, on every good and companion of the demo that a monger would call so
 * (core/src/testing/reference/pair-styles.json). A row holds when it holds on all of them. With --fails, the rows that do not.
 */
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT } from '../lib/setup.mjs';

await ensureInstalled();
await ensureBuilt();
const dist = (path) => import(join(ROOT, 'core/dist', path));
const { scoreOf } = await dist('pair/rank.js');
const { pairRows, rowHolds } = await dist('testing/pairRows.js');
const { demoCounter } = await dist('testing/goods.js');
const { perturbedCounter, popularity } = await import('../lib/pairJudge.mjs');

process.chdir(ROOT);
const counter = demoCounter();
const rows = pairRows(counter);
const SEEDS = 20;

const share = (n) => `${n} of ${rows.length} (${Math.round((100 * n) / rows.length)} %)`;
const held = rows.filter((row) => rowHolds(row, scoreOf));
const always = rows.map(() => true);
for (let seed = 1; seed <= SEEDS; seed++)
  pairRows(perturbedCounter(counter, seed)).forEach((row, i) => (always[i] &&= rowHolds(row, scoreOf)));
console.table({
  'rows that hold on every good that is meant': share(held.length),
  'by mere popularity, left out by style': share(
    rows.filter((row) => rowHolds(row, popularity(rows, row))).length,
  ),
  [`in all of ${SEEDS} seeded perturbations by up to 1`]: share(always.filter(Boolean).length),
});
if (process.argv.includes('--fails'))
  for (const row of rows)
    if (!held.includes(row)) {
      const at = row.goods.map((host) => {
        const scores = row.candidates.map((b) => scoreOf(host, b));
        return `${host.id} ${row.besides.map((b) => 1 + scores.filter((s) => s > scoreOf(host, b)).length).join('/')}`;
      });
      console.log(
        `${row.style} | ${row.kind}: ${row.companion} | ${row.expected} of ${row.candidates.length} | ${at.join(', ')}`,
      );
    }
