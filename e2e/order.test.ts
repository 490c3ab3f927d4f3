import { describe, expect, it } from 'vitest';
import { type Browser, Key } from './support/browser';
import { enterDemo, moveIn, visit } from './support/visit';

/** The number of the step that is open, and of how many. */
async function place(browser: Browser): Promise<number> {
  return Number(/(\d+) of \d+ ·/.exec(await browser.text())?.[1]);
}

/** From the step that is open on, until one is shown that reads so. */
async function stepTo(browser: Browser, words: RegExp): Promise<void> {
  for (let steps = 0; steps < 40 && !words.test(await browser.text()); steps++)
    await browser.press('button', 'The step after');
}

const MIRROR = 'Clean the mirror';
const DOOR = 'Wash door, frame and handle';

describe('the order of work', () => {
  it('is stepped through in the room with the arrow keys, and every step says why it is here', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/walk/bathroom');
      await browser.press('button', 'Order');
      await browser.find('region', 'Order of work');
      expect(await place(browser)).toBe(1);
      await browser.see('Why here');
      await browser.keys(Key.ARROW_RIGHT, Key.ARROW_RIGHT);
      await browser.until(async () => (await place(browser)) === 3, 'the third step');
      await browser.keys(Key.ARROW_LEFT);
      await browser.until(async () => (await place(browser)) === 2, 'the second step again');
      await browser.press('button', /^Basin,/);
      await browser.see(/After “.*the mirror.*”/);
      await browser.see('Always: mirror before basin');
    });
  });

  it('lets a job be moved against a wish at its price, and takes that back', async () => {
    await visit(async (browser) => {
      // Nothing is spread yet, so that the order is what the wishes ask for.
      await moveIn(browser, 'one person in one day');
      await browser.goTo('/walk/kitchenette');
      await browser.press('button', 'Order');
      await browser.press('button', /^Kitchen sink,/);
      await browser.choose('Move it by hand', 'before Clear and clean the worktop, Worktop');
      await browser.see('Moved. It costs something: The sink is cleaned twice.');
      await browser.goTo('/order');
      await browser.see('Rules in a circle');
      await browser.see('Set aside: sink near the end');
      await browser.press('button', /^Remove: “.*” before “Clear and clean the worktop/);
      await browser.until(
        async () => !(await browser.text()).includes('Rules in a circle'),
        'no circle any more',
      );
    });
  });

  it('refuses a move against what must be, by its name, until that is switched off', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/walk/hall');
      await browser.press('button', 'Order');
      await browser.find('region', 'Order of work');
      await browser.press('button', /^Hard floor,/);
      await stepTo(browser, /\nMop/);
      await browser.choose('Move it by hand', 'before Vacuum the floor and its edges, all round');
      await browser.see(/can’t come before “Vacuum.*”: “vacuum before mop” stands against it/);
      await browser.goTo('/order');
      await browser.press('button', 'Switch off: vacuum before mop');
      await browser.find('button', 'Switch on: vacuum before mop');
      await browser.goTo('/walk/hall');
      await browser.press('button', 'Order');
      await browser.press('button', /^Hard floor,/);
      await stepTo(browser, /\nMop/);
      expect(await browser.text()).not.toContain('Always: vacuum before mop');
    });
  });

  it('takes rules of one’s own, asks for both sides, and shows two that contradict each other', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/order');
      await browser.press('opener', 'A rule of your own');
      await browser.press('button', 'Add the rule');
      await browser.see('a rule that names nothing would do nothing');
      const add = async (first: string, then: string) => {
        await browser.choose('First', first);
        await browser.choose('Then', then);
        await browser.press('button', 'Add the rule');
        await browser.kept('The rule holds now.');
      };
      await add(MIRROR, DOOR);
      await browser.find('button', /^Remove: “.*” before/);
      await add(DOOR, MIRROR);
      await browser.see('Rules in a circle');
      await browser.press('button', 'Undo');
      await browser.until(
        async () => !(await browser.text()).includes('Rules in a circle'),
        'the circle to be gone',
      );
    });
  });
});
