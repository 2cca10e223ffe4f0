import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './setup.mjs';

/** A built Rotula on a free port with data of its own; resolves when it answers. `close` stops it and drops the data. */
export async function startServer({ data } = {}) {
  const directory = data ?? mkdtempSync(join(tmpdir(), 'rotula-data-'));
  const child = spawn(process.execPath, [join(ROOT, 'server/dist/main.js')], {
    env: { ...process.env, ROTULA_DATA: directory, ROTULA_PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise((resolve, reject) => {
    child.stdout.on('data', (chunk) => {
      const found = /http:\/\/[\d.:]+/.exec(String(chunk));
      if (found) resolve(found[0]);
    });
    child.on('exit', (code) => reject(new Error(`the server ended with code ${code} before it answered`)));
  });
  const close = () =>
    new Promise((resolve) => {
      child.removeAllListeners('exit');
      child.on('exit', () => {
        if (!data) rmSync(directory, { recursive: true, force: true });
        resolve();
      });
      child.kill('SIGTERM');
    });
  /** As when the power goes: nothing is sent. */
  const kill = () =>
    new Promise((resolve) => {
      child.removeAllListeners('exit');
      child.on('exit', resolve);
      child.kill('SIGKILL');
    });
  return { address, pid: child.pid, directory, close, kill };
}
