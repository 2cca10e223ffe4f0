/**
 * npm run bench:turns [-- COMMIT]: plan() of the code as it is against that of another commit (the last one, unless it is named), one after
 * the other in one run, so that a machine that drifts drifts for both. Prints the ratio of the medians.
 */
import { mkdtempSync, readFileSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { must } from '../lib/run.mjs';
import { ensureBuilt, ensureInstalled, ROOT, TSC } from '../lib/setup.mjs';
import { median, round } from './stats.mjs';

const commit = process.argv[2] ?? 'HEAD~1';
const ORDERS = ['boatyard-launch-supper', 'choir-after-concert', 'drawing-office-desk-boxes'];
const WARM_UPS = 40;
const TURNS = 200;

/** Plans an order of the demo with one side's code; every turn is another edit of it. */
async function sideOf(root, name) {
  const core = await import(join(root, 'core/dist/index.js'));
  const read = (file) => JSON.parse(readFileSync(join(root, 'demo', file), 'utf8'));
  const { goods } = core.CounterFile.parse(read('counter.json'));
  const { order } = core.OrderFile.parse(read(`orders/${name}.json`));
  return (turn) => {
    const edited = { ...order, portions: { ...order.portions, tarpot: 100 + (turn % 50) } };
    const start = performance.now();
    core.plan(edited, goods, core.DEFAULT_HOUSE);
    return performance.now() - start;
  };
}

await ensureInstalled();
await ensureBuilt();
const other = mkdtempSync(join(tmpdir(), 'rotula-turns-'));
try {
  await must('a tree of the other commit', 'git', ['worktree', 'add', '--detach', '--force', other, commit], {
    cwd: ROOT,
  });
  symlinkSync(join(ROOT, 'node_modules'), join(other, 'node_modules'));
  await must('building its core', process.execPath, [TSC, '-b', 'core'], { cwd: other });
  for (const name of ORDERS) {
    const sides = [await sideOf(other, name), await sideOf(ROOT, name)];
    const times = [[], []];
    for (let turn = 0; turn < WARM_UPS + TURNS; turn++)
      // Who is first takes turns too.
      for (const side of turn % 2 ? [0, 1] : [1, 0]) {
        const ms = sides[side](turn);
        if (turn >= WARM_UPS) times[side].push(ms);
      }
    const [before, now] = times.map(median);
    console.log(
      `${name}: ${round(before, 2)} ms at ${commit}, ${round(now, 2)} ms now, ratio ${round(now / before, 3)}`,
    );
  }
} finally {
  await must('taking the tree away', 'git', ['worktree', 'remove', '--force', other], { cwd: ROOT });
  rmSync(other, { recursive: true, force: true });
}
