import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
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

/** The same to nine digits: a figure on the border between two roundings is no difference. */
function isSame(a: unknown, b: unknown): boolean {
  if (typeof a === 'number' && typeof b === 'number')
    return Object.is(a, b) || Math.abs(a - b) <= 1e-9 * Math.max(Math.abs(a), Math.abs(b));
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return Object.is(a, b);
  const [one, other] = [Object.entries(a), Object.entries(b)];
  return (
    Array.isArray(a) === Array.isArray(b) &&
    one.length === other.length &&
    one.every(([key, value]) => key in b && isSame(value, (b as Record<string, unknown>)[key]))
  );
}

/** As it is sent: what is undefined is not there. */
const asSent = (tree: unknown): unknown => JSON.parse(JSON.stringify(tree));

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
    const theirs = JSON.parse(there) as unknown;
    const ours = asSent(writtenPlan(plan(order, shelf, house), groundOf(order, shelf, house).goods));
    // Compared in detail only where it differs: that takes longer than planning.
    if (!isSame(theirs, ours)) expect(theirs).toEqual(ours);
  }
});
