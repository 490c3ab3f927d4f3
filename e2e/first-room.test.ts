import { describe, expect, it } from 'vitest';
import { findings } from './support/axe';
import { PHONE } from './support/browser';
import { freshEmail, PASSPHRASE, signUp, visit } from './support/visit';

describe('a new household', () => {
  it('goes from nothing to a ticked-off job', async () => {
    await visit(async (browser) => {
      await signUp(browser, 'Elm Yard');

      await browser.type('Name of this clean', 'Spring 2027');
      await browser.type('The reward to look forward to', 'Cake on the balcony');
      await browser.press('button', 'Keep this aim');
      await browser.see('Now walk the house');
      await browser.press('link', 'Walk the first room');
      await browser.waitForPath(/^\/walk$/);

      await browser.press('button', 'Add floor');
      await browser.press('button', 'Add a room');
      await browser.choose('Kind', 'Bathroom');
      await browser.press('button', 'small');
      await browser.press('button', 'Walk this room');
      await browser.waitForPath(/^\/walk\/.+/);
      await browser.see('hands-on work');

      await browser.press('button', /^Toilet/);
      await browser.press('button', 'heavy');
      await browser.press('button', 'One more');
      await browser.see('Toilet × 2');
      await browser.see(/2 ÷ 5 an hour × 1\.5 \(soil heavy\) × 1\.1 \(low down\)/);

      await browser.press('link', 'People');
      await browser.type('Name', 'Mira');
      await browser.press('button', 'Keep');
      await browser.see('1 person offers');

      await browser.press('link', 'Spread');
      await browser.press('button', 'Spread the work');
      await browser.see(/is done on/);

      await browser.goTo('/day/2027-03-02');
      await browser.see('Mira');
      const step = await (await browser.find('heading', /^(First|Now)/))
        .findElement({ xpath: 'following-sibling::p' })
        .getText();
      await browser.press('button', 'Done');
      await browser.see(`“${step}” is done.`);
      await browser.kept('All is sent.');
      await browser.reload();
      await browser.see('1 step done');
      await browser.press('opener', '1 step done');
      for (const words of step.split(' · ')) await browser.see(new RegExp(words, 'i'));
    });
  });

  it('has a plan of seven rooms within ninety presses and letters', async () => {
    await visit(async (browser) => {
      await signUp(browser, 'Elm Yard');
      browser.presses = 0;
      await browser.press('button', 'Keep this aim');
      await browser.press('link', 'Walk the first room');
      await browser.waitForPath(/^\/walk$/);
      for (const kind of ['Kitchen', 'Living room', 'Bathroom', 'Hall', 'Toilet', 'Bedroom'])
        await browser.press('button', kind);
      await browser.press('button', 'Bedroom: 1, one more');
      await browser.press('button', 'Furnish 7 rooms');
      await browser.see(/7 rooms, \d+ jobs/);
      await browser.press('link', 'People');
      await browser.type('Name', 'Mira');
      await browser.press('button', 'Keep');
      await browser.see('1 person offers');
      await browser.press('link', 'Spread');
      await browser.press('button', 'Spread the work');
      await browser.see(/is done on/);
      expect(browser.presses).toBeLessThanOrEqual(90);
      await browser.press('opener', 'What is assumed: 5 things nobody has said yet');
      await browser.see('Two evenings and a Saturday morning a week for Mira');
      expect(await findings(browser)).toEqual([]);
      await browser.find('link', 'Say what there is');
      const { home, plans } = await browser.run<{
        home: { floors: { rooms: { name: string }[] }[] };
        plans: unknown[];
      }>('return fetch("/api/household").then((answer) => answer.json())');
      expect(home.floors.flatMap(({ rooms }) => rooms.map(({ name }) => name)).toSorted()).toEqual([
        'Bathroom',
        'Bedroom 1',
        'Bedroom 2',
        'Hall',
        'Kitchen',
        'Living room',
        'Toilet',
      ]);
      expect(plans).toHaveLength(1);
    });
  });

  it('is read from a list, and told what of it was not understood', async () => {
    await visit(async (browser) => {
      await signUp(browser, 'Elm Yard');
      await browser.press('button', 'Keep this aim');
      await browser.goTo('/walk');
      await browser.press('opener', 'Or paste a list');
      const list = 'Kitchen: oven, fridge behind, 2 windows, flux capacitor\nBathroom\nden - sofa and rug';
      await browser.type('Your list', 'A novel about nothing. '.repeat(20));
      await browser.see('No room is named in it.');
      await browser.type('Your list', list);
      await browser.see(/3 rooms with 5 things, 1 of them as such a room usually is, 1 word not understood/);
      await browser.see('Line 1: flux capacitor');
      for (const scheme of ['light', 'dark']) {
        await browser.prefer({ 'prefers-color-scheme': scheme, 'prefers-reduced-motion': 'reduce' });
        expect(await findings(browser), scheme).toEqual([]);
      }
      await browser.press('button', 'Add what was understood');
      await browser.see(/3 rooms, \d+ jobs/);
      // The same list again doubles nothing.
      await browser.press('opener', 'Several rooms at once, or a list');
      await browser.press('opener', 'Or paste a list');
      await browser.type('Your list', list);
      await browser.press('button', 'Add what was understood');
      await browser.until(
        async () => (await (await browser.field('Your list')).getAttribute('value')) === '',
        'the list to be read',
      );
      await browser.see(/3 rooms, \d+ jobs/);
      await browser.press('button', 'Undo');
      await browser.see('Press what your home has.');
    }, PHONE);
  });

  it('asks in which zone its home is, where the device names one that nobody knows', async () => {
    await visit(async (browser) => {
      await browser.onEveryPage(
        `const known = Intl.DateTimeFormat.prototype.resolvedOptions;
         Intl.DateTimeFormat.prototype.resolvedOptions = function () { return { ...known.call(this), timeZone: 'Etc/Unknown' } };`,
      );
      await browser.goTo('/');
      await browser.type('Name of the household', 'Nowhere');
      await browser.type('Email', freshEmail());
      await browser.type('Passphrase', PASSPHRASE);
      await browser.find('combobox', /^Time zone of the home/);
      await browser.press('button', 'Begin');
      await browser.see('Please choose the time zone in which the home is.');
      await browser.choose(/^Time zone of the home/, 'Europe/Lisbon');
      await browser.press('button', 'Begin');
      await browser.press('button', 'Go on');
      await browser.waitForPath(/^\/aim$/);
    });
  });

  it('signs out, and in again to the same household', async () => {
    await visit(async (browser) => {
      const email = await signUp(browser, 'Alder Court');
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      await browser.goTo('/walk');
      await browser.waitForPath(/^\/$/);
      await browser.press('link', 'Sign in');
      await browser.waitForPath(/^\/sign-in$/);
      await browser.type('Email', email);
      await browser.type('Passphrase', PASSPHRASE);
      await browser.press('button', 'Sign in');
      await browser.see('Alder Court');
      const [cookie] = (await browser.cookies()).filter((item) => item.name === 'early-thaw');
      expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax' });
      expect(cookie?.value).not.toContain(email);
    });
  });

  it('finds its way on a phone, where every page says what the next step is', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      for (const [place, sentence] of [
        ['Hours', 'Walk one first'],
        ['Spread', 'there is none yet'],
        ['Day', 'It begins with a reason and a finish line'],
        ['Walk', 'Press what your home has'],
      ]) {
        await browser.press('link', place as string);
        await browser.see(sentence as string);
      }
    }, PHONE);
  });
});
