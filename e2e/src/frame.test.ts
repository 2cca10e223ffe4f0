import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { printToPdf } from '../../scripts/lib/pdf.mjs';
import { Shop } from './shop';

/** The frame that every stage lives in: keys, papers, what is kept. */

let shop: Shop;
beforeAll(async () => {
  shop = await Shop.open();
});
afterAll(() => shop.close());

const ORDER = '/orders/boatyard-launch-supper';

describe('keys', () => {
  test('a new order, from head count to print, with the keyboard alone', async () => {
    await shop.go(`${ORDER}/pick`);
    await shop.settled();
    await shop.driver.executeScript('window.print = () => { window.printed = true; }');
    await shop.press('n');
    await shop.driver.wait(
      () => shop.driver.executeScript('return document.activeElement?.id === "new-heads"'),
      10_000,
    );
    await shop.driver.actions().sendKeys('7', Key.ENTER).perform();
    await shop.reads('ol[aria-label^="Picked goods"]', /\w/);
    await shop.press('l');
    await shop.see('[aria-label^="Unlock "]');
    await shop.press('s');
    await shop.driver.wait(
      () => shop.driver.executeScript('return document.activeElement?.hasAttribute("data-swap")'),
      10_000,
    );
    await shop.driver.actions().sendKeys(Key.ENTER).perform();
    await shop.see('[aria-label^="Undo: swap "]');
    await shop.press('u');
    await shop.see('[aria-label^="Redo: swap "]');
    for (const [key, words] of [
      ['1', 'Who comes'],
      ['3', 'Cheeses and meats'],
      ['4', 'pieces of'],
      ['5', 'sweet'],
      ['6', 'strength'],
    ] as const) {
      await shop.press(key);
      await shop.reads('main', new RegExp(words, 'i'));
    }
    await shop.press('p');
    await shop.see('.paper-sheet h1');
    await shop.driver.executeScript(
      'document.querySelector("main [role=radiogroup] [tabindex=\\"0\\"]").focus()',
    );
    for (let i = 0; i < 12; i++) {
      const on = await shop.driver.executeScript('return document.activeElement?.textContent?.trim()');
      if (on === 'Print') break;
      await shop.driver.actions().sendKeys(Key.TAB).perform();
    }
    await shop.driver.actions().sendKeys(Key.ENTER).perform();
    expect(await shop.driver.executeScript('return window.printed')).toBe(true);
  });

  test('arrow keys walk the wheel', async () => {
    await shop.go(`${ORDER}/pick`);
    const [first, second] = (await shop.texts('ol[aria-label^="Picked goods"] li')).map((text) =>
      text.split('\n')[0]!.replace(/^\d+ /, ''),
    );
    await shop.reads('aside h2', `Why ${first}`);
    const wheel = await shop.see('svg[aria-label^="Balance wheel"]');
    await wheel.sendKeys(Key.ARROW_RIGHT);
    await shop.reads('aside h2', `Why ${second}`);
  });

  test('a scanner’s burst does nothing; the same key alone does', async () => {
    await shop.go(`${ORDER}/pick`);
    await shop.settled();
    await shop.driver.executeScript(
      'for (const key of "x6u2x4") window.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true }))',
    );
    // A hand comes later than the scanner's last key.
    const after = await shop.driver.executeScript<number>('return performance.now() + 100');
    await shop.driver.wait(() => shop.driver.executeScript(`return performance.now() > ${after}`), 5_000);
    await shop.press('?');
    await shop.reads('[role="dialog"]', 'never on a barcode scanner');
    expect(await shop.driver.getCurrentUrl()).toContain('/pick');
    await shop.driver.actions().sendKeys(Key.ESCAPE).perform();
    await shop.see('[aria-label="Nothing to undo"]');
  });

  test('the find box opens goods, orders and things to do', async () => {
    await shop.go('/');
    await shop.press('/');
    const box = await shop.see('[aria-label="Find goods, orders and actions"]');
    await box.sendKeys('bookbind');
    await shop.reads('[role="option"]', 'Bookbinders');
    await box.sendKeys(Key.ENTER);
    await shop.reads('header', 'Wed');
    await shop.press('/');
    await (await shop.see('[aria-label="Find goods, orders and actions"]')).sendKeys('cellar');
    await shop.reads('[role="option"]', 'cellar');
    await (await shop.see('[aria-label="Find goods, orders and actions"]')).sendKeys(Key.ENTER);
    await shop.see('html[data-room="cellar"]');
    await shop.driver.executeScript('localStorage.clear()');
  });
});

describe('papers', () => {
  // Source: ISO 216 (A4: 210 x 297 mm) and ANSI/ASME Y14.1 (Letter: 8.5 x 11 in), in points of 1/72 in.
  test.each([
    ['A4', 595, 842],
    ['US Letter', 612, 792],
  ])(
    'print on %s: a cut sheet of a page or two for each pair of hands, a menu on one',
    async (name, width, height) => {
      await shop.go(`${ORDER}/papers`);
      await shop.pick('Paper size', name);
      await shop.reads('.paper-sheet', 'Produce and bread');
      const sheet = await printToPdf(shop.driver);
      expect(Math.abs(sheet.widthPt - width)).toBeLessThan(2);
      expect(Math.abs(sheet.heightPt - height)).toBeLessThan(2);
      // Cheese, slicer, produce.
      expect(sheet.pages).toBeGreaterThanOrEqual(3);
      expect(sheet.pages).toBeLessThanOrEqual(6);
      await shop.click('Tasting menu');
      await shop.reads('.paper-sheet', 'mild to strong');
      expect((await printToPdf(shop.driver)).pages).toBe(1);
    },
  );
});

describe('nothing is lost', () => {
  test('a change that the server never heard of survives a reload', async () => {
    await shop.go('/orders/choir-after-concert/brief');
    await shop.saved();
    await shop.driver.executeScript('window.fetch = () => Promise.reject(new Error("gone"))');
    await shop.fill('[aria-label="Name of the order"]', 'Choir, renamed without a server');
    await shop.reads('[role="status"]', 'not saved');
    await shop.reads('header [role="alert"]', 'The server does not answer');
    await shop.driver.navigate().refresh();
    await shop.saved();
    expect(await shop.attribute('[aria-label="Name of the order"]', 'value')).toBe(
      'Choir, renamed without a server',
    );
    const stored = await fetch(`${shop.address}/api/orders/choir-after-concert`).then((r) => r.json());
    expect(stored.title).toBe('Choir, renamed without a server');
  });

  test('two windows: each stage is taken from who changed it', async () => {
    const path = '/orders/silver-anniversary-wheel-cake';
    await shop.go(`${path}/brief`);
    await shop.saved();
    const url = `${shop.address}/api${path}`;
    const { id: _i, version, updatedAt: _u, ...order } = await fetch(url).then((r) => r.json());
    const body = JSON.stringify({ version, order: { ...order, cuts: { snowgoose: 'centre wedges' } } });
    await fetch(url, { method: 'PUT', headers: { 'Content-Type': 'application/json' }, body });
    await shop.fill('[aria-label="Name of the order"]', 'Silver cake');
    await shop.reads('[role="dialog"]', 'changed elsewhere');
    await shop.reads('[role="dialog"]', 'changed here');
    await shop.click('Merge as chosen');
    await shop.saved();
    const stored = await fetch(url).then((r) => r.json());
    expect(stored).toMatchObject({ title: 'Silver cake', cuts: { snowgoose: 'centre wedges' } });
  });

  test('a deleted order can be taken back', async () => {
    const before = await fetch(`${shop.address}/api/orders`).then((r) => r.json());
    await shop.go('/');
    await shop.click('Delete A quiet board for two');
    await shop.reads('body', 'Deleted “A quiet board for two”');
    await shop.click('Take it back');
    await shop.reads('ol[aria-label="Orders by date"]', 'A quiet board for two');
    // Under its own id, and once.
    const { orders } = await fetch(`${shop.address}/api/orders`).then((r) => r.json());
    expect(orders.filter((o: { id: string }) => o.id === 'quiet-board-for-two')).toHaveLength(1);
    expect(orders).toHaveLength(before.orders.length);
  });
});
