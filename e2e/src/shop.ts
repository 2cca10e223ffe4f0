import { rmSync } from 'node:fs';
import { By, error, Key, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import { openBrowser } from '../../scripts/lib/browser.mjs';
import { demoFolder } from '../../scripts/lib/demoData.mjs';
import { startServer } from '../../scripts/lib/server.mjs';

const PATIENCE_MS = 30_000;
const UNSAVED = '[data-save-state="saving"], [data-save-state="not saved"]';

/** What is no fault of the page if it passes: a thing was drawn anew, or something lies over it. */
const PASSING = [
  error.StaleElementReferenceError,
  error.ElementClickInterceptedError,
  error.ElementNotInteractableError,
];

/** Controls of an accessible name. */
function called(name: string): By {
  const quoted = JSON.stringify(name);
  return By.xpath(
    `//*[self::button or self::a or self::input or @role="radio"][@aria-label=${quoted} or normalize-space(.)=${quoted} or .//*[normalize-space(text())=${quoted}]]`,
  );
}

/** A running shop with a browser in front of it, driven as a person would: by what is written on the things. */
export class Shop {
  private constructor(
    readonly driver: WebDriver,
    readonly address: string,
    /** The data folder of the running server. */
    readonly data: string,
    private readonly closers: (() => Promise<void>)[],
  ) {}

  static async open(options: { width?: number; height?: number; downloads?: string } = {}): Promise<Shop> {
    const data = demoFolder();
    const server = await startServer({ data });
    const throwAway = async () => rmSync(data, { recursive: true, force: true });
    const { driver, close } = await openBrowser(options);
    return new Shop(driver, server.address, server.directory, [close, server.close, throwAway]);
  }

  async close() {
    for (const close of this.closers) await close();
  }

  /** Open a page once all is saved: whoever leaves in the midst of a save meets that save as another's (409). */
  async go(path: string) {
    await this.driver.wait(
      async () => (await this.driver.findElements(By.css(UNSAVED))).length === 0,
      PATIENCE_MS,
      'the page that is left is not saved',
    );
    // As a link does; a page that stands already, or no page of the shop, is loaded anew.
    const linked = await this.driver.executeScript<boolean>(
      `if (!document.querySelector('[data-at]') || window.isCutOff || location.pathname === arguments[0]) return false;
       history.pushState(null, '', arguments[0]);
       dispatchEvent(new PopStateEvent('popstate'));
       return true;`,
      path,
    );
    if (!linked) return this.leaveFor(path);
    await this.driver.wait(
      () =>
        this.driver.executeScript<boolean>(
          'return document.querySelector("[data-at]")?.dataset.at === location.pathname',
        ),
      PATIENCE_MS,
      `${path} does not come`,
    );
    await this.see('aside');
  }

  /** Load a page, whatever is still being saved on this one. */
  async leaveFor(path: string) {
    await this.driver.get(this.address + path);
    await this.see('aside');
  }

  /** Until the page has its fonts and its first heading. */
  async settled() {
    await this.driver.wait(
      () =>
        this.driver.executeScript<boolean>(
          'return document.fonts.status === "loaded" && !!document.querySelector("main h1, main h2")',
        ),
      PATIENCE_MS,
      'the page does not come to rest',
    );
  }

  /** A field that finds one of many, once its list is there: until then it is another, plain field. */
  finder(label: string): Promise<WebElement> {
    return this.see(`[aria-label=${JSON.stringify(label)}][role="combobox"]`);
  }

  /** Until nothing is being worked out: what is still going on says so with three dots. */
  rest() {
    return this.driver.wait(
      async () => !(await this.driver.executeScript<string>('return document.body.innerText')).includes(' …'),
      PATIENCE_MS,
      'something goes on and on',
    );
  }

  /** All that is written on the screen, and what a screen reader is told. */
  lines(): Promise<string[]> {
    return this.driver.executeScript<string[]>(
      `return [document.body.innerText, ...[...document.querySelectorAll('[aria-label], [title], [placeholder]')]
        .flatMap((e) => [e.getAttribute('aria-label'), e.getAttribute('title'), e.getAttribute('placeholder')])]
        .filter(Boolean).flatMap((text) => text.split('\\n'))`,
    );
  }

  /** What is marked as people's own words, which no language says anew. */
  ownWords(): Promise<string[]> {
    return this.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('[translate="no"]')].map((e) => e.innerText).filter((text) => text.length > 1)`,
    );
  }

  /**
   * Take a step whole, again and again until it succeeds: find, then act. The page may draw a thing anew between the two, and
   * something may still be sliding over it. What stays covered, or never comes, fails with these words.
   */
  private async takes<T>(step: () => Promise<T | undefined>, failing: string): Promise<T> {
    let done: { is: T } | undefined;
    const tried = () =>
      step().then(
        (is) => is !== undefined && ((done = { is }), true),
        (fault: unknown) => {
          if (PASSING.some((kind) => fault instanceof kind)) return false;
          throw fault;
        },
      );
    await this.driver.wait(tried, PATIENCE_MS, failing);
    return done!.is;
  }

  /** The first that is shown of what is found. */
  private async shown(by: By, within: WebDriver | WebElement = this.driver): Promise<WebElement | undefined> {
    for (const element of await within.findElements(by)) if (await element.isDisplayed()) return element;
    return undefined;
  }

  /** The same in the middle of the window, where it can be touched. */
  private async atHand(by: By, within?: WebElement): Promise<WebElement | undefined> {
    const element = await this.shown(by, within);
    if (element) await this.driver.executeScript('arguments[0].scrollIntoView({block: "center"})', element);
    return element;
  }

  /** Click what is found, once it is there, shown and free. */
  private async touch(by: By, failing: string, within?: string) {
    await this.takes(async () => {
      const around = within === undefined ? undefined : await this.shown(By.css(within));
      const element = within !== undefined && !around ? undefined : await this.atHand(by, around);
      if (!element || !(await element.isEnabled())) return undefined;
      await element.click();
      return true;
    }, failing);
  }

  /** The first shown element of a selector. */
  see(css: string): Promise<WebElement> {
    return this.takes(() => this.shown(By.css(css)), `${css} is not shown`);
  }

  /** A control by its accessible name: its aria-label, or the words on it. */
  control(name: string): Promise<WebElement> {
    return this.takes(async () => {
      const element = await this.shown(called(name));
      return element && (await element.isEnabled()) ? element : undefined;
    }, `nothing that can be used is called ${name}`);
  }

  click(name: string) {
    return this.touch(called(name), `${name} is not there, cannot be used, or stays covered`);
  }

  /** Click something by selector, or a control by its words inside it. */
  clickIn(css: string, name?: string) {
    if (name === undefined) return this.touch(By.css(css), `${css} is not there, or stays covered`);
    const words = By.xpath(`.//*[self::button or self::a][normalize-space(.)=${JSON.stringify(name)}]`);
    return this.touch(words, `${name} in ${css} is not there, or stays covered`, css);
  }

  /** Choose one of a list that opens: the list by its name, the entry by what it reads. */
  async choose(list: string, entry: string, reads: 'contains' | 'starts-with' = 'contains') {
    await this.clickIn(`button[aria-haspopup="listbox"][aria-label^="${list}: "]`);
    const option = `//*[@role="option"][${reads}(normalize-space(.), ${JSON.stringify(entry)})]`;
    await this.touch(By.xpath(option), `${list} has no ${entry}`);
  }

  /** The same by how the entry begins, and until the list says so. */
  async pick(list: string, entry: string) {
    await this.choose(list, entry, 'starts-with');
    await this.reads(`button[aria-haspopup="listbox"][aria-label^="${list}: "]`, new RegExp(entry, 'i'));
  }

  /** Type into a field by its name: its aria-label, or the words of the label around it. */
  async type(label: string, text: string) {
    const quoted = JSON.stringify(label);
    const path = `//input[@aria-label=${quoted}] | //label[.//span[normalize-space(.)=${quoted}]]//input`;
    await this.into(By.xpath(path), `no field is called ${label}`, text, Key.TAB);
  }

  fill(css: string, text: string, last: string = Key.ENTER) {
    return this.into(By.css(css), `${css} is not shown`, text, last);
  }

  /** Waits until nothing of a selector is there. */
  async gone(css: string) {
    await this.driver.wait(
      async () => (await this.driver.findElements(By.css(css))).length === 0,
      PATIENCE_MS,
      `${css} is still there`,
    );
  }

  /** Give the focus to something, as a key that walks there does. */
  async focus(css: string) {
    const focused = 'const e = document.querySelector(arguments[0]); e?.focus(); return !!e';
    await this.driver.wait(
      () => this.driver.executeScript<boolean>(focused, css),
      PATIENCE_MS,
      `${css} is not shown`,
    );
  }

  /** Press keys on something, which has the focus then; never on what took its place meanwhile. */
  async keys(css: string, ...keys: string[]) {
    await this.focus(css);
    await this.takes(async () => {
      const element = await this.shown(By.css(css));
      await element?.sendKeys(...keys);
      return element;
    }, `${css} is not shown`);
  }

  private async into(by: By, failing: string, text: string, last: string) {
    await this.takes(async () => {
      const field = await this.shown(by);
      await field?.sendKeys(Key.chord(Key.CONTROL, 'a'), text, last);
      return field;
    }, failing);
  }

  /** Wait until the page says so. */
  async reads(css: string, text: string | RegExp) {
    let read: string[] = [];
    const says = async () => {
      read = await this.texts(css);
      return read.some((t) => (typeof text === 'string' ? t.includes(text) : text.test(t)));
    };
    await this.driver
      .wait(says, PATIENCE_MS, `${css} does not read ${String(text)}`)
      .catch((fault: Error) => {
        fault.message += `; it reads: ${read.join(' | ').slice(0, 500)}`;
        throw fault;
      });
  }

  /** Press keys while no field has the focus. */
  async press(...keys: string[]) {
    await this.driver.executeScript('document.activeElement?.blur()');
    for (const key of keys) await this.driver.actions().sendKeys(key).perform();
  }

  /** Take steps back by the key, each seen to be done before the next. */
  async undo(times = 1) {
    const named = () =>
      this.driver.executeScript<string>(
        'return document.querySelector("[aria-label^=\'Undo: \'],[aria-label=\'Nothing to undo\']")?.dataset.steps ?? ""',
      );
    for (let i = 0; i < times; i++) {
      const before = await named();
      await this.press('u');
      await this.driver.wait(async () => (await named()) !== before, PATIENCE_MS, 'nothing was undone');
    }
  }

  async saved() {
    await this.driver.wait(
      until.elementLocated(By.css('[data-save-state="saved"]')),
      PATIENCE_MS,
      'the order is not saved',
    );
  }

  /** The API of the shop, as another window would ask it. */
  async api<T>(method: string, path: string, body?: unknown): Promise<T> {
    const answer = await fetch(`${this.address}/api${path}`, {
      method,
      headers: { 'Content-Type': 'application/json' },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
    return (answer.status === 204 ? undefined : await answer.json()) as T;
  }

  /** Wait until the server says so. */
  async stored<T>(path: string, is: (answer: T) => boolean) {
    await this.driver.wait(
      async () => is(await this.api<T>('GET', path)),
      PATIENCE_MS,
      `${path} is not stored so`,
    );
  }

  /** The server is away for this page, until it is loaded anew. */
  async cutOff() {
    await this.driver.executeScript(
      'window.isCutOff = true; window.fetch = () => Promise.reject(new Error("gone"))',
    );
  }

  /** What all of a selector read, in one step: of several steps, one may meet what is gone. What is hidden reads nothing. */
  texts(css: string): Promise<string[]> {
    return this.driver.executeScript<string[]>(
      `return [...document.querySelectorAll(arguments[0])].map((e) =>
        e.checkVisibility({ visibilityProperty: true, opacityProperty: true }) ? (e.innerText ?? e.textContent).trim() : '')`,
      css,
    );
  }

  /** What the first shown element of a selector reads. */
  async text(css: string): Promise<string> {
    return this.takes(
      async () => (await this.texts(css)).find((text) => text !== ''),
      `${css} reads nothing`,
    );
  }

  /** An attribute of the first element of a selector, or what stands in it as `value`. */
  attribute(css: string, name: string): Promise<string> {
    return this.takes(
      async () =>
        (await this.driver.executeScript<string | null>(
          `const e = document.querySelector(arguments[0]);
           return arguments[1] === 'value' ? (e?.value ?? null) : (e?.getAttribute(arguments[1]) ?? null)`,
          css,
          name,
        )) ?? undefined,
      `${css} has no ${name}`,
    );
  }

  /** What the browser complained of since the last question; nothing is the right answer. */
  async complaints(): Promise<string[]> {
    const entries = await this.driver.manage().logs().get('browser');
    return entries.filter((e) => e.level.name === 'SEVERE').map((e) => e.message);
  }
}
