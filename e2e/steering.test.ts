import { describe, expect, it } from 'vitest';
import { findings } from './support/axe';
import { type Browser, PHONE } from './support/browser';
import { enterDemo, moveIn, signUp, visit } from './support/visit';

const roomsListed = (browser: Browser) =>
  browser.run<string[]>(
    `return [...document.querySelectorAll('[data-room]')].map((row) => row.dataset.room)`,
  );

describe('steering', () => {
  it('puts the rooms in an order by a press, by arrows and by dragging, and takes it back', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/order');
      await browser.press('button', 'Top floor down');
      await browser.kept('The plan keeps to this order.');
      await browser.until(
        async () => (await roomsListed(browser)).at(-1) === 'cellar',
        'the cellar to be last',
      );
      const down = await roomsListed(browser);
      await browser.press('button', 'Cellar earlier');
      await browser.until(async () => (await roomsListed(browser)).at(-2) === 'cellar', 'the cellar to move');
      await browser.kept('The plan keeps to this order.');
      const row = (id: string) => browser.driver.findElement({ css: `[data-room="${id}"]` });
      const grip = (id: string) => browser.driver.findElement({ css: `[data-room="${id}"] [data-grip]` });
      await browser.driver.actions().move({ x: 600, y: 300 }).move({ x: 620, y: 320 }).perform();
      await browser.until(
        () => browser.run<boolean>('return document.querySelector("ol[data-drag]") !== null'),
        'the list to be ready',
      );
      await browser.drag(await grip(down[2]!), await row(down[0]!));
      await browser.until(async () => (await roomsListed(browser))[0] === down[2], 'the third to be first');
      await browser.choose('How Kitchen is gone through', 'The floor first');
      await browser.see(/plan another \d+ min for it/);
      expect(await findings(browser)).toEqual([]);
      await browser.goTo('/spread/asked');
      await browser.see(/One after the other: /);
      await browser.press('button', 'Take back: Kitchen');
      await browser.until(
        async () => !(await browser.text()).includes('The floor first.'),
        'it is taken back',
      );
    });
  });

  it('gives each day of the week its work, keeps a day free, and lists both', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/spread/asked');
      await browser.press('opener', 'A focus for each day of the week');
      await browser.choose('Monday', 'Windows');
      await browser.choose('Saturday', 'Ground floor');
      await browser.press('button', 'Ask for this week');
      await browser.see('Windows · every Monday');
      await browser.see('Ground floor · every Saturday');
      await browser.choose('What', 'Nothing: the day is kept free');
      await browser.press('button', 'Wednesday 10 March');
      await browser.press('button', 'Ask for it');
      await browser.see('Kept free: Wednesday 10 March');
      // A day on which nobody has time is not asked for.
      await browser.choose('What', 'Kitchen');
      await browser.press('button', 'Wednesday 10 March');
      await browser.press('button', 'Ask for it');
      await browser.see('Nobody has time then.');
      await browser.press('button', 'Take back: Windows · every Monday');
      await browser.until(
        async () => !(await browser.text()).includes('every Monday'),
        'Monday to be as before',
      );
      expect(await findings(browser)).toEqual([]);
    }, PHONE);
  });

  it('is told of a week in bed, and of eight hours on a Saturday', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/people');
      await browser.type('Name', 'Mira');
      await browser.press('opener', 'To the minute');
      await browser.press('button', 'Add hours');
      await browser.choose('Day', 'Saturday');
      await browser.set('From', '09:00');
      await browser.set('To', '17:00');
      await browser.see(/Saturday has 8 h in one stretch/);
      await browser.press('button', 'Two stretches with a meal');
      await browser.press('button', 'Keep');
      await browser.see('1 person offers');
      const hours = await browser.run<object[]>(
        'return fetch("/api/household").then((answer) => answer.json()).then((file) => file.people[0].hours)',
      );
      expect(hours).toContainEqual({ weekday: 6, from: '09:00', to: '12:30' });
      expect(hours).toContainEqual({ weekday: 6, from: '13:30', to: '17:00' });
      await browser.press('opener', 'Days that differ');
      await browser.press('button', 'Ill for a week from today');
      await browser.see('Monday 1 March to Sunday 7 March: not there');
      await browser.press('button', 'As usual again on Monday 1 March to Sunday 7 March');
      await browser.until(async () => !(await browser.text()).includes('not there'), 'the week as usual');
    });
  });

  it('puts off all of a sort with one press on the day, and takes it back', async () => {
    await visit(async (browser) => {
      await moveIn(browser, 'one person in one day');
      await browser.goTo('/spread');
      await browser.press('button', 'Spread the work');
      await browser.see(/is done on/);
      await browser.goTo('/day');
      // Until something comes up of which there is more today.
      const isAlike = async () => (await browser.all('button', /^Each .* another day$/)).length > 0;
      for (let done = 1; done < 20 && !(await isAlike()); done++) {
        await browser.press('button', 'Done');
        await browser.see(done === 1 ? '1 step done' : `${done} steps done`);
      }
      await browser.press('button', /^Each .* another day$/);
      await browser.see(/\d+ steps not today/);
      await browser.press('button', 'Take it back');
      await browser.see(/Taken back\./);
      await browser.until(async () => !/steps not today/.test(await browser.text()), 'all to be there again');
    }, PHONE);
  });
});
