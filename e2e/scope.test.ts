import { describe, expect, it } from 'vitest';
import type { Browser } from './support/browser';
import { signUp, visit } from './support/visit';

/** A household with a kitchen and a bedroom, an aim, and somebody to do it. */
async function smallHome(browser: Browser): Promise<void> {
  await signUp(browser);
  await browser.type('Name of this clean', 'Spring');
  await browser.press('button', 'Keep this aim');
  await browser.see('Now walk the house');
  await browser.goTo('/walk');
  await browser.press('button', 'Add floor');
  for (const kind of ['Kitchen', 'Bedroom']) {
    await browser.press('button', 'Add a room');
    await browser.choose('Kind', kind);
    await browser.press('button', 'Walk this room');
    await browser.waitForPath(/^\/walk\/.+/);
    await browser.goTo('/walk');
  }
  await browser.goTo('/people');
  await browser.type('Name', 'Mira');
  await browser.press('button', 'Keep');
  await browser.see('1 person offers');
  await browser.goTo('/scope');
  await browser.find('table', 'Jobs');
}

async function needed(browser: Browser): Promise<number> {
  return Number(/([\d.]+) h needed/.exec(await browser.text())?.[1]);
}

const changed = (browser: Browser, before: number, what: string) =>
  browser.until(async () => (await needed(browser)) !== before, what);

describe('the whole list', () => {
  it('leaves out and takes in one job, a room and a kind, with the hours live, and undo', async () => {
    await visit(async (browser) => {
      await smallHome(browser);
      await browser.see(/h offered until the finish line/);
      const all = await needed(browser);
      await browser.type('Find a job', 'sort and clean the wardrobe');
      await browser.press('button', /^Leave out: Sort and clean the wardrobe/);
      await changed(browser, all, 'fewer hours');
      await browser.kept('Kept.');
      await browser.reload();
      await browser.find('table', 'Jobs');
      const less = await needed(browser);
      expect(less).toBeLessThan(all);

      await browser.choose('Room', 'Kitchen');
      await browser.choose('Leave out because', 'not worth it');
      await changed(browser, less, 'fewer hours without the kitchen');
      await browser.kept('Kept.');
      await browser.see('not worth it, for the whole room');
      expect(await needed(browser)).toBeLessThan(less - 4);
      await browser.press('button', 'Undo');
      await browser.until(async () => (await needed(browser)) === less, 'the kitchen to be back');

      await browser.choose('Room', 'all');
      await browser.choose('Kind', 'Floors');
      await browser.choose('Leave out because', 'redone lately');
      await browser.see('redone lately, for all work of this kind');
      await browser.kept('Kept.');
    });
  });

  it('is sorted and filtered, and many are decided on at once', async () => {
    await visit(async (browser) => {
      await smallHome(browser);
      const minutes = async (row: number) => {
        const text = (await (await browser.all('row'))[row]?.getText()) ?? '';
        const [, hours = '0', rest = '0'] = /(?:(\d+) h ?)?(?:(\d+) min)?\n–/.exec(text) ?? [];
        return Number(hours) * 60 + Number(rest);
      };
      await browser.press('button', /^Hands-on/);
      await browser.until(async () => (await minutes(1)) >= 30, 'the longest first');
      expect(await minutes(1)).toBeGreaterThanOrEqual(await minutes(2));
      const order = await browser.find('columnheader', /^Hands-on/);
      expect(await order.getAttribute('aria-sort')).toBe('descending');
      await browser.choose('Scope', 'Out');
      await browser.until(
        async () => !(await browser.text()).includes('Clean the oven with paste'),
        'only what is out',
      );
      await browser.see('only now and then, where it is needed');
      await browser.type('Find a job', 'oven');
      await browser.see('3 jobs shown');
      await browser.press('checkbox', 'Choose all that are shown');
      await browser.see('3 jobs chosen');
      const before = await needed(browser);
      await browser.press('button', 'Do them');
      await changed(browser, before, 'more hours');
      await browser.see('0 jobs shown');
      await browser.kept('Kept.');
    });
  });

  it('gives chosen jobs a date, which stands with all that was asked for', async () => {
    await visit(async (browser) => {
      await smallHome(browser);
      await browser.type('Find a job', 'sort and clean the wardrobe');
      await browser.see('1 job shown');
      await browser.press('checkbox', 'Choose all that are shown');
      await browser.see('1 job chosen');
      await browser.set('On the date', '2027-03-06');
      await browser.press('button', 'Ask for that');
      await browser.see('Asked for. It stands under Spread');
      await browser.goTo('/spread/asked');
      await browser.see('1 chosen job · Saturday 6 March');
      await browser.press('button', /^Take back: 1 chosen job/);
      await browser.see('Nothing yet');
    });
  });

  it('keeps a guess beside the estimate, and plans with it where that is wanted', async () => {
    await visit(async (browser) => {
      await smallHome(browser);
      const rates = await needed(browser);
      await browser.goTo('/walk');
      await browser.press('link', /^Bedroom/);
      await browser.press('button', /^Wardrobe/);
      await browser.type('My own guess, min', '300');
      await browser.press('heading', /^Wardrobe/);
      await browser.see('Your own guess: 5 h');
      await browser.kept('Kept.');
      await browser.goTo('/scope');
      await browser.find('table', 'Jobs');
      expect(await needed(browser)).toBe(rates);
      await browser.goTo('/aim');
      await browser.press('opener', 'Change the aim');
      await browser.choose('Hours are taken from', 'My own guess, where there is one');
      await browser.press('button', 'Keep this aim');
      await browser.kept('Kept.');
      await browser.goTo('/scope');
      await browser.find('table', 'Jobs');
      expect(await needed(browser)).toBeGreaterThan(rates + 3);
    });
  });
});
