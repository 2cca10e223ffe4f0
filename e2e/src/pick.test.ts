import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { Shop } from './shop';

/** The pick, argued with: collisions and ways out, alternatives, price steps, lenses, themes and schools. */

let shop: Shop;
beforeAll(async () => {
  shop = await Shop.open();
});
afterAll(async () => {
  const complaints = await shop.complaints();
  await shop.close();
  expect(complaints).toEqual([]);
});

const ORDER = '/orders/boatyard-launch-supper';
const picked = async () =>
  (await shop.texts('ol[aria-label^="Picked goods"] li')).map((text) =>
    text.split('\n')[0]!.replace(/^\d+ /, ''),
  );

test('an alternative is truly another board, and is taken with one touch', async () => {
  await shop.go(`${ORDER}/pick`);
  const before = await picked();
  await shop.click('Others');
  await shop.see('[data-alternative="3"]');
  await shop.reads('[data-alternative="1"]', /balance/);
  await shop.clickIn('[data-alternative="1"]', 'Take this one');
  await shop.see('[aria-label="Undo: take another board"]');
  const after = await picked();
  expect(after.filter((name) => !before.includes(name)).length).toBeGreaterThanOrEqual(2);
  expect(after).toContain('Halyard');
  await shop.undo();
  await shop.see('[aria-label="Redo: take another board"]');
  expect(await picked()).toEqual(before);
});

describe('when nothing fits', () => {
  test('the wishes that collide are named, and a way out is one touch', async () => {
    await shop.go(`${ORDER}/brief`);
    await shop.fill('[aria-label="Budget"]', '60');
    await shop.press('2');
    await shop.click('Propose the best');
    await shop.reads('aside', 'Nothing on this counter keeps every wish');
    await shop.reads('[data-collision]', 'the budget');
    expect(await shop.text('[data-way-out="budget"]')).toMatch(/a budget of €\d+\.\d\d in all/);
    await shop.clickIn('[data-way-out="budget"]');
    await shop.reads('[role="status"]', 'best of every selection');
    await shop.see('[aria-label="Undo: the way out: budget"]');
    await shop.undo(2);
    await shop.saved();
  });

  test('an allergy on the whole board is never traded for anything', async () => {
    await shop.go(`${ORDER}/brief`);
    await shop.click('change');
    await (await shop.see('[data-reach="board"]')).click();
    await shop.reads('main', 'Whole board: nothing of it on the board');
    await shop.press('2');
    await shop.click('Propose the best');
    await shop.reads('aside', 'never traded for anything');
    for (const text of await shop.texts('[data-way-out]')) expect(text).not.toMatch(/allergy/);
    await shop.undo();
    await shop.saved();
  });
});

test('the same cheese at two ages: the order takes the lot that is chosen', async () => {
  await shop.go('/orders/silver-anniversary-wheel-cake/pick');
  await (await shop.see('li[data-good="tarpot"] button')).click();
  await shop.reads('li[data-good="tarpot"]', '3 years');
  await shop.pick('Lot of Tarpot', '14 months');
  await shop.reads('li[data-good="tarpot"]', 'hard cow · 14 months');
  await shop.undo();
  await shop.reads('li[data-good="tarpot"]', 'hard cow · 3 years');
  await shop.saved();
});

test('a price curve names its knees, and says what one more kind costs', async () => {
  await shop.go(`${ORDER}/pick`);
  await shop.click('Money');
  await shop.reads('aside', /knee: \S/);
  await shop.reads('aside', /6 cheeses/);
  await shop.see('aside .recharts-surface');
});

test('a lens says what is missing, and its cheapest fix is added and taken away', async () => {
  await shop.go(`${ORDER}/pick`);
  await shop.click('Lenses');
  await shop.pick('Lens', 'Elements');
  await shop.reads('aside', 'Garnish missing');
  const name = /Add (.+?), €/.exec(await shop.text('aside li button'))![1]!;
  await shop.clickIn('aside li button');
  await shop.see(`[aria-label="Undo: add ${name}"]`);
  await shop.reads('aside', new RegExp(`Added by hand:\\s*${name}`));
  await shop.press('3');
  await shop.reads('main', name);
  await shop.undo();
  await shop.saved();
});

test('a theme holds its axis; a school that three kinds cannot meet is said with the cost of one more', async () => {
  await shop.go(`${ORDER}/brief`);
  await shop.pick('Theme or flight', 'one milk');
  await shop.pick('Of', 'goat');
  await shop.press('2');
  await shop.reads('aside', 'held');
  await shop.press('1');
  await shop.pick('Theme or flight', 'no theme');
  await shop.pick('Which kinds must be there?', 'five families');
  await shop.pick('Kinds of cheeses', '3 cheeses');
  await shop.reads('aside', '3 cheeses cannot fill the 5 places');
  await shop.reads('aside', /One more would bring \+\d/);
  await shop.undo(4);
  await shop.saved();
});

test('why milk is avoided is asked, and each answer is another limit', async () => {
  await shop.go('/orders/choir-after-concert/brief');
  await shop.reads('main', 'Somebody avoids milk? Ask why');
  await shop.click('Lactose');
  await shop.reads('main', /by ripening, not by animal/i);
  const finder = await shop.finder('Add a guest with an allergy, diet, risk or dislike');
  await finder.sendKeys('pregnant');
  await shop.reads('[role="option"]', 'regnant');
  await finder.sendKeys('\uE007');
  await shop.reads('main', 'public-health advice on listeria');
  await shop.reads('main', '(UK; US; EU; all)');
});

test('a clash chosen by hand is advice at once; a jar turned round says what it is for', async () => {
  await shop.go(`${ORDER}/pair`);
  const cell = 'section[aria-label="Meadow Pearls"] button[data-slot="brine"]';
  await (await shop.see(cell)).click();
  const finder = await shop.finder('Another brine for Meadow Pearls');
  await finder.sendKeys('smooth hot mustard');
  await shop.reads('[role="option"]', 'mustard');
  await finder.sendKeys('\uE007');
  await shop.reads('aside', /beside Meadow Pearls: .*(would sit better|water between)/);
  await shop.reads(cell, '✕');
  await shop.click('as Rotula would');
  await shop.saved();
  // A cell of the table opens its reasons, and can be set.
  expect((await shop.texts('[data-cell^="meadow-pearls "]')).length).toBeGreaterThan(8);
  await shop.clickIn('[data-cell^="meadow-pearls "]');
  await shop.reads('aside h2', /^Why /);
  await shop.click('The set');
  const name = await shop.text('[data-turn]');
  await shop.clickIn('[data-turn]');
  await shop.reads('aside h2', `What ${name} is for`);
  await shop.see('[data-turned] li[data-good]');
  // Taking it off says first what that costs.
  await shop.reads('[data-take-off]', /(points|no loss), (saves|costs)/);
  await shop.clickIn('[data-take-off]');
  await shop.reads('[data-taken-off]', name);
  await shop.undo(3);
  await shop.saved();
});

test('any bottle may be asked what it is for; two for the table are poured with one touch; the house has its word', async () => {
  await shop.go(`${ORDER}/pair`);
  const finder = await shop.finder('What is a bottle or a jar for?');
  await finder.sendKeys('sweet fortified');
  await shop.reads('[role="option"]', 'sweet fortified');
  await finder.sendKeys('\uE007');
  await shop.reads('aside h2', /^What .* is for/);
  await shop.see('[data-turned] li[data-good]');
  await shop.click('back');
  await shop.click('Drinks');
  const names = await shop.driver.executeScript<string[]>(
    `return [...document.querySelectorAll('[data-bottles="2"] li')].map((li) => li.firstChild.textContent.trim())`,
  );
  expect(names).toHaveLength(2);
  await shop.clickIn('[data-bottles="2"] button');
  for (const name of names) await shop.reads('table[aria-label="What goes with what"] thead', name);
  await shop.reads('[data-standard-drinks]', /US standard drinks/);
  await shop.undo(1);
  await shop.saved();
  // What the house says of a pair stands above the model, in every order.
  await shop.click('This pair');
  await shop.clickIn('[data-shelf="honey"]');
  const last = await shop.driver.executeScript<string>(
    `return [...document.querySelectorAll('[data-ranked]')].at(-1).dataset.ranked`,
  );
  await shop.clickIn(`[data-ranked="${last}"]`);
  await shop.click('The house’s own word on this pair');
  await shop.clickIn('[data-says="own"]');
  await shop.reads('[data-ranked] .bg-butter', 'house: our own');
  const first = await shop.driver.executeScript<string>(
    `return document.querySelector('[data-ranked]').dataset.ranked`,
  );
  expect(first).toBe(last);
  await shop.undo(1);
  await shop.saved();
  await shop.go('/house');
  await shop.reads('main', /Pairs of the house[^]*our own/);
  await shop.click('Take away');
  await shop.reads('main', 'None yet. On the stage Pair');
});
