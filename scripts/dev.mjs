/** npm run dev: compilers watching, the server restarting, the interface hot-reloading. */
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, ROOT } from './lib/setup.mjs';

await ensureInstalled();
await ensureBuilt();
const { default: concurrently } = await import('concurrently');
const bin = (name) => join(ROOT, 'node_modules/.bin', name);
const { result } = concurrently(
  [
    { name: 'types', command: `${bin('tsc')} -b core server --watch --preserveWatchOutput` },
    { name: 'server', command: `node --watch-path=core/dist --watch-path=server/dist server/dist/main.js` },
    { name: 'web', command: 'npm run dev -w web' },
  ],
  { killOthersOn: ['failure', 'success'], cwd: ROOT },
);
await result.catch(() => process.exit(1));
