import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { setSize } from '../../scripts/lib/browser.mjs';
import { Shop } from './shop';

/** What can hurt a guest: own plates, small children, allergens on the papers, in the real interface. */

let shop: Shop;
const ORDER = '/orders/three-plates';
const limit = (what: string, who: string, more: object = {}) => ({
  what,
  who,
  severity: 'allergy',
  reach: 'own plate',
  guests: 1,
  ...more,
});

beforeAll(async () => {
  shop = await Shop.open();
  await shop.api('POST', '/orders', {
    id: 'three-plates',
    title: 'Three plates and a small one',
    brief: {
      servingAt: '2026-11-28T18:30',
      guests: { adults: 9, children: 1, under5: 1 },
      limits: [
        limit('allergen:milk', 'Ada'),
        limit('allergen:gluten', 'Bo', { severity: 'medical' }),
        limit('diet:vegan', 'Cy', { severity: 'diet' }),
      ],
    },
  });
  await shop.go(`${ORDER}/pick`);
  await shop.saved();
  await shop.stored<{ selection: { goods: string[] | null } }>(ORDER, (o) => o.selection.goods !== null);
});
afterAll(async () => {
  const complaints = await shop.complaints();
  await shop.close();
  expect(complaints).toEqual([]);
});

const paper = async (name: string) => {
  await shop.go(`${ORDER}/papers`);
  await shop.click(name);
};

describe('own plates and small children', () => {
  test('the brief shows what lies on each plate, and what small children get', async () => {
    await shop.go(`${ORDER}/brief`);
    await shop.reads('[data-own-plate^="Bo"]', /Seed Crisps|Rice Thins/);
    expect((await shop.texts('[data-own-plate^="Ada"] li')).length).toBeGreaterThan(4);
    await shop.reads('[data-child-line]', /grated|slices|strips|ribbons|quartered/);
  });
  test('the cut sheet has a box for each plate, and the lines for the children', async () => {
    await paper('Cut sheet');
    // The sheet loads when it is chosen: it is there before its plates are counted.
    await shop.reads('.paper-sheet', 'For children under 5:');
    // Three guests, and the small child.
    expect(await shop.texts('[data-plate]')).toHaveLength(4);
    await shop.reads('.paper-sheet', 'No picks.');
  });
  test('the shopping list fetches for each plate', async () => {
    await paper('Shopping list');
    await shop.reads('.paper-sheet', 'Own plate: Ada: milk allergy');
    const board = (await shop.texts('.paper-sheet section')).filter((text) => !text.startsWith('Own plate'));
    expect(board.join(' ')).toContain('Seed Crisps');
    expect(board.join(' ')).not.toMatch(/\bfree\b/i);
  });
  test.each(['Cut', 'Pair'])('cautions stand at %s too', async (stage) => {
    await shop.go(`${ORDER}/${stage.toLowerCase()}`);
    await shop.reads('aside', 'Local codes and licensed practice decide.');
    await shop.reads('aside', /Under 5 years/);
  });
});

describe('the papers of a shared board', () => {
  test('every good has a card; none says free but those of own plates', async () => {
    await paper('Cards');
    await shop.see('[data-card]');
    const cards = await shop.texts('[data-card]');
    expect(cards.length).toBeGreaterThan(12);
    expect(cards.join(' ')).not.toMatch(/\bfree\b/i);
    expect(cards.every((card) => /Contains:/.test(card) && /shares a board with|alcohol/.test(card))).toBe(
      true,
    );
    await shop.reads('[data-plate-card^="Bo"]', /Free of wheat.*as each maker states/s);
  });
  test('the menu and the list name what stands on the table, drinks and companions too', async () => {
    await paper('Tasting menu');
    // Every allergen of the list stands on the menu too.
    await paper('Allergens');
    await shop.see('[data-allergen]');
    const told = await shop.driver.executeScript<string[]>(
      'return [...document.querySelectorAll("[data-allergen]")].map((e) => e.cells[0].innerText)',
    );
    expect(told).toEqual(expect.arrayContaining(['milk', 'wheat']));
    await paper('Tasting menu');
    for (const allergen of told)
      await shop.reads('.paper-sheet', new RegExp(`On this table.*${allergen}`, 's'));
    await paper('Allergens');
    await shop.reads('[data-allergen="wheat"]', /Toasts|Wafers|Crackers|Loaf|Baguette/);
    await shop.reads('[data-allergen="milk"]', /,/);
  });
  test('one unknown holds all of them back, and leads to the good', async () => {
    const { goods } = await shop.api<{ goods: { id: string; allergens: object }[] }>('GET', '/counter');
    const { selection } = await shop.api<{ selection: { goods: string[] } }>('GET', ORDER);
    const good = goods.find(({ id }) => id === selection.goods[0])!;
    await shop.go(`/counter/${good.id}`);
    await shop.pick('All allergens that are not named', 'unknown');
    await shop.stored<{ goods: { id: string; allergens: { rest: string } }[] }>(
      '/counter',
      (answer) => answer.goods.find(({ id }) => id === good.id)!.allergens.rest === 'unknown',
    );
    for (const [name, says] of [
      ['Tasting menu', 'No menu yet'],
      ['Time line', 'No time line yet'],
      ['Cards', 'No cards yet'],
      ['Allergens', 'No allergen list yet'],
    ] as const) {
      await paper(name);
      await shop.reads('.paper-sheet [role="alert"]', says);
    }
    await shop.see(`.paper-sheet a[href="/counter/${good.id}"]`);
    // The order keeps the good as it was chosen, and says that the stricter word holds.
    await shop.reads('aside', 'the stricter word holds until the order is refreshed');
  });
});

test('an allergy served by a card is told where it is tried', async () => {
  await shop.go('/orders/quiet-board-for-two/brief');
  const finder = await shop.finder('Add a guest with an allergy, diet, risk or dislike');
  await finder.sendKeys('mustard');
  await shop.reads('[role="option"]', /mustard/i);
  await finder.sendKeys('\uE007');
  await (await shop.see('[data-reach="card"]')).click();
  await shop.reads('[role="alert"]', 'serves a dislike only; an allergy goes to an own plate');
  await shop.reads('aside', 'Their own plate');
});

test('on a telephone no page of the guests’ papers scrolls sideways, nor does a long word widen a page', async () => {
  const long = 'Käsekuchenverordnungsdurchführungs'.repeat(4);
  const { id: _i, version, updatedAt: _u, ...order } = await shop.api<Record<string, unknown>>('GET', ORDER);
  await shop.api('PUT', ORDER, { version, order: { ...order, title: long, customer: long } });
  const overflow = () =>
    shop.driver.executeScript<number>('return document.documentElement.scrollWidth - innerWidth');
  await setSize(shop.driver, 390, 844);
  for (const name of ['Cards', 'Tasting menu', 'Allergens']) {
    await paper(name);
    expect([name, await overflow()]).toEqual([name, 0]);
  }
  await setSize(shop.driver, 768, 1024);
  for (const path of ['/', `${ORDER}/brief`, `${ORDER}/pick`, `${ORDER}/portion`, `${ORDER}/papers`]) {
    await shop.go(path);
    expect([path, await overflow()]).toEqual([path, 0]);
  }
  await setSize(shop.driver, 1280, 800);
});
