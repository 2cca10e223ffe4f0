import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import type { ChromiumWebDriver } from 'selenium-webdriver/chromium';
import { SCREENS } from './screens';
import { Shop } from './shop';

/** Saved means saved: what is typed into any field stands there when the page is loaded anew, also when it was not left. */

let shop: Shop;
beforeAll(async () => {
  shop = await Shop.open();
});
afterAll(() => shop.close());

/** Fields in which something is typed; what finds one of many is none, plain as it is before its list comes: nothing of it stays. */
const FIELDS = `return [...document.querySelectorAll('main input, main textarea, aside input')].filter((e) =>
  e.offsetParent && !e.disabled && !e.readOnly && !('finds' in e.dataset) && e.role !== 'combobox' && e.getAttribute('role') !== 'combobox' &&
  !['range', 'checkbox', 'radio', 'file', 'hidden'].includes(e.type))`;

interface Shown {
  name: string;
  value: string;
  figure: boolean;
  zone: boolean;
}
const TOLD = `(e) => ({
  name: e.getAttribute('aria-label') ?? e.closest('label')?.innerText ?? e.placeholder,
  value: e.value,
  figure: e.type === 'number' || ['decimal', 'numeric'].includes(e.inputMode),
  zone: e.getAttribute('list') !== null && /zone/i.test(e.getAttribute('aria-label') ?? ''),
})`;
const shown = () => shop.driver.executeScript<Shown[]>(`return (() => { ${FIELDS} })().map(${TOLD})`);

/** Something that may stand in it. */
function somethingFor({ name, value, figure, zone }: Shown): string {
  if (zone) return 'Europe/Paris';
  if (/, time$/.test(name)) return '19:45';
  if (/, day$|\b(made|received|best from|best until)\b/i.test(name)) return '12.2.2027';
  if (!figure) return `typed ${name}`.slice(0, 30);
  const n = Number(value);
  return value === '' ? '12' : String(n >= 2 && n === Math.round(n) ? n - 1 : n + 1);
}

const isAs = (was: string, is: string) => was === is || (was !== '' && Number(was) === Number(is));

/** Give the focus to a field by its place, all that stands in it marked; what it is, or null. */
const enter = (place: number) =>
  shop.driver.executeScript<Shown | null>(
    `const e = (() => { ${FIELDS} })()[arguments[0]];
     e?.scrollIntoView({ block: 'center' });
     e?.focus();
     e?.select();
     return e ? (${TOLD})(e) : null;`,
    place,
  );

const MOST_ALIKE = 4;

/** Type into every field, the last one not left; load the page anew; what stands in each. */
async function typeAndReload(path: string): Promise<{ typed: number; lost: string[] }> {
  await shop.leaveFor(path);
  await shop.settled();
  const before = await shown();
  /** What was typed, by the name of its field: some come and go while others are typed into. */
  const typed = new Map<string, string>();
  const kinds = new Map<string, number>();
  for (let place = 0; place < before.length; place++) {
    const now = await enter(place);
    // What was typed into one may take another away.
    if (!now) break;
    // A page may have dozens of fields of one kind (the minutes of each task): the first few stand for all.
    const kind = now.name.split(': ')[0]!;
    kinds.set(kind, (kinds.get(kind) ?? 0) + 1);
    if (kinds.get(kind)! > MOST_ALIKE) continue;
    const text = somethingFor(now);
    await (shop.driver as ChromiumWebDriver).sendDevToolsCommand('Input.insertText', { text });
    typed.set(now.name, text);
  }
  const stands = await shown();
  await shop.driver.navigate().refresh();
  await shop.see('aside');
  await shop.settled();
  const lost = async () => {
    const after = await shown();
    return stands.flatMap(({ name, value }) => {
      const text = typed.get(name);
      const is = after.find((one) => one.name === name)?.value;
      // A field that was not typed into may still change: its figure can follow from another field.
      const found = text === undefined || (is !== undefined && (isAs(value, is) || isAs(text, is)));
      return found ? [] : [`${path}, ${name}: “${value}” became “${is ?? 'no field'}”`];
    });
  };
  await shop.driver.wait(async () => (await lost()).length === 0, 15_000).catch(() => undefined);
  const changed = stands.filter(({ value }, i) => value !== before[i]?.value).length;
  return { typed: changed, lost: await lost() };
}

describe('a walker types into every field of every page', () => {
  // Of the orders one: the other's pages are the same.
  const PAGES = SCREENS.filter((path) => !path.includes('quiet-board'));
  let all = 0;
  test.each(PAGES)('%s', async (path) => {
    const { typed, lost } = await typeAndReload(path);
    expect(lost).toEqual([]);
    all += typed;
  });
  test('there was something to type into', () => expect(all).toBeGreaterThan(60));
});

describe('what was typed and never left', () => {
  const NOTE = '[aria-label="Said on the telephone"]';
  const note = () =>
    shop.driver.executeScript<string>(`return document.querySelector('${NOTE}')?.value ?? ''`);
  test('is in its order within a moment, and “saved” is said no sooner', async () => {
    await shop.leaveFor('/orders/choir-after-concert/brief');
    await shop.saved();
    await (await shop.see(NOTE)).sendKeys('asks for goat');
    expect(await shop.texts('[data-save-state="saved"]')).toEqual([]);
    await shop.stored<{ note: string }>('/orders/choir-after-concert', ({ note: is }) =>
      is.endsWith('asks for goat'),
    );
    await shop.saved();
  });
  test('is there after Back, and on the page that Back left', async () => {
    await shop.go('/counter');
    await shop.go('/orders/choir-after-concert/brief');
    await (await shop.see(NOTE)).sendKeys(', and no nuts');
    await shop.driver.navigate().back();
    await shop.stored<{ note: string }>('/orders/choir-after-concert', ({ note: is }) =>
      is.endsWith('asks for goat, and no nuts'),
    );
    await shop.driver.navigate().forward();
    await shop.driver.wait(async () => (await note()).endsWith('and no nuts'), 15_000);
  });
  test('is there after a reload, though the server is away; it is sent when it is back', async () => {
    await shop.cutOff();
    await (await shop.see(NOTE)).sendKeys(', please');
    await shop.driver.navigate().refresh();
    await shop.driver.wait(async () => (await note()).endsWith('no nuts, please'), 15_000);
    await shop.stored<{ note: string }>('/orders/choir-after-concert', ({ note: is }) =>
      is.endsWith('no nuts, please'),
    );
  });
  test('all that one visit to a field changed is one step of undo', async () => {
    await shop.saved();
    const before = await note();
    const field = await shop.see(NOTE);
    for (const word of [' one', ' two', ' three']) {
      await field.sendKeys(word);
      await shop.stored<{ note: string }>('/orders/choir-after-concert', ({ note: is }) => is.endsWith(word));
    }
    await field.sendKeys(Key.TAB);
    await shop.undo();
    await shop.stored<{ note: string }>('/orders/choir-after-concert', ({ note: is }) => is === before);
  });
});
