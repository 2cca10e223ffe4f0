/**
 * npm run bench:tasting: how well simulated palates are recovered as their sessions grow, and how long a fit takes. The palates are made up (seeded).
 */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT } from '../lib/setup.mjs';

await ensureInstalled();
await ensureBuilt();
const from = (path) => import(join(ROOT, 'core/dist', path));
const { CounterFile, isDrink, isMain, fitOf, judged, overall, evidenceOf } = await from('index.js');
const { amountsOf, predicted } = await from('ledger/evidence.js');
const { palate, simulatedSessions } = await from('testing/tasters.js');

const counter = CounterFile.parse(JSON.parse(readFileSync(join(ROOT, 'demo/counter.json'), 'utf8'))).goods;
const pairs = counter
  .filter(isMain)
  .flatMap((main) => counter.filter(isDrink).map((drink) => amountsOf(main, drink)));
const noted = (x) => Math.max(-2, Math.min(2, x));
const off = (weights, own) =>
  Math.sqrt(
    pairs.reduce((sum, a) => sum + (noted(predicted(a, weights)) - noted(predicted(a, own))) ** 2, 0) /
      pairs.length,
  );

const STEPS = [0, 1, 3, 10, 30, 100];
const rows = [];
for (let seed = 1; seed <= 8; seed++) {
  const own = palate(seed * 13, 0.6);
  const sessions = simulatedSessions(counter, own, 100, { seed });
  const left = overall(judged(evidenceOf(sessions.slice(0, 30))));
  rows.push([
    ...STEPS.map((many) => off(fitOf(evidenceOf(sessions.slice(0, many))).weights, own)),
    left.prior,
    left.learnt,
  ]);
}
const mean = rows[0].map((_, i) => rows.reduce((sum, row) => sum + row[i], 0) / rows.length);
console.log('Off from the palate over the whole counter, notes (8 palates, two tasters a session):');
STEPS.forEach((many, i) => console.log(`  ${String(many).padStart(3)} sessions  ${mean[i].toFixed(3)}`));
console.log(
  `Missed by notes of a session left out, 30 sessions: prior ${mean[6].toFixed(3)}, learnt ${mean[7].toFixed(3)}`,
);

const evidence = evidenceOf(simulatedSessions(counter, palate(13, 0.6), 72));
const timed = (work) => {
  const times = Array.from({ length: 5 }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  return times.sort((a, b) => a - b)[2].toFixed(0);
};
console.log(
  `A fit over ${evidence.length} notes: ${timed(() => fitOf(evidence))} ms; each session left out once: ${timed(() => judged(evidence))} ms`,
);
