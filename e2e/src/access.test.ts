import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { setSize } from '../../scripts/lib/browser.mjs';
import { SCREENS } from './screens';
import { Shop } from './shop';

/** Every screen, for every eye, hand and window: faults of access, lit and in the cellar, and what is cut off at any size. */

let shop: Shop;
beforeAll(async () => {
  shop = await Shop.open();
});
afterAll(() => shop.close());

const axe = readFileSync(
  createRequire(`${process.cwd()}/e2e/package.json`).resolve('axe-core/axe.min.js'),
  'utf8',
);
// Source of the rules: WCAG 2.1 A and AA, as axe-core checks them; colour contrast of 4.5:1 among them.
const ALL = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'];
/** Only the colours change in the cellar: only they are looked at again. */
const COLOURS = { type: 'rule', values: ['color-contrast'] };
const faults = (runOnly: object = ALL) =>
  shop.driver.executeAsyncScript<string[]>(
    `const done = arguments[arguments.length - 1];
     axe.run(document, { runOnly: arguments[0], resultTypes: ['violations'] }).then((r) => done(r.violations
       .filter((v) => ['serious', 'critical'].includes(v.impact))
       .flatMap((v) => v.nodes.slice(0, 4).map((n) => v.id + ': ' + n.target.join(' ') + ' ' + (n.any[0]?.message ?? '')))));`,
    runOnly,
  );

// 640 px wide is 1280 at 200 % zoom.
const SIZES = [
  [1920, 1080],
  [1280, 800],
  [1024, 768],
  [768, 1024],
  [640, 400],
] as const;
const TOO_WIDE =
  'return Math.max(document.documentElement.scrollWidth - innerWidth, ...[...document.querySelectorAll("main, aside")].map((e) => e.scrollWidth - e.clientWidth))';
/** Where paper and slate stand side by side each scrolls by itself, and the page does not. */
const TOO_LONG = 'return innerWidth < 1000 ? 0 : document.documentElement.scrollHeight - innerHeight';
// Words inside a sentence that can be touched are exempt (WCAG 2.5.5: inline).
const TOO_LOW = `return [...document.querySelectorAll('main button, aside button, nav a, main input:not([type=file]), main [role=radio]')]
  .filter((e) => e.offsetParent && e.getBoundingClientRect().height < 43.5 && !e.closest('p, td'))
  .map((e) => (e.getAttribute('aria-label') ?? e.textContent) + ' ' + e.getBoundingClientRect().height)`;
/** A window that changed its size is laid out anew with the next frame but one. */
const LAID_OUT =
  'const done = arguments[arguments.length - 1]; requestAnimationFrame(() => requestAnimationFrame(() => done()));';

describe.each(SCREENS.filter((path) => !path.includes('quiet-board')))('%s', (path) => {
  beforeAll(async () => {
    await shop.go(path);
    await shop.settled();
  });
  test('has no serious fault, lit or in the cellar', async () => {
    await shop.driver.executeScript(axe);
    expect(await faults()).toEqual([]);
    const lit = await shop.driver.executeScript<string | null>(
      'const { room } = document.documentElement.dataset; document.documentElement.dataset.room = "cellar"; return room ?? null;',
    );
    const inCellar = await faults(COLOURS);
    await shop.driver.executeScript(
      'if (arguments[0] === null) delete document.documentElement.dataset.room; else document.documentElement.dataset.room = arguments[0];',
      lit,
    );
    expect(inCellar).toEqual([]);
  });
  test('nothing is cut off at any size, and what is touched is at least 44 px high', async () => {
    const found: string[] = [];
    for (const [width, height] of SIZES) {
      await setSize(shop.driver, width, height);
      await shop.driver.executeAsyncScript(LAID_OUT);
      const wide = await shop.driver.executeScript<number>(TOO_WIDE);
      if (wide > 1 && !path.endsWith('papers')) found.push(`at ${width}: ${wide} px too wide`);
      const long = await shop.driver.executeScript<number>(TOO_LONG);
      if (long > 1) found.push(`at ${width}: the page scrolls ${long} px into nothing`);
      const low = await shop.driver.executeScript<string[]>(TOO_LOW);
      found.push(...low.map((what) => `at ${width}: ${what}`));
    }
    await setSize(shop.driver, 1280, 800);
    expect(found).toEqual([]);
  });
});
