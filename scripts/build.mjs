import { ensureBuilt, ensureInstalled } from './lib/setup.mjs';

await ensureInstalled();
await ensureBuilt();
