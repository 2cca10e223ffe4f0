import { fileURLToPath } from 'node:url';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const api = `http://127.0.0.1:${process.env.ROTULA_PORT ?? 4310}`;

export default defineConfig({
  plugins: [react(), tailwind()],
  // The sources of core, so that an edit there reloads the page at once.
  resolve: { alias: { '@rotula/core': fileURLToPath(new URL('../core/src/index.ts', import.meta.url)) } },
  server: { proxy: { '/api': api } },
  worker: { format: 'es' },
  build: { target: 'es2023', manifest: true, sourcemap: false, chunkSizeWarningLimit: 700 },
});
