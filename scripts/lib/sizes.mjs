import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ROOT } from './setup.mjs';

/** How much JavaScript each page needs, gzipped, by the manifest of the build. */

const ORDER_PAGE = 'src/app/OrderPage.tsx';
const PLANNER = 'src/frame/plannerCode.ts';
/** Pages by the sources that they are asked for with; all but the first by what they need beyond it. */
const FIRST = ['src/book/Preview.tsx'];
const PAGES = {
  ...Object.fromEntries(
    ['brief', 'pick', 'portion', 'cut', 'pair', 'walk', 'lay', 'clock', 'papers'].map((stage) => [
      stage,
      [ORDER_PAGE, `src/${stage}/${stage[0].toUpperCase()}${stage.slice(1)}Stage.tsx`],
    ]),
  ),
  counter: ['src/counter/CounterPage.tsx'],
  good: ['src/counter/edit/GoodPage.tsx'],
  intake: ['src/counter/intake/IntakePage.tsx'],
  house: ['src/house/HousePage.tsx'],
};

const manifest = () => JSON.parse(readFileSync(join(ROOT, 'web/dist/.vite/manifest.json'), 'utf8'));

/** The scripts that these sources cannot do without, with all that they import; what comes later by itself is not among them. */
function scriptsOf(sources) {
  const chunks = manifest();
  const scripts = new Set();
  const need = (key) => {
    const { file, imports = [] } = chunks[key];
    if (scripts.has(file)) return;
    scripts.add(file);
    imports.forEach(need);
  };
  ['index.html', ...sources].forEach(need);
  return [...scripts];
}

const gzippedKb = (scripts) =>
  Number(
    (
      scripts
        .map((script) => gzipSync(readFileSync(join(ROOT, 'web/dist', script)), { level: 9 }).length)
        .reduce((sum, bytes) => sum + bytes, 0) / 1000
    ).toFixed(1),
  );

/** Kilobytes of the book's list, of the whole first screen, of each page beyond it, and of what plans beyond Walk. */
export function pageSizes() {
  const first = scriptsOf(FIRST);
  const beyond = (sources, known) =>
    gzippedKb(scriptsOf(sources).filter((script) => !known.includes(script)));
  return {
    list: gzippedKb(scriptsOf([])),
    first: gzippedKb(first),
    pages: Object.fromEntries(Object.entries(PAGES).map(([name, sources]) => [name, beyond(sources, first)])),
    planner: beyond([PLANNER], [...first, ...scriptsOf(PAGES.walk)]),
  };
}
