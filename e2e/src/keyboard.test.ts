import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { SCREENS } from './screens';
import { Shop } from './shop';

/**
 * Every screen by the keyboard alone: the tab key comes to all that can be used, shows where it is, and goes on to the end.
 * Source: WCAG 2.2, 2.1.1 keyboard, 2.1.2 no keyboard trap, 2.4.7 focus visible.
 */

let shop: Shop;
beforeAll(async () => {
  shop = await Shop.open();
});
afterAll(() => shop.close());

/** Marks what the focus comes to, and what does not show that it has it. */
const WATCH = `
  window.unseen = new Set();
  window.reachedEnd = false;
  window.firstReached = undefined;
  document.querySelectorAll('[data-reached]').forEach((e) => delete e.dataset.reached);
  document.activeElement?.blur();
  window.onFocusIn && document.removeEventListener('focusin', window.onFocusIn);
  document.addEventListener('focusin', window.onFocusIn = ({ target }) => {
    // Past the last comes the first again.
    if (target === window.firstReached) window.reachedEnd = true;
    window.firstReached ??= target;
    target.dataset.reached = '';
    const { outlineStyle, outlineWidth, boxShadow } = getComputedStyle(target);
    if ((outlineStyle === 'none' || outlineWidth === '0px') && boxShadow === 'none') window.unseen.add(target.outerHTML.slice(0, 120));
  });`;

/** What can be used and was not come to. Of a group that the arrow keys walk, one is enough. */
const MISSED = `
  const shown = (e) => e.checkVisibility({ visibilityProperty: true }) && !e.closest('[inert], [aria-hidden="true"]');
  const can = [...document.querySelectorAll('a[href], button, input:not([type="file"]), select, textarea, [tabindex="0"]')]
    .filter((e) => shown(e) && !e.disabled && e.getAttribute('aria-disabled') !== 'true');
  const walked = (e) => e.closest('[role="radiogroup"], [role="tablist"]');
  return can.filter((e) => !('reached' in e.dataset) && !walked(e)?.querySelector('[data-reached]'))
    .map((e) => e.outerHTML.slice(0, 160));`;

const MOST_TABS = 600;
/** Keys in one go: asking after each takes longer than pressing. On Lay the focus itself puts the list in another order. */
const atOnce = (path: string) => (path.endsWith('/lay') ? 1 : 12);

const once = SCREENS.filter((path) => !path.includes('quiet-board'));
test.each(once)('%s', async (path) => {
  await shop.go(path);
  await shop.see('main h1, main h2');
  await shop.rest();
  await shop.driver.executeScript(WATCH);
  const ends = () => shop.driver.executeScript<boolean>('return window.reachedEnd');
  const missed = () => shop.driver.executeScript<string[]>(MISSED);
  const unseen = () => shop.driver.executeScript<string[]>('return [...window.unseen]');
  // What came, was put in another's place or was drawn anew while it went round is come to, and looked at, in the next round.
  for (let round = 0; round < 2; round++) {
    let tabs = 0;
    do {
      await shop.driver
        .actions()
        .sendKeys(Key.TAB.repeat(atOnce(path)))
        .perform();
      tabs += atOnce(path);
    } while (tabs < MOST_TABS && !(await ends()));
    expect(tabs).toBeLessThan(MOST_TABS);
    if ((await missed()).length + (await unseen()).length === 0) break;
    if (round === 0)
      await shop.driver.executeScript(
        'window.reachedEnd = false; window.firstReached = undefined; window.unseen.clear();',
      );
  }
  expect(await missed()).toEqual([]);
  expect(await unseen()).toEqual([]);
});
