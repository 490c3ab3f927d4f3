import { describe, expect, it } from 'vitest';
import { findings } from './support/axe';
import { Key } from './support/browser';
import { enterDemo, signUp, visit } from './support/visit';

describe('people and machines', () => {
  it('say what they have and when it may run, and take it back', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/people');
      const isThere = async () =>
        browser.run<boolean>(
          'return [...document.querySelectorAll("#machines ~ ul label")].some((one) => one.textContent === "Washing machine" && one.querySelector("input").checked)',
        );
      const machines = () =>
        browser.run<string>(
          'return fetch("/api/household").then((answer) => answer.json()).then((file) => JSON.stringify(file.machines))',
        );
      expect(await isThere()).toBe(false);
      await browser.press('checkbox', 'Washing machine');
      await browser.kept('Kept.');
      await browser.set('Runs from', '07:00');
      await browser.until(async () => (await machines()).includes('"from":"07:00"'), 'the hours to be kept');
      await browser.reload();
      expect(await isThere()).toBe(true);
      expect(await browser.partsOf('Runs from')).toMatchObject({ Hours: '7', Minutes: '0' });
      await browser.press('button', 'Undo');
      await browser.kept('Taken back');
      await browser.press('button', 'Undo');
      await browser.until(async () => !(await isThere()), 'no washing machine');
    });
  });

  it('paints the hours of a week, by pointer and by keyboard', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.press('button', 'Keep this aim');
      await browser.see('Now walk the house');
      await browser.goTo('/people');
      await browser.type('Name', 'Mira');
      const cell = (name: string) => browser.driver.findElement({ css: `[aria-label="${name}"]` });
      const from = await cell('Monday 09:00');
      await browser.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', from);
      await browser.driver
        .actions()
        .move({ origin: from })
        .press()
        .move({ origin: await cell('Wednesday 10:30'), duration: 100 })
        .release()
        .perform();
      await browser.driver.executeScript('arguments[0].focus()', await cell('Monday 10:30'));
      expect(await browser.focused()).toBe('Monday 10:30');
      for (const scheme of ['light', 'dark']) {
        await browser.prefer({ 'prefers-color-scheme': scheme, 'prefers-reduced-motion': 'reduce' });
        expect(await findings(browser), scheme).toEqual([]);
      }
      await browser.press('button', 'Keep');
      await browser.see('1 person offers');
      const hours = await browser.run<{ weekday: number; from: string; to: string }[]>(
        'return fetch("/api/household").then((answer) => answer.json()).then((file) => file.people[0].hours)',
      );
      for (const weekday of [1, 2, 3])
        expect(hours).toContainEqual(expect.objectContaining({ weekday, from: '09:00', to: '11:00' }));
      await browser.press('opener', /^Change Mira/);
      await browser.see('Hours in a usual week');
      await browser.driver.executeScript('arguments[0].focus()', await cell('Sunday 06:00'));
      await browser.keys(Key.SPACE, Key.ARROW_DOWN, Key.SPACE);
      await browser.press('button', 'Keep');
      await browser.until(async () => {
        const file = await browser.run<string>(
          'return fetch("/api/household").then((answer) => answer.text())',
        );
        return /"weekday": ?7,\s*"from": ?"06:00",\s*"to": ?"07:00"/.test(file);
      }, 'an hour on Sunday');
    });
  });

  it('would rather not do something, and the plan is told', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/people');
      await browser.press('opener', /^Change Ines/);
      await browser.see(/Would rather not do: Limescale/);
    });
  });

  it('work in sprints where the aim says so', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/aim');
      await browser.press('opener', 'Change the aim');
      await browser.choose('A stretch of work', 'Sprints with a rest after each');
      await browser.type('Length of a sprint, min', '20');
      await browser.choose('What comes first', 'The way in, so that no dirt follows');
      await browser.press('button', 'Keep this aim');
      await browser.kept('Kept.');
      const clean = await browser.run<{ firstJob: string; block: object }>(
        'return fetch("/api/household").then((answer) => answer.json()).then((file) => file.clean)',
      );
      expect(clean).toMatchObject({ firstJob: 'way-in', block: { kind: 'sprints', minutes: 20, rest: 5 } });
    });
  });
});
