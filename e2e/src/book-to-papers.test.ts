import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { Shop } from './shop';

let shop: Shop;
const downloads = mkdtempSync(join(tmpdir(), 'rotula-downloads-'));

beforeAll(async () => {
  shop = await Shop.open({ downloads });
});
afterAll(async () => {
  await shop.close();
  rmSync(downloads, { recursive: true, force: true });
});

/** "2 Halyard" and so on, in the order of tasting. */
const picked = async () =>
  (await shop.texts('ol[aria-label^="Picked goods"] li')).map((text) => text.split('\n')[0]!);

test('the first screen shows the finished demo order', async () => {
  await shop.go('/');
  await shop.reads('aside h2', 'Boatyard launch supper');
  await shop.reads('aside li', 'Halyard');
  expect(await shop.texts('ol[aria-label="Orders by date"] > li')).toHaveLength(6);
});

describe('from Book to Papers on a new order', () => {
  test('a head count and a time make an order, and Rotula proposes', async () => {
    await shop.fill('#new-heads', '9');
    await shop.reads('ol[aria-label^="Picked goods"]', /\w/);
    const goods = await picked();
    // Five cheeses and, by the school of odd numbers, three meats.
    expect(goods.length).toBe(8);
    await shop.reads('aside', /balance\s*\d+/);
    await shop.saved();
  });

  test('Brief: guests by kind, a limit, a budget; the targets follow', async () => {
    await shop.press('1');
    await shop.click('more: Children');
    await shop.reads('header p', '10 guests');
    const finder = await shop.finder('Add a guest with an allergy, diet, risk or dislike');
    await finder.sendKeys('no blue', Key.ENTER);
    // Nothing leaves the board until somebody chooses how far it reaches.
    await shop.reads('[data-dangers]', 'Nobody has decided');
    await (await shop.see('[data-reach="board"]')).click();
    await shop.reads('aside', 'Left out, and for whom');
    await shop.fill('[aria-label="Budget"]', '120');
    await shop.reads('aside', 'cost of 120.00');
  });

  test('Pick: the limit bars the blue, a new proposal mends it; lock, leave out, swap, add', async () => {
    await shop.press('2');
    await shop.click('Propose the best');
    await shop.reads('[role="status"]', 'best of every selection');
    const before = await picked();
    expect(before.join(' ')).not.toMatch(/Slate Quay|Widgeon/);
    const first = before[0]!.replace(/^\d+ /, '');
    await shop.press('l');
    await shop.control(`Unlock ${first}`);
    const last = before.at(-1)!.replace(/^\d+ /, '');
    await shop.clickIn('ol[aria-label^="Picked goods"] li:last-child button');
    await shop.click(`Leave out ${last}`);
    await shop.reads('main', new RegExp(`Left out:\\s*${last}`));
    expect((await picked()).join(' ')).not.toContain(last);
    const add = await shop.see('#find-good');
    await add.sendKeys('Lantern', Key.ENTER);
    await shop.reads('ol[aria-label^="Picked goods"]', 'Lantern');
    await shop.reads('aside h2', 'Why Lantern');
    const by = await shop.attribute('aside [data-swap]', 'data-swap');
    await shop.clickIn(`aside [data-swap="${by}"]`);
    await shop.reads('ol[aria-label^="Picked goods"]', by);
    expect((await picked()).join(' ')).not.toContain('Lantern');
    await shop.press('u');
    await shop.reads('ol[aria-label^="Picked goods"]', 'Lantern');
    await shop.press('U');
    await shop.reads('ol[aria-label^="Picked goods"]', by);
  });

  test('Portion: grams by hand change the cost', async () => {
    await shop.press('3');
    const name = await shop.attribute('input[aria-label^="Net g of"]', 'aria-label');
    await shop.fill(`input[aria-label="${name}"]`, '55');
    await shop.reads('main', 'set by hand');
    expect(await shop.attribute(`input[aria-label="${name}"]`, 'value')).toBe('55');
    await shop.fill(`input[aria-label="${name}"]`, 'plenty');
    await shop.reads('body', 'give a number from 0');
    expect(await shop.attribute(`input[aria-label="${name}"]`, 'value')).toBe('55');
  });

  test('Cut, Pair, Walk: each says why and can be changed', async () => {
    await shop.press('4');
    await shop.reads('main ol', /\d+ pieces? of/);
    await shop.reads('aside', 'Blades behind the counter');
    await shop.press('5');
    await shop.see('button[data-slot="sweet"]');
    const good = await shop.text('main section h2');
    await shop.clickIn('button[data-slot="sweet"]');
    const other = await shop.see(`[aria-label="Another sweet for ${good}"]`);
    await other.sendKeys('Dried Apricots', Key.ENTER);
    await shop.reads('button[data-slot="sweet"]', 'Dried Apricots');
    await shop.press('6');
    await shop.reads('aside', 'The best of every possible order');
    const [one] = await shop.texts('main ol li .font-bold');
    await shop.click(`Move ${one} later`);
    await shop.reads('aside', 'Your own order');
    expect((await shop.texts('main ol li .font-bold'))[1]).toBe(one);
  });

  test('Papers: cut sheet, shopping list and cards; the order goes out as a file', async () => {
    await shop.press('p');
    await shop.reads('.paper-sheet', 'Cut sheet');
    await shop.click('Shopping list');
    await shop.reads('.paper-sheet', 'In all');
    await shop.click('Cards');
    await shop.reads('.paper-sheet article', 'Contains: milk');
    await shop.click('Order as JSON');
    await shop.click('Plan as CSV');
    const json = join(downloads, 'a-board-for-9.json');
    const csv = join(downloads, 'a-board-for-9.csv');
    await shop.driver.wait(() => existsSync(json) && existsSync(csv), 10_000, 'the files did not come');
    expect(JSON.parse(readFileSync(json, 'utf8'))).toMatchObject({
      format: 'rotula.order',
      order: { title: 'A board for 9' },
    });
    expect(readFileSync(csv, 'utf8')).toContain('net_g');
  });

  test('a reload finds it all kept', async () => {
    await shop.saved();
    await shop.press('2');
    await shop.reads('ol[aria-label^="Picked goods"]', /\w/);
    const kept = await picked();
    await shop.driver.navigate().refresh();
    await shop.reads('ol[aria-label^="Picked goods"]', /\w/);
    expect(await picked()).toEqual(kept);
    await shop.press('3');
    await shop.reads('main', 'set by hand');
    await shop.press('5');
    await shop.reads('main', 'Dried Apricots');
  });

  test('the file comes in again as an order of its own', async () => {
    await shop.go('/');
    const input = await shop.driver.findElement(By.css('input[type="file"]'));
    await input.sendKeys(join(downloads, 'a-board-for-9.json'));
    await shop.reads('aside', 'balance');
    await shop.driver.wait(async () => (await shop.driver.getCurrentUrl()).includes('/orders/'), 10_000);
    await shop.go('/');
    await shop.driver.wait(
      async () =>
        (await shop.texts('ol[aria-label="Orders by date"] > li')).filter((t) => t.includes('A board for 9'))
          .length === 2,
      10_000,
    );
  });

  test('nothing in the browser complained', async () => expect(await shop.complaints()).toEqual([]));
});

test('two windows on one order: the older save is refused and the person chooses', async () => {
  const order = '/orders/quiet-board-for-two';
  const stored = () => shop.api<{ title: string; selection: { goods: string[] | null } }>('GET', order);
  await shop.go(`${order}/brief`);
  // Its first proposal is in it: a second window would make one of its own.
  await shop.driver.wait(async () => (await stored()).selection.goods !== null, 30_000);
  await shop.saved();
  const first = await shop.driver.getWindowHandle();
  await shop.driver.switchTo().newWindow('tab');
  await shop.go(`${order}/brief`);
  await shop.fill('[aria-label="Name of the order"]', 'From the second window');
  await shop.driver.wait(async () => (await stored()).title === 'From the second window', 30_000);
  await shop.saved();
  await shop.driver.switchTo().window(first);
  await shop.fill('[aria-label="Name of the order"]', 'From the first window');
  await shop.reads('[role="dialog"]', 'From the second window');
  await shop.reads('[role="dialog"]', 'From the first window');
  await shop.reads('[role="dialog"]', 'changed in both');
  await shop.click('Keep all of yours');
  await shop.saved();
  await shop.driver.navigate().refresh();
  expect(await shop.attribute('[aria-label="Name of the order"]', 'value')).toBe('From the first window');
});

test('the counter is found by word and filtered by kind', async () => {
  await shop.go('/counter');
  await shop.fill('#find-on-counter', 'buffalo');
  await shop.reads('main [role="status"]', '5 goods');
  await shop.click('meats');
  await shop.reads('main [role="status"]', '0 goods');
  await shop.reads('main', 'Nothing on the counter is called that');
});

test('the house changes units everywhere', async () => {
  await shop.go('/house');
  await shop.click('US customary');
  await shop.reads('aside', /3\.31\s*lb/);
  await shop.go('/orders/boatyard-launch-supper/portion');
  await shop.reads('aside', /\d\.\d\d lb/);
});
