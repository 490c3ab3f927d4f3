import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES, homeNamed } from '@/demo/dozen-homes';
import { type Browser, PHONE } from './support/browser';
import { signUp, visit } from './support/visit';

/** A household of its own with one of the dozen homes in it, brought in as a file. */
async function moveIn(browser: Browser, name: string): Promise<void> {
  await signUp(browser, name);
  const answer = await browser.driver.executeAsyncScript<{ taken: boolean; sentence: string }>(
    `fetch('/api/household', { method: 'POST', body: arguments[0] }).then((a) => a.json()).then(arguments[1])`,
    JSON.stringify(homeNamed(name)),
  );
  expect(answer, answer.sentence).toMatchObject({ taken: true });
}

describe('a household of one', () => {
  it('begins its day, rests, goes on and has enough', async () => {
    await visit(async (browser) => {
      await moveIn(browser, 'one person in one day');
      await browser.goTo('/spread');
      await browser.press('button', 'Spread the work');
      await browser.see(/sessions? from here to/);
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
      await moveIn(browser, 'three who share a flat');
      await browser.goTo('/spread');
      await browser.press('button', 'Spread the work');
      await browser.see(/sessions? from here to/);
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
      await browser.see(/sessions? from here to|Nobody has any hours yet|has no place|have no place/);
      await browser.goTo('/day');
      await browser.find('heading', /Today/);
    });
  });
});
