import { By, Key } from 'selenium-webdriver';
import { printToPdf } from '../../scripts/lib/pdf.mjs';
import { Shop } from './shop';

/** The order of tasting, what guests are told, how the board is laid, and what the shop learns from its own sessions. */

const ORDER = '/orders/boatyard-launch-supper';
const SEATED = '/orders/bookbinders-seated-tasting';
/** In work: a finished order keeps the weights that it was made with. */
const OPEN = '/orders/choir-after-concert';
let shop: Shop;
beforeAll(async () => {
  shop = await Shop.open();
});
afterAll(() => shop.close());

describe('the walk', () => {
  test('a place is pinned, says what it costs, and goes back with one touch', async () => {
    await shop.go(`${ORDER}/walk`);
    await shop.reads('aside', 'The best of every possible order');
    const names = await shop.texts('main ol.divide-y > li .font-bold');
    await shop.click(`Move ${names[0]} later`);
    await shop.reads('aside', /Your own order: −\d/);
    expect((await shop.texts('main ol.divide-y > li .font-bold'))[1]).toBe(names[0]);
    await shop.click('as Rotula would');
    await shop.reads('aside', 'The best of every possible order');
    expect(await shop.texts('main ol.divide-y > li .font-bold')).toEqual(names);
  });

  test('what clears the palate comes with the strong ones, and goes with them', async () => {
    await shop.see('[data-relief]');
    await shop.reads('[data-cleanser]', /clears the palate .* in all/);
    const strong = (await shop.texts('main ol.divide-y > li .font-bold')).slice(3);
    await shop.press('2');
    await shop.reads('ol[aria-label^="Picked goods"]', strong.at(-1)!);
    for (const name of strong) {
      await shop.driver.executeScript(
        `[...document.querySelectorAll('ol[aria-label^="Picked goods"] button')].find((e) => e.textContent.includes(arguments[0])).click()`,
        name,
      );
      await shop.click(`Leave out ${name}`);
    }
    await shop.press('6');
    await shop.reads('main', 'water is all the palate needs');
    expect(await shop.driver.findElements(By.css('[data-relief]'))).toEqual([]);
    await shop.undo(strong.length);
    await shop.see('[data-relief]');
  });

  test('a dessert is a step of its own after the last, on the path and on the menu too', async () => {
    await shop.go(`${SEATED}/walk`);
    const steps = (await shop.texts('main ol.divide-y > li .font-bold')).length;
    await shop.clickIn('section[aria-label="Dessert"] p button');
    await shop.reads('[data-dessert]', String(steps + 1));
    const [name] = await shop.texts('[data-dessert] .font-bold');
    expect(await shop.driver.findElements(By.css('[data-path] text'))).toHaveLength(steps + 2);
    await shop.press('p');
    await shop.click('Tasting menu');
    await shop.reads(`[data-menu-step="${steps + 1}"]`, name!);
    await shop.saved();
  });
});

describe('menu and cards', () => {
  test('words of the model are marked and not printed until they are accepted', async () => {
    await shop.go(`${ORDER}/papers`);
    await shop.click('Tasting menu');
    await shop.reads('details', /words of the model, not printed until accepted/);
    const told = () => shop.texts('[data-menu-step] [translate="no"]');
    const before = await told();
    expect(before.some((words) => words.split(', ').length < 3)).toBe(true);
    await shop.click('Accept all proposed words');
    await shop.reads('details', 'every word is the shop’s own');
    const after = await told();
    for (const words of after) expect(words.split(', ')).toHaveLength(3);
    expect(new Set(after.map((words) => words.split(', ').sort().join())).size).toBe(after.length);
  });

  test('one thing is said by hand, stands on menu and card, and comes back with undo', async () => {
    const FIELD = '[aria-label^="One thing to say of "]';
    const name = (await shop.attribute(FIELD, 'aria-label')).replace('One thing to say of ', '');
    await shop.fill(FIELD, 'The harbour master asks for it by name.', Key.TAB);
    await shop.reads('.paper-sheet', 'The harbour master asks for it by name.');
    await shop.click('Cards');
    await shop.reads(`[data-card] article`, 'The harbour master asks for it by name.');
    await shop.clickIn('details summary');
    await shop.click(`Tell ${name} as Rotula would`);
    await shop.driver.wait(
      async () => !(await shop.texts('.paper-sheet')).join().includes('harbour master asks'),
      10_000,
      'the point stays',
    );
  });

  test('the menu prints: on one sheet upright, folded on two sides across', async () => {
    await shop.click('Tasting menu');
    await shop.see('[data-menu-step]');
    expect((await printToPdf(shop.driver)).pages).toBeGreaterThan(0);
    await shop.click('Folded');
    await shop.see('[data-turned]');
    const folded = await printToPdf(shop.driver);
    expect(folded.pages).toBe(2);
    await shop.click('Cards');
    await shop.click('Bottle strips');
    await shop.reads('[data-card]', /Poured with|Beside all of it/);
    expect((await printToPdf(shop.driver)).pages).toBe(1);
  });

  test('the list to find it again says what lies on the counter, and what is like it', async () => {
    await shop.click('To find again');
    await shop.reads('[data-later]', /on the counter|to order/);
    await shop.reads('[data-later]', 'much like it:');
  });
});

describe('the board', () => {
  const thing = (id: string) => `[data-thing="${id}"]`;
  const places = () =>
    shop.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('[data-thing]')].map((e) => e.getAttribute('aria-label'))`,
    );

  test('is laid, says how full it is and what a careful eye would mend', async () => {
    await shop.go(`${SEATED}/lay`);
    await shop.see('[data-board]');
    expect((await places()).length).toBeGreaterThan(8);
    await shop.reads('aside', /covered/);
    await shop.see('[data-last-look] [data-violation]');
  });

  test('a thing is nudged and turned by key, stays there, and all others stay where they lie', async () => {
    const before = await places();
    const id = await shop.attribute('[data-thing]', 'data-thing');
    await shop.keys(thing(id), Key.chord(Key.SHIFT, Key.ARROW_RIGHT));
    await shop.driver.wait(
      async () => (await shop.attribute(thing(id), 'aria-label')).includes('by hand'),
      20_000,
      'it is not pinned',
    );
    const after = await places();
    expect(after.filter((label) => !before.includes(label))).toHaveLength(1);
    await shop.undo(1);
    await shop.driver.wait(async () => (await places()).every((label) => before.includes(label)), 20_000);
  });

  test('dragged onto another it breaks a rule, which lights up; laid anew it stays where hands put it', async () => {
    // Two bowls: what is grabbed in the middle is the bowl itself.
    const id = 'onion-chutney';
    const [a, b] = [await shop.see(thing(id)), await shop.see(thing('bread-and-butter-pickles'))];
    await shop.driver.executeScript('arguments[0].scrollIntoView({block: "center"})', a);
    await shop.driver.actions().dragAndDrop(a, b).perform();
    const label = () => shop.attribute(thing(id), 'aria-label');
    await shop.driver.wait(async () => (await label()).includes('by hand'), 20_000, 'it was not put there');
    await shop.reads('[data-last-look]', /lie on each other|find no room/);
    const put = await label();
    await shop.click('Lay anew');
    await shop.driver.wait(
      async () => !(await shop.texts('figcaption')).join().includes('Being laid'),
      30_000,
    );
    expect(await label()).toBe(put);
    await shop.click('as Rotula would');
    await shop.saved();
  });

  test('held over another it says what breaks and what it costs, before it is let go', async () => {
    await shop.rest();
    const [a, b] = [
      await shop.see(thing('onion-chutney')),
      await shop.see(thing('bread-and-butter-pickles')),
    ];
    await shop.driver.actions().move({ origin: a }).press().move({ origin: b }).perform();
    await shop.reads('[data-held]', /−\d.* points there.*lie on each other/);
    await shop.see('[data-hurt="bread-and-butter-pickles"]');
    await shop.driver.actions().release().perform();
    await shop.click('as Rotula would');
    await shop.rest();
  });

  test('what is touched says why it lies there; it is turned by key, pinned and swapped', async () => {
    const id = await shop.attribute('[data-thing]:not([data-thing*="--"])', 'data-thing');
    await shop.focus(thing(id));
    await shop.see(`[data-touched="${id}"]`);
    const pressed = () => shop.attribute(thing(id), 'aria-pressed');
    const picture = () =>
      shop.driver.executeScript<string>(`return document.querySelector('[data-thing="${id}"]').innerHTML`);
    await shop.keys(thing(id), ']');
    await shop.driver.wait(async () => (await pressed()) === 'true', 20_000, 'it is not pinned');
    await shop.click('Let go');
    await shop.driver.wait(async () => (await pressed()) === 'false', 20_000, 'it is not let go');
    await shop.rest();
    const before = await picture();
    await shop.click('Pin here');
    await shop.driver.wait(async () => (await pressed()) === 'true', 20_000, 'it is not pinned');
    expect(await picture()).toBe(before);
    const label = () => shop.attribute(thing(id), 'aria-label');
    const was = await label();
    const name = was.split(',')[0]!;
    await shop.choose(`Swap ${name} with`, 'Onion Chutney');
    await shop.driver.wait(async () => (await label()) !== was, 20_000, 'they did not change places');
    expect(await shop.attribute(thing('onion-chutney'), 'aria-pressed')).toBe('true');
  });

  test('by keys alone a divider is put round what is touched, is stored with the board, and is taken back', async () => {
    await shop.focus(thing('seed-crisps'));
    await shop.see('[data-touched="seed-crisps"]');
    await shop.keys(thing('seed-crisps'), 'm');
    const active = () => shop.driver.switchTo().activeElement();
    const words = () => shop.driver.executeScript<string>('return document.activeElement.innerText');
    expect(
      await shop.driver.executeScript<boolean>(
        'return !!document.activeElement.closest(\'[data-touched="seed-crisps"]\')',
      ),
    ).toBe(true);
    for (let at = 0; at < 6 && (await words()) !== 'A divider round it'; at++)
      await (await active()).sendKeys(Key.TAB);
    await (await active()).sendKeys(Key.ENTER);
    await shop.see('[data-divided="seed-crisps"]');
    // What was pinned and turned before is stored with it: no turn is more than an order takes.
    await shop.stored<{ lay: { dividers: string[]; pins: Record<string, { turn: number }> } }>(
      SEATED,
      ({ lay }) =>
        lay.dividers.includes('seed-crisps') &&
        Object.values(lay.pins).every(({ turn }) => turn >= 0 && turn < 360),
    );
    await shop.undo(1);
    await shop.driver.wait(
      async () => (await shop.driver.findElements(By.css('[data-divided]'))).length === 0,
      20_000,
      'the divider stays',
    );
  });

  test('a mend of the last look finds another place, and every view is drawn', async () => {
    const before = await places();
    await shop.driver.executeScript(
      `document.querySelector('[data-last-look] button[aria-label^="Mend it"]').click()`,
    );
    await shop.driver.wait(
      async () => (await places()).join() !== before.join(),
      20_000,
      'nothing was mended',
    );
    for (const [name, view] of [
      ['Pairs', 'pairs'],
      ['Walk', 'walk'],
      ['Heights', 'heights'],
      ['Reach', 'reach'],
      ['Colours', 'colours'],
      ['Half eaten', 'half eaten'],
    ] as const) {
      await shop.click(name);
      await shop.see(`[data-view="${view}"]`);
    }
    await shop.click('As laid');
    await shop.click('as Rotula would');
    await shop.rest();
  });

  test('only what is known and comes from a food supplier decorates it', async () => {
    await shop.click('Garnish');
    await shop.type('Herb, seed or petal', 'holly');
    await shop.click('Add');
    await shop.reads('[data-refused]', 'poisonous');
    await shop.type('Herb, seed or petal', 'peony');
    await shop.click('Add');
    await shop.reads('[data-refused]', 'not on the list');
    await shop.type('Herb, seed or petal', 'rosemary');
    await shop.click('Add');
    await shop.reads('[data-garnish]', /Garden Rosemary.*stems come out/s);
    await shop.see(thing('garden-rosemary--sprigs-1'));
    await shop.saved();
  });

  test('cheeses and meats lie on boards of their own, and a good is sent to the other', async () => {
    await shop.go(`${ORDER}/lay`);
    await shop.see('[data-board]');
    await shop.choose('Boards', 'cheeses and meats apart');
    const board = async (name: string) => {
      await shop.see('[role="radiogroup"][aria-label="Which board"]');
      await shop.driver.executeScript(
        `[...document.querySelectorAll('[aria-label="Which board"] [role="radio"]')].find((e) => e.innerText.startsWith(arguments[0])).click()`,
        name,
      );
    };
    await board('meats');
    await shop.driver.wait(
      async () => !(await places()).some((label) => label.startsWith('Halyard')),
      20_000,
      'a cheese lies among the meats',
    );
    await board('cheeses');
    await shop.focus(thing('halyard'));
    await shop.choose('Send Halyard to', 'meats');
    await board('meats');
    await shop.see(thing('halyard'));
    // Each is searched in a thread of its own: both plans and both pictures come.
    await shop.saved();
    await shop.go(`${ORDER}/papers`);
    for (const paper of ['Board plan', 'Quote']) {
      await shop.click(paper);
      await shop.driver.wait(
        () =>
          shop.driver.executeScript<boolean>(
            'return document.querySelectorAll(\'.paper-sheet svg[aria-label^="The board"]\').length === 2',
          ),
        60_000,
        `${paper} has not both boards`,
      );
    }
    await shop.go(`${ORDER}/lay`);
    await shop.click('as Rotula would');
    await shop.rest();
  });

  test('is built step by step and printed to scale, with what travels', async () => {
    await shop.click('Build it');
    await shop.reads('[data-build]', /o’clock|in the middle/);
    const all = (await places()).length;
    await shop.click('Next step');
    await shop.reads('aside', /step 1 of \d/);
    expect((await places()).length).toBeLessThan(all);
    await shop.press('p');
    await shop.click('Packing list');
    await shop.reads('.paper-sheet', /Long Beech.*loaded/);
    await shop.reads('.paper-sheet', 'blades travel wrapped');
    await shop.click('Board plan');
    await shop.see('[data-board-plan]');
    await shop.reads('.paper-sheet', /Printed at 100 % the drawing is 1 to/);
    expect((await printToPdf(shop.driver)).pages).toBeLessThanOrEqual(2);
  });
});

describe('a tasting session', () => {
  const choose = async (css: string, at: number) => {
    const group = await shop.see(css);
    const options = await group.findElements(By.css('button'));
    await shop.driver.executeScript('arguments[0].scrollIntoView({block: "center"})', options[at]);
    await options[at]!.click();
  };
  const step = () => shop.attribute('[data-step]', 'data-step');
  const canKeep = () =>
    shop.driver.executeScript<boolean>(
      `return ![...document.querySelectorAll('[data-step] button')].find((e) => e.textContent === 'Noted').disabled`,
    );
  const next = (before: string | null) =>
    shop.driver.wait(async () => (await step()) !== before, 20_000, `${before} stays`);
  const ranked = async () => {
    await shop.go(`${OPEN}/pair`);
    // The page comes to rest bit by bit: what is pressed must be what stays.
    await shop.reads('button[data-slot="drink"]', /\w/);
    await shop.rest();
    await shop.driver.executeScript(`document.querySelector('button[data-slot="drink"]').click()`);
    await shop.reads('[data-ranked]', /\w/);
    await shop.rest();
    return shop.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('[data-ranked]')].map((e) => e.innerText)`,
    );
  };
  let before: string[] = [];

  test('is begun with a drink and who tastes; the probes are told first', async () => {
    before = await ranked();
    await shop.go('/tastings');
    const finder = await shop.finder('Drink to taste');
    await finder.sendKeys('Noble Bell', Key.ENTER);
    await shop.reads('[data-probes]', /sharp fruit.*hot cured/);
    await shop.type('Who tastes', 'Ada');
    await shop.click('New session');
    await shop.reads('main', '0 of 8 noted');
    expect(await step()).toBe('alone Ada');
  });

  test('skips nothing, waits after something hot, survives a reload, and ends when all is noted', async () => {
    let reloaded = false;
    for (let i = 0; i < 40; i++) {
      const now = await step();
      if (now === 'done') break;
      if (now === 'wait') await shop.click('It is quiet already');
      else if (now?.startsWith('alone')) {
        for (const name of ['acid', 'sweetness', 'tannin', 'heat', 'body']) {
          expect(await canKeep()).toBe(false);
          await choose(`[role="group"][aria-label="${name}"]`, 2);
        }
        await shop.click('Noted');
      } else if (now?.startsWith('expect')) await choose('[aria-label="How will they sit?"]', 4);
      else {
        await choose('[role="group"][aria-label="sweetness"]', 2);
        await shop.click('The rest stayed the same');
        // All that is sweet displeases this taster.
        await choose('[aria-label="How they sit"]', 0);
        await shop.click('Noted');
        if (!reloaded) {
          reloaded = true;
          await shop.stored<{ sessions: { drink: string; notes: unknown[] }[] }>(
            '/tastings',
            ({ sessions }) => sessions.some(({ drink, notes }) => drink === 'noble-bell' && notes.length > 0),
          );
          await shop.driver.navigate().refresh();
          await shop.see('[data-step]');
        }
      }
      await next(now);
    }
    await shop.reads('main', '8 of 8 noted');
    await shop.reads('[data-profile]', 'choosy');
    await shop.click('Finish the session');
  });

  test('moves the ranking once the house goes by it, says which weights and pairs, and is set back', async () => {
    await shop.go('/tastings');
    await shop.reads('[data-session]', 'all noted');
    await shop.reads('[data-changes]', /weighs (more|less)/);
    await shop.see('[data-move]');
    await shop.click('Let the pairing go by it');
    await shop.reads('[data-teaches]', 'The house goes by it since');
    const after = await ranked();
    expect(after).not.toEqual(before);
    // One session less, and what was accepted is older than what is known.
    await shop.go('/tastings');
    await shop.driver.findElement(By.css('[data-session] [aria-pressed]')).click();
    await shop.reads('[data-teaches]', 'the sessions changed since');
    await shop.click('Set it back');
    await shop.reads('[data-teaches]', 'The house goes by the usual weights');
    expect(await ranked()).toEqual(before);
  });

  test('is deleted and taken back', async () => {
    await shop.go('/tastings');
    const all = (await shop.texts('[data-session]')).length;
    await shop.click('Delete the tasting of Noble Bell');
    await shop.reads('main', /\w/);
    await shop.driver.wait(async () => (await shop.texts('[data-session]')).length === all - 1, 10_000);
    await shop.click('Take it back');
    await shop.driver.wait(async () => (await shop.texts('[data-session]')).length === all, 10_000);
  });

  test('nothing in the browser complained', async () => expect(await shop.complaints()).toEqual([]));
});
