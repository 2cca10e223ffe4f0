import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder } from 'selenium-webdriver';
import { Options, ServiceBuilder } from 'selenium-webdriver/chrome.js';
import { ownClock, shiftedBy } from './dates.mjs';
import { BROWSER, DRIVER } from './setup.mjs';

const FLAGS = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--hide-scrollbars',
  '--lang=en-GB',
];

/** The size of the window in CSS pixels. */
export const setSize = (driver, width, height) =>
  driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  });

/** A headless Chromium with a fresh profile; `close` ends it and takes the profile away. */
export async function openBrowser({ width = 1280, height = 800, downloads } = {}) {
  process.env.SE_OFFLINE = 'true';
  process.env.SE_AVOID_STATS = 'true';
  const profile = mkdtempSync(join(tmpdir(), 'rotula-browser-'));
  const options = new Options();
  options.setChromeBinaryPath(BROWSER);
  options.addArguments(...FLAGS, `--user-data-dir=${profile}`, `--window-size=${width},${height}`);
  options.setUserPreferences({
    'intl.accept_languages': 'en-GB',
    ...(downloads ? { 'download.default_directory': downloads, 'download.prompt_for_download': false } : {}),
  });
  const driver = await new Builder()
    .forBrowser('chrome')
    .setChromeOptions(options)
    .setChromeService(new ServiceBuilder(DRIVER).setEnvironment(ownClock(process.env)))
    .build();
  await setSize(driver, width, height);
  await driver.sendDevToolsCommand('Emulation.setLocaleOverride', { locale: 'en-GB' });
  const source = shiftedBy(process.env);
  if (source) await driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source });
  const close = async () => {
    await driver.quit();
    rmSync(profile, { recursive: true, force: true, maxRetries: 5, retryDelay: 100 });
  };
  return { driver, close };
}
