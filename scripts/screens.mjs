/**
 * npm run screens: one picture of each main view, from the demo data, into docs/screenshots.
 * With names as arguments only those; ROTULA_SHOTS chooses another folder.
 */
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openBrowser } from './lib/browser.mjs';
import { startServer } from './lib/server.mjs';
import { ensureBrowser, ensureBuilt, ensureInstalled, ROOT } from './lib/setup.mjs';

const ORDER = '/orders/boatyard-launch-supper';
const VIEWS = {
  book: { path: '/', until: 'of 100' },
  brief: { path: `${ORDER}/brief` },
  pick: { path: `${ORDER}/pick` },
  portion: { path: `${ORDER}/portion` },
  cut: { path: '/orders/choir-after-concert/cut', click: '[data-good="hare-fell"]' },
  pair: { path: `${ORDER}/pair` },
  walk: { path: `${ORDER}/walk` },
  papers: { path: `${ORDER}/papers` },
  cards: { path: `${ORDER}/papers`, press: 'Cards', until: 'Contains' },
  menu: { path: `${ORDER}/papers`, press: 'Tasting menu', until: 'Bites to try' },
  tastings: { path: '/tastings', until: 'Foretold and found' },
  session: { path: '/tastings/old-hold-in-november', until: 'expect' },
  lay: { path: `${ORDER}/lay`, until: 'A last look' },
  clock: { path: `${ORDER}/clock`, until: 'No other order of the work is better' },
  counter: { path: '/counter' },
  good: { path: '/counter/old-beacon' },
  intake: { path: '/counter/intake', file: true, until: 'line 3' },
  house: { path: '/house' },
  cellar: { path: '/orders/bookbinders-seated-tasting/pick', room: 'cellar' },
};

/** A file with two bad rows, written where the browser can read it. */
function badRows() {
  const path = join(mkdtempSync(join(tmpdir(), 'rotula-screens-')), 'spring-list.csv');
  const rows = [
    'kind,id,name,price.amount,note',
    ',halyard,Halyard,920,spring list',
    ',nobody,Nobody,100,',
    'cheese,wren-curd,Wren Curd,dear,',
    ',gullstone,Gullstone,3150,',
    ',tarpot,Tarpot,2990,spring list',
    'cheese,,Comté 18 months,,spring list',
    ',,Manchego viejo,3450,spring list',
  ];
  writeFileSync(path, rows.join('\n'));
  return path;
}

await ensureInstalled();
await ensureBuilt();
await ensureBrowser();
const names = process.argv.slice(2);
const folder = process.env.ROTULA_SHOTS ?? join(ROOT, 'docs/screenshots');
mkdirSync(folder, { recursive: true });
const [width, height] = (process.env.ROTULA_SIZE ?? '1280x800').split('x').map(Number);
const server = await startServer();
const { driver, close } = await openBrowser({ width, height });
try {
  for (const [name, { path, press, tab, until, file, click, room = 'shop' }] of Object.entries(VIEWS)) {
    if (names.length > 0 && !names.includes(name)) continue;
    await driver.get(server.address);
    await driver.executeScript(`localStorage.setItem('rotula.room', '${room}')`);
    await driver.get(server.address + path);
    await driver.wait(
      () =>
        driver.executeScript(
          "return !!document.querySelector('aside') && document.fonts.status === 'loaded' && !document.querySelector('[data-save-state=\"saving\"]')",
        ),
      10_000,
    );
    // The reach of the counter comes from the worker a moment later.
    if (path.startsWith('/orders'))
      await driver.wait(async () => (await driver.getPageSource()).match(/of \d\d<\/span>/), 10_000);
    if (tab)
      await driver.executeScript(
        `[...document.querySelectorAll('[role=tab]')].find((e) => e.textContent === '${tab}').click()`,
      );
    if (file) await driver.findElement({ css: 'input[type=file]' }).sendKeys(badRows());
    if (press) {
      const click = `[...document.querySelectorAll('[role=radio]')].find((e) => e.textContent === '${press}').click()`;
      await driver.executeScript(click);
    }
    if (until) {
      await driver.wait(
        () => driver.executeScript('return new RegExp(arguments[0]).test(document.body.innerText)', until),
        20_000,
      );
      if (tab)
        await driver.executeScript(
          "document.querySelector('[role=tablist]').scrollIntoView({ block: 'center' }); document.querySelector('aside').scrollBy(0, 250)",
        );
    }
    // What comes late would move it: the sheet is brought to the top when all is there.
    if (press) await driver.executeScript('document.querySelector(".paper-sheet").scrollIntoView()');
    if (click) {
      await driver.wait(() => driver.executeScript(`return !!document.querySelector('${click}')`), 10_000);
      await driver.executeScript(`document.querySelector('${click}').click()`);
      await driver.wait(
        () => driver.executeScript(`return !!document.querySelector('main svg[role=img]')`),
        10_000,
      );
    }
    writeFileSync(join(folder, `${name}.png`), Buffer.from(await driver.takeScreenshot(), 'base64'));
    console.log(`${name}.png`);
  }
} finally {
  await close();
  await server.close();
}
