import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import ICAL from 'ical.js';
import { By, Origin } from 'selenium-webdriver';
import { Shop } from './shop';

/** The day backwards from serving: what it is planned by, what is tight and the ways out, the work, and its papers. */

const ORDER = '/orders/boatyard-launch-supper';
const downloads = mkdtempSync(join(tmpdir(), 'rotula-clock-'));
let shop: Shop;
beforeAll(async () => {
  shop = await Shop.open({ downloads });
});
afterAll(async () => {
  await shop.close();
  rmSync(downloads, { recursive: true, force: true });
});

/** The three times on the slate. */
const vitals = () => shop.texts('section[aria-label="The day in three times"] .font-serif');
const outings = () =>
  shop.driver.executeScript<string[]>(
    'return [...document.querySelectorAll("[data-outing]")].map((e) => e.getAttribute("aria-label"))',
  );

describe('the clock', () => {
  test('room, hands and serving time move the day', async () => {
    await shop.go(`${ORDER}/clock`);
    await shop.rest();
    const [before] = await outings();
    expect(before).toMatch(/^Halyard off 19:49: out of the cold 17:49/);
    await shop.type('Room', '24');
    await shop.reads('[data-why]', 'to 13 °C at the heart');
    await shop.rest();
    const warmer = await outings();
    expect(warmer.find((told) => told.startsWith('Tarpot'))).not.toContain('17:49');
    await shop.undo();
    const [begins] = await vitals();
    await shop.click('fewer: Hands');
    await shop.driver.wait(
      async () => (await vitals())[0]! < begins!,
      10_000,
      'fewer hands begin no earlier',
    );
    await shop.undo();
    await shop.type('Served, time', '20:00');
    await shop.reads('svg[data-day]', 'served 20:00');
    await shop.undo();
    await shop.reads('svg[data-day]', 'served 18:30');
  });

  test('the tight one is on top, says why, and each way out does what it says', async () => {
    await shop.reads('[data-why]', /too many: safe comes first/);
    await shop.reads('[data-ways]', 'Serve it in 3 waves');
    const name = await shop.driver.executeScript<string>(
      `const [fits] = [...document.querySelectorAll('[data-ways] li')]
         .filter((li) => [...li.querySelectorAll('*')].some((e) => e.textContent === 'fits'));
       const way = fits.querySelector('button');
       const name = way.innerText;
       way.click();
       return name;`,
    );
    await shop.rest();
    const halyard = (await outings()).find((told) => told.startsWith('Halyard'));
    expect([name, halyard]).not.toContain(undefined);
    await shop.driver.wait(
      async () => !(await shop.texts('aside')).join(' ').includes('Wave 1: Halyard needs'),
      20_000,
      `${name} did not help`,
    );
    await shop.undo();
    await shop.reads('[data-why]', /too many/);
  });

  test('the probe reads, is marked as simulated, and can be forgotten', async () => {
    await shop.click('Read the probe');
    await shop.reads('[data-readings]', /15 minutes: \d+(\.\d)? °C/);
    await shop.reads('[data-readings]', 'simulated');
    await shop.click('Read the probe');
    await shop.reads('[data-readings]', /30 minutes/);
    await shop.reads('aside', /the film is put at/);
    await shop.click('Forget its readings');
    await shop.driver.wait(
      async () => (await shop.driver.findElements(By.css('[data-readings]'))).length === 0,
      10_000,
    );
  });

  test('work is dragged: what it moves is shown before it is kept', async () => {
    await shop.click('Work');
    const bar = await shop.see('[data-work="fetch"]');
    await shop.driver.executeScript('arguments[0].scrollIntoView({block: "center"})', bar);
    await shop.driver
      .actions()
      .move({ origin: bar })
      .press()
      .move({ origin: Origin.POINTER, x: -30, y: 0 })
      .move({ origin: Origin.POINTER, x: -30, y: 0 })
      .release()
      .perform();
    await shop.reads('[data-moves]', /\w/);
    await shop.click('Leave it');
    const times = () => shop.texts('[data-run="cut:tarpot"] td:first-child');
    const [was] = await times();
    await shop.clickIn('[data-run="cut:tarpot"] button');
    await shop.click('5 min earlier');
    await shop.click('5 min earlier');
    await shop.reads('[data-moves]', /\w/);
    expect(await times()).toEqual([was]);
    await shop.click('Keep the move');
    await shop.reads('[data-run="cut:tarpot"]', 'set by hand');
    expect(await times()).not.toEqual([was]);
    await shop.type('Minutes: Write the cards', '25');
    await shop.reads('[data-run="cards"] td:nth-child(2)', 'Write the cards');
    await shop.click('leave out: Clean the slicer');
    await shop.reads('main', '1 left out of the day.');
    await shop.undo(3);
    await shop.reads('[data-run="clean-slicer"]', 'Clean the slicer');
    expect(await times()).toEqual([was]);
  });

  test('hot: baked where it can be, with its times; what travels cold leaves the cold there', async () => {
    await shop.go('/orders/bookbinders-seated-tasting/clock');
    await shop.click('Hot');
    await shop.reads('[data-hot="petrel"]', /Oven on .* at 220 °C, in .* out .* eaten from .* good until/);
    expect((await outings()).some((told) => told.startsWith('Petrel'))).toBe(false);
    await shop.go('/orders/drawing-office-desk-boxes/clock');
    await shop.click('At table');
    await shop.reads('aside', 'It travels cold');
    await shop.reads('[data-run="travel"]', 'On the way');
    await shop.rest();
    for (const told of await outings()) expect(told).toMatch(/out of the cold 1(1:(4[5-9]|5\d)|2:)/);
  });

  test('run sheet, labels, the customer’s clock, and a calendar that can be read again', async () => {
    await shop.go(`${ORDER}/papers`);
    await shop.click('Run sheet');
    await shop.reads('[data-person="clock"]', 'Out of the cold');
    await shop.click('Off labels');
    await shop.reads('[data-label="1"]', /off by 19:49/);
    await shop.click('Customer’s clock');
    await shop.reads('.paper-sheet', 'Out of the fridge');
    await shop.click('Calendar file');
    const file = join(downloads, 'boatyard-launch-supper.ics');
    await shop.driver.wait(() => existsSync(file), 10_000, 'the calendar did not come');
    const events = new ICAL.Component(ICAL.parse(readFileSync(file, 'utf8'))).getAllSubcomponents('vevent');
    const served = events
      .map((event) => new ICAL.Event(event))
      .find(({ summary }) => summary.endsWith('served'))!;
    // The time on the order, on the wall of a shop that keeps Irish time; the demo is always of this week, whatever the week.
    const { brief } = await shop.api<{ brief: { servingAt: string } }>('GET', ORDER);
    const there = new Intl.DateTimeFormat('sv-SE', {
      timeZone: 'Europe/Dublin',
      dateStyle: 'short',
      timeStyle: 'short',
    });
    expect(there.format(served.startDate.toJSDate())).toBe(brief.servingAt.replace('T', ' '));
    expect(served.endDate.toJSDate().getTime() - served.startDate.toJSDate().getTime()).toBe(3 * 3_600_000);
    expect(events.length).toBeGreaterThan(4);
  });
});
