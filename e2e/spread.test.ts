import { describe, expect, it } from 'vitest';
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
      await browser.see(/\d+ jobs? moved\. All is done on/);
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
      await browser.see(/\d+ jobs? moved\. All is done on/);
      await browser.keys(Key.ESCAPE);
    });
  });
});

function escaped(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}
