import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { SCREENS, viewsOf } from './screens';
import { Shop } from './shop';

/** A house in US units: every screen and paper is driven over, and no metric unit may be left on any. */

let shop: Shop;
beforeAll(async () => {
  shop = await Shop.open();
  const { version, unreadable: _, ...house } = await (await fetch(`${shop.address}/api/house`)).json();
  const asked = { ...house, units: 'US customary', country: 'US', currency: 'USD', paper: 'US Letter' };
  const answer = await fetch(`${shop.address}/api/house`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ version, house: asked }),
  });
  expect(answer.status).toBe(200);
});
afterAll(() => shop.close());

/** A figure with a metric unit, a unit alone in a heading, or a date as it is stored. */
const METRIC = /\d\s?(?:g|kg|mm|cm|°C)\b|(?:^|[ ,/])(?:g|kg|mm|cm|°C)$|\b\d{4}-\d{2}-\d{2}\b/;

test.each(SCREENS)('%s', async (path) => {
  await shop.go(path);
  await shop.see('main h1, main h2');
  const faults = (await shop.lines()).filter((line) => METRIC.test(line));
  for (const view of viewsOf(path)) {
    await shop.click(view);
    await shop.see(`[aria-selected="true"], [aria-checked="true"], [aria-pressed="true"]`);
    await shop.rest();
    faults.push(
      ...(await shop.lines()).filter((line) => METRIC.test(line)).map((line) => `${view}: ${line}`),
    );
  }
  expect(faults).toEqual([]);
});
