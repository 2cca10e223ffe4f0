/**
 * npm run screens: one picture of each main view, from the demo data, into docs/screenshots.
 * With names as arguments only those; ROTULA_SHOTS chooses another folder.
 */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { openBrowser } from './lib/browser.mjs';
import { startServer } from './lib/server.mjs';
import { ensureBrowser, ensureBuilt, ensureInstalled, ROOT } from './lib/setup.mjs';

const ORDER = '/orders/boatyard-launch-supper';
const VIEWS = {
  book: { path: '/' },
  brief: { path: `${ORDER}/brief` },
  pick: { path: `${ORDER}/pick` },
  portion: { path: `${ORDER}/portion` },
  cut: { path: `${ORDER}/cut` },
  pair: { path: `${ORDER}/pair` },
  walk: { path: `${ORDER}/walk` },
  papers: { path: `${ORDER}/papers` },
  cards: { path: `${ORDER}/papers`, press: 'Cards' },
  menu: { path: `${ORDER}/papers`, press: 'Tasting menu' },
  counter: { path: '/counter' },
  house: { path: '/house' },
  cellar: { path: '/orders/bookbinders-seated-tasting/pick', room: 'cellar' },
};

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
  for (const [name, { path, press, room = 'shop' }] of Object.entries(VIEWS)) {
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
    if (press) {
      const click = `[...document.querySelectorAll('[role=radio]')].find((e) => e.textContent === '${press}').click()`;
      await driver.executeScript(click);
      await driver.executeScript('document.querySelector(".paper-sheet").scrollIntoView()');
    }
    writeFileSync(join(folder, `${name}.png`), Buffer.from(await driver.takeScreenshot(), 'base64'));
    console.log(`${name}.png`);
  }
} finally {
  await close();
  await server.close();
}
