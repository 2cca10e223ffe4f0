/**
 * npm run bench:lay: thirty seeded orders laid by the solver: what the score is, how far from a run with fifty times the
 * steps and from a greedy layout, how full they are, and how long it takes. Measured, never judged.
 */
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT } from '../lib/setup.mjs';
import { median, round } from './stats.mjs';

await ensureInstalled();
await ensureBuilt();
const core = await import(join(ROOT, 'core/dist/index.js'));
const { ringAndFill, seededLayQuestions } = await import(join(ROOT, 'core/dist/testing/layQuestions.js'));

const TIMES = Number(process.argv.find((one) => /^\d+$/.test(one)) ?? 50);
const rows = seededLayQuestions(30).map(({ question, manner, guests }, i) => {
  const start = performance.now();
  const laid = core.layOut(question);
  const ms = performance.now() - start;
  const long = core.layOut({ ...question, steps: TIMES * question.steps });
  const greedy = ringAndFill(question);
  return { i, manner, guests, things: question.things.length, ms, laid, long, greedy };
});
console.log('order  manner   guests things  score  long  greedy  covered  band        hard  ms');
for (const { i, manner, guests, things, ms, laid, long, greedy } of rows) {
  const [low, high] = core.BANDS[manner];
  const hard = laid.violations.filter((one) => one.hard).map(({ reason }) => reason.rule);
  console.log(
    `${String(i + 1).padStart(5)}  ${manner.padEnd(8)} ${String(guests).padStart(6)} ${String(things).padStart(6)}  ` +
      `${round(laid.score, 1).toFixed(1).padStart(5)} ${round(long.score, 1).toFixed(1).padStart(5)} ${round(greedy.score, 1).toFixed(1).padStart(7)}  ` +
      `${String(Math.round(100 * laid.covered)).padStart(6)} %  ${Math.round(100 * low)}-${Math.round(100 * high)} %  ${String(hard.length).padStart(6)}  ${Math.round(ms)}  ${hard.join(', ')}`,
  );
}
const behind = rows.map(({ laid, long }) => long.score - laid.score);
console.log(
  `behind ${TIMES} times the steps: median ${round(median(behind), 1)}, worst ${round(Math.max(...behind), 1)} points; within 3: ${behind.filter((b) => b <= 3).length} of 30; ` +
    `ahead of greedy: ${rows.filter(({ laid, greedy }) => laid.score > greedy.score).length} of 30; median ${Math.round(median(rows.map(({ ms }) => ms)))} ms`,
);
