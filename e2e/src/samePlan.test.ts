import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { isDeepStrictEqual } from 'node:util';
import fc from 'fast-check';
import type { WebDriver } from 'selenium-webdriver';
import { groundOf, plan, writtenPlan } from '../../core/dist/index.js';
import { anyShop } from '../../core/dist/testing/anyShop.js';
import { openBrowser } from '../../scripts/lib/browser.mjs';
import { must } from '../../scripts/lib/run.mjs';
import { ROOT } from '../../scripts/lib/setup.mjs';

/** Source: docs/design, "What every stage keeps": the same plan in Node and in the browser, to nine digits. */

const scratch = mkdtempSync(join(tmpdir(), 'rotula-same-plan-'));
let driver: WebDriver;
let close: () => Promise<void>;
beforeAll(async () => {
  await must('bundling core', process.execPath, [join(ROOT, 'scripts/bundleCore.mjs'), scratch]);
  ({ driver, close } = await openBrowser());
});
afterAll(async () => {
  await close();
  rmSync(scratch, { recursive: true });
});

/** All numbers at nine digits. */
const nineDigits = (tree: unknown): unknown =>
  JSON.parse(
    JSON.stringify(tree, (_, value: unknown) =>
      typeof value === 'number' ? Number(value.toPrecision(9)) : value,
    ),
  );

test('sixty orders of any kind have the same plan in both', async () => {
  const shops = fc.sample(anyShop, { numRuns: 60, seed: 15 });
  const shelves = [...new Set(shops.map(({ shelf }) => shelf))];
  await driver.get('about:blank');
  await driver.executeScript(
    `${readFileSync(join(scratch, 'core.iife.js'), 'utf8')}; window.rotula = rotula;
    window.shelves = arguments[0];`,
    shelves,
  );
  for (const { order, shelf, house } of shops) {
    const there = await driver.executeScript<string>(
      'const [order, shelf, house] = arguments; const { goods } = rotula.groundOf(order, shelves[shelf], house); return JSON.stringify(rotula.writtenPlan(rotula.plan(order, shelves[shelf], house), goods))',
      order,
      shelves.indexOf(shelf),
      house,
    );
    const [theirs, ours] = [
      JSON.parse(there) as unknown,
      writtenPlan(plan(order, shelf, house), groundOf(order, shelf, house).goods),
    ].map(nineDigits);
    // Compared in detail only where it differs: that takes longer than planning.
    if (!isDeepStrictEqual(theirs, ours)) expect(theirs).toEqual(ours);
  }
});
