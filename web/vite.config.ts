import { fileURLToPath } from 'node:url';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const api = `http://127.0.0.1:${process.env.ROTULA_PORT ?? 4310}`;

/** Two things are built: the application, and what draws papers for the server (vite build --ssr), which shares the server's core. */
export default defineConfig(({ isSsrBuild }) => ({
  plugins: [react(), tailwind()],
  // The sources of core, so that an edit there reloads the page at once.
  resolve: isSsrBuild
    ? {}
    : { alias: { '@rotula/core': fileURLToPath(new URL('../core/src/index.ts', import.meta.url)) } },
  ssr: { external: ['@rotula/core'] },
  server: { proxy: { '/api': api } },
  worker: { format: 'es' },
  build: {
    target: 'es2023',
    manifest: !isSsrBuild,
    sourcemap: false,
    chunkSizeWarningLimit: 700,
    copyPublicDir: !isSsrBuild,
  },
}));
