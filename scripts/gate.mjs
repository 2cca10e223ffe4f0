import { spawnSync } from 'node:child_process';
import { ensureInstalled } from './lib/setup.mjs';

/** The law of the gate over many seeded tables: `npm run gate [-- 5000]`. `npm test` asks 200. */
const tables = Number(process.argv[2] ?? 5000);
if (!Number.isInteger(tables) || tables < 1) {
  console.error('How many tables? A whole number, such as: npm run gate -- 5000');
  process.exit(2);
}
await ensureInstalled();
const jest = ['node_modules/.bin/jest', '--config', 'jest.config.mjs', '--selectProjects', 'core'];
const { status } = spawnSync(process.execPath, [...jest, '-t', '', 'core/src/papers/gate'], {
  stdio: 'inherit',
  env: { ...process.env, ROTULA_TABLES: String(tables) },
});
process.exit(status ?? 1);
