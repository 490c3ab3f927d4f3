import { describe, expect, inject, it } from 'vitest';
import { freshEmail, PASSPHRASE, signUp, visit } from './support/visit';

describe('what can not be', () => {
  it('is said in a sentence at the front door, and what was typed is kept', async () => {
    await visit(async (browser) => {
      const taken = await signUp(browser);
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);

      await browser.press('button', 'Begin');
      await browser.see('Please give your household a name');
      await browser.see('That does not look like an email address');
      await browser.see('A passphrase needs at least 10 characters');

      await browser.type('Name of the household', 'Beech House');
      await browser.type('Email', taken);
      await browser.type('Passphrase', 'beechhouse1');
      await browser.press('button', 'Begin');
      await browser.see('Too many people take one like this');
      expect(await (await browser.field('Name of the household')).getAttribute('value')).toBe('Beech House');
      expect(await (await browser.field('Email')).getAttribute('value')).toBe(taken);
      // An email that is known is told to nobody; whoever has its passphrase too gets what they have.
      await browser.type('Passphrase', PASSPHRASE);
      await browser.press('button', 'Begin');
      await browser.waitForPath(/^\/aim$/);
      await browser.see('Elm Yard');
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);

      await browser.goTo('/sign-in');
      await browser.type('Email', freshEmail());
      await browser.type('Passphrase', 'something else');
      await browser.press('button', 'Sign in');
      await browser.see('do not belong together');
    });
  });

  it('is said on the walk: an empty name, a room of 0 m, a count of -3 or of a thousand million', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.press('link', 'Walk');
      await browser.type('Or begin with a floor', ' ');
      await browser.press('button', 'Add floor');
      await browser.see('Please give the floor a name');
      await browser.type('Or begin with a floor', 'Ground floor');
      await browser.press('button', 'Add floor');

      await browser.press('button', 'Add a room');
      await browser.type('Name', ' ');
      await browser.type('Length, m', '0');
      await browser.type('Width, m', '900');
      await browser.press('button', 'Walk this room');
      await browser.see('Please give the room a name.');
      await browser.see('The length has to be more than 0 m.');
      await browser.see('The width can be 40 m at the most.');
      await browser.type('Name', 'Small bedroom');
      await browser.type('Length, m', '3,5');
      await browser.type('Width, m', '2.5');
      await browser.press('button', 'Walk this room');
      await browser.see('3.5 × 2.5 m');

      await browser.press('button', /^Window,/);
      for (const [typed, sentence] of [
        ['-3', 'There has to be at least 1'],
        ['1000000000', 'The most is 500'],
        ['2.5', 'A count is a whole number'],
      ] as const) {
        await browser.type('How many', typed);
        await browser.see(sentence);
        expect(await (await browser.field('How many')).getAttribute('value')).toBe(typed);
      }
      await browser.type('How many', '3');
      await browser.see('Window × 3');
      await browser.kept('Kept.');
      await browser.reload();
      await browser.see('Window × 3');
    });
  });

  it('is said of the aim, of hours, and of a plan that nobody could carry out', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.type('Name of this clean', 'Spring');
      await browser.set('First day', '2027-03-10');
      await browser.set('Finish line', '2027-03-05');
      await browser.press('button', 'Keep this aim');
      await browser.see('The finish is before the start');
      expect(await (await browser.field('Name of this clean')).getAttribute('value')).toBe('Spring');
      await browser.set('Finish line', '2027-03-25');
      await browser.press('button', 'Keep this aim');
      await browser.see('Walk the first room');

      await browser.press('link', 'Spread');
      await browser.press('button', 'Spread the work');
      await browser.see('There is no room yet');
      await browser.press('link', 'Walk');
      await browser.press('button', 'Add floor');
      await browser.press('button', 'Add a room');
      await browser.press('button', 'Walk this room');
      await browser.waitForPath(/^\/walk\/.+/);
      await browser.press('link', 'Spread');
      await browser.press('button', 'Spread the work');
      await browser.see('Nobody has any hours yet');

      await browser.press('link', 'People');
      await browser.type('Name', 'Mira');
      await browser.press('opener', 'To the minute');
      await browser.set('From', '21:00');
      await browser.press('button', 'Keep');
      await browser.see('This time ends before it begins');
    });
  });

  it('is said of commands as no page sends them, without a word of how things work inside', async () => {
    const many = JSON.stringify(Array.from({ length: 2_000 }, () => 'x'));
    for (const [type, body] of [
      ['text/plain;charset=UTF-8', 'null'],
      ['text/plain;charset=UTF-8', '"-1"'],
      ['text/plain;charset=UTF-8', '[{"id":'],
      ['text/plain;charset=UTF-8', many],
      ['multipart/form-data; boundary=x', '--x--'],
    ] as const) {
      const answer = await fetch(`${inject('base')}/aim`, {
        method: 'POST',
        headers: { origin: inject('base'), 'next-action': 'no such command', 'content-type': type },
        body,
      });
      expect([answer.status, await answer.text()]).toEqual([
        400,
        'This is no command that a page sends. Nothing was changed.\n',
      ]);
    }
  });

  it('leads to a page that says what to do next', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      for (const path of ['/nowhere', '/walk/no-such-room', '/day/2027-02-30']) {
        await browser.goTo(path);
        await browser.see('This page is not here');
        await browser.find('link', 'Go to today');
      }
    });
  });
});
