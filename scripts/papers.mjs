/**
 * Print every paper of the demo order to PDF in headless Chromium, for looking at: node scripts/papers.mjs FOLDER.
 * Prints how many pages each came to.
 */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { openBrowser } from './lib/browser.mjs';
import { printToPdf } from './lib/pdf.mjs';
import { startServer } from './lib/server.mjs';
import { ensureBrowser, ensureBuilt, ensureInstalled } from './lib/setup.mjs';

const folder = process.argv[2] ?? '/tmp/rotula-papers';
await ensureInstalled();
await ensureBuilt();
await ensureBrowser();
mkdirSync(folder, { recursive: true });
const server = await startServer();
const { driver, close } = await openBrowser();
/** Choose a paper or its form, once it is there to be chosen. */
const click = (name) =>
  driver.wait(
    () =>
      driver.executeScript(
        "const found = [...document.querySelectorAll('[role=radio]')].find((e) => e.textContent === arguments[0]); found?.click(); return !!found",
        name,
      ),
    10_000,
    `no paper or form is called ${name}`,
  );
/** The paper of the house, and the papers of the demo order on it. */
async function usePaper(paper) {
  const { version, ...house } = await fetch(`${server.address}/api/house`).then((r) => r.json());
  await fetch(`${server.address}/api/house`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ version, house: { ...house, paper } }),
  });
  await driver.get(`${server.address}/orders/boatyard-launch-supper/papers`);
  await driver.wait(() => driver.executeScript("return !!document.querySelector('.paper-sheet h1')"), 10_000);
}

try {
  const papers = [
    ['Quote'],
    ['Cut sheet'],
    ['Shopping list'],
    ['Tasting menu'],
    ['Tasting menu', 'Folded'],
    ['Time line'],
    ['Allergens'],
    ['Board plan'],
    ['Packing list'],
    ['Run sheet'],
    ['Off labels'],
    ['Customer’s clock'],
    ['To find again'],
    ['Cards', 'Cards'],
    ['Cards', 'Tents'],
    ['Cards', 'Flags'],
    ['Cards', 'Slates'],
    ['Cards', 'Bottle strips'],
  ];
  for (const size of ['A4', 'US Letter']) {
    await usePaper(size);
    for (const [paper, shape] of papers) {
      await click(paper);
      if (shape && shape !== 'Cards') await click(shape);
      const { pdf, pages } = await printToPdf(driver);
      const name = `${(shape ?? paper).toLowerCase().replace(' ', '-')}-${size.replace(' ', '-').toLowerCase()}`;
      writeFileSync(join(folder, `${name}.pdf`), pdf);
      console.log(`${name}.pdf: ${pages} page${pages === 1 ? '' : 's'}`);
    }
  }
} finally {
  await close();
  await server.close();
}
