import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { changeTo, goodsById, type Good } from '@rotula/core';
import { Key } from 'selenium-webdriver';
import { Shop } from './shop';

/** A table of six guests with different limits: decided one by one, broken by hand, mended, printed and read. */

let shop: Shop;
const ORDER = '/orders/table-of-six';
const person = (who: string, what: string, severity: string, more: object = {}) => ({
  who,
  limits: [{ what, severity }],
  ...more,
});

beforeAll(async () => {
  shop = await Shop.open();
  await shop.api('POST', '/orders', {
    id: 'table-of-six',
    title: 'A table of six',
    brief: {
      servingAt: '2026-11-28T18:30',
      guests: { adults: 10, children: 1, under5: 1 },
      persons: [
        person('Ada', 'allergen:tree nuts', 'allergy'),
        person('Bo', 'allergen:milk', 'allergy'),
        person('Cy', 'risk:pregnant', 'medical'),
        person('Dee', 'diet:vegetarian', 'diet'),
        person('Eli', 'taste:blue', 'dislike'),
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
interface Stored {
  readonly brief: { readonly persons: readonly { readonly who: string; readonly reach: string }[] };
  readonly selection: { readonly goods: readonly string[] };
}
const choose = async (guest: number, reach: string) => {
  await shop.clickIn(`[data-guest="${guest}"] [data-reach="${reach}"]`);
  await shop.stored<Stored>(ORDER, (o) => o.brief.persons[guest]!.reach === reach);
};

describe('six guests', () => {
  test('the sixth is added by what they must not have; of none has anybody decided, and the board stays', async () => {
    await shop.go(`${ORDER}/brief`);
    const finder = await shop.finder('Add a guest with an allergy, diet, risk or dislike');
    await finder.sendKeys('sesame');
    await shop.reads('[role="option"]', /sesame/i);
    await finder.sendKeys(Key.ENTER);
    await shop.see('[data-guest="5"]');
    await shop.see('[data-dangers="6"]');
    const { goods } = (await shop.api<Stored>('GET', ORDER)).selection;
    expect(goods.length).toBeGreaterThan(4);
  });
  test('papers for guests are held; the cut sheet prints with it across its head', async () => {
    await paper('Cards');
    await shop.reads('.paper-sheet [role="alert"]', 'something here may hurt somebody');
    await paper('Cut sheet');
    await shop.reads('[data-sheet-dangers]', /Ada: tree nuts.*Nobody has decided/s);
    await shop.reads('[data-must-not-have]', 'not decided yet: ask');
    await shop.go('/');
    await shop.reads('li [data-dangers]', '6 things may hurt somebody');
  });
  test('each is decided, with what it does in sight', async () => {
    await shop.go(`${ORDER}/brief`);
    await shop.reads('[data-guest="0"]', /Nothing loose · proposed/);
    await shop.reads('[data-guest="1"] [data-reach="board"]', /Goes:/);
    await choose(0, 'not loose');
    await choose(1, 'own plate');
    await choose(2, 'own plate');
    await choose(3, 'own plate');
    await choose(4, 'card');
    await choose(5, 'board');
    await shop.gone('[data-dangers]');
  });
  test('a good against the limit of the whole board is put there by hand: red, until it is taken off', async () => {
    await shop.go(`${ORDER}/brief`);
    await shop.clickIn('[data-guest="1"]', 'change');
    await choose(1, 'board');
    await shop.go(`${ORDER}/pick`);
    const finder = await shop.finder('Add a good by hand');
    await finder.sendKeys('tarpot');
    await shop.reads('[role="option"]', 'against a guest’s limit');
    await finder.sendKeys(Key.ENTER);
    await shop.reads('[data-dangers]', /Tarpot is on this board by hand, against Bo: milk allergy/);
    // A guest's own allergen is only mended: nobody may take it on.
    expect((await shop.texts('[data-dangers] button')).join()).not.toMatch(/take it on/);
    await paper('Cards');
    await shop.reads('.paper-sheet [role="alert"]', 'Tarpot is on this board by hand');
    await shop.click('Take it off');
    await shop.gone('[data-dangers]');
    await shop.reads('.paper-sheet', 'Contains:');
  });
  test('the papers say who must not have what, and where their food is', async () => {
    for (const name of ['Cut sheet', 'Packing list', 'Run sheet', 'Board plan', 'Shopping list']) {
      await paper(name);
      await shop.reads('[data-must-not-have]', /Ada: tree nuts.*nothing of it lies open · their own plate/s);
      await shop.reads('[data-must-not-have]', /Eli: no blue cheese.*they read the cards/s);
      await shop.reads('[data-must-not-have]', 'Children under 5: 1');
    }
    await paper('Allergens');
    await shop.reads('[data-must-not-have]', 'One guest: tree nuts');
    expect((await shop.texts('[data-must-not-have]')).join()).not.toMatch(/Ada|Eli/);
  });
  test('cards say in words, and without a name, what is against whom', async () => {
    await paper('Cards');
    await shop.reads('[data-marks]', /Not for pregnant guests/);
    await shop.reads('[data-marks]', /Not vegetarian/);
    const marks = (await shop.texts('[data-marks]')).join(' ');
    expect(marks).not.toMatch(/Ada|Bo|Cy|Dee|Eli/);
    await shop.reads('.paper-sheet', 'Questions: ask');
  });
  test('own plates are cut first, in the day as on the run sheet', async () => {
    await paper('Run sheet');
    await shop.reads('[data-person] tr', /Own plate 3/);
    const lines = await shop.texts('[data-person] tr');
    // All of it is done in one evening: hours sort as they are written.
    const at = (work: RegExp) =>
      lines.filter((line) => work.test(line)).map((line) => line.slice(0, 'hh:mm'.length));
    const own = at(/Own plate \d/);
    expect(own.length).toBe(4);
    for (const cut of at(/(Cut|Slice|Unwrap|Wash|Set out) /)) expect(cut > own.sort().at(-1)!).toBe(true);
    expect(at(/Strip the slicer/)).toHaveLength(1);
  });
});

test('a label that nobody has read blocks; it is read there by one touch, and kept with who and day', async () => {
  const path = '/orders/one-of-ten';
  await shop.api('POST', '/orders', {
    id: 'one-of-ten',
    title: 'One of ten',
    brief: {
      servingAt: '2026-11-28T18:30',
      guests: { adults: 10 },
      persons: [person('Fay', 'allergen:sesame', 'allergy', { reach: 'board', severe: true })],
    },
  });
  await shop.go(`${path}/pick`);
  await shop.stored<{ selection: { goods: string[] | null } }>(path, (o) => o.selection.goods !== null);
  await shop.go('/');
  const order = await shop.api<Stored & { version: number }>('GET', path);
  const [id] = order.selection.goods;
  const { goods } = await shop.api<{ goods: (Good & { read?: unknown })[] }>('GET', '/counter');
  const { read: _, ...good } = goods.find((one) => one.id === id)!;
  const allergens = { contains: ['milk'], mayContain: [], free: [], unknown: [], rest: 'unknown', said: [] };
  await shop.api(
    'POST',
    '/counter/changes',
    changeTo(
      'nobody read it',
      [{ ...good, allergens } as unknown as Good],
      goodsById(goods),
      new Date().toISOString(),
    ),
  );
  const { version, ...body } = order;
  await shop.api('PUT', path, {
    version,
    order: { ...body, selection: { ...order.selection, locked: [id] } },
  });
  await shop.go(`${path}/papers`);
  await shop.driver.navigate().refresh();
  await shop.reads('[data-dangers]', /by hand, against Fay: sesame \(sesame is not known\)/);
  await shop.reads('[data-read-labels="1"]', good.name);
  await shop.click('Kitchen allergens');
  await shop.reads('[data-gaps]', good.name);
  await shop.type('Who reads the labels', 'Vera');
  await shop.clickIn('[data-read-labels]', 'none in it');
  await shop.gone('[data-dangers]');
  await shop.go(`/counter/${id}`);
  await shop.reads('[data-said="sesame"]', /^Vera, /);
});
