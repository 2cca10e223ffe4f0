/**
 * npm run dates: the unit and interface tests under other dates and in other time zones, so that none depends on the day on which
 * it is run. `-- --unit` or `-- --interface`: only those; `-- leap-day`: only the rows of that name.
 * The clock is set by Debian's libfaketime, the monotonic clock left alone: waiting takes as long as ever.
 */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DATES, ensureFakeTime, under } from './lib/dates.mjs';
import { run } from './lib/run.mjs';
import { ensureBrowser, ensureBuilt, ensureInstalled, ROOT } from './lib/setup.mjs';

const asked = process.argv.slice(2);
const names = asked.filter((one) => !one.startsWith('--'));
const only = (what) => !asked.some((one) => one.startsWith('--')) || asked.includes(`--${what}`);
const rows = DATES.filter(({ name }) => names.length === 0 || names.includes(name));

await ensureInstalled();
await ensureBuilt();
await ensureFakeTime();
if (only('interface')) await ensureBrowser();

const scratch = mkdtempSync(join(tmpdir(), 'rotula-dates-'));
async function jest(config, row) {
  const file = join(scratch, 'report.json');
  const args = ['--config', config, '--maxWorkers=100%', '--json', `--outputFile=${file}`, '--silent'];
  await run(join(ROOT, 'node_modules/.bin/jest'), args, {
    cwd: ROOT,
    keep: true,
    env: { ...under(row), SE_OFFLINE: 'true', SE_AVOID_STATS: 'true' },
  });
  const { numPassedTests, numFailedTests, testResults } = JSON.parse(readFileSync(file, 'utf8'));
  const broken = testResults.filter((r) => r.status === 'failed' && r.assertionResults.length === 0);
  for (const { name, message } of testResults.filter((r) => r.status === 'failed'))
    console.log(`${row.name}: ${name}\n${message}`);
  return { passed: numPassedTests, failed: numFailedTests + broken.length };
}

const table = {};
let failed = 0;
for (const row of rows) {
  table[row.name] = { at: row.at, zone: row.zone };
  for (const [what, config] of [
    ['unit', 'jest.config.mjs'],
    ['interface', 'e2e/jest.config.mjs'],
  ]) {
    if (!only(what)) continue;
    const found = await jest(config, row);
    failed += found.failed;
    table[row.name][what] = `${found.passed} passed, ${found.failed} failed`;
    console.log(`${row.name}, ${what}: ${table[row.name][what]}`);
  }
}
rmSync(scratch, { recursive: true, force: true });
console.table(table);
process.exit(failed === 0 ? 0 : 1);
