import { describe, expect, it } from 'vitest';
import { findings, findingsOfColour } from './support/axe';
import { type Browser, DESKTOP, Key, PHONE } from './support/browser';
import { enterDemo, visit } from './support/visit';

const PAGES = [
  '/aim',
  '/walk',
  '/walk/bedroom',
  '/hours',
  '/scope',
  '/catalogue',
  '/catalogue/oven-paste',
  '/catalogue/new',
  '/files',
  '/account',
  '/order',
  '/safety',
  '/supplies',
  '/supplies/cupboard',
  '/supplies/mix',
  '/supplies/wash',
  '/people',
  '/spread',
  '/spread/asked',
  '/spread/versions',
  '/what-if',
  '/week/ines/2027-03-08',
  '/day',
  '/almanac',
  '/almanac/today',
  '/almanac/seasons',
  '/record',
  '/record/clean',
  '/paper/plan',
  '/paper/room/kitchen',
  '/paper/walk',
  '/paper/year',
];

/** Looked at by parts, so that no test takes minutes. */
const A_PART = 8;
const PARTS = Array.from({ length: Math.ceil(PAGES.length / A_PART) }, (_, i) =>
  PAGES.slice(i * A_PART, (i + 1) * A_PART),
);

/** Pages for whoever is not in yet, each with a button that is there once it stands. */
const AT_THE_DOOR = [
  ['/', 'Begin'],
  ['/sign-in', 'Sign in'],
  ['/recover', 'Send me a link'],
] as const;

async function nothingFound(browser: Browser, page: string): Promise<void> {
  await browser.prefer({ 'prefers-color-scheme': 'light', 'prefers-reduced-motion': 'reduce' });
  expect(await findings(browser), `${page}, light`).toEqual([]);
  await browser.prefer({ 'prefers-color-scheme': 'dark', 'prefers-reduced-motion': 'reduce' });
  expect(await findingsOfColour(browser), `${page}, dark`).toEqual([]);
}

describe('everybody can use it', () => {
  it('comes with its own letters, and needs none of the device', async () => {
    await visit(async (browser) => {
      await browser.goTo('/');
      await browser.find('button', 'Begin');
      const loaded = () =>
        browser.run<string[]>(
          'return [...document.fonts].filter(({ status }) => status === "loaded").map(({ family }) => family)',
        );
      await browser.until(async () => {
        const families = (await loaded()).join();
        return /\btext\b/.test(families) && /\bheading\b/.test(families);
      }, 'both families of letters');
    });
  });

  it.each([
    ['on a desk', DESKTOP],
    ['on a phone', PHONE],
  ] as const)('axe finds nothing at the door, %s, in the light and in the dark', async (_where, size) => {
    await visit(async (browser) => {
      for (const [page, what] of AT_THE_DOOR) {
        await browser.goTo(page);
        await browser.find('button', what);
        await nothingFound(browser, page);
      }
    }, size);
  });

  it.each(
    PARTS.flatMap(
      (pages) =>
        [
          [`from ${pages[0]} on, on a desk`, DESKTOP, pages],
          [`from ${pages[0]} on, on a phone`, PHONE, pages],
        ] as const,
    ),
  )('axe finds nothing, %s, in the light and in the dark', async (_where, size, pages) => {
    await visit(async (browser) => {
      await enterDemo(browser);
      for (const page of pages) {
        await browser.goTo(page);
        await browser.find('heading', /./);
        await nothingFound(browser, page);
      }
    }, size);
  });

  it('axe finds nothing in what opens: a fixture, a form, a dialog', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.press('opener', 'Change the aim');
      expect(await findings(browser), 'the aim').toEqual([]);
      await browser.goTo('/walk/bedroom');
      await browser.press('button', /^Wardrobe/);
      await browser.find('region', /^Wardrobe at/);
      expect(await findings(browser), 'a fixture').toEqual([]);
      await browser.press('button', 'Add something at Bed');
      await browser.field('What stands at “Bed”?');
      expect(await findings(browser), 'adding').toEqual([]);
      await browser.press('button', 'Count');
      await browser.find('button', 'Throw off Mirror');
      expect(await findings(browser), 'counting').toEqual([]);
      await browser.press('opener', /^About the room/);
      await browser.find('button', 'Copy this room');
      expect(await findings(browser), 'about the room').toEqual([]);
      await browser.goTo('/walk');
      await browser.press('opener', /^About the house/);
      await browser.find('checkbox', 'Hard water');
      expect(await findings(browser), 'about the house').toEqual([]);
      await browser.goTo('/catalogue/oven-paste');
      await browser.press('opener', 'Your own numbers');
      await browser.find('button', 'Keep these numbers');
      expect(await findings(browser), 'numbers of a method').toEqual([]);
      await browser.goTo('/scope');
      await browser.choose('Room', 'Loft');
      await browser.find('button', 'Do them');
      expect(await findings(browser), 'the scope of a room').toEqual([]);
      await browser.goTo('/people');
      await browser.press('opener', /^Change Ines/);
      expect(await findings(browser), 'a person').toEqual([]);
      await browser.goTo('/walk');
      await browser.press('button', 'Add a room');
      await browser.find('button', 'Walk this room');
      expect(await findings(browser), 'a new room').toEqual([]);
    });
  });

  it('ticks a step by keyboard alone', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/day');
      await browser.find('button', 'Done');
      await browser.tabTo('Done');
      const outline = await browser.run<string>(
        'return getComputedStyle(document.activeElement).outlineStyle',
      );
      expect(outline).toBe('solid');
      await browser.keys(Key.ENTER);
      await browser.see('1 step done');
      await browser.press('button', 'Undo');
      await browser.until(
        async () => !(await browser.text()).includes('1 step done'),
        'the tick to be taken back',
      );
    });
  });

  it('gives a thumb at least 44 px on the walk and the day, and never scrolls a page sideways', async () => {
    await visit(async (browser) => {
      await browser.driver.executeScript('return 0');
      await enterDemo(browser);
      for (const page of PAGES) {
        await browser.goTo(page);
        await browser.find('heading', /./);
        const wide = await browser.run<number>(
          'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
        );
        expect(wide, page).toBeLessThanOrEqual(0);
      }
      const smallTargets = () =>
        browser.run<string[]>(`
        return [...document.querySelectorAll('button, nav a')]
          .filter((e) => e.checkVisibility() && (e.offsetHeight < 44 || e.offsetWidth < 44))
          .map((e) => e.textContent + ' ' + e.offsetWidth + '×' + e.offsetHeight);`);
      await browser.goTo('/day');
      await browser.find('button', 'Done');
      expect(await smallTargets(), 'the day').toEqual([]);
      await browser.goTo('/walk/bedroom');
      await browser.press('button', /^Wardrobe/);
      await browser.find('region', /^Wardrobe at/);
      expect(await smallTargets(), 'the walk').toEqual([]);
      await browser.press('button', 'Count');
      await browser.find('button', 'Throw off Mirror');
      expect(await smallTargets(), 'counting').toEqual([]);
    }, PHONE);
  });

  it('survives a zoom of 200 %: nothing but the drawings needs a second direction of scrolling', async () => {
    await visit(
      async (browser) => {
        await enterDemo(browser);
        for (const page of PAGES) {
          await browser.goTo(page);
          await browser.find('heading', /./);
          const wide = await browser.run<number>(
            'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
          );
          expect(wide, page).toBeLessThanOrEqual(0);
        }
      },
      { width: 640, height: 400 },
    );
  });
});
