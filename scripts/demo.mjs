/** npm run demo: everything from a fresh clone to the running demo. */
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT } from './lib/setup.mjs';

await ensureInstalled();
await ensureBuilt();
const server = spawn(process.execPath, [join(ROOT, 'server/dist/main.js')], { stdio: 'inherit' });
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
