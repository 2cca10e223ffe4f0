import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { ChromiumWebDriver } from 'selenium-webdriver/chromium';
import { SCREENS } from './screens';
import { Shop } from './shop';

/** A stage that is opened by its address stands before what plans it has come: the browser is kept from ever being idle. */

const NEVER_IDLE = 'window.requestIdleCallback = () => 0;';
const PATIENCE_MS = 20_000;
let shop: Shop;
beforeAll(async () => {
  shop = await Shop.open();
});
afterAll(() => shop.close());

const ORDER = '/orders/boatyard-launch-supper';
const STAGES = SCREENS.filter((path) => path.startsWith(`${ORDER}/`));

/** What is written, without what the dial can reach: that is searched in a thread, and comes when it comes. */
const written = async () =>
  (await shop.lines()).map((line) => line.replace(/^(\d+)of \d+$/, '$1')).join('\n');

/** What is written once nothing more comes. */
async function rests() {
  await shop.settled();
  let [last, times] = ['', 0];
  await shop.driver.wait(async () => {
    await shop.rest();
    const now = await written();
    [last, times] = [now, now === last ? times + 1 : 0];
    return times >= 3;
  }, PATIENCE_MS);
  return last;
}

/** What has been loaded of what plans. */
const planners = async () =>
  (
    await shop.driver.executeScript<string[]>(
      "return performance.getEntriesByType('resource').map(({ name }) => name)",
    )
  ).filter((name) => name.includes('/planner-'));

test('every stage shows the plan of the server just as it shows its own, and keeps what is done meanwhile', async () => {
  const driver = shop.driver as ChromiumWebDriver;
  const own = new Map<string, string>();
  for (const path of STAGES) {
    await shop.leaveFor(path);
    own.set(path, await rests());
  }
  await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source: NEVER_IDLE });
  for (const path of STAGES) {
    await shop.leaveFor(path);
    await driver
      .wait(async () => (await written()) === own.get(path), PATIENCE_MS)
      .catch(async () => expect([path, await written()]).toEqual([path, own.get(path)]));
    expect(await planners()).toEqual([]);
  }
  await shop.fill('[aria-label="Name of the order"]', 'Named early');
  await driver.wait(
    async () => (await shop.api<{ title: string }>('GET', ORDER)).title === 'Named early',
    PATIENCE_MS,
    'what was changed before the planner came is not stored',
  );
  // The page stands as it stood: it neither waits for what plans nor goes blank.
  await shop.saved();
  expect(await planners()).toEqual([]);
  expect((await shop.lines()).length).toBeGreaterThan(20);
});
