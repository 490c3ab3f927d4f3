import { describe, expect, it } from 'vitest';
import { type Browser, Key } from './support/browser';
import { enterDemo, visit } from './support/visit';

describe('the demo household', () => {
  it('shows the thaw line from what is done to the finish line', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.find(
        'image',
        /Thaw line: of 50 h of work, \d+ h are still frozen, and the plan clears it by Fri 26 Mar/,
      );
      await browser.see('Another family moves in for a fortnight');
    });
  });

  it('opens an estimate to a sum that can be done by hand', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.press('link', 'Hours');
      await browser.press('link', /^Hall/);
      await browser.press('opener', /^Wash door, frame and handle/);
      // Hall, front door: 1 min + 1 ÷ 12 an hour × 1.5 for heavy soil = 8.5, planned as 9.
      await browser.see('1 min to set up + 1 ÷ 12 an hour × 1.5 (soil heavy) = 9 min');
    });
  });

  it('shows rooms against dates, and leads from a date to its day', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.press('link', 'Spread');
      await browser.find('region', 'The house by day');
      const rows = await browser.all('row');
      expect(rows.length).toBe(1 + 13 + 4);
      await browser.press('link', /^Saturday 6 March, rain/);
      await browser.waitForPath(/^\/spread\/2027-03-06$/);
      await browser.find('heading', 'Saturday 6 March');
      await browser.press('link', 'Carry out this day');
      await browser.waitForPath(/^\/day\/2027-03-06$/);
      await browser.see('Saturday 6 March');
    });
  });

  it('lets a thing be added by typing part of its name, counted and removed again', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/walk/study');
      await browser.press('button', 'Add something at Desk');
      const field = await browser.field('What stands at “Desk”?');
      await field.sendKeys('couch', Key.ENTER);
      await browser.find('button', /^Sofa or armchair/);
      await browser.kept('added at Desk');
      await browser.reload();
      await browser.press('button', /^Sofa or armchair/);
      await browser.press('button', 'Remove');
      await browser.kept('Sofa or armchair removed.');
      await browser.press('button', 'Undo');
      await browser.kept('Taken back: Sofa or armchair removed.');
      await browser.press('button', /^Sofa or armchair/);
      await browser.press('button', 'Remove');
      await browser.kept('Sofa or armchair removed.');
      await browser.until(
        async () => (await browser.all('button', /^Sofa or armchair/)).length === 0,
        'the sofa to be gone',
      );
      await browser.reload();
      await browser.find('heading', 'Study');
      expect(await browser.all('button', /^Sofa or armchair/)).toEqual([]);
    });
  });

  it('goes by person, and fills a wait with other work', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      const date = await dateOfSoak(browser);
      await browser.goTo(`/spread/${date}`);
      await browser.press('button', /: Clean the air vent · fan off; take the cover down/);
      await browser.set('To the date', '2027-03-01');
      await browser.set('Time, if it matters', '18:30');
      await browser.choose('Who', 'Bram');
      await browser.press('button', 'Move it');
      // Where the plan has it just there already, nothing has to move.
      await browser.see(/(\d+ jobs? moved|Nothing had to move)\. (All|What fits) is done on/);
      await browser.goTo('/day');
      await browser.press('link', 'Bram');
      await browser.see(/Now · planned for /);
      await browser.until(() => browser.run('return location.search === "?person=bram"'), 'his own day');
      const now = () =>
        browser.run<string>('return document.querySelector("section[aria-labelledby=now]")?.innerText ?? ""');
      for (let done = 0; done < 12 && !(await now()).includes('fan off'); done++) {
        const before = await now();
        await browser.until(async () => {
          if ((await now()) !== before) return true;
          await browser.press('button', 'Done');
          return false;
        }, 'the next step');
      }
      expect(await now()).toContain('Clean the air vent · fan off; take the cover down and put it to soak');
      await browser.press('button', 'Done');
      await browser.see('While you wait');
      await browser.see('Clean the air vent · cover soaks');
      // The cover is left to itself meanwhile; other work comes first.
      await browser.until(async () => !(await now()).includes('Clean the air vent'), 'work in the wait');
      await browser.press('button', 'Undo');
      await browser.until(async () => (await now()).includes('fan off'), 'the fan again');
    });
  });
});

/** The date for which the cover of a fan is planned, whatever the demo has done by today. */
function dateOfSoak(browser: Browser): Promise<string> {
  return browser.run<string>(
    `return fetch("/api/plan/plan.json").then((answer) => answer.json()).then((plan) =>
       plan.entries.find((entry) => /:vent[^/]*\\/take-down$/.test(entry.step)).start.slice(0, 10))`,
  );
}
