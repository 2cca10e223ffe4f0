import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '@jest/globals';
import * as core from '../index.js';

// Benches and commands are run on demand, so that a name that is gone would be noticed late.
test('what scripts take of core by name is there', () => {
  const files = readdirSync('scripts', { recursive: true })
    .map((name) => join('scripts', String(name)))
    .filter((name) => name.endsWith('.mjs'));
  const taken = files.flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(/\bcore\.(?!mjs)([A-Za-z]\w*)/g)].map(
      ([, name]) => [file, name!] as const,
    ),
  );
  expect(taken.length).toBeGreaterThan(50);
  expect(taken.filter(([, name]) => !(name in core))).toEqual([]);
});
