import { describe, expect, inject, it } from 'vitest';
import { findings } from './support/axe';
import { type Browser, Key } from './support/browser';
import { enterDemo, visit } from './support/visit';

/** The first piece of work on the day that is open. */
async function firstBlock(browser: Browser): Promise<string> {
  const lanes = await browser.find('group', 'Lanes of the day');
  const name = await browser.driver.executeScript<string>(
    'return arguments[0].querySelector("[data-task]").getAttribute("aria-label")',
    lanes,
  );
  return name;
}

async function openDemoSpread(browser: Browser): Promise<void> {
  await enterDemo(browser);
  await browser.goTo('/spread');
  await browser.find('group', 'Lanes of the day');
}

describe('bending the plan by hand', () => {
  it('moves a job in its panel, tells what moved, and undo brings it back', async () => {
    await visit(async (browser) => {
      await openDemoSpread(browser);
      const name = await firstBlock(browser);
      await browser.press('button', name);
      await browser.find('region', 'Move a job');
      await browser.see(/It comes right after|This is the first moment|Before that|It could begin/);
      await browser.set('To the date', '2027-03-13');
      await browser.press('button', 'Move it');
      await browser.see(/\d+ jobs? moved\. (All|What fits) is done on/);
      await browser.press('link', /^Saturday 13 March/);
      await browser.see('Saturday 13 March');
      const title = name.slice(name.indexOf(': ') + 2);
      await browser.find('button', new RegExp(`: ${escaped(title)}, placed by hand$`));
      await browser.press('button', 'Undo');
      await browser.see(/\d+ jobs? moved/);
      await browser.goTo('/spread');
      expect(await firstBlock(browser)).toBe(name);
    });
  });

  it('refuses what can’t be, and leaves the plan as it was', async () => {
    await visit(async (browser) => {
      await openDemoSpread(browser);
      const name = await firstBlock(browser);
      await browser.press('button', name);
      await browser.set('To the date', '2027-06-01');
      await browser.press('button', 'Move it');
      await browser.see(/That date lies outside this clean/);
      await browser.set('To the date', '2027-03-01');
      await browser.set('Time, if it matters', '03:00');
      await browser.press('button', 'Move it');
      await browser.see(/That moment has passed/);
      expect(await firstBlock(browser)).toBe(name);
    });
  });

  it('moves a whole session to somebody else, and undo brings it back', async () => {
    await visit(async (browser) => {
      await openDemoSpread(browser);
      const names = () =>
        browser.driver.executeScript<string[]>(
          'return [...document.querySelectorAll("button[data-session]")].map((one) => one.textContent)',
        );
      const [whose] = await names();
      await browser.press('button', whose ?? '');
      await browser.find('region', 'Move a session');
      await browser.set('To the date', '2027-03-20');
      await browser.press('button', 'Move it all');
      await browser.see(/\d+ jobs? moved\. (All|What fits) is done on/);
      await browser.goTo('/spread/2027-03-20');
      await browser.find('button', /placed by hand$/);
      await browser.press('button', 'Undo');
      await browser.see(/\d+ jobs? moved/);
      await browser.goTo('/spread');
      await browser.find('group', 'Lanes of the day');
      expect((await names())[0]).toBe(whose);
    });
  });

  it('takes a word on the weather, and plans around it', async () => {
    await visit(async (browser) => {
      await openDemoSpread(browser);
      await browser.press('button', 'It will rain');
      await browser.find('button', 'It stays dry');
      await browser.press('button', 'Undo');
      await browser.find('button', 'It will rain');
    });
  });

  it('shows a week as one person sees it', async () => {
    await visit(async (browser) => {
      await openDemoSpread(browser);
      await browser.see(/of work, \d+.% of it all; offers/);
      await browser.press('link', 'Ines’s week');
      await browser.waitForPath(/^\/week\/ines$/);
      await browser.see(/Monday 1 March to Sunday 7 March/);
      await browser.press('link', 'Next week');
      await browser.see(/Monday 8 March to Sunday 14 March/);
      await browser.press('link', 'Bram');
      await browser.see('Bram’s week');
      await browser.goTo('/week/nobody');
      await browser.see(/not here|no such|not found/i);
    });
  });

  it('keeps a day free, and opens it again', async () => {
    await visit(async (browser) => {
      await openDemoSpread(browser);
      await browser.goTo('/spread/2027-03-13');
      await browser.press('button', 'Keep this day free');
      await browser.see('Nobody works on this day: it is kept free.');
      await browser.press('button', 'Open for work again');
      await browser.find('group', 'Lanes of the day');
    });
  });

  it('gives all sills an hour of a day in six presses, says so in one place, and lets it go', async () => {
    await visit(async (browser) => {
      await openDemoSpread(browser);
      browser.presses = 0;
      await browser.press('link', 'Ask for a time');
      await browser.choose('What', 'Windowsill');
      await browser.press('button', 'Tuesday 9 March');
      await browser.see(/Tuesday 9 March: .*Bram 18:30 to 20:30/);
      await browser.press('button', '19:00 to 20:00');
      await browser.press('button', 'Ask for it');
      expect(browser.presses).toBeLessThanOrEqual(6);
      await browser.see('Each windowsill · Tuesday 9 March, 19:00 to 20:00');
      await browser.see(/jobs? moved|Nothing had to move/);
      for (const scheme of ['light', 'dark']) {
        await browser.prefer({ 'prefers-color-scheme': scheme, 'prefers-reduced-motion': 'reduce' });
        expect(await findings(browser), scheme).toEqual([]);
      }
      // Wherever it is planned now, it is then.
      const starts = await browser.run<string[]>(`
        return fetch('/api/plan/plan.json').then((answer) => answer.json()).then(({ entries }) =>
          entries.filter(({ step, people }) => /:sill-wipe\\//.test(step) && people.length > 0)
            .map(({ start }) => start))`);
      expect(starts.length).toBeGreaterThan(2);
      for (const start of starts) expect(start).toMatch(/^2027-03-09T19:/);
      // Without what it is about, or a day, nothing is asked for.
      await browser.press('button', 'Ask for it');
      await browser.see('Choose what it is about.');
      await browser.press('button', /^Take back: Each windowsill/);
      await browser.see('Nothing yet: the plan puts everything where it fits best.');
    });
  });

  it('takes a drag onto another date', async () => {
    await visit(async (browser) => {
      await openDemoSpread(browser);
      const { driver } = browser;
      const grip = await driver.findElement({ css: '[data-task]' });
      const head = await driver.findElement({ css: 'th[data-date="2027-03-06"]' });
      await driver.executeScript('arguments[0].scrollIntoView({ block: "end" })', grip);
      await driver.actions().move({ origin: grip }).perform();
      await browser.until(
        async () => (await driver.findElements({ css: '[data-drag="ready"]' })).length > 0,
        'ready to drag',
      );
      await driver
        .actions()
        .move({ origin: grip })
        .press()
        .move({ origin: head, duration: 150 })
        .release()
        .perform();
      await browser.see(/\d+ jobs? moved\. (All|What fits) is done on/);
      await browser.keys(Key.ESCAPE);
    });
  });
});

describe('the search for a plan', () => {
  it('is told to nobody who is not signed in, ended from no other page, and nothing while none is under way', async () => {
    const search = (method: string, headers: Record<string, string> = {}) =>
      fetch(`${inject('base')}/api/plan/search`, { method, headers });
    const own = { origin: inject('base') };
    expect((await search('GET')).status).toBe(401);
    expect((await search('DELETE', own)).status).toBe(401);
    expect((await search('DELETE', { origin: 'http://elsewhere.example' })).status).toBe(403);
    await visit(async (browser) => {
      await enterDemo(browser);
      const cookie = (await browser.cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');
      expect(await (await search('GET', { cookie })).json()).toBeNull();
      expect((await search('DELETE', { ...own, cookie })).status).toBe(204);
      await browser.goTo('/spread');
      await browser.press('button', 'Spread the work again');
      await browser.see('Everything has its place.');
      await browser.find('button', 'Spread the work again');
    });
  });
});

function escaped(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}
