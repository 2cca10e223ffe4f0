/**
 * npm test: every check there is. Prints what failed, and closes with one line "N passed, N failed"
 * summed over all runners; lint, formatting, types and dependency rules count as one check each.
 */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DATES, datedTests, ensureFakeTime, SHORT, under } from './lib/dates.mjs';
import { run } from './lib/run.mjs';
import { ensureBrowser, ensureBuilt, ensureInstalled, ROOT, TSC } from './lib/setup.mjs';

const scratch = mkdtempSync(join(tmpdir(), 'rotula-test-'));
const bin = (name) => join(ROOT, 'node_modules/.bin', name);
let passed = 0;
let failed = 0;

/** Seconds since the program began, so that a slow step is seen. */
const clock = () => `${Math.round(performance.now() / 1000)} s`;
function count(name, p, f) {
  passed += p;
  failed += f;
  console.log(`${f === 0 ? 'ok  ' : 'FAIL'} ${name}: ${p} passed, ${f} failed (at ${clock()})`);
}

async function check(name, command, args) {
  const { code, out } = await run(command, args, { keep: true, cwd: ROOT });
  if (code !== 0) console.log(out);
  count(name, code === 0 ? 1 : 0, code === 0 ? 0 : 1);
}

async function jest(name, config, env = {}, files = []) {
  const file = join(scratch, `${name}.json`);
  // Jest by itself leaves a core idle; half of what a test does is waiting.
  const args = [
    '--config',
    config,
    '--maxWorkers=100%',
    '--json',
    `--outputFile=${file}`,
    '--silent',
    ...files,
  ];
  const { code } = await run(bin('jest'), args, { cwd: ROOT, env });
  try {
    const report = JSON.parse(readFileSync(file, 'utf8'));
    const broken = report.testResults.filter(
      (r) => r.status === 'failed' && r.assertionResults.length === 0,
    ).length;
    count(name, report.numPassedTests, report.numFailedTests + broken);
  } catch {
    count(name, 0, 1);
    console.log(`${name}: the runner ended with code ${code} and left no report`);
  }
}

async function setUp(name, step) {
  try {
    await step();
    return true;
  } catch (error) {
    console.error(String(error.message ?? error));
    count(name, 0, 1);
    return false;
  }
}

if (await setUp('install', ensureInstalled)) {
  // Side by side, and the browser comes over the wire meanwhile; the tests start as soon as the types are there.
  const browser = setUp('browser', ensureBrowser);
  const looks = (async () => {
    await check('lint', bin('eslint'), ['.']);
    await check('formatting', bin('prettier'), ['--check', '.', '--log-level', 'warn']);
    await check('dependency rules', bin('depcruise'), [
      '--config',
      '.dependency-cruiser.cjs',
      'core/src',
      'server/src',
      'web/src',
    ]);
    await check('unused code, undeclared packages', bin('knip'), [
      '--include',
      'exports,files,dependencies,unlisted,unresolved',
      '--no-progress',
    ]);
  })();
  await check('types', TSC, ['-b', '--builders', '1', 'core', 'server', 'web', 'e2e']);
  // Tests of the server ask what is built of it, and of the web what draws papers.
  const isBuilt = await setUp('build', ensureBuilt);
  await jest('unit', 'jest.config.mjs');
  // Those that touch dates once more, as if it were another day: no check may depend on the day on which it runs.
  if (await setUp('clock', ensureFakeTime))
    for (const row of DATES.filter((one) => SHORT.includes(one.name)))
      await jest(`unit, ${row.name}`, 'jest.config.mjs', under(row), datedTests());
  await looks;
  if (isBuilt && (await browser))
    await jest('interface', 'e2e/jest.config.mjs', { SE_OFFLINE: 'true', SE_AVOID_STATS: 'true' });
}
rmSync(scratch, { recursive: true, force: true });
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);
