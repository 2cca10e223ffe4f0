/** npm run dev: compilers watching, the server restarting, the interface hot-reloading. */
import { ensureBuilt, ensureInstalled, ROOT, TSC } from './lib/setup.mjs';

await ensureInstalled();
await ensureBuilt();
const { default: concurrently } = await import('concurrently');
const { result } = concurrently(
  [
    { name: 'types', command: `node ${TSC} -b core server --watch --preserveWatchOutput` },
    { name: 'server', command: `node --watch-path=core/dist --watch-path=server/dist server/dist/main.js` },
    { name: 'web', command: 'npm run dev -w web' },
  ],
  { killOthersOn: ['failure', 'success'], cwd: ROOT },
);
await result.catch(() => process.exit(1));
