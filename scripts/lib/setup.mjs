import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { must, run } from './run.mjs';

/** What a fresh clone needs before anything runs. Each step is skipped when its stamp still fits. */

export const ROOT = new URL('../..', import.meta.url).pathname;
const STAMPS = join(ROOT, 'node_modules', '.rotula');
/** The native compiler: the linter and the dependency rules still read by the one before it. */
export const TSC = join(ROOT, 'node_modules/typescript-7/bin/tsc');
const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';

function filesUnder(path) {
  return readdirSync(join(ROOT, path), { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort();
}

function fingerprint(files) {
  const hash = createHash('sha256');
  for (const file of files) hash.update(file).update('\0').update(readFileSync(file)).update('\0');
  return hash.digest('hex');
}

const stampOf = (name) => (existsSync(join(STAMPS, name)) ? readFileSync(join(STAMPS, name), 'utf8') : '');
function stamp(name, value) {
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(join(STAMPS, name), value);
}

function requireNode() {
  const major = Number(process.versions.node.split('.')[0]);
  if (major < 20) throw new Error(`Rotula needs Node.js 20 or newer; this is ${process.version}.`);
}

/** Install the packages of package-lock.json, unless they are. */
export async function ensureInstalled() {
  requireNode();
  const wanted = fingerprint([join(ROOT, 'package-lock.json')]);
  if (stampOf('installed') === wanted) return;
  console.log('Installing packages (once) ...');
  await must('npm ci', npm, ['ci', '--no-audit', '--no-fund'], { cwd: ROOT });
  stamp('installed', wanted);
}

/** Build core, server and interface, unless the sources are those of the last build. */
export async function ensureBuilt() {
  const sources = [
    ...['core/src', 'server/src', 'web/src'].flatMap(filesUnder).filter((file) => !file.includes('.test.')),
    ...['package-lock.json', 'tsconfig.base.json', 'web/vite.config.ts', 'web/index.html'].map((f) =>
      join(ROOT, f),
    ),
  ];
  const wanted = fingerprint(sources);
  const built = [
    'core/dist/index.js',
    'server/dist/main.js',
    'web/dist/index.html',
    'web/dist-print/print.js',
  ].every((f) => existsSync(join(ROOT, f)));
  if (built && stampOf('built') === wanted) return;
  console.log('Building ...');
  await must('the TypeScript build', TSC, ['-b', 'core', 'server'], { cwd: ROOT });
  await must('the interface build', npm, ['run', 'build', '-w', 'web'], { cwd: ROOT });
  stamp('built', wanted);
}

export const BROWSER = process.env.ROTULA_BROWSER ?? '/usr/bin/chromium';
export const DRIVER = process.env.ROTULA_DRIVER ?? '/usr/bin/chromedriver';

/** Chromium and its driver, from Debian's packages where we may install them. */
export async function ensureBrowser() {
  if (existsSync(BROWSER) && existsSync(DRIVER)) return;
  console.log('Installing Chromium for the interface tests (once) ...');
  const apt = existsSync('/usr/bin/apt-get') && process.getuid?.() === 0;
  if (apt) {
    await run('apt-get', ['update', '-qq'], { keep: true });
    await run('apt-get', ['install', '-y', '-qq', 'chromium', 'chromium-driver', 'poppler-utils'], {
      keep: true,
      env: { DEBIAN_FRONTEND: 'noninteractive' },
    });
  }
  if (!existsSync(BROWSER) || !existsSync(DRIVER))
    throw new Error(
      `The interface tests need Chromium and ChromeDriver at ${BROWSER} and ${DRIVER}. ` +
        'On Debian, as root: apt-get install chromium chromium-driver. ' +
        'Elsewhere set ROTULA_BROWSER and ROTULA_DRIVER to their paths.',
    );
}
