import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createClient } from '@libsql/client';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By, Key, until } from 'selenium-webdriver';
import { Shop } from './shop';

/** Work that lasts: snapshots, drafts, a server that is away, documents that cannot be read, files as they are written. */

let shop: Shop;
const files = mkdtempSync(join(tmpdir(), 'rotula-lasting-'));
beforeAll(async () => {
  shop = await Shop.open();
});
afterAll(async () => {
  await shop.close();
  rmSync(files, { recursive: true, force: true });
});

interface Stored {
  id: string;
  version: number;
  updatedAt: string;
  title: string;
  customer: string;
  brief: { servingAt: string; occasion: string };
}
const order = (id: string) => shop.api<Stored>('GET', `/orders/${id}`);
const type = async (label: string, text: string) => {
  const field = await shop.see(`[aria-label="${label}"]`);
  await field.sendKeys(Key.chord(Key.CONTROL, 'a'), text, Key.ENTER);
};

describe('an order keeps what it uses', () => {
  test('a price that rises changes nothing until the person takes it, and undo gives it back', async () => {
    await shop.go('/orders/boatyard-launch-supper/portion');
    const cost = async () => (await shop.texts('aside dd')).at(-1);
    const before = await cost();
    const { goods } = await shop.api<{ goods: { id: string; price: { amount: number } }[] }>(
      'GET',
      '/counter',
    );
    const halyard = goods.find(({ id }) => id === 'halyard')!;
    await shop.go('/counter/halyard');
    await type('Price', '99');
    await shop.stored<{ goods: { id: string; price: { amount: number } }[] }>(
      '/counter',
      (answer) => answer.goods.find(({ id }) => id === 'halyard')!.price.amount === 9900,
    );
    await shop.go('/orders/boatyard-launch-supper/portion');
    await shop.reads('[data-changed-since]', /Halyard cost .*8\.20, now .*99\.00/);
    expect(halyard.price.amount).toBe(820);
    expect(await cost()).toBe(before);
    await shop.click('Take the counter of today');
    await shop.driver.wait(async () => (await cost()) !== before, 15_000);
    await shop.undo();
    await shop.driver.wait(async () => (await cost()) === before, 15_000);
  });

  test('a good that leaves the counter stays in its orders, and whoever takes it off is told of them', async () => {
    await shop.go('/counter/cinder-ewe');
    await shop.reads('[data-used-by]', 'Boatyard launch supper');
    await shop.click('Take Cinder Ewe off the counter');
    await shop.reads('body', /is used by .*Boatyard launch supper/);
    await shop.go('/orders/boatyard-launch-supper/papers');
    await shop.reads('.paper-sheet', 'Cinder Ewe');
    await shop.go('/orders/boatyard-launch-supper/pick');
    await shop.reads('aside', 'has left the counter');
  });
});

describe('dates as people type them, and as the house writes them', () => {
  const ID = 'choir-after-concert';
  test('eight digits, points, another clock', async () => {
    await shop.go(`/orders/${ID}/brief`);
    await type('Served, day', '01052027');
    await shop.stored<Stored>(`/orders/${ID}`, (o) => o.brief.servingAt.startsWith('2027-05-01T'));
    await type('Served, time', '6.30 pm');
    await shop.stored<Stored>(`/orders/${ID}`, (o) => o.brief.servingAt === '2027-05-01T18:30');
    await shop.reads('header p', '1 May');
    await shop.reads('header p', '18:30');
  });
  test('what is no day stays as it was typed, marked, and changes nothing', async () => {
    await shop.go(`/orders/${ID}/brief`);
    for (const typed of ['30.2.2027', '1.1.20277']) {
      await type('Served, day', typed);
      await shop.reads('main [role="alert"]', 'no such day');
      expect(await shop.attribute('[aria-label="Served, day"]', 'value')).toBe(typed);
    }
    // While it stands there nobody says “saved”; Escape gives it up.
    await shop.see('[data-save-state="not saved"]');
    await (await shop.see('[aria-label="Served, day"]')).sendKeys(Key.ESCAPE);
    await shop.saved();
    expect((await order(ID)).brief.servingAt).toBe('2027-05-01T18:30');
  });
});

test('a field that cannot be stored is marked and kept through a reload; everything else is saved', async () => {
  const ID = 'silver-anniversary-wheel-cake';
  await shop.go(`/orders/${ID}/brief`);
  const occasion = 'silver '.repeat(20).trim();
  await shop.type('Occasion', occasion);
  await shop.reads('[role="status"]', 'saved but for what is marked');
  await shop.type('Customer', 'The Coopers');
  await shop.stored<Stored>(`/orders/${ID}`, (o) => o.customer === 'The Coopers');
  await shop.driver.navigate().refresh();
  await shop.reads('main [role="alert"]', 'shorten it, everything else is saved');
  await shop.type('Occasion', 'silver wedding');
  await shop.stored<Stored>(`/orders/${ID}`, (o) => o.brief.occasion === 'silver wedding');
  await shop.saved();
});

describe('a server that is away, and others who are quicker', () => {
  test('leaving the page at once after a change loses nothing', async () => {
    await shop.go('/orders/quiet-board-for-two/pick');
    await shop.saved();
    await type('Name of the order', 'Left in a hurry');
    await shop.leaveFor('/house');
    await shop.stored<Stored>('/orders/quiet-board-for-two', (o) => o.title === 'Left in a hurry');
  });

  test('an edit of the counter that the server never heard of is kept, and stored when it is back', async () => {
    await shop.go('/counter/tarpot');
    await shop.cutOff();
    await type('Style', 'aged hard cow, cloth-bound');
    await shop.reads('[data-store-state="away"]', 'kept here');
    await shop.go('/counter');
    await shop.stored<{ goods: { id: string; style: string }[] }>(
      '/counter',
      (answer) => answer.goods.find(({ id }) => id === 'tarpot')!.style === 'aged hard cow, cloth-bound',
    );
    await shop.driver.wait(until.elementLocated(By.css('[data-store-state="stored"]')), 15_000);
  });

  test('an order that was deleted elsewhere says so and is taken back with what was changed', async () => {
    const ID = 'drawing-office-desk-boxes';
    await shop.go(`/orders/${ID}/pick`);
    await shop.saved();
    await shop.api('DELETE', `/orders/${ID}`);
    await type('Name of the order', 'Desk boxes, after all');
    await shop.reads('header [role="alert"]', 'This order was deleted elsewhere');
    await shop.click('Take it back and save');
    await shop.stored<Stored>(`/orders/${ID}`, (o) => o.title === 'Desk boxes, after all');
    await shop.saved();
  });

  test('settings that were changed in another window stand beside mine', async () => {
    await shop.go('/house');
    const { version, ...house } = await shop.api<Record<string, unknown>>('GET', '/house');
    await shop.api('PUT', '/house', { version, house: { ...house, name: 'The Other Window' } });
    await shop.click('US Letter');
    await shop.stored<{ name: string; paper: string }>(
      '/house',
      (now) => now.paper === 'US Letter' && now.name === 'The Other Window',
    );
  });
});

test('a double click on New order makes one', async () => {
  await shop.go('/');
  const count = async () => (await shop.api<{ orders: unknown[] }>('GET', '/orders')).orders.length;
  const before = await count();
  await (await shop.see('#new-heads')).sendKeys('7');
  const button = await shop.control('New order');
  await shop.driver.actions().doubleClick(button).perform();
  await shop.see('nav[aria-label="Stages"]');
  await shop.saved();
  expect(await count()).toBe(before + 1);
});

test('an order that cannot be read shows itself with the reason; the book and the other orders work on', async () => {
  const client = createClient({ url: `file:${join(shop.data, 'rotula.sqlite')}` });
  await client.execute({
    sql: 'UPDATE orders SET doc = ? WHERE id = ?',
    args: ['{"half', 'quiet-board-for-two'],
  });
  client.close();
  await shop.leaveFor('/');
  await shop.reads(
    '[data-unreadable="quiet-board-for-two"]',
    'cannot be read: what is stored is not valid JSON',
  );
  expect(await shop.attribute('[data-unreadable] a', 'href')).toBe('/api/orders/quiet-board-for-two/stored');
  await shop.reads('ol[aria-label="Orders by date"]', 'Boatyard launch supper');
  await shop.go('/orders/boatyard-launch-supper/pick');
  await shop.saved();
});

describe('files as they are written', () => {
  const give = async (name: string, bytes: Buffer | string) => {
    const path = join(files, name);
    writeFileSync(path, bytes);
    await shop.go('/counter/intake');
    await (await shop.driver.findElement(By.css('input[type="file"]'))).sendKeys(path);
  };
  test('what would be stored stands beside what is there', async () => {
    await give('list.csv', 'id,price,note\ngullstone,"1.234,50",dear\n');
    await shop.reads('[data-side-by-side="gullstone"]', /Price.*1,234\.50/s);
    await shop.reads('[data-side-by-side="gullstone"]', 'will be stored');
  });
  test('a figure that could be read both ways is asked', async () => {
    await give('list.csv', 'id,price\ngullstone,12.500\n');
    await shop.reads('main', '“12.500” in line 2, price');
    await shop.click('12.5: the dot is the decimal');
    await shop.reads('[data-side-by-side="gullstone"]', '12.50');
  });
  // Source: WHATWG Encoding Standard: in windows-1252 0x80 is the euro sign and 0xE9 é.
  test('a list of older days is read as Windows-1252, and that is said', async () => {
    const text = Buffer.concat([
      Buffer.from('id,price,note\ngullstone,'),
      Buffer.from([0x80]),
      Buffer.from('29.50,affin'),
      Buffer.from([0xe9]),
      Buffer.from('\n'),
    ]);
    await give('old.csv', text);
    await shop.reads('main [role="status"]', 'Read as Windows-1252');
    await shop.reads('[data-side-by-side="gullstone"]', 'affiné');
    await shop.reads('[data-side-by-side="gullstone"]', '29.50');
  });
  test('a quotation mark that is never closed is said before anything is shown', async () => {
    await give('open.csv', 'id,note\ngullstone,"open\ntarpot,x\n');
    await shop.reads('main [role="alert"]', 'is not closed');
  });
});
