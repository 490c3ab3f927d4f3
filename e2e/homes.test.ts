import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '@/demo/dozen-homes';
import { PHONE } from './support/browser';
import { moveIn, visit } from './support/visit';

describe('a household of one', () => {
  it('begins its day, rests, goes on and has enough', async () => {
    await visit(async (browser) => {
      await moveIn(browser, 'one person in one day');
      await browser.goTo('/spread');
      await browser.press('button', 'Spread the work');
      await browser.see(/is done on/);
      await browser.goTo('/day');
      expect(await browser.all('button', 'Kit carried in: begin')).toHaveLength(1);
      await browser.press('button', 'Kit carried in: begin');
      await browser.see(/At it for/);
      await browser.press('button', 'Rest');
      await browser.see(/Resting for/);
      await browser.press('button', 'One more block');
      await browser.see(/At it for/);
      await browser.press('button', 'Enough for today');
      await browser.find('heading', 'Enough for today. Clear now');
      await browser.kept('All is sent.');
      await browser.reload();
      await browser.find('heading', 'Enough for today. Clear now');
    }, PHONE);
  });
});

describe('everybody’s day on one page', () => {
  it('has the presses of each, and what is begun there is whose it is', async () => {
    await visit(async (browser) => {
      await moveIn(browser, 'a baby asleep');
      await browser.goTo('/spread');
      await browser.press('button', 'Spread the work');
      await browser.see(/is done on/);
      await browser.goTo('/day/2027-03-01');
      const begin = await browser.find('button', /^Kit carried in: begin, /);
      const name = (await begin.getAccessibleName()).replace('Kit carried in: begin, ', '');
      await browser.press('button', `Kit carried in: begin, ${name}`);
      await browser.find('button', `Rest, ${name}`);
      await browser.press('button', `Enough for today, ${name}`);
      await browser.find('button', `One more block, ${name}`);
      await browser.kept('All is sent.');
    });
  });
});

describe.each(DOZEN_HOMES.map(({ name }) => name))('the home “%s”', (name) => {
  it('opens on every page, spreads its work or says why not, and has a day', async () => {
    await visit(async (browser) => {
      await moveIn(browser, name);
      for (const path of ['/aim', '/walk', '/hours', '/people', '/order', '/supplies', '/safety']) {
        await browser.goTo(path);
        await browser.find('heading', /./);
        expect(await browser.text(), path).not.toContain('That did not work');
      }
      await browser.goTo('/spread');
      await browser.press('button', 'Spread the work');
      await browser.see(/is done on|Nobody has any hours yet|has no place|have no place/);
      await browser.goTo('/day');
      await browser.find('heading', /Today/);
    });
  });
});
