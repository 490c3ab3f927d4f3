import type { WebElement } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { findings } from './support/axe';
import { type Browser, Key, PHONE } from './support/browser';
import { enterDemo, signUp, visit } from './support/visit';

/** A household of its own with one room in it, standing before its strip. */
async function firstRoom(browser: Browser, kind = 'Bedroom'): Promise<void> {
  await signUp(browser);
  await browser.goTo('/walk');
  browser.presses = 0;
  await browser.press('button', 'Add floor');
  await browser.press('button', 'Add a room');
  if (kind !== 'Bedroom') await browser.choose('Kind', kind);
  await browser.press('button', 'Walk this room');
  await browser.waitForPath(/^\/walk\/.+/);
  await browser.find('region', /unrolled/);
}

const heads = async (browser: Browser): Promise<string[]> =>
  Promise.all((await browser.all('button', /^Stop: /)).map((head) => head.getText()));

/** Things on the strip under a stop, by the places that the page gives them. */
const under = (browser: Browser, thing: WebElement): Promise<string> =>
  browser.run<string>(
    `const stop = arguments[0].closest('[data-stop]').dataset.stop;
     return document.querySelector('[data-head="' + stop + '"]').textContent;`,
    thing,
  );

/** What is sent sets out late. */
const SLOW_LINE = `const send = window.fetch;
  window.fetch = async (address, more) => {
    if (more?.method === 'POST') await new Promise((resolve) => setTimeout(resolve, 700));
    return send(address, more);
  };`;

describe('the walk', () => {
  it('lists a furnished bedroom of about twelve things in at most 30 presses, from nothing', async () => {
    await visit(async (browser) => {
      await firstRoom(browser);
      await browser.press('button', 'Count');
      await browser.press('button', 'Throw off Radiator');
      await browser.press('button', 'Throw off Mirror');
      await browser.press('button', 'One Window more');
      await browser.press('button', 'One Switches and sockets more');
      await browser.press('button', 'One Switches and sockets more');
      await browser.press('button', 'Count');
      await browser.press('button', 'Bedside table');
      await browser.press('button', 'Picture or clock');
      expect(browser.presses).toBeLessThanOrEqual(30);
      await browser.kept('Picture or clock added');
      await browser.reload();
      await browser.find('button', /^Window, 2 of them/);
      await browser.find('button', /^Switches and sockets, 3 of them/);
      await browser.find('button', /^Bedside table/);
      const things = await browser.run<number>('return document.querySelectorAll("[data-fixture]").length');
      expect(things).toBeGreaterThanOrEqual(12);
      expect(await browser.all('button', /^Mirror,/)).toEqual([]);
    });
  });

  it('says that all is kept once the last change is, on a slow line too', async () => {
    await visit(async (browser) => {
      await browser.onEveryPage(SLOW_LINE);
      await firstRoom(browser);
      await browser.press('button', /^Window,/);
      await browser.type('How many', '12');
      await browser.type('How many', '3');
      await browser.kept('Kept.');
      await browser.reload();
      await browser.see('Window × 3');
    });
  });

  it('rates a furnished bedroom in at most 25 presses, and a kitchen with twelve cupboards in 40', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.press('button', 'Keep this aim');
      await browser.see('Now walk the house');
      await browser.goTo('/walk');
      await browser.press('button', 'Bedroom');
      await browser.press('button', 'Kitchen');
      await browser.press('button', 'Furnish 2 rooms');
      await browser.see(/2 rooms, \d+ jobs/);
      const rate = async (room: string, least: number, most: number, full: string) => {
        await browser.press('link', new RegExp(`^${room}`));
        await browser.waitForPath(/^\/walk\/.+/);
        const things = await browser.run<number>('return document.querySelectorAll("[data-fixture]").length');
        expect(things).toBeGreaterThanOrEqual(least);
        browser.presses = 0;
        await browser.press('button', 'Rate');
        await browser.see(`1 of ${things}`);
        expect(await findings(browser)).toEqual([]);
        for (let i = 1; i <= things; i++) {
          await browser.see(`${i} of ${things}`);
          const holds = await browser.run<boolean>(
            'return document.querySelector("[aria-label^=\\"How full of\\"]") !== null',
          );
          await browser.press('button', 'heavy');
          if (holds) await browser.press('button', full);
        }
        expect(browser.presses).toBeLessThanOrEqual(most);
        await browser.kept('Kept.');
        await browser.goTo('/walk');
      };
      await rate('Bedroom', 15, 25, 'crammed');
      // The furnished kitchen has seven; five more are counted before it is rated.
      await browser.press('link', /^Kitchen/);
      await browser.press('button', 'Count');
      for (let more = 0; more < 5; more++) await browser.press('button', /^One Kitchen cupboard more/);
      await browser.kept('Kept.');
      const cupboards = () =>
        browser.run<number>(
          `return fetch('/api/household').then((answer) => answer.json()).then(({ home }) =>
           home.floors.flatMap(({ rooms }) => rooms).flatMap(({ stops }) => stops).flatMap(({ fixtures }) => fixtures)
             .filter(({ kind }) => kind === 'cupboard').reduce((sum, { count }) => sum + count, 0))`,
        );
      // Presses are sent one after the other: what is said to be kept may be the one before the last.
      await browser.until(async () => (await cupboards()) === 12, 'twelve cupboards in the kitchen');
      await browser.goTo('/walk');
      await rate('Kitchen', 15, 40, 'crammed');
      const { home } = await browser.run<{
        home: { floors: { rooms: { stops: { fixtures: { soil: string }[] }[] }[] }[] };
      }>('return fetch("/api/household").then((answer) => answer.json())');
      const soils = home.floors.flatMap(({ rooms }) =>
        rooms.flatMap(({ stops }) => stops.flatMap(({ fixtures }) => fixtures.map(({ soil }) => soil))),
      );
      expect(soils.length).toBeGreaterThan(30);
      expect(new Set(soils)).toEqual(new Set(['heavy']));
    });
  });

  it('adds what is typed on the strip, by another word for it, where the focus is', async () => {
    await visit(async (browser) => {
      await firstRoom(browser);
      await browser.press('button', 'Stop: Bed');
      await browser.keys('nightst');
      await browser.field('What stands at “Bed”?');
      await browser.keys(Key.ENTER);
      // What was just added is drawn again once the server has it.
      await browser.kept('Bedside table added at Bed.');
      const added = await browser.find('button', /^Bedside table/);
      expect(await under(browser, added)).toBe('Bed');
    });
  });

  it('adds what is chosen from the list with a finger, at the stop that is open and no other', async () => {
    await visit(async (browser) => {
      await firstRoom(browser);
      await browser.press('button', 'Stop: Window');
      await browser.press('button', 'Add something here');
      await browser.field('What stands at “Window”?');
      const options = await browser.all('option');
      expect(options.length).toBeGreaterThan(5);
      // Each of those that are seen lies on top where it is pressed.
      const covered = await browser.run<string[]>(
        `const list = document.querySelector('[role=listbox]').getBoundingClientRect();
         return [...document.querySelectorAll('[role=option]')].filter((one) => {
           const box = one.getBoundingClientRect();
           const [x, y] = [box.left + 20, box.top + box.height / 2];
           const seen = y > list.top && y < list.bottom && y > 0 && y < innerHeight;
           return seen && !one.contains(document.elementFromPoint(x, y));
         }).map((one) => one.textContent)`,
      );
      expect(covered).toEqual([]);
      await browser.press('option', 'Blind');
      await browser.kept('Blind added at Window.');
      expect(await under(browser, await browser.find('button', /^Blind/))).toBe('Window');
      await browser.press('button', 'Done adding');
      // With nothing open, a thing goes where it naturally stands, or to a stop of its own.
      await browser.press('button', 'Bedside table');
      await browser.kept('Bedside table added at Bed.');
      await browser.press('button', 'House plants');
      await browser.kept('House plants added at House plants.');
      expect(await heads(browser)).toContain('House plants');
      await browser.chord(Key.CONTROL, 'z');
      await browser.until(async () => !(await heads(browser)).includes('House plants'), 'no stop for plants');
    }, PHONE);
  });

  it('goes from thing to thing by the arrow keys, into what opens and back', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/walk/bedroom');
      await browser.find('button', 'Stop: Door');
      await browser.tabTo('Stop: Door');
      await browser.keys(Key.ARROW_RIGHT);
      expect(await browser.focused()).toBe('Stop: Wardrobe');
      await browser.keys(Key.ARROW_DOWN);
      expect(await browser.focused()).toMatch(/^Ceiling/);
      await browser.keys(Key.ARROW_DOWN);
      const wardrobe = await browser.focused();
      expect(wardrobe).toMatch(/^Wardrobe/);
      // One press of the strip is reached by Tab: the next Tab leaves it.
      await browser.keys(Key.TAB);
      expect(await browser.focused()).not.toMatch(/^Stop|in the order of work/);
      await browser.chord(Key.SHIFT, Key.TAB);
      expect(await browser.focused()).toBe(wardrobe);
      await browser.keys(Key.ENTER);
      await browser.until(
        () =>
          browser.run<boolean>(
            'return document.activeElement.closest("section[aria-label^=Wardrobe]") !== null',
          ),
        'the focus in the panel',
      );
      await browser.keys(Key.ESCAPE);
      expect(await browser.focused()).toBe(wardrobe);
    });
  });

  it('ticks one of several off where one stands, by keyboard, with the thing in sight', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/walk/kitchen');
      const drawers = await browser.find('button', /^Kitchen drawers/);
      await browser.run('arguments[0].focus()', drawers);
      await browser.keys(Key.ENTER);
      await browser.see('Done already: 0 of 4');
      await browser.until(async () => (await browser.focused()) !== '', 'the focus in what has opened');
      const isInSight = () =>
        browser.run<boolean>(
          `const thing = document.querySelector('[data-stop] [aria-pressed=true]').getBoundingClientRect();
           const panel = document.querySelector('section[aria-label^="Kitchen drawers"]').getBoundingClientRect();
           return thing.top >= 0 && thing.bottom <= panel.top + 1;`,
        );
      expect(await isInSight()).toBe(true);
      await browser.tabTo('Empty and wipe the kitchen drawers: drawer 2 of 4');
      await browser.keys(' ');
      await browser.see('Done already: 1 of 4');
      expect(await browser.focused()).toBe('Empty and wipe the kitchen drawers: drawer 2 of 4');
      await browser.until(async () => {
        const file = await browser.run<string>('return fetch("/api/household").then((a) => a.text())');
        return /kitchen-drawers[^"]*\/at-2/.test(file.slice(file.indexOf('"ticks"')));
      }, 'the server to have the tick');
      await browser.reload();
      await browser.press('button', /^Kitchen drawers/);
      await browser.see('Done already: 1 of 4');
      await browser.press('checkbox', 'Empty and wipe the kitchen drawers: drawer 2 of 4');
      await browser.see('Done already: 0 of 4');
      expect(await findings(browser)).toEqual([]);
    });
  });

  it('moves things and stops by keyboard, and takes it back and makes it again', async () => {
    await visit(async (browser) => {
      await firstRoom(browser);
      expect((await heads(browser)).slice(0, 3)).toEqual(['Door', 'Wardrobe', 'Window']);
      await browser.press('button', 'Stop: Door');
      await browser.chord(Key.ALT, Key.ARROW_RIGHT);
      await browser.until(async () => (await heads(browser))[0] === 'Wardrobe', 'the door to be second');
      await browser.kept('Moved.');
      await browser.press('button', /^Mirror,/);
      await browser.chord(Key.ALT, Key.ARROW_LEFT);
      await browser.until(
        async () => (await under(browser, await browser.find('button', /^Mirror,/))) === 'Bed',
        'the mirror at the bed',
      );
      await browser.kept('Moved.');
      await browser.reload();
      expect((await heads(browser)).slice(0, 2)).toEqual(['Wardrobe', 'Door']);
      await browser.find('button', 'Undo');
      await browser.chord(Key.CONTROL, 'z');
      await browser.kept('Taken back: Mirror moved.');
      await browser.chord(Key.CONTROL, 'z');
      await browser.until(async () => (await heads(browser))[0] === 'Door', 'the door to be first again');
      await browser.kept('Taken back: Door moved.');
      await browser.chord(Key.CONTROL, 'y');
      await browser.until(
        async () => (await heads(browser))[0] === 'Wardrobe',
        'the door to be second again',
      );
    });
  });

  it('moves things and stops by pointer, to another stop and another height', async () => {
    await visit(async (browser) => {
      await firstRoom(browser);
      // A pointer that comes near brings what dragging takes.
      await browser.press('button', 'Stop: Door');
      await browser.until(
        async () => browser.run<boolean>('return document.querySelector("[data-drag=ready]") !== null'),
        'the strip to be dragged on',
      );
      const mirror = await browser.find('button', /^Mirror,/);
      const bed = await browser.find('button', /^Duvet and pillows/);
      await browser.drag(mirror, bed);
      await browser.until(
        async () => (await under(browser, await browser.find('button', /^Mirror,/))) === 'Bed',
        'the mirror at the bed',
      );
      await browser.kept('Moved.');
      await browser.press('button', /^Mirror,/);
      await browser.find('region', 'Mirror at Bed');
      const height = await browser.find('combobox', 'At which height');
      expect(await height.getAttribute('value')).toBe('low');
      await browser.drag(
        await browser.find('button', 'Stop: Lamp'),
        await browser.find('button', 'Stop: Door'),
      );
      await browser.until(async () => (await heads(browser)).indexOf('Lamp') < 2, 'the lamp near the door');
    });
  });

  it('renames, adds and removes stops, and leaves the room itself alone', async () => {
    await visit(async (browser) => {
      await firstRoom(browser);
      await browser.press('button', 'Stop: Lamp');
      await browser.type('Name of the stop', 'Reading corner');
      await browser.keys(Key.ENTER);
      await browser.find('button', 'Stop: Reading corner');
      await browser.kept('Kept.');
      await browser.press('button', 'Remove the stop');
      await browser.until(
        async () => !(await heads(browser)).includes('Reading corner'),
        'the stop to be gone',
      );
      await browser.kept('Reading corner removed.');
      await browser.press('button', 'Undo');
      await browser.find('button', 'Stop: Reading corner');
    });
  });

  it('notes when a thing was last done and what is to mend, and lists what is', async () => {
    await visit(async (browser) => {
      await firstRoom(browser);
      await browser.press('button', /^Door,? ?/);
      await browser.set('Last deep cleaned', '2027-02-20');
      await browser.kept('Kept.');
      await browser.type('To mend', 'Loose hinge');
      await browser.keys(Key.ENTER);
      await browser.find('button', /^Door, to mend/);
      await browser.kept('Kept.');
      await browser.goTo('/walk');
      await browser.see('Door, Bedroom: Loose hinge');
    });
  });

  it('names single places, and what is worn out gets onto the shopping list', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      const isKept = (pattern: RegExp) =>
        browser.until(
          async () =>
            pattern.test(
              await browser.run<string>('return fetch("/api/household").then((answer) => answer.text())'),
            ),
          `the server to know ${pattern}`,
        );
      await browser.goTo('/walk/kitchen');
      await browser.press('button', /^Kitchen drawers/);
      await browser.type('What the 4 are called', 'cutlery');
      await browser.keys(Key.ENTER);
      await browser.keys('s', 'p', 'o', 'o', 'n', 's');
      await isKept(/"places": ?\[\s*"cutlery",\s*"spoons"\s*\]/);
      await browser.press('button', /^Ceiling light/);
      await browser.choose('Worn out', 'Bulbs, small screw cap (E14)');
      await isKept(/"needs"/);
      await browser.goTo('/walk/bathroom');
      await browser.press('button', /^Ceiling light/);
      await browser.choose('Worn out', 'Bulbs, small screw cap (E14)');
      await isKept(/"needs"[\s\S]*"needs"/);
      await browser.goTo('/supplies');
      // One is seen to on a day of the plan, the other was clean already.
      await browser.see(/Bulbs, small screw cap \(E14\)\n2 needed, 0 in the house\nby \w+day/);
    });
  });

  it('says of the room what it is made of and how air comes in, copies it, and takes it off', async () => {
    await visit(async (browser) => {
      await firstRoom(browser);
      await browser.press('opener', /^About the room/);
      await browser.press('button', 'large');
      await browser.choose('Floor', 'carpet');
      await browser.choose('Air comes in by', 'Neither');
      await browser.press('button', 'Keep');
      await browser.see('5.5 × 4 m');
      await browser.find('button', /^Carpet/);
      await browser.press('button', 'Copy this room');
      await browser.find('heading', 'Bedroom, copy');
      await browser.press('opener', /^About the room/);
      await browser.press('button', 'Take this room off the walk');
      await browser.waitForPath(/^\/walk$/);
      await browser.until(
        async () => !(await browser.text()).includes('Bedroom, copy'),
        'the copy to be gone',
      );
      await browser.press('button', 'Undo');
      await browser.see('Bedroom, copy');
    });
  });

  it('lets facts of the house be seen in the figures, in feet for those who measure so', async () => {
    await visit(async (browser) => {
      await firstRoom(browser, 'Bathroom');
      await browser.press('button', /^Taps/);
      await browser.see('hands-on');
      expect(await browser.text()).not.toContain('(hard water)');
      await browser.goTo('/walk');
      await browser.press('opener', /^About the house/);
      await browser.press('checkbox', 'Hard water');
      await browser.kept('Kept.');
      await browser.choose('Measured in', 'Feet');
      await browser.kept('Kept.');
      await browser.choose('Way round a room', 'Right to left');
      await browser.kept('Kept.');
      await browser.press('link', /^Bathroom/);
      await browser.see('8.86 × 7.22 ft');
      expect((await heads(browser))[0]).not.toBe('Door');
      await browser.press('button', /^Taps/);
      await browser.see('× 1.25 (hard water)');
    });
  });

  it('keeps everything within reach of a thumb on a phone', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/walk/toilet');
      await browser.find('button', 'Count');
      const low = await browser.run<number>(
        'return document.querySelector("[role=toolbar]").getBoundingClientRect().top / innerHeight',
      );
      expect(low).toBeGreaterThan(0.8);
      await browser.press('button', 'Move');
      await browser.until(
        async () => (await (await browser.find('button', 'Move')).getAttribute('aria-pressed')) === 'true',
        'the mode for moving',
      );
    }, PHONE);
  });
});
