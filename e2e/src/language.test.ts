import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { SCREENS, viewsOf } from './screens';
import { Shop } from './shop';

/**
 * Every screen and paper of a house in US units, in a stand-in language: no metric unit is left on any, and no sentence unsaid.
 * The stand-in language marks all that is said through web/src/words. What is left unmarked on a screen must be data (names,
 * notes), figures and their units, or a date: every sentence, heading, label and word of a table is marked.
 */

let shop: Shop;
let data: readonly string[];
beforeAll(async () => {
  shop = await Shop.open();
  data = await namesOf(shop.address);
  const { version, unreadable: _, ...house } = await (await fetch(`${shop.address}/api/house`)).json();
  const asked = { ...house, units: 'US customary', country: 'US', currency: 'USD', paper: 'US Letter' };
  const answer = await fetch(`${shop.address}/api/house`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ version, house: asked }),
  });
  expect(answer.status).toBe(200);
  await shop.go('/');
  await shop.driver.executeScript('localStorage.setItem("rotula.language", "stand-in")');
});
afterAll(() => shop.close());

/** What people wrote: names, makers, places, notes. The longest first, so that no name is taken out of another. */
async function namesOf(address: string): Promise<string[]> {
  const ask = async (path: string) => (await fetch(`${address}/api/${path}`)).json() as Promise<unknown>;
  const written = new Set<string>();
  const WRITTEN =
    /^(id|name|maker|region|country|style|tradeStyle|line|note|title|customer|who|tasters?|ingredients|words|telephone|place|unit|of|is)$/;
  const write = (text: string) => {
    // A single small word ("soft", "goat") may be the value of a table too: it would hide one that is not said.
    if (!/^[a-z]*$/.test(text)) written.add(text);
  };
  const collect = (tree: unknown, key = ''): void => {
    if (typeof tree === 'string' && WRITTEN.test(key))
      [tree, tree.replace('gluten-free ', ''), ...tree.split(/[,(]/)].forEach((text) => write(text.trim()));
    else if (Array.isArray(tree) && key === 'adjectives') write(tree.join(', '));
    else if (Array.isArray(tree)) tree.forEach((value) => collect(value, key));
    else if (tree && typeof tree === 'object')
      Object.entries(tree).forEach(([inner, value]) => collect(value, inner));
  };
  collect(await ask('counter'));
  const { orders } = (await ask('orders')) as { orders: { id: string }[] };
  for (const { id } of orders) collect(await ask(`orders/${id}`));
  collect(await ask('tastings'));
  collect(await ask('house'));
  // The menu sets the name of the house in capitals.
  const shown = [...written].flatMap((text) => [text, text.toUpperCase()]);
  return shown.filter((text) => text.length > 1).sort((a, b) => b.length - a.length);
}

/** Figures with their units, dates, clock times, currencies and lone keys. */
const FIGURES =
  /\b\d[\d.,]*\s?(?:oz|lb|in|ft|fl oz|ml|l|°F|h|min|%)?\b|(?:^|[/ ])(?:oz|lb|in)$|\b(?:EUR|GBP|USD|Mon|Tue|Wed|Thu|Fri|Sat|Sun|January|February|March|April|May|June|July|August|September|October|November|December|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept?|Oct|Nov|Dec)(?:day|sday|nesday|rsday|urday)?\b|\b(?:and|or|AM|PM)\b|https?:\S+/g;

const LETTERS = /[A-Za-z]{2}/;

/** A line without what is marked, what is data and what is a figure. */
function unmarked(line: string): string {
  let rest = line;
  for (let before = ''; before !== rest;) {
    before = rest;
    rest = rest.replace(/⟦[^⟦⟧]*⟧/g, ' ');
  }
  // There are thousands of names: a line without letters left needs no look at them.
  if (LETTERS.test(rest)) for (const name of data) rest = rest.replaceAll(name, ' ');
  return rest.replace(FIGURES, ' ');
}
/** What is left of a line that nobody said; the id of the good or order on the screen may stand at its end. */
const isSaid = (line: string, path: string) =>
  !LETTERS.test(unmarked(line.replace(` · ${path.split('/').at(-1)}`, '')));

/** A figure with a metric unit, a unit alone in a heading, or a date as it is stored. */
const METRIC = /\d\s?(?:g|kg|mm|cm|°C)\b|(?:^|[ ,/])(?:g|kg|mm|cm|°C)$|\b\d{4}-\d{2}-\d{2}\b/;
const isMetric = (line: string) => METRIC.test(line.replace(/[⟦⟧]/g, ''));

/** Of the second order what it says of its own: a seated table, and its papers. */
const READ = SCREENS.filter((path) => !path.includes('quiet-board') || /lay|papers$/.test(path));
test.each(READ)('%s', async (path) => {
  await shop.go(path);
  await shop.see('main h1, main h2');
  // What comes a moment later is read too.
  await shop.rest();
  const isFault = (line: string) => !isSaid(line, path) || isMetric(line);
  const readFaults = async () => {
    const lines = await shop.lines();
    // What came while it was read is data too.
    data = [...new Set([...(await shop.ownWords()), ...data])];
    return lines.filter(isFault);
  };
  const faults = await readFaults();
  for (const view of viewsOf(path)) {
    await shop.click(`⟦${view}⟧`);
    await shop.see(`[aria-selected="true"], [aria-checked="true"], [aria-pressed="true"]`);
    await shop.rest();
    faults.push(...(await readFaults()).map((line) => `${view}: ${line}`));
  }
  expect([...new Set(faults)]).toEqual([]);
});
