/** node scripts/bundleCore.mjs FOLDER: core as one script that a browser can run, as `rotula`. */
import { join } from 'node:path';
import { build } from 'vite';
import { ROOT } from './lib/setup.mjs';

await build({
  configFile: false,
  logLevel: 'error',
  build: {
    outDir: process.argv[2],
    lib: { entry: join(ROOT, 'core/dist/index.js'), formats: ['iife'], name: 'rotula', fileName: 'core' },
  },
});
