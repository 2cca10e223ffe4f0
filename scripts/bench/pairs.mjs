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
const { pairRows, holds } = await dist('testing/pairRows.js');
const { demoCounter } = await dist('testing/goods.js');

process.chdir(ROOT);
const counter = demoCounter();
const rows = pairRows(counter);
const SEEDS = 20;

/** Does a row hold on every good and companion that it means, by these scores? */
const rowHolds = ({ expected, goods, besides, candidates }, score) =>
  goods.every((main) => {
    const scores = candidates.map((beside) => score(main, beside));
    return besides.every((beside) => holds(expected, scores, candidates.indexOf(beside)));
  });

/** What the mere popularity of a companion reaches: each is as good as the rows of other styles say of it. */
const WORTH = { top: 2, half: 1, 'not top': -1, bottom: -2 };
function popularity(row) {
  const points = new Map();
  for (const { style, kind, besides, expected } of rows)
    if (style !== row.style && kind === row.kind)
      for (const { id } of besides) points.set(id, (points.get(id) ?? 0) + WORTH[expected]);
  return rowHolds(row, (_, { id }) => points.get(id) ?? 0);
}

/** Every scale of every good moved by up to 1, seeded. */
function perturbed(seed) {
  let state = seed * 2654435761;
  const random = () => {
    state = (Math.imul(state ^ (state >>> 15), 2246822507) + 0x9e3779b9) | 0;
    return ((state >>> 0) / 2 ** 32) * 2 - 1;
  };
  const moved = (sense) =>
    Object.fromEntries(
      Object.entries(sense).map(([scale, x]) => [scale, Math.max(0, Math.min(10, x + random()))]),
    );
  return pairRows(counter.map((good) => (good.sense ? { ...good, sense: moved(good.sense) } : good)));
}

const share = (n) => `${n} of ${rows.length} (${Math.round((100 * n) / rows.length)} %)`;
const held = rows.filter((row) => rowHolds(row, scoreOf));
const always = rows.map(() => true);
for (let seed = 1; seed <= SEEDS; seed++)
  perturbed(seed).forEach((row, i) => (always[i] &&= rowHolds(row, scoreOf)));
console.table({
  'rows that hold on every good that is meant': share(held.length),
  'by mere popularity, left out by style': share(rows.filter(popularity).length),
  [`in all of ${SEEDS} seeded perturbations by up to 1`]: share(always.filter(Boolean).length),
});
if (process.argv.includes('--fails'))
  for (const row of rows)
    if (!held.includes(row)) console.log(`${row.style} | ${row.kind}: ${row.companion} | ${row.expected}`);
