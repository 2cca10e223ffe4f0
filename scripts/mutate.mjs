import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { ROOT } from './lib/setup.mjs';
import { drawMutants, figuresOfRooms } from './lib/mutants.mjs';

/** Changes figures of core at random, one at a time, and says which changes no test notices.
 *  npm run mutate -- [--figures 60] [--seed 1] [--rooms care,cut] [--at core/src/cut/wheel.ts:12] [--near: only the room's own tests] */

const ROOMS = 'care,amount,cut,clock,plate,counter/ripening.ts,walk/relief.ts';
const { values } = parseArgs({
  options: {
    figures: { type: 'string', default: '60' },
    seed: { type: 'string', default: '1' },
    rooms: { type: 'string', default: ROOMS },
    at: { type: 'string', multiple: true },
    near: { type: 'boolean', default: false },
  },
});

/** A copy to break: the sources, with the packages of this one. */
function copyOf(root) {
  const copy = mkdtempSync(join(tmpdir(), 'rotula-mutants-'));
  const tracked = spawnSync('git', ['ls-files', '-z', '--cached', '--others', '--exclude-standard'], {
    cwd: root,
    encoding: 'utf8',
  }).stdout;
  for (const file of tracked.split('\0').filter((name) => name && existsSync(join(root, name))))
    cpSync(join(root, file), join(copy, file));
  symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
  return copy;
}

const copy = copyOf(ROOT);
process.on('exit', () => rmSync(copy, { recursive: true, force: true }));
process.on('SIGINT', () => process.exit(130));

const jest = (...args) =>
  spawnSync(
    process.execPath,
    ['node_modules/jest/bin/jest.js', '--config', 'jest.config.mjs', '--selectProjects', 'core', ...args],
    { cwd: copy, encoding: 'utf8', timeout: 900_000 },
  );
const roomOf = (file) => file.split('/').slice(0, 3).join('/');
const failingFile = ({ stdout, stderr }) => /FAIL\s+(?:core\s+)?(\S+)/.exec(stdout + stderr)?.[1];

/** The second place of the figures first, then the room's own tests, then whatever else imports the file. */
const ROUNDS = [
  () => ['--bail', '--runTestsByPath', 'core/src/testing/figures.test.ts'],
  (file) => ['--bail', '--passWithNoTests', `${roomOf(file)}/`],
  ...(values.near ? [] : [(file) => ['--bail', '--findRelatedTests', '--passWithNoTests', file]]),
];

/** @returns the test that noticed the change; null: none did */
function noticedBy({ file, at, from, to }) {
  const path = join(copy, file);
  const text = readFileSync(path, 'utf8');
  writeFileSync(path, text.slice(0, at) + to + text.slice(at + from.length));
  try {
    for (const round of ROUNDS) {
      const ended = jest(...round(file));
      if (ended.status !== 0) return failingFile(ended) ?? 'a run that ended with an error';
    }
    return null;
  } finally {
    writeFileSync(path, text);
  }
}

const all = figuresOfRooms(ROOT, values.rooms.split(','));
const chosen = values.at ? all.filter(({ file, line }) => values.at.includes(`${file}:${line}`)) : all;
const mutants = drawMutants(chosen, values.at ? chosen.length : Number(values.figures), Number(values.seed));
console.log(`${all.length} figures in ${values.rooms}; ${mutants.length} changed, seed ${values.seed}\n`);

const lived = [];
for (const [i, mutant] of mutants.entries()) {
  const by = noticedBy(mutant);
  if (!by) lived.push(mutant);
  console.log(
    `${String(i + 1).padStart(3)}  ${by ? 'noticed' : 'LIVED  '}  ${mutant.file}:${mutant.line}  ${mutant.from} -> ${mutant.to}  ${by ?? mutant.says}`,
  );
}
console.log(`\n${mutants.length - lived.length} of ${mutants.length} changes were noticed`);
process.exitCode = lived.length > 0 ? 1 : 0;
