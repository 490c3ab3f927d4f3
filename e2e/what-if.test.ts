import { describe, expect, inject, it } from 'vitest';
import type { Browser } from './support/browser';
import { enterDemo, signUp, visit } from './support/visit';

async function rows(browser: Browser): Promise<string[]> {
  return browser.driver.executeScript<string[]>(
    'return [...document.querySelectorAll("main li[aria-label]")].map((row) => row.getAttribute("aria-label"))',
  );
}

/** What the chart says it shows. */
function captionOf(browser: Browser): Promise<string> {
  return browser.driver.executeScript<string>('return document.querySelector("figcaption").innerText');
}

/** Presses a button of one row. */
async function pressIn(browser: Browser, row: string, button: string): Promise<void> {
  await browser.until(
    () =>
      browser.driver.executeScript<boolean>(
        `const row = [...document.querySelectorAll('main li[aria-label]')].find((one) => one.getAttribute('aria-label') === arguments[0]);
         const button = [...(row?.querySelectorAll('button') ?? [])].find((one) => one.textContent === arguments[1]);
         if (!button || button.disabled) return false;
         button.click();
         return true;`,
        row,
        button,
      ),
    `a ${button} that can be pressed in ${row}`,
  );
}

/** Many plans are made for it, one after the other. */
const SEVERAL_PLANS_MS = 300_000;

/** Presses of sixty rounds that search for as long as one of eight seconds. */
const PRESSES_OF_EIGHT_SECONDS = 12;

describe('what if', () => {
  it('plans each beside the plan, bends the line, is taken by one press and undone by another', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/what-if');
      await browser.see(/Planning \d more in the background/);
      expect(await rows(browser)).toContain('1 h more on Saturdays');
      await browser.see(/Done on \w+ \d+ March/);
      await pressIn(browser, 'The finish line 7 days later', 'Show the line');
      await browser.find('button', 'Hide the line');
      await browser.until(
        async () => (await captionOf(browser)).includes('The finish line 7 days later'),
        'the line in the chart',
      );
      await pressIn(browser, 'The finish line 7 days later', 'Take this');
      await browser.waitForPath(/^\/spread$/);
      await browser.see(/the finish line is Friday 2 April/);
      await browser.press('button', 'Undo');
      await browser.see(/the finish line is Friday 26 March/);
    });
  });

  it('stops when told to, and leaves the room of one’s choice out', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/what-if');
      await browser.press('button', 'Stop');
      await browser.see('All are planned.');
      await browser.see('Not planned.');
      await browser.choose('Room to leave out', 'Cellar');
      await pressIn(browser, 'Without Cellar', 'Hide the line');
    });
  });

  it(
    'finds the smallest changes where it does not fit, and one of them makes it fit',
    async () => {
      await visit(async (browser) => {
        await enterDemo(browser);
        await browser.goTo('/aim');
        await browser.press('opener', 'Change the aim');
        await browser.set('Finish line', '2027-03-06');
        await browser.press('button', 'Keep this aim');
        await browser.kept('Kept.');
        await browser.goTo('/spread');
        await browser.press('button', 'Spread the work again');
        await browser.press('link', 'What would make it fit');
        await browser.waitForPath(/^\/what-if$/);
        await browser.until(
          async () => (await rows(browser)).some((name) => /^The finish line \d+ days? later$/.test(name)),
          'the smallest change of the finish line',
        );
        const [later] = (await rows(browser)).filter((name) => name.startsWith('The finish line'));
        await pressIn(browser, later ?? '', 'Take this');
        await browser.waitForPath(/^\/spread$/);
        const isPlaced = async () => !(await browser.text()).includes('no place yet');
        // A press searches for eight seconds elsewhere, and for sixty rounds here: as often as comes to the same.
        for (let again = 0; again < PRESSES_OF_EIGHT_SECONDS && !(await isPlaced()); again++)
          await browser.press('button', 'Spread the work again');
        await browser.until(isPlaced, 'a plan that fits');
      });
    },
    SEVERAL_PLANS_MS,
  );

  it('has nothing to hold against where there is no plan, and says where to begin', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/what-if');
      await browser.see(/There is no plan yet/);
      await browser.find('link', 'To the house by day');
    });
  });

  it('refuses whoever is not signed in, other pages, and what makes no sense', async () => {
    const ask = (body: string, headers: Record<string, string> = {}) =>
      fetch(`${inject('base')}/api/what-if`, { method: 'POST', body, headers });
    const own = { origin: inject('base'), 'content-type': 'application/json' };
    expect((await ask('{"do":"nothing"}', own)).status).toBe(401);
    expect((await ask('{"do":"nothing"}', { ...own, origin: 'http://elsewhere.example' })).status).toBe(403);
    await visit(async (browser) => {
      await enterDemo(browser);
      const cookie = (await browser.cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');
      for (const body of [
        '',
        '{',
        '[]',
        '{"do":"moon"}',
        '{"do":"finish","days":1e12}',
        '{"do":"nothing","x":1}',
      ])
        expect((await ask(body, { ...own, cookie })).status, body).toBe(400);
      const answer = await ask('{"do":"without-room","room":"kitchen"}', { ...own, cookie });
      const { problem, before } = await answer.json();
      expect(problem.tasks.some((task: { room: string }) => task.room === 'kitchen')).toBe(false);
      expect(before.format).toBe('early-thaw/plan');
      expect((await ask('{"do":"without-room","room":"nowhere"}', { ...own, cookie })).status).toBe(200);
    });
  });
});
