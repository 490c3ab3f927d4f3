import { describe, expect, it } from 'vitest';
import { findings } from './support/axe';
import { type Browser, PHONE } from './support/browser';
import { enterDemo, signUp, visit } from './support/visit';

/** Whether a page was kept for later. */
const KEPT = `const done = arguments[arguments.length - 1];
  caches.open('early-thaw-day').then((cache) => cache.keys()).then((all) => done(all.map(({ url }) => new URL(url).pathname)));`;

const keptPages = (browser: Browser) => browser.driver.executeAsyncScript<string[]>(KEPT);

describe('in the pocket', () => {
  it('can be put beside the phone’s other applications, and begins where one is', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      const manifest = await browser.driver.executeAsyncScript<{
        icons: { src: string; sizes: string }[];
        start_url: string;
      }>(
        `const link = document.querySelector('link[rel=manifest]'); fetch(link.href).then((a) => a.json()).then(arguments[0])`,
      );
      expect(manifest.icons.map(({ sizes }) => sizes)).toEqual(
        expect.arrayContaining(['192x192', '512x512']),
      );
      for (const { src, sizes } of manifest.icons) {
        const size = await browser.driver.executeAsyncScript<string>(
          `const image = new Image(); image.onload = () => arguments[1](image.width + 'x' + image.height); image.onerror = () => arguments[1]('none'); image.src = arguments[0];`,
          src,
        );
        expect(size, src).toBe(sizes);
      }
      expect(await browser.faultsOfInstalling()).toEqual([]);
      await browser.goTo(manifest.start_url);
      // It is the first of March, five in the afternoon, and there is work this evening.
      await browser.waitForPath(/^\/day/);
    }, PHONE);
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/start');
      await browser.waitForPath(/^\/walk$/);
    }, PHONE);
  });

  it('opens the walk, the list and the almanac without a network, changes there, and sends it later', async () => {
    await visit(async (browser) => {
      await browser.asPhone();
      await enterDemo(browser);
      await browser.until(async () => {
        const kept = await keptPages(browser);
        return ['/walk', '/supplies', '/supplies/mix', '/almanac'].every((page) => kept.includes(page));
      }, 'the pages to be kept');
      await browser.goTo('/supplies');
      const [before] = await browser.all('button', /^Bought: /);
      const name = (await before?.getAccessibleName()) ?? '';
      expect(name).not.toBe('');
      await browser.cutOff(true);
      await browser.goTo('/walk');
      await browser.find('heading', 'The walk');
      await browser.goTo('/almanac');
      await browser.find('heading', /jobs? (is|are) late/);
      await browser.goTo('/supplies');
      await browser.press('button', name);
      await browser.see(
        'One change is kept on this device, and will be sent when the server can be reached.',
      );
      expect(await findings(browser), 'without a network').toEqual([]);
      await browser.goTo('/supplies');
      await browser.see('One change is kept on this device');
      await browser.cutOff(false);
      await browser.goTo('/supplies');
      await browser.until(
        async () => (await browser.all('button', name)).length === 0,
        'what was bought off the list',
      );
      expect(await browser.text()).not.toContain('kept on this device');
    }, PHONE);
  });

  it('says so where the phone’s cupboard is full, and leaves everything as it was', async () => {
    await visit(async (browser) => {
      await browser.asPhone();
      await browser.onEveryPage(
        'IDBObjectStore.prototype.add = () => { throw new DOMException("No room", "QuotaExceededError") }',
      );
      await enterDemo(browser);
      await browser.until(
        async () => (await keptPages(browser)).includes('/supplies'),
        'the list to be kept',
      );
      await browser.goTo('/supplies');
      const [line] = await browser.all('button', /^Bought: /);
      const name = (await line?.getAccessibleName()) ?? '';
      await browser.cutOff(true);
      await browser.press('button', name);
      await browser.see('The server did not answer. Everything is as it was; try again in a moment.');
      expect(await browser.all('button', name)).toHaveLength(1);
      await browser.cutOff(false);
      await browser.press('button', name);
      await browser.until(
        async () => (await browser.all('button', name)).length === 0,
        'it bought after all',
      );
    }, PHONE);
  });

  it('keeps nothing of a household on the device of who signs out', async () => {
    await visit(async (browser) => {
      await browser.asPhone();
      await enterDemo(browser);
      await browser.until(
        async () => (await keptPages(browser)).includes('/almanac/today'),
        'the pages to be kept',
      );
      await browser.press('button', 'Sign out');
      await browser.find('button', 'Begin');
      await browser.until(
        async () => (await keptPages(browser)).every((page) => page.startsWith('/_next/')),
        'nothing of the household left',
      );
    }, PHONE);
  });
});
