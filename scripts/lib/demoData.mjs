import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from './server.mjs';

/** The folder of a shop that is filled with the demo, passed to the test files in the environment. */
const FILLED = 'ROTULA_FILLED_DATA';

/** Before the first test file: the demo is loaded once. @returns what throws it away after the last */
export async function fillDemo() {
  const data = mkdtempSync(join(tmpdir(), 'rotula-demo-'));
  await (await startServer({ data })).close();
  process.env[FILLED] = data;
  return () => rmSync(data, { recursive: true, force: true });
}

/** A folder of its own with the demo in it, or an empty one where none was filled; whoever asks throws it away. */
export function demoFolder() {
  const data = mkdtempSync(join(tmpdir(), 'rotula-data-'));
  if (process.env[FILLED]) cpSync(process.env[FILLED], data, { recursive: true });
  return data;
}
