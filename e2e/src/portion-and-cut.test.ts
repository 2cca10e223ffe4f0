import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { Shop } from './shop';

let shop: Shop;
const ORDER = '/orders/choir-after-concert';
const BOATYARD = '/orders/boatyard-launch-supper';

beforeAll(async () => {
  shop = await Shop.open();
});
afterAll(async () => {
  await shop.close();
});

/** "€76.98" of a row of the sum. */
const inSum = async (label: string): Promise<number> => {
  const text = await shop.text('[data-sum]');
  const found = new RegExp(`${label}[^€]*€([\\d.,]+)`).exec(text);
  if (!found) throw new Error(`the sum has no ${label}: ${text}`);
  return Number(found[1]!.replace(',', ''));
};

describe('Portion', () => {
  test('head count and role move what is eaten and paid', async () => {
    await shop.go(`${ORDER}/portion`);
    const before = await inSum('The customer pays');
    await shop.press('1');
    await shop.click('more: Adults');
    await shop.click('Light supper');
    await shop.press('3');
    await shop.reads('aside', 'a light supper');
    expect(await inSum('The customer pays')).toBeGreaterThan(before * 1.3);
  });

  test('slices or grams of a meat: either typed, the other follows', async () => {
    const name = (await shop.attribute('input[aria-label^="Slices of"]', 'aria-label')).replace(
      'Slices of ',
      '',
    );
    await shop.fill(`input[aria-label="Slices of ${name}"]`, '40');
    await shop.reads('main', 'set by hand');
    const grams = Number(await shop.attribute(`input[aria-label="Net g of ${name}"]`, 'value'));
    await shop.fill(`input[aria-label="Net g of ${name}"]`, String(2 * grams));
    const slices = () => shop.attribute(`input[aria-label="Slices of ${name}"]`, 'value');
    await shop.driver.wait(
      async () => Math.abs(Number(await slices()) - 80) <= 1,
      5000,
      'the slices did not follow the grams',
    );
  });

  test('waves: one fewer holds nothing back, and it is said when that is too little', async () => {
    await shop.reads('main', 'out · held back');
    await shop.click('fewer: Waves');
    await shop.reads('main', 'All goes out at once');
    await shop.reads('aside', /1 wave for three hours/);
    await shop.click('as computed');
  });

  test('drinks with the order are in the sum; over the budget, a repair brings it back', async () => {
    await shop.click('With the order');
    await shop.reads('[data-sum]', 'Drinks');
    await shop.press('1');
    // The choir's budget is a head.
    await shop.fill('[aria-label="Budget"]', '15');
    await shop.press('3');
    await shop.reads('aside', 'Back into the budget');
    await shop.click('Show the ways');
    const apart = await shop.see('[data-repair="drinks apart"]');
    const before = await inSum('The customer pays');
    await apart.click();
    await shop.driver.wait(
      async () => (await inSum('The customer pays')) < before,
      10_000,
      'nothing was saved',
    );
    expect(await shop.text('[data-sum]')).not.toContain('Drinks');
  });
});

describe('Cut', () => {
  test('one good at a time is drawn, with its steps and what is lost', async () => {
    await shop.press('4');
    await (await shop.see('[data-good="hare-fell"]')).click();
    await shop.see('svg[aria-label="Hare Fell as it is cut, to scale"]');
    await shop.reads('main ol', /Mark \d+ mm straight across the rim/);
    await shop.reads('main ol', /rind off, 4 mm all round/i);
    await shop.reads('aside', 'Blades behind the counter');
  });

  test('another cut is one touch away, and can be taken back', async () => {
    const heading = async () => shop.text('main section h2');
    const before = await heading();
    const ghost = await shop.see('main [data-cut]');
    await ghost.click();
    await shop.driver.wait(async () => (await heading()) !== before, 5000, 'the cut did not change');
    await shop.click('as Rotula would');
    await shop.driver.wait(async () => (await heading()) === before, 5000, 'the cut did not come back');
  });

  test('weighed on the scale: what was cut stands, and is marked as simulated', async () => {
    await shop.click('Weigh');
    await shop.reads('[data-over]', /on target|beside the target/);
    await shop.reads('[data-good="hare-fell"]', 'weighed');
    await shop.saved();
    await shop.press('p');
    await shop.reads('[data-station="cheese"]', /weighed [\d.]+ k?g \(simulated scale\)/);
    const order = (await shop.driver.getCurrentUrl()).replace(/.*\/orders\/([^/]+).*/, '/orders/$1');
    // What was cut is off its lot, on the counter and for every other order.
    await shop.go('/counter/hare-fell');
    await shop.reads('[data-taken]', /cut for orders since it was counted: .* left/);
    await shop.go(`${order}/cut`);
    await (await shop.see('[data-good="hare-fell"]')).click();
    await shop.click('Take back');
    await shop.reads('[data-scale]', 'empty');
    await shop.saved();
    await shop.go('/counter/hare-fell');
    await shop.see('[data-lot]');
    expect(await shop.texts('[data-taken]')).toEqual([]);
  });

  test('produce is drawn with its pieces, and its slices say into how many they are cut', async () => {
    // Whatever the pairing would take: this one has an apple beside its hard cheese.
    const {
      id: _i,
      version,
      updatedAt: _u,
      ...order
    } = await shop.api<{ version: number; brief: object } & Record<string, unknown>>('GET', BOATYARD);
    const pairs = { tarpot: { sweet: 'apple' } };
    // In whatever month this runs.
    const brief = { ...order.brief, season: false };
    await shop.api('PUT', BOATYARD, { version, order: { ...order, brief, pairs } });
    await shop.go(`${BOATYARD}/cut`);
    await (await shop.see('nav[aria-label="What is cut"] [data-good="apple"]')).click();
    await shop.see('svg[data-produce]');
    await shop.reads('main', /in thin slices, of about \d/i);
    await shop.press('p');
    await shop.see('[data-station="produce"] svg[data-produce]');
  });

  test('what is over says where it goes', async () => {
    await shop.go(`${BOATYARD}/portion`);
    await shop.reads('[data-over-list]', /with the order|open jar|second use/);
    await shop.press('p');
    await shop.click('Shopping list');
    await shop.reads('.paper-sheet', 'of the open jar');
  });

  test('the house that cuts all leaves nothing whole', async () => {
    // What is baked stays whole whoever cuts: this one comes cold after all.
    await shop.go('/orders/bookbinders-seated-tasting/cut');
    await shop.reads('[data-good="petrel"]', 'for the oven');
    await shop.go('/orders/bookbinders-seated-tasting/clock');
    await shop.click('Hot');
    await shop.clickIn('[data-hot-good="petrel"] input');
    await shop.saved();
    await shop.go('/orders/bookbinders-seated-tasting/cut');
    await shop.reads('[data-good="petrel"]', 'first wedge pulled');
    await shop.go('/house');
    await shop.click('Pre-cut');
    await shop.reads('body', 'Saved');
    // A finished order keeps its house; this one is in work.
    await shop.go('/orders/bookbinders-seated-tasting/cut');
    await shop.see('[data-good="petrel"]');
    await shop.driver.wait(
      async () => !(await shop.text('nav[aria-label="What is cut"]')).includes('first wedge pulled'),
      5000,
      'a wheel is still left whole',
    );
  });

  test('the sheet has a page for each pair of hands, with the drawings', async () => {
    await shop.go(`${ORDER}/papers`);
    for (const station of ['cheese', 'slicer', 'produce']) await shop.see(`[data-station="${station}"]`);
    await shop.reads('[data-station="produce"]', /last of all/);
    const drawings = await shop.driver.findElements({ css: '[data-station="cheese"] svg' });
    expect(drawings.length).toBeGreaterThan(3);
  });
});
